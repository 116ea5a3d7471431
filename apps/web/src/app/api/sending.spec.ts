import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { Subject } from 'rxjs';
import { setUpApp } from '../../testing/app';
import { noticesFeature } from '../ui/notices/notices';
import { ApiProblem } from './api-problem';
import { Sending } from './sending';

describe('sending', () => {
  let sending: Sending;
  let answers: Subject<string>[];
  let done: string[];

  beforeEach(() => {
    setUpApp();
    answers = [];
    done = [];
    sending = TestBed.runInInjectionContext(() => new Sending());
  });

  /** All that waits for nothing else is done. */
  const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
  const send = (): void =>
    sending.send(
      () => {
        const answer = new Subject<string>();
        answers.push(answer);
        return answer;
      },
      (answer) => done.push(answer),
    );

  it('sends nothing twice while an answer is awaited, and again after it', async () => {
    send();
    send();
    expect(answers.length).toBe(1);
    expect(sending.busy()).toBeTrue();
    answers[0]?.next('kept');
    answers[0]?.complete();
    expect(done).toEqual(['kept']);
    await settled();
    expect(sending.busy()).toBeFalse();
    send();
    expect(answers.length).toBe(2);
  });

  it('is busy until the screen that the answer leads to is there', async () => {
    const answer = new Subject<string>();
    let arrive = (): void => undefined;
    const screen = new Promise<void>((resolve) => (arrive = resolve));
    sending.send(
      () => answer,
      () => screen,
    );
    answer.next('begun');
    answer.complete();
    await settled();
    expect(sending.busy()).toBeTrue();
    arrive();
    await settled();
    expect(sending.busy()).toBeFalse();
  });

  it('says what went wrong, and can be tried again', () => {
    send();
    answers[0]?.error(new ApiProblem('conflict', 'Somebody else changed it.', 409, []));
    const notice = TestBed.inject(Store).selectSignal(noticesFeature.selectNotice);
    expect(notice()).toEqual({ text: 'Somebody else changed it.', tone: 'trouble', undo: null });
    send();
    expect(answers.length).toBe(2);
  });
});
