import * as z from 'zod';

export const material = z.enum(['latexLayered', 'latexMoulded', 'synthetic', 'fabric']);

export const inspectionPoint = z.enum(['edges', 'hitch', 'fittings', 'surface', 'smell', 'seam']);

export const finding = z.enum(['good', 'watch', 'bad']);

/** What was found at the points that the band's kind asks for. */
export const inspectionFindings = z
  .partialRecord(inspectionPoint, finding)
  .refine((findings) => Object.keys(findings).length > 0, 'at least one point looked at');
