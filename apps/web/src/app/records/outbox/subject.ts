import type { Write } from './write';
import type { RecordView } from './write-kind';

/** Whom or which band a write is about, by name; empty where its own words say it. */
export function subjectOf({ body, kind, params }: Write, view: RecordView): string {
  const { id, sessionId = id } = params as { readonly id: string; readonly sessionId?: string };
  const band = view.get('band', id);
  // A band that is written anew is named in the words already.
  if (band !== undefined) return kind === 'putBand' ? '' : band.name;
  const given = (body ?? {}) as { readonly personId?: string; readonly prescriptionId?: string };
  const personId =
    given.personId ??
    view.get('prescription', given.prescriptionId ?? '')?.personId ??
    (view.get('session', sessionId) ?? view.get('setup', id) ?? view.get('ladder', id))?.personId;
  return view.get('person', personId ?? '')?.name ?? '';
}
