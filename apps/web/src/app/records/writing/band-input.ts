import { bandInput, type BandInput, type BandRecord } from '@wiry-otter/contracts';

/** The fields of a band that a person writes. */
export function fieldsOf(band: BandRecord): BandInput {
  return bandInput.parse({
    ...Object.fromEntries(
      Object.keys(bandInput.shape).map((key) => [key, band[key as keyof BandRecord]]),
    ),
    copies: band.copies.map(({ id, mark, boughtOn }) => ({ id, mark, boughtOn })),
  });
}
