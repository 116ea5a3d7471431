import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import type { SetupRecord } from '@wiry-otter/contracts';
import {
  type Caution,
  type CautionLevel,
  type Cure,
  type LengthUnit,
  writeLength,
} from '@wiry-otter/core';
import { format, parseISO } from 'date-fns';

/** A sign for each level, so that it is told without its colour. */
const SIGNS: Readonly<Record<CautionLevel, string>> = { refuse: '✕', warn: '△', note: 'i' };

/** What is wrong with a set-up before a person pulls: refusals with their cure, warnings to see to. */
@Component({
  selector: 'otter-caution-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ul class="mt-2 grid gap-2" aria-label="Cautions">
      @for (caution of told(); track caution.rule) {
        <li
          class="border-l-4 pl-3 text-sm"
          [class.border-stop]="caution.level === 'refuse'"
          [class.border-caution]="caution.level === 'warn'"
          [class.border-hairline]="caution.level === 'note'"
        >
          <p
            [class.text-stop]="caution.level === 'refuse'"
            [class.text-caution]="caution.level === 'warn'"
            class="font-semibold"
          >
            {{ signs[caution.level] }} {{ caution.text }}
          </p>
          @if (caution.cure; as cure) {
            <button class="action mt-1" type="button" (click)="cured.emit(cure)">
              {{ cure.words }}
            </button>
          }
          @if (caution.level === 'warn') {
            <label class="flex min-h-8 items-center gap-2">
              <input
                #seen
                class="min-h-5 w-5"
                type="checkbox"
                [checked]="caution.seen"
                (change)="seenTo.emit({ text: caution.text, yes: seen.checked })"
              />
              {{ caution.seenWords }}
            </label>
          }
        </li>
      }
    </ul>
  `,
})
export class CautionList {
  readonly cautions = input.required<readonly Caution[]>();
  /** Warnings seen to, in the words they were said in. */
  readonly acknowledged = input.required<readonly string[]>();
  /** The same set-up's cautions as saved, which say who saw to them. */
  readonly onRecord = input<SetupRecord['cautions']>([]);
  readonly lengthUnit = input.required<LengthUnit>();
  readonly seenTo = output<{ readonly text: string; readonly yes: boolean }>();
  /** What ends a caution, asked for. */
  readonly cured = output<Cure>();

  protected readonly signs = SIGNS;
  protected readonly told = computed(() =>
    this.cautions().map((caution) => {
      const seen = this.acknowledged().includes(caution.text);
      const by = this.onRecord().find(({ text }) => text === caution.text)?.seen;
      const seenWords =
        seen && by !== undefined
          ? `Seen to by ${by.name}, ${format(parseISO(by.at), 'd MMM yyyy')}`
          : 'I have seen to it';
      const { cure } = caution;
      const cured = cure && { ...cure, words: cureWords(cure, this.lengthUnit()) };
      return { ...caution, cure: cured, seen, seenWords };
    }),
  );
}

/** What a cure does, on its button. */
function cureWords(cure: Cure, unit: LengthUnit): string {
  const words = (length_m: number): string => writeLength(Math.abs(length_m), unit);
  switch (cure.kind) {
    case 'distance':
      return `Step ${words(cure.closer_m)} ${cure.closer_m < 0 ? 'back' : 'closer'}`;
    case 'phases':
      return `Do only ${Math.round(100 * cure.from)} to ${Math.round(100 * cure.to)} % of the movement`;
    case 'stagger':
      return `One foot ${words(cure.stagger_m)} ahead`;
  }
}
