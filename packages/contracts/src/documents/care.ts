import { FINDINGS, INSPECTION_POINTS, MATERIALS } from '@wiry-otter/core';
import * as z from 'zod';

export const material = z.enum(MATERIALS);

export const inspectionPoint = z.enum(INSPECTION_POINTS);

export const finding = z.enum(FINDINGS);

/** What was found at the points that the band's kind asks for. */
export const inspectionFindings = z
  .partialRecord(inspectionPoint, finding)
  .refine((findings) => Object.keys(findings).length > 0, 'at least one point looked at');
