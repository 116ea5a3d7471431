import { anchorPlaceOf } from './anchor-points.js';
import { bandOfCopy } from './band-copies.js';
import { type MarkedSetup, slippedLength } from './marks.js';
import { lengthFigure, type LengthUnit, writeLength } from '../units/units.js';

/** Longest name of a set-up, in characters. */
export const LONGEST_TITLE = 120;

/** A band as it is named. */
interface TitledBand {
  readonly id: string;
  readonly name: string;
  readonly tag: number | null;
}

/** Bands without a tag come after those with one. */
const UNTAGGED = 10;

/**
 * The name a set-up goes by unless the trainer gives another: its bands, where it stands and how
 * far down it is held, as in `Minnow + Reed at 1.40 m, 10 cm down`.
 *
 * @param bands those of the set-up, by their ids
 * @param unit what lengths are written in: metres for a distance, where it is centimetres
 */
export function setupTitle(
  setup: MarkedSetup & { readonly side?: 'left' | 'right' | undefined },
  bands: readonly { readonly record: TitledBand }[],
  unit: LengthUnit = 'cm',
): string {
  const { body, exercise, links, points, runs, side } = setup;
  const laid = runs.flatMap(
    ({ band }) => bands.find(({ record }) => record.id === bandOfCopy(band))?.record ?? [],
  );
  // A chain is named in the order in which it hangs, a stack in that of the tags.
  const names = bandNames(
    links === undefined ? laid.toSorted((a, b) => (a.tag ?? UNTAGGED) - (b.tag ?? UNTAGGED)) : laid,
  );
  const place = anchorPlaceOf(exercise, body.stature_m, points);
  const isAside = exercise.anchor !== undefined && exercise.anchor.side !== 'over';
  const at =
    place === undefined || !isAside
      ? ''
      : ` at ${unit === 'cm' ? `${place.distance_m.toFixed(2)} m` : writeLength(place.distance_m, unit)}`;
  const slip = lengthFigure(slippedLength(setup), unit);
  const gripped = runs.some(({ path }) => path.some((name) => name.startsWith('grip')));
  const lower = Number(slip) === 0 ? '' : `, ${slip} ${unit} ${gripped ? 'down' : 'taken up'}`;
  const rest = `${at}${lower}${side === 'left' ? ', left' : ''}`;
  const title = `${names.join(links === undefined ? ' + ' : ' linked with ')}${rest}`;
  return title.length <= LONGEST_TITLE ? title : `${names.length} bands${rest}`;
}

/** The names of bands, each once, in their order: `2 × Reed` where two copies of it are on. */
export function bandNames(
  bands: readonly { readonly id: string; readonly name: string }[],
): string[] {
  const ids = bands.map(({ id }) => id);
  return bands
    .filter(({ id }, i) => ids.indexOf(id) === i)
    .map(({ id, name }) => {
      const copies = ids.filter((other) => other === id).length;
      return copies === 1 ? name : `${copies} × ${name}`;
    });
}
