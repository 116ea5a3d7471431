import type { DecisionRecord, LadderRecord, RecordKind, SetupRecord } from '@wiry-otter/contracts';
import type { ShownRecord } from './write-kind';

/** Figures that differ by less than this share were computed alike. */
const SAME_SHARE = 1e-6;

/**
 * Where the server derived something else than this device with the same model; null where both came
 * to the same, or with different models: then the server's word stands without a question.
 */
export function differenceOf({ kind, record: mine }: ShownRecord, servers: object): string | null {
  if (mine === null) return null;
  const compared = COMPARED[kind];
  if (compared === undefined) return null;
  const [here, there] = [compared(mine), compared(servers)];
  if (here.model !== there.model || areAlike(here.results, there.results)) return null;
  return `${kind} ${mine.id}, model ${here.model}: here ${JSON.stringify(here.results)}, on the server ${JSON.stringify(there.results)}`;
}

interface Compared {
  readonly model: number | null;
  readonly results: readonly (string | number | boolean)[];
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
    const { decision, ladder, model } = record as DecisionRecord;
    return {
      model,
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
