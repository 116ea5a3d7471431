import type { DecisionRecord } from '@wiry-otter/contracts';
import type { DecisionCode } from '@wiry-otter/core';

export interface CodeWords {
  /** The decision in a word or two. */
  readonly word: string;
  readonly sentence: string;
  readonly tone: 'help' | 'range' | 'caution' | 'stop';
}

/** Every code in words, with a tone that goes beside them. */
export const CODE_WORDS: Readonly<Record<DecisionCode, CodeWords>> = {
  stop: {
    word: 'Stop',
    sentence: 'No further work. Refer to the clinician.',
    tone: 'stop',
  },
  lighter: { word: 'Lighter', sentence: 'Ease off.', tone: 'caution' },
  repeat: { word: 'Repeat', sentence: 'The same again.', tone: 'help' },
  more: { word: 'More', sentence: 'More of the same.', tone: 'help' },
  heavier: { word: 'Heavier', sentence: 'Up a rung.', tone: 'range' },
  'next-level': { word: 'Next level', sentence: 'On to the next level.', tone: 'range' },
  graduate: { word: 'Unassisted', sentence: 'It goes without help now.', tone: 'range' },
};

/** What became of a decision. */
export const STATUS_WORDS: Readonly<Record<DecisionRecord['status'], string>> = {
  waiting: 'waits',
  accepted: 'accepted',
  overruled: 'overruled',
  void: 'overtaken',
};
