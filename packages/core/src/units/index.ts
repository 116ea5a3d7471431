export {
  FORCE_UNITS,
  type ForceUnit,
  fromNewtons,
  FORCE_WORDS,
  forceFigure,
  INCH_M,
  KILOGRAM_FORCE_N,
  POUND_FORCE_N,
  STANDARD_GRAVITY_M_S2,
  toNewtons,
  writeDay,
  writeForce,
} from './units.js';
