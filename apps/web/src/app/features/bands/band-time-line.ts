import type { BandEventRecord, BandToday } from '@wiry-otter/contracts';
import { inspectionResult } from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';

/** One line of a band's story. */
export interface StoryEntry {
  readonly key: string;
  readonly at: string;
  readonly day: string;
  readonly words: string;
  readonly tone: 'plain' | 'caution' | 'stop';
}

export const RESULT_WORDS = { pass: 'passed', watch: 'on watch', retire: 'failed' } as const;

/** Bought, measured, inspected, moved, retired: the latest first. */
export function timeLine(band: BandToday): StoryEntry[] {
  const several = band.copies.length > 1;
  const copy = (id: string): string => {
    const mark = band.copies.find((entry) => entry.id === id)?.mark ?? '';
    return several ? ` (${mark})` : '';
  };
  const bought = band.copies.flatMap(({ id, boughtOn }) =>
    boughtOn === null ? [] : [entry(`bought-${id}`, boughtOn, `bought${copy(id)}`)],
  );
  const measured = band.measurements.map(({ id, copyId, startedAt, readings, takenBy }) =>
    entry(
      id,
      startedAt,
      `measured${copy(copyId)}: ${readings.length} ${readings.length === 1 ? 'pull' : 'pulls'}${takenBy === '' ? '' : ` · ${takenBy}`}`,
    ),
  );
  const happened = band.events.map(({ id, at, copyId, what, by }) => {
    const { words, tone } = wordsOf(what);
    return entry(id, at, `${words}${copy(copyId)} · ${by}`, tone);
  });
  return [...bought, ...measured, ...happened].sort((a, b) => (a.at < b.at ? 1 : -1));
}

function entry(
  key: string,
  at: string,
  words: string,
  tone: StoryEntry['tone'] = 'plain',
): StoryEntry {
  return { key, at, day: format(parseISO(at), 'd MMM yyyy'), words, tone };
}

function wordsOf(what: BandEventRecord['what']): Pick<StoryEntry, 'words' | 'tone'> {
  switch (what.kind) {
    case 'inspected': {
      const result = inspectionResult(what.findings);
      const note = what.note === '' ? '' : `: ${what.note}`;
      return {
        words: `inspected, ${RESULT_WORDS[result]}${note}`,
        tone: result === 'pass' ? 'plain' : result === 'watch' ? 'caution' : 'stop',
      };
    }
    case 'retired':
      return { words: `retired: ${what.reason}`, tone: 'stop' };
    case 'returned':
      return { words: `back in use: ${what.reason}`, tone: 'plain' };
    case 'moved':
      return {
        words:
          what.holder.at === 'bag'
            ? 'back in the bag'
            : what.holder.at === 'place'
              ? 'left at a place'
              : 'given into a home kit',
        tone: 'plain',
      };
  }
}
