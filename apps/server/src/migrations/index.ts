import { FirstSlice1764000000000 } from './1764000000000-first-slice.js';
import { KnowTheBands1764100000000 } from './1764100000000-know-the-bands.js';
import { StudioRules1764200000000 } from './1764200000000-studio-rules.js';
import { AnchorsAndExercises1764300000000 } from './1764300000000-anchors-and-exercises.js';
import { WhoSawToIt1764400000000 } from './1764400000000-who-saw-to-it.js';
import { HowSureTheMeanIs1764500000000 } from './1764500000000-how-sure-the-mean-is.js';
import { NetPull1764600000000 } from './1764600000000-net-pull.js';
import { Posture1764700000000 } from './1764700000000-posture.js';
import { Room1764800000000 } from './1764800000000-room.js';
import { Ladders1764900000000 } from './1764900000000-ladders.js';
import { DropSets1765000000000 } from './1765000000000-drop-sets.js';
import { FinderPreferences1765100000000 } from './1765100000000-finder-preferences.js';
import { SkillTests1765200000000 } from './1765200000000-skill-tests.js';
import { Records1765400000000 } from './1765400000000-records.js';
import { ModelOfWhatIsDerived1765500000000 } from './1765500000000-model-of-what-is-derived.js';
import { ToldOfScopes1765600000000 } from './1765600000000-told-of-scopes.js';
import { OneTableOfSets1765700000000 } from './1765700000000-one-table-of-sets.js';
import { FillByExpression1765900000000 } from './1765900000000-fill-by-expression.js';
import { FirstStart1766000000000 } from './1766000000000-first-start.js';
import { ClearancesBefore1766400000000 } from './1766400000000-clearances-before.js';
import { MoreOfAPerson1766500000000 } from './1766500000000-more-of-a-person.js';
import { UnitsOfAStudio1766300000000 } from './1766300000000-units-of-a-studio.js';
import { TrainersOfAStudio1766200000000 } from './1766200000000-trainers-of-a-studio.js';
import { SignInsThatHold1766100000000 } from './1766100000000-sign-ins-that-hold.js';
import { FillByIndex1765800000000 } from './1765800000000-fill-by-index.js';
import { SetUpsOfEachSet1765300000000 } from './1765300000000-set-ups-of-each-set.js';
import { Stops1766600000000 } from './1766600000000-stops.js';

/** Every step of the schema, in its order; each can be taken back. */
export const MIGRATIONS = [
  FirstSlice1764000000000,
  KnowTheBands1764100000000,
  StudioRules1764200000000,
  AnchorsAndExercises1764300000000,
  WhoSawToIt1764400000000,
  HowSureTheMeanIs1764500000000,
  NetPull1764600000000,
  Posture1764700000000,
  Room1764800000000,
  Ladders1764900000000,
  DropSets1765000000000,
  FinderPreferences1765100000000,
  SkillTests1765200000000,
  SetUpsOfEachSet1765300000000,
  Records1765400000000,
  ModelOfWhatIsDerived1765500000000,
  ToldOfScopes1765600000000,
  OneTableOfSets1765700000000,
  FillByIndex1765800000000,
  FillByExpression1765900000000,
  FirstStart1766000000000,
  SignInsThatHold1766100000000,
  TrainersOfAStudio1766200000000,
  UnitsOfAStudio1766300000000,
  ClearancesBefore1766400000000,
  MoreOfAPerson1766500000000,
  Stops1766600000000,
];
