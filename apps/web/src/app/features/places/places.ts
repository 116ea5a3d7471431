import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Store } from '@ngrx/store';
import {
  type AnchorRecord,
  parseDocument,
  placeInput,
  type PlaceInput,
  type PlaceRecord,
} from '@wiry-otter/contracts';
import { forceFigure, toNewtons, writeForce } from '@wiry-otter/core';
import { v7 as uuidv7 } from 'uuid';
import { forceWord } from '../../ui/quantities/figures';
import { ANCHOR_WORDS } from '../setups/kit';
import { selectForceUnit, selectPlaces } from '../../records/selectors';
import { studioActions } from '../../records/writing/studio-actions';
import { AnchorSymbol } from './anchor-symbol';

type Kind = AnchorRecord['kind'];
type Door = NonNullable<AnchorRecord['door']>;

/** Kinds that a place can have; a foot or a hand goes everywhere. */
const KINDS = (Object.keys(ANCHOR_WORDS) as Kind[]).filter(
  (kind) => kind !== 'underFoot' && kind !== 'underHand',
);

/** Where a new anchor of a kind usually is, m. */
const USUAL: Readonly<Partial<Record<Kind, Partial<AnchorRecord>>>> = {
  door: { lowest_m: 0.8, highest_m: 1.4 },
  wall: { lowest_m: 0.1, highest_m: 2 },
  bar: { lowest_m: 2.25, highest_m: 2.25, girth_m: 0.1 },
  parallelBars: { lowest_m: 1.25, highest_m: 1.25, girth_m: 0.13 },
  rings: { lowest_m: 0.3, highest_m: 2.3, girth_m: 0.09 },
  post: { lowest_m: 0.05, highest_m: 2, girth_m: 0.5 },
  banister: { lowest_m: 0.9, highest_m: 0.9, girth_m: 0.18 },
  rack: { lowest_m: 0.05, highest_m: 2.1, girth_m: 0.22 },
  furniture: { lowest_m: 0.02, highest_m: 0.4, girth_m: 0.25 },
  partner: { lowest_m: 0.1, highest_m: 1.5 },
};
const NEW_DOOR: Door = { side: 'hinge', opens: 'away', locked: false, foamEnd: true };

/** A place under change: its id, and the fields as they would be written. */
interface Draft extends PlaceInput {
  readonly id: string;
}

