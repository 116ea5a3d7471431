/// <reference lib="webworker" />
import { assess, assessedRungs, ladderOfToday } from '@wiry-otter/derived';

/** What can be derived, by name. */
const DERIVATIONS = { assess, assessRungs: assessedRungs, ladderOfToday };
export type Derivations = typeof DERIVATIONS;

/** A derivation that is asked for, with the number it is answered by. */
export type DeriverQuestion = {
  readonly [Name in keyof Derivations]: {
    readonly number: number;
    readonly name: Name;
    readonly given: Parameters<Derivations[Name]>;
  };
}[keyof Derivations];

export type DeriverAnswer =
  | { readonly number: number; readonly result: unknown }
  | { readonly number: number; readonly failure: string };

addEventListener('message', ({ data }: MessageEvent<DeriverQuestion>) => {
  const { given, name, number } = data;
  try {
    const derive = DERIVATIONS[name] as (...given: readonly unknown[]) => unknown;
    postMessage({ number, result: derive(...given) } satisfies DeriverAnswer);
  } catch (error) {
    postMessage({ number, failure: String(error) } satisfies DeriverAnswer);
  }
});
