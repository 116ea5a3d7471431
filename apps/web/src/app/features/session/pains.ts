/** What a person may say that something hurts, in ten. */
export const PAINS = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10] as const;
