import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  input,
  linkedSignal,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  type Finding,
  INSPECTION_STRETCH,
  inspectionPoints,
  type InspectionPoint,
  inspectionResult,
} from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { Ribbon } from '../../ui/ribbons/ribbon';
import { stretchWord } from '../../ui/quantities/figures';
import { selectRail } from '../../records/selectors';
import { noticeActions } from '../../ui/notices/notices';
import { RecordWriter } from '../../records/outbox/record-writer';

interface Question {
  readonly ask: string;
  readonly good: string;
  readonly watch: string;
  readonly bad: string;
}

/** What is asked at each point, and what the three answers mean there. */
const QUESTIONS: Readonly<Record<InspectionPoint, Question>> = {
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

const RESULTS = {
  pass: { words: '● passes', help: 'It stays in use.', tone: 'range' },
  watch: {
    words: '△ on watch',
    help: 'It may be used; look at it before every use.',
    tone: 'caution',
  },
  retire: { words: '✕ retire it', help: 'Do not use it any more; replace it.', tone: 'stop' },
} as const;

/** A walk along one band, point by point; the answers make the result. */
@Component({
  selector: 'otter-inspection',
  imports: [FormsModule, Ribbon, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './inspection.html',
})
export class Inspection {
  readonly id = input.required<string>();
  readonly copyId = input.required<string>();

  private readonly store = inject(Store);
  private readonly writer = inject(RecordWriter);
  private readonly router = inject(Router);
  private readonly bands = this.store.selectSignal(selectRail);

  protected readonly band = computed(() => this.bands().find(({ id }) => id === this.id()));
  protected readonly copy = computed(() =>
    this.band()?.copies.find(({ id }) => id === this.copyId()),
  );
  protected readonly stretch = stretchWord(INSPECTION_STRETCH);
  protected readonly length = computed(() => {
    const band = this.band();
    return band === undefined
      ? ''
      : `${(band.flatLength_m * INSPECTION_STRETCH * 100).toFixed(0)} cm`;
  });
  protected readonly findings = linkedSignal<string, Partial<Record<InspectionPoint, Finding>>>({
    source: this.copyId,
    computation: () => ({}),
  });
  protected readonly note = signal('');
  protected readonly answers = (['good', 'watch', 'bad'] as const).map((finding) => ({ finding }));
  protected readonly questions = computed(() => {
    const band = this.band();
    if (band === undefined) return [];
    return inspectionPoints({ ...band, hasFittings: band.fittings !== null }).map((point) => ({
      point,
      ...QUESTIONS[point],
    }));
  });
  protected readonly left = computed(
    () => this.questions().filter(({ point }) => this.findings()[point] === undefined).length,
  );
  protected readonly result = computed(() => {
    const result = inspectionResult(this.findings());
    // One fault is enough; that nothing is wrong is known only at the end.
    return this.left() > 0 && result !== 'retire' ? null : RESULTS[result];
  });

  protected answer(point: InspectionPoint, finding: Finding): void {
    this.findings.update((findings) => ({ ...findings, [point]: finding }));
  }

  protected keep(): void {
    const band = this.band();
    if (band === undefined || this.result() === null) return;
    void this.writer.write(
      'addBandEvent',
      { id: band.id, eventId: uuidv7() },
      {
        copyId: this.copyId(),
        at: new Date().toISOString(),
        what: { kind: 'inspected', findings: this.findings(), note: this.note().trim() },
      },
      `Inspection of ${band.name}`,
    );
    this.store.dispatch(
      noticeActions.show({
        text: `${band.name}: ${this.result()?.words ?? ''}.`,
        tone: 'done',
        undo: null,
      }),
    );
    void this.router.navigate(['/bands', band.id]);
  }
}
