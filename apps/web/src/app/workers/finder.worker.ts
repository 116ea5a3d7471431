/// <reference lib="webworker" />
import {
  type AnchoredExercise,
  type Proposal,
  type ProposalRequest,
  proposeSetups,
  type Result,
} from '@wiry-otter/core';

/** What the page asks, and what it is answered, with the number of the question. */
export interface FinderQuestion {
  readonly number: number;
  readonly request: ProposalRequest<AnchoredExercise>;
  readonly most: number;
}
export interface FinderAnswer {
  readonly number: number;
  readonly result: Result<Proposal[]>;
}

addEventListener('message', ({ data }: MessageEvent<FinderQuestion>) => {
  const answer: FinderAnswer = {
    number: data.number,
    result: proposeSetups(data.request, data.most),
  };
  postMessage(answer);
});
