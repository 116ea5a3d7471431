/** Parts a band's id from the number of its copy, from the second on. */
const COPY = '~';
const NUMBERED = /~(?:[2-9]|[1-9]\d+)$/;

/**
 * The id by which a set-up names a copy of a band: the first goes by the band's own, since a
 * set-up has one run for each id. "loop" and 2 is "loop~2".
 */
function idOfCopy(bandId: string, copy: number): string {
  return copy === 1 ? bandId : `${bandId}${COPY}${copy}`;
}

/** The ids by which a set-up names bands of which some are taken several times, in their order. */
export function idsOfCopies(bandIds: readonly string[]): string[] {
  return bandIds.map((id, i) =>
    idOfCopy(id, bandIds.slice(0, i + 1).filter((other) => other === id).length),
  );
}

/** The band that a set-up's id means, whichever of its copies it is: "loop~2" is "loop". */
export function bandOfCopy(id: string): string {
  return id.replace(NUMBERED, '');
}

/** Which copy of its band a set-up's id means: "loop~2" is the second, and "loop" the first. */
export function copyOfId(id: string): number {
  return Number(NUMBERED.exec(id)?.[0].slice(COPY.length) ?? 1);
}

/** What is taken of each band: two equal copies where each side has one of its own. */
export function copiesTaken({
  bandOnEachSide,
}: {
  readonly bandOnEachSide?: boolean | undefined;
}): 1 | 2 {
  return bandOnEachSide === true ? 2 : 1;
}

/** The bands as an exercise takes them: each as often as it takes of it, one copy after the other. */
export function withCopies<Taken>(
  exercise: { readonly bandOnEachSide?: boolean | undefined },
  bands: readonly Taken[],
): Taken[] {
  return bands.flatMap((band) => Array.from({ length: copiesTaken(exercise) }, () => band));
}

/** The bands of a set-up, each once however many of its copies are laid. */
export function bandsLaid({
  bands,
}: {
  readonly bands: readonly { readonly id: string }[];
}): string[] {
  return [...new Set(bands.map(({ id }) => bandOfCopy(id)))];
}
