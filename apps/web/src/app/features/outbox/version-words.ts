import type { LadderRecord, SetupRecord } from '@wiry-otter/contracts';
import type { FieldVersions } from '../../records/outbox/versions';
import type { KeptWrite } from '../../records/outbox/write';

/** A line of the comparison: what it is, here and on the server. */
export interface VersionLine {
  /** The field that is chosen; null for a line that only tells. */
  readonly field: string | null;
  readonly label: string;
  readonly mine: string;
  readonly theirs: string;
}

/** What an id names, where it names something a trainer knows by another word. */
export type NameOf = (id: string) => string | undefined;

/** Field by field, in words. */
export function lineOfField(
  { mine, name, theirs }: FieldVersions,
  nameOf: NameOf = () => undefined,
): VersionLine {
  const words = (value: unknown): string => wordsOf(value, nameOf);
  return { field: name, label: labelOf(name), mine: words(mine), theirs: words(theirs) };
}

/** What tells two set-ups or two ladders apart; the rest goes with it. */
export function linesOfWhole(write: KeptWrite, theirs: object): VersionLine[] {
  const mine = write.derived?.find(({ kind }) => kind === 'setup' || kind === 'ladder')?.record;
  const line = (label: string, tell: (record: object) => string): VersionLine => ({
    field: null,
    label,
    mine: mine === null || mine === undefined ? 'as it was written' : tell(mine),
    theirs: tell(theirs),
  });
  switch (write.kind) {
    case 'putSetup':
      return [
        line('name', (record) => (record as SetupRecord).title),
        line('bands', (record) => String((record as SetupRecord).document.runs.length)),
        line('mean', (record) => {
          const { mean, unit } = (record as SetupRecord).figures;
          return `${mean.toFixed(0)} ${unit}`;
        }),
        line('ready', (record) => wordsOf((record as SetupRecord).ready)),
      ];
    case 'putLadder':
      return [
        line('rungs', (record) => String((record as LadderRecord).rungs.length)),
        line('from', (record) => (record as LadderRecord).rungs[0]?.title ?? 'none'),
        line('to', (record) => (record as LadderRecord).rungs.at(-1)?.title ?? 'none'),
      ];
    default:
      return [];
  }
}

/** `flatLength_m` as "flat length" and "m". */
function wordsAndUnit(name: string): readonly [string, string] {
  const [words = '', unit = ''] = name.split('_');
  return [words.replace(/[A-Z]/g, (capital) => ` ${capital.toLowerCase()}`), unit];
}

/** Fields that a trainer calls otherwise. */
const LABELS: Readonly<Record<string, string>> = {
  placeIds: 'trains at',
  noGo: 'movements not to be done',
  bodyMasses: 'weighed',
};

function labelOf(name: string): string {
  const known = LABELS[name];
  if (known !== undefined) return known;
  const [words, unit] = wordsAndUnit(name);
  return unit === '' ? words : `${words}, ${unit}`;
}

function wordsOf(value: unknown, nameOf: NameOf = () => undefined): string {
  if (value === null || value === undefined || value === '') return 'none';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return String(Number(value.toFixed(3)));
  if (typeof value === 'string') return nameOf(value) ?? value;
  if (Array.isArray(value)) {
    return value.length === 0 ? 'none' : value.map((one) => wordsOf(one, nameOf)).join('; ');
  }
  const { name, mark, title } = value as Readonly<Record<string, unknown>>;
  const head = name ?? title ?? mark;
  const rest = Object.entries(value)
    .filter(([key, one]) => !SAID.has(key) && one !== null && typeof one !== 'object')
    .map(([key, one]) => {
      const [words, unit] = wordsAndUnit(key);
      return `${words} ${wordsOf(one, nameOf)} ${unit}`.trimEnd();
    });
  return [...(typeof head === 'string' ? [head] : []), ...rest].join(', ');
}

/** Said by themselves, or of no use to a person. */
const SAID: ReadonlySet<string> = new Set(['id', 'name', 'title', 'mark', 'format', 'version']);
