/** Every way a request can be refused: stable code, HTTP status, words. Codes are never reused. */
export const PROBLEMS = {
  'invalid-request': { status: 400, title: 'The request does not have the expected form.' },
  'signed-out': { status: 401, title: 'Sign in first.' },
  'wrong-credentials': { status: 401, title: 'E-mail and password do not go together.' },
  'wrong-code': {
    status: 403,
    title: 'That is not the code that the start of the server has printed.',
  },
  'wrong-password': { status: 403, title: 'That is not your present password.' },
  'another-site': {
    status: 403,
    title: 'This was sent from a page of another site; nothing was saved.',
  },
  'another-trainer': {
    status: 403,
    title: 'Somebody else is signed in on this device by now.',
  },
  'owners-only': { status: 403, title: 'Only an owner of the studio may do this.' },
  'link-void': {
    status: 410,
    title: 'This link holds no longer; ask for a new one.',
  },
  'not-found': { status: 404, title: 'There is no such record.' },
  'version-conflict': {
    status: 409,
    title: 'The record was changed meanwhile; nothing was overwritten.',
  },
  'studio-exists': {
    status: 409,
    title: 'There is a studio on this server already; sign in, or ask its owner.',
  },
  'email-taken': { status: 409, title: 'Somebody signs in with this e-mail already.' },
  'last-owner': {
    status: 409,
    title: 'The studio would have no owner; make another trainer one first.',
  },
  'people-left-over': {
    status: 409,
    title: 'People would be left without a trainer; say who takes them over.',
  },
  'person-present': {
    status: 409,
    title: 'This person is on record here already; nothing was overwritten.',
  },
  'given-to-others': {
    status: 409,
    title: 'Other trainers work with this person too; an owner takes them off first.',
  },
  'has-bands': {
    status: 409,
    title: 'This person still has bands of the studio; note where they went first.',
  },
  'id-taken': { status: 409, title: 'This id already names something else.' },
  'band-unusable': {
    status: 409,
    title: 'A band that is retired, off the rail or still on a roll has no place in a set-up.',
  },
  'plan-changed': {
    status: 409,
    title: 'The records changed since the import was shown; look at it again.',
  },
  'not-ready': { status: 409, title: 'The set-up is not ready: a caution stands against it.' },
  stopped: {
    status: 409,
    title: 'A stop is in force for this person and this work: refer to the clinician.',
  },
  'needs-clearance': {
    status: 409,
    title: 'Only a clearance that was made after this stop lifts it.',
  },
  'stop-settled': { status: 409, title: 'This stop was lifted or taken back already.' },
  'session-finished': { status: 409, title: 'The session is finished; its record stands.' },
  'ladder-kept': {
    status: 409,
    title: 'This person has a ladder of this exercise at this place already.',
  },
  'already-decided': { status: 409, title: 'This step was already decided.' },
  'cursor-void': {
    status: 410,
    title: 'The records were built anew; fetch them from the beginning.',
  },
  'page-outdated': {
    status: 409,
    title: 'This page is older than the server: reload it. What you wrote here is kept.',
  },
  'too-large': { status: 413, title: 'The request is too large.' },
  'unsupported-media': { status: 415, title: 'The request is not JSON.' },
  'decision-void': {
    status: 409,
    title: 'A newer session of this exercise was done since; this decision can be read, not taken.',
  },
  'too-costly': { status: 422, title: 'The document takes too long to compute.' },
  'session-begun': {
    status: 409,
    title: 'A set was logged; the session is finished, not given up.',
  },
  unreadable: {
    status: 422,
    title: 'What would come of it could not be read again; nothing was saved.',
  },
  'document-fault': { status: 422, title: 'No figure can be computed from the document.' },
  'too-many-attempts': {
    status: 429,
    title: 'Too many attempts failed. Try again in a quarter of an hour.',
  },
  'mail-unsent': {
    status: 503,
    title: 'The mail could not be sent. Try again, or have the mailbox looked at.',
  },
  busy: {
    status: 503,
    title: 'The server is busy just now; nothing was saved. Try again in a moment.',
  },
  internal: { status: 500, title: 'Something went wrong on our side; nothing was saved.' },
} as const satisfies Record<string, { status: number; title: string }>;

export type ProblemCode = keyof typeof PROBLEMS;