/** Where people train, and what a band can be hung on there. */
@Component({
  selector: 'otter-places',
  imports: [AnchorSymbol, FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './places.html',
})
export class Places {
  private readonly store = inject(Store);
  private readonly unit = this.store.selectSignal(selectForceUnit);

  protected readonly places = this.store.selectSignal(selectPlaces);
  protected readonly draft = signal<Draft | null>(null);
  protected readonly kinds = KINDS;
  protected readonly kindWords = ANCHOR_WORDS;
  protected readonly unitWord = computed(() => forceWord(this.unit()));

  /** Whether the draft was changed since it was opened: a form begins without errors. */
  protected readonly changed = signal(false);
  /** What is wrong with the draft, each in words with its place; nothing when it can be kept. */
  protected readonly faults = computed(() => {
    const draft = this.draft();
    if (draft === null) return [];
    const { id: _id, ...input } = draft;
    const parsed = parseDocument(placeInput, input);
    return parsed.ok ? [] : parsed.faults.map((fault) => this.faultWords(draft, fault));
  });

  protected change({ id, version, name, about, anchors }: PlaceRecord): void {
    this.changed.set(false);
    this.draft.set({ id, version, name, about, anchors });
  }

  protected add(): void {
    this.changed.set(false);
    this.draft.set({ id: uuidv7(), version: 0, name: '', about: '', anchors: [] });
  }

  protected set(part: Partial<Draft>): void {
    this.changed.set(true);
    this.draft.update((draft) => (draft === null ? null : { ...draft, ...part }));
  }

  protected addAnchor(kind: Kind): void {
    const anchor: AnchorRecord = {
      id: uuidv7(),
      name: '',
      kind,
      lowest_m: 0,
      highest_m: 2,
      girth_m: null,
      ratedLoad_N: null,
      door: kind === 'door' ? NEW_DOOR : null,
      room_m: null,
      ...USUAL[kind],
    };
    this.set({ anchors: [...(this.draft()?.anchors ?? []), anchor] });
  }

  protected setAnchor(id: string, part: Partial<AnchorRecord>): void {
    this.set({
      anchors: (this.draft()?.anchors ?? []).map((anchor) =>
        anchor.id === id ? { ...anchor, ...part } : anchor,
      ),
    });
  }

  protected setDoor(anchor: AnchorRecord, part: Partial<Door>): void {
    this.setAnchor(anchor.id, { door: { ...(anchor.door ?? NEW_DOOR), ...part } });
  }

  protected removeAnchor(id: string): void {
    this.set({ anchors: (this.draft()?.anchors ?? []).filter((anchor) => anchor.id !== id) });
  }

  /** From a typed figure to a quantity; an empty field is unknown. */
  protected quantity(typed: unknown, scale: number): number | null {
    return typed === null || typed === '' ? null : Math.round(Number(typed) * scale * 1e4) / 1e4;
  }

  protected save(): void {
    const draft = this.draft();
    if (draft === null || this.faults().length > 0) return;
    const { id, ...input } = draft;
    const words = `${input.name.trim()}: ${input.anchors.length} anchors kept.`;
    this.store.dispatch(studioActions.savePlace({ id, input, words }));
    this.draft.set(null);
  }

  protected ratedWords(ratedLoad_N: number): string {
    return writeForce(ratedLoad_N, this.unit());
  }

  /** The rated load as it is typed: in the studio's unit, empty where nobody has rated it. */
  protected ratedFigure({ ratedLoad_N }: AnchorRecord): string {
    return ratedLoad_N === null ? '' : forceFigure(ratedLoad_N, this.unit());
  }

  protected setRated(id: string, typed: unknown): void {
    this.setAnchor(id, { ratedLoad_N: this.quantity(typed, toNewtons(1, this.unit())) });
  }

  /** Height or heights, and girth and room where they are known. */
  protected measures({ girth_m, highest_m, lowest_m, room_m }: AnchorRecord): string {
    const low = (lowest_m * 100).toFixed(0);
    const high = (highest_m * 100).toFixed(0);
    const heights = low === high ? `${low} cm` : `${low} to ${high} cm`;
    return [
      heights,
      ...(girth_m === null ? [] : [`girth ${(girth_m * 100).toFixed(0)} cm`]),
      ...(room_m === null ? [] : [`${(room_m * 100).toFixed(0)} cm of room`]),
    ].join(', ');
  }

  protected doorWords({ side, opens, locked, foamEnd }: Door): string {
    const sides = {
      over: 'over the top',
      under: 'under the leaf',
      hinge: 'at the hinge side',
      latch: 'at the latch side',
    };
    return [
      sides[side],
      opens === 'away' ? 'pulling shuts it' : 'opens toward the pull',
      ...(locked ? ['locked'] : []),
      foamEnd ? 'strap with a foam end' : 'knotted',
    ].join(', ');
  }

  private faultWords(
    draft: Draft,
    { path, found, expected }: { path: string; found: string; expected: string },
  ): string {
    const index = /anchors\[(\d+)\]/.exec(path)?.[1];
    const anchor = index === undefined ? undefined : draft.anchors[Number(index)];
    const where = anchor === undefined ? '' : `${anchor.name || ANCHOR_WORDS[anchor.kind]}, `;
    const field = FIELD_WORDS[path.replace(/^.*\./, '')] ?? path;
    return found === '""' || found === 'null'
      ? `${where}${field} is missing.`
      : `${where}${field}: ${found} will not do, it takes ${expected}.`;
  }
}

const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'name',
  about: 'words about it',
  lowest_m: 'lowest',
  highest_m: 'highest',
  girth_m: 'girth',
  ratedLoad_N: 'rated load',
  room_m: 'room before it',
};
