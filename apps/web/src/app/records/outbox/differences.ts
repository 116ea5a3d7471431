import type { DecisionRecord, LadderRecord, RecordKind, SetupRecord } from '@wiry-otter/contracts';
import { dequal } from 'dequal';
import type { ShownRecord } from './write-kind';

/** Figures that differ by less than this share were computed alike. */
const SAME_SHARE = 1e-6;

export interface Difference {
  readonly words: string;
  /** The server knew of more, such as a colleague's session; else it is a defect. */
  readonly knewMore: boolean;
}

/**
 * Where the server derived something else than this device with the same model; null where both came
 * to the same, or with different models: then the server's word stands without a question.
 */
export function differenceOf(
  { kind, record: mine }: ShownRecord,
  servers: object,
): Difference | null {
  if (mine === null) return null;
  const compared = COMPARED[kind];
  if (compared === undefined) return null;
  const [here, there] = [compared(mine), compared(servers)];
  if (here.model !== there.model || areAlike(here.results, there.results)) return null;
  return {
    words: `${kind} ${mine.id}, model ${here.model}: here ${JSON.stringify(here.results)}, on the server ${JSON.stringify(there.results)}`,
    knewMore: !dequal(asSent(here.basis), asSent(there.basis)),
  };
}

interface Compared {
  readonly model: number | null;
  readonly results: readonly (string | number | boolean)[];
  /** All that the results rest on, where the record says it. */
  readonly basis?: unknown;
}

/** What was computed of each kind of record that is derived. */
const COMPARED: { readonly [Kind in RecordKind]?: (record: object) => Compared } = {
  setup(record) {
    const { cautions, figures, ready } = record as SetupRecord;
    const { end, mean, model, peak, start } = figures;
    return {
      model,
      results: [
        ...[start, mean, end, peak, ready],
        ...cautions.map(({ level, rule }) => `${rule} ${level}`),
      ],
    };
  },
  ladder(record) {
    const { model, rungs } = record as LadderRecord;
    return { model, results: rungs.flatMap(({ load, setupId }) => [setupId, load]) };
  },
  decision(record) {
    const { decision, ladder, model, review } = record as DecisionRecord;
    return {
      model,
      basis: review,
      results: [
        ...[decision.code, ...decision.rungs, ...decision.target],
        ...ladder.flatMap(({ load, setupId }) => [setupId, load]),
      ],
    };
  },
};

function areAlike(a: Compared['results'], b: Compared['results']): boolean {
  return a.length === b.length && a.every((one, i) => isAlike(one, b[i]));
}

function isAlike(a: string | number | boolean, b: string | number | boolean | undefined): boolean {
  return typeof a === 'number' && typeof b === 'number'
    ? Math.abs(a - b) <= SAME_SHARE * Math.max(1, Math.abs(a))
    : a === b;
}

/** What is undefined does not travel. */
function asSent(basis: unknown): unknown {
  return basis === undefined ? undefined : JSON.parse(JSON.stringify(basis));
}
