import type { Account } from '@wiry-otter/contracts';

/** What a browser is told of who is signed in on it. */
export function accountOf(
  { email, id, name, studioId }: Account['trainer'] & { readonly studioId: string },
  gaugeUrl: string | null,
): Account {
  return { trainer: { id, name, email }, studioId, gaugeUrl };
}
