import * as z from 'zod';

/** What an import would do with one row or document. */
export const plannedRow = z.object({
  /** Line in the file, counted from 1 with the header; number of the document in a JSON file. */
  row: z.number().int().positive(),
  name: z.string(),
  does: z.enum(['add', 'change', 'same', 'refuse']),
  /** What was understood, or what is wrong: place, found and expected. */
  words: z.array(z.string()),
});
export type PlannedRow = z.infer<typeof plannedRow>;

/** What an import would do, said back before anything is saved. */
export const importPlan = z.object({
  about: z.enum(['bands', 'measurements', 'documents']),
  /** How the file was read: separator, decimal sign, units. */
  said: z.array(z.string()),
  rows: z.array(plannedRow),
  counts: z.object({
    add: z.number().int(),
    change: z.number().int(),
    same: z.number().int(),
    refuse: z.number().int(),
  }),
  /** Stands for exactly this plan; saving asks for it, so that what is saved is what was shown. */
  digest: z.string(),
  saved: z.boolean(),
});
export type ImportPlan = z.infer<typeof importPlan>;

/** Largest file that an import takes, bytes. */
export const LARGEST_IMPORT = 2_000_000;

export const importQuery = z.strictObject({
  /** The digest of the plan to carry out; only planned without it. */
  save: z.string().max(100).optional(),
});
