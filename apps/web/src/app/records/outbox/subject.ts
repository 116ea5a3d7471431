import type { Write } from './write';
import type { RecordView } from './write-kind';

/** What a body may say of whom or what it is about. */
interface Named {
  readonly name?: string;
  readonly document?: { readonly title?: string };
  readonly personId?: string;
  readonly prescriptionId?: string;
}

/** Whom or what a write is about, by name; empty where nothing tells. */
export function subjectOf({ body, params }: Write, view: RecordView): string {
  const { id, sessionId = id } = params as { readonly id: string; readonly sessionId?: string };
  const thing = view.get('band', id)?.name ?? view.get('place', id)?.name;
  const own = thing ?? view.get('person', id)?.name ?? view.get('exercise', id)?.document.title;
  if (own !== undefined) return own;
  const given = (body ?? {}) as Named;
  const setup = view.get('setup', id);
  const personId =
    given.personId ??
    view.get('prescription', given.prescriptionId ?? '')?.personId ??
    (view.get('session', sessionId) ?? setup ?? view.get('ladder', id))?.personId;
  const person = view.get('person', personId ?? '')?.name;
  if (person !== undefined) return setup === undefined ? person : `${person}, ${setup.title}`;
  return given.name ?? given.document?.title ?? '';
}
