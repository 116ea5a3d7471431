import type { EntityManager } from 'typeorm';

/** Where the pages of a studio are found: as it says itself, else as the server was told. */
export async function addressOf(
  manager: EntityManager,
  studioId: string,
  ofServer: string,
): Promise<string> {
  const [row] = await manager.query<{ address: string | null }[]>(
    'SELECT address FROM studio WHERE id = $1',
    [studioId],
  );
  return (row?.address ?? ofServer).replace(/\/+$/, '');
}

/** A page that takes a token; after the `#` it is told to no server and kept in no log. */
export function linkWithToken(address: string, page: string, token: string): string {
  return `${address}/${page}#${token}`;
}
