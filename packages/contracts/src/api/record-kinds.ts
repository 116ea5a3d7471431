/** Every kind of record that devices keep: by themselves, so that naming one loads no schema. */
export const RECORD_KINDS = [
  'studio',
  'preferences',
  'person',
  'note',
  'place',
  'exercise',
  'band',
  'bandWear',
  'bandMove',
  'setup',
  'ladder',
  'prescription',
  'session',
  'decision',
  'skillTest',
  'stop',
] as const;

export type RecordKind = (typeof RECORD_KINDS)[number];
