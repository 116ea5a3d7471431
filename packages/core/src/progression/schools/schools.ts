import type { School } from '../review.js';
import { allOut } from './all-out.js';
import { clock } from './clock.js';
import { effort } from './effort.js';
import { fillRange } from './fill-range.js';
import { hold } from './hold.js';
import { lowering } from './lowering.js';
import { rehab } from './rehab.js';
import type { SchoolRules } from './school.js';
import { speed } from './speed.js';
import { taper } from './taper.js';

/** The rules of every school. */
export const SCHOOL_RULES: Readonly<Record<School, SchoolRules>> = {
  'fill-range': fillRange,
  effort,
  rehab,
  taper,
  hold,
  lowering,
  'all-out': allOut,
  clock,
  speed,
};
