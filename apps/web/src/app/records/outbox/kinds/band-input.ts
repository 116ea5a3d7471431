import type { BandInput, BandRecord } from '@wiry-otter/contracts';

/** The fields of a band that a person writes. */
export function fieldsOf(band: BandRecord): BandInput {
  return {
    version: band.version,
    name: band.name,
    kind: band.kind,
    stock: band.stock,
    cutFrom: band.cutFrom,
    flatLength_m: band.flatLength_m,
    width_mm: band.width_mm,
    thickness_mm: band.thickness_mm,
    material: band.material,
    colour: band.colour,
    tag: band.tag,
    points: band.points,
    label: band.label,
    limit: band.limit,
    fittings: band.fittings,
    note: band.note,
    copies: band.copies.map(({ boughtOn, id, mark }) => ({ id, mark, boughtOn })),
  };
}
