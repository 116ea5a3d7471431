import { drawnTogether, type ForceUnit, type SpreadPart, writeForce } from '@wiry-otter/core';
import type { SolvedWorkbench } from '../workbench/solve-workbench';

/** What makes figures unsure most, and what to do about it: without marks, and with them. */
export const SURE_WORDS: Readonly<Record<SpreadPart, readonly [string, string]>> = {
  law: [
    'mostly how the band is known: more pulls help',
    'mostly how the band is known: more pulls help',
  ],
  placing: [
    'mostly how you stand and grip: mark the floor',
    'mostly how you stand and grip, by the marks',
  ],
  pose: ['mostly how the pose is kept', 'mostly how the pose is kept'],
};

const PAIR_WORDS: Readonly<Record<string, string>> = {
  grip: 'hands',
  shoulder: 'shoulders',
  sole: 'feet',
};

/** What has to be known beside the figures: what a band does between the hands, what is not counted. */
export function besideWords({ document, solved }: SolvedWorkbench, unit: ForceUnit): string[] {
  const { bodyweight, bandAlone } = document.exercise;
  const words: string[] = [];
  const together = drawnTogether(solved);
  if (together !== undefined) {
    const pair = PAIR_WORDS[together.pair] ?? together.pair;
    const way = together.pull_N > 0 ? 'together' : 'apart';
    words.push(
      `The band draws the ${pair} ${way} with ${writeForce(Math.abs(together.pull_N), unit)}; that is not in the figures.`,
    );
  }
  if (bandAlone === true) words.push('Pull of the band; body weight is not counted.');
  if (bodyweight && solved.summary.overAssistedShare > 0) {
    words.push('Where the band lifts the person, the figure says how much more than their weight.');
  }
  return words;
}
