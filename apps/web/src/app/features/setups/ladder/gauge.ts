import {
  afterRenderEffect,
  ChangeDetectionStrategy,
  Component,
  computed,
  type ElementRef,
  input,
  output,
  viewChild,
} from '@angular/core';
import { type ForceUnit, type Gap, type Metric } from '@wiry-otter/core';
import { demandInUnit } from '../../../ui/quantities/figures';
import { PointerMoves } from '../../../ui/timing/pointer-moves';
import type { Rung } from './ladder-model';

/** Height of a rung's row, and of a gap as wide as one step, px. */
const ROW_PX = 44;
const GAP_PX = 34;
/** A gap is drawn as high as it is wide, so far, px. */
const HIGHEST_GAP_PX = 110;

/** What stands on the staff: a rung, or a gap between two. */
type Mark =
  | {
      readonly kind: 'rung';
      readonly index: number;
      readonly rung: Rung;
      /** The load that the ladder climbs by; the mean load where it climbs by help. */
      readonly figure: string;
      /** What is known of it, where it is the mean: its spread. */
      readonly spread: string | null;
      /** Help that it climbs by, or the mean beside what it climbs by. */
      readonly beside: string | null;
    }
  | { readonly kind: 'gap'; readonly words: string; readonly height: number; readonly gap: Gap };

/**
 * A ladder as an upright staff like a harbour's tide gauge, the heaviest on top: rungs with their
 * set-up, gaps hatched with their size, a flag on the rung at hand that is moved by hand or key.
 */
@Component({
  selector: 'otter-gauge',
  imports: [PointerMoves],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './gauge.html',
})
export class Gauge {
  /** In the ladder's order, easiest first. */
  readonly rungs = input.required<readonly Rung[]>();
  readonly gaps = input.required<readonly Gap[]>();
  /** Share, or difference of help, that a step may be. */
  readonly step = input.required<number>();
  /** What the ladder climbs by. */
  readonly metric = input.required<Metric>();
  readonly unit = input.required<ForceUnit>();
  readonly demandUnit = input.required<'N' | 'N·m'>();
  /** Key of the rung that is flagged; null where the flag stands on none. */
  readonly flaggedKey = input<string | null>(null);
  /** Mean demand of what is set. */
  readonly load = input(0);
  /** Id of the set-up that the person's next session would use. */
  readonly inForceId = input<string | null>(null);
  readonly flagged = output<Rung>();
  readonly lockToggled = output<Rung>();
  readonly struck = output<Rung>();
  readonly gapAsked = output<void>();

  private readonly staff = viewChild.required<ElementRef<HTMLElement>>('staff');
  private readonly flagElement = viewChild<ElementRef<HTMLElement>>('flag');
  protected readonly rowHeight = ROW_PX;
  /** Whether a rung is set; else the flag stands, hollow, on the one nearest in load. */
  protected readonly isSet = computed(() =>
    this.rungs().some(({ key }) => key === this.flaggedKey()),
  );
  protected readonly flaggedIndex = computed(() => {
    const rungs = this.rungs();
    const exact = rungs.findIndex(({ key }) => key === this.flaggedKey());
    if (exact >= 0 || rungs.length === 0) return exact;
    const off = rungs.map(({ load }) => Math.abs(load - this.load()));
    return off.indexOf(Math.min(...off));
  });
  /** From the top of the staff down. */
  protected readonly marks = computed((): Mark[] => {
    const rungs = this.rungs();
    const marks: Mark[] = [];
    const gapBetween = (a: number, b: number): Gap | undefined =>
      this.gaps().find(
        ({ above, below }) => isSame(below, Math.min(a, b)) && isSame(above, Math.max(a, b)),
      );
    rungs.forEach((rung, index) => {
      const before = rungs[index - 1];
      const gap = before && gapBetween(before.value, rung.value);
      if (gap !== undefined) marks.push(this.gapMark(gap));
      marks.push({
        kind: 'rung',
        index,
        rung,
        ...this.figures(rung),
      });
    });
    return marks.reverse();
  });
  protected readonly flagWords = computed(() => {
    const rung = this.rungs()[this.flaggedIndex()];
    return rung === undefined ? 'no rung' : `${rung.title}, ${this.write(rung.load)}`;
  });

  protected key(event: KeyboardEvent): void {
    const last = this.rungs().length - 1;
    const at = this.flaggedIndex();
    const to = { ArrowUp: at + 1, ArrowDown: at - 1, Home: 0, End: last }[event.key];
    if (to === undefined) return;
    event.preventDefault();
    this.keepFocus = true;
    this.flag(Math.min(last, Math.max(0, to)));
  }

  protected flag(index: number): void {
    const rung = this.rungs()[index];
    if (rung !== undefined && rung.key !== this.flaggedKey()) this.flagged.emit(rung);
  }

  protected grab(event: PointerEvent): void {
    event.preventDefault();
    // The flag is drawn anew on each rung it comes to; the staff stays.
    this.staff().nativeElement.setPointerCapture(event.pointerId);
    this.keepFocus = true;
    (event.currentTarget as HTMLElement).focus();
    this.dragging = true;
  }

  /** The flag goes to the rung that the hand is at. */
  protected readonly drag = ({ clientX, clientY }: PointerEvent): void => {
    if (!this.dragging) return;
    const row = document
      .elementsFromPoint(clientX, clientY)
      .map((element) => element.closest<HTMLElement>('[data-rung]'))
      .find((element) => element !== null);
    if (row?.dataset['rung'] !== undefined) this.flag(Number(row.dataset['rung']));
  };

  protected drop(): void {
    this.dragging = false;
  }

  private dragging = false;
  /** The flag had the focus when it was moved: it has it again where it comes to. */
  private keepFocus = false;

  constructor() {
    afterRenderEffect(() => {
      const flag = this.flagElement();
      if (!this.keepFocus || flag === undefined) return;
      this.keepFocus = false;
      flag.nativeElement.focus();
    });
  }

  private gapMark(gap: Gap): Mark {
    const { difference, ratio = 1 } = gap;
    const steps =
      difference === undefined
        ? Math.log(ratio) / Math.log(1 + this.step())
        : difference / this.step();
    return {
      kind: 'gap',
      gap,
      words:
        difference === undefined
          ? `gap of ${percentOver(100 * (ratio - 1), 100 * this.step())} %`
          : `gap of ${(100 * difference).toFixed(0)} points of help`,
      height: Math.min(HIGHEST_GAP_PX, GAP_PX * Math.max(1, steps - 0.5)),
    };
  }

  private figures({ load, std, value }: Rung): {
    readonly figure: string;
    readonly spread: string | null;
    readonly beside: string | null;
  } {
    const [mean, spread] = [this.write(load), this.write(std)];
    switch (this.metric()) {
      case 'mean':
        return { figure: mean, spread, beside: null };
      case 'assistMean':
        return { figure: mean, spread, beside: `${(100 * value).toFixed(0)} % help` };
      default:
        return { figure: this.write(value), spread: null, beside: `mean ${mean} ±${spread}` };
    }
  }

  private write(value: number): string {
    const shown = demandInUnit(value, this.demandUnit(), this.unit());
    return shown.toFixed(this.demandUnit() === 'N' && this.unit() === 'N' ? 0 : 1);
  }
}

/** A percentage above a limit, with as many decimals as it takes to see that it is. */
function percentOver(value: number, limit: number): string {
  return Math.round(value) > limit ? value.toFixed(0) : value.toFixed(1);
}

function isSame(a: number, b: number): boolean {
  return Math.abs(a - b) <= 1e-9 * Math.max(1, Math.abs(a));
}
