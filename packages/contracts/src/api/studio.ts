import * as z from 'zod';
import { forceUnit } from '../documents/primitives.js';
import { uuid, version } from './identity.js';

/** What a studio decides for all its trainers. */
const rules = {
  forceUnit,
  /** A band's inspection is due after this many days. */
  inspectionDays: z.number().int().min(1).max(365),
  /** Or after this many stretches beyond ×2. */
  inspectionCycles: z.number().int().min(50).max(100_000),
  /** A line of pull or recoil near the head is refused, not only warned of. */
  eyesRule: z.boolean(),
};

export const studio = z.object({
  id: uuid,
  version,
  name: z.string(),
  /** IANA zone in which the studio's days begin and end. */
  zone: z.string(),
  trainers: z.array(z.object({ id: uuid, name: z.string() })),
  ...rules,
});
export type StudioRecord = z.infer<typeof studio>;

export const studioRulesInput = z.strictObject({ version, ...rules });
export type StudioRulesInput = z.infer<typeof studioRulesInput>;
