import type { InspectionPoint } from '@wiry-otter/core';

export interface Question {
  readonly ask: string;
  readonly good: string;
  readonly watch: string;
  readonly bad: string;
}

/** What is asked at each point, and what the three answers mean there. */
export const QUESTIONS: Readonly<Record<InspectionPoint, Question>> = {
  edges: {
    ask: 'Run both edges between finger and thumb, all the way round.',
    good: 'smooth',
    watch: 'dull or rough',
    bad: 'a nick or tear',
  },
  surface: {
    ask: 'Look at both sides: cracks, bubbles, layers coming apart, a tacky feel.',
    good: 'sound',
    watch: 'tacky or bleached',
    bad: 'cracked or peeling',
  },
  seam: {
    ask: 'Look at the seam and the threads of the cover.',
    good: 'tight',
    watch: 'a loose thread',
    bad: 'opening',
  },
  hitch: {
    ask: 'Look where it is hitched or tied: it is bent sharpest there.',
    good: 'sound',
    watch: 'a crease that stays',
    bad: 'thin or cracked',
  },
  fittings: {
    ask: 'Pull on handles, plugs and clips; look at the tube where it enters them.',
    good: 'firm',
    watch: 'some play',
    bad: 'slipping or split',
  },
  smell: {
    ask: 'Smell it: old rubber smells sour and feels dry.',
    good: 'as new',
    watch: 'faint',
    bad: 'strong',
  },
};

export const RESULTS = {
  pass: { words: '● passes', help: 'It stays in use.', tone: 'range' },
  watch: {
    words: '△ on watch',
    help: 'It may be used; look at it before every use.',
    tone: 'caution',
  },
  retire: { words: '✕ retire it', help: 'Do not use it any more; replace it.', tone: 'stop' },
} as const;
