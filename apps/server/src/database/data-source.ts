import 'reflect-metadata';
import { DataSource } from 'typeorm';
import {
  BandCopyEntity,
  BandEntity,
  BandEventEntity,
  BandMeasurementEntity,
  BandReadingEntity,
} from './entities/band.js';
import { AnchorEntity, PersonEntity, PersonTrainerEntity, PlaceEntity } from './entities/person.js';
import {
  DecisionEntity,
  PrescriptionEntity,
  SessionEntity,
  TrainingSetEntity,
} from './entities/session.js';
import { SkillTestEntity } from './entities/skill-test.js';
import { SetupEntity, SetupVersionEntity } from './entities/setup.js';
import {
  SignInEntity,
  SignInFailureEntity,
  StudioEntity,
  TrainerEntity,
} from './entities/studio.js';
import { FirstSlice1764000000000 } from './migrations/1764000000000-first-slice.js';
import { LadderEntity, LadderVersionEntity } from './entities/ladder.js';
import { OwnExerciseEntity } from './entities/exercise.js';
import { KnowTheBands1764100000000 } from './migrations/1764100000000-know-the-bands.js';
import { AnchorsAndExercises1764300000000 } from './migrations/1764300000000-anchors-and-exercises.js';
import { StudioRules1764200000000 } from './migrations/1764200000000-studio-rules.js';
import { WhoSawToIt1764400000000 } from './migrations/1764400000000-who-saw-to-it.js';
import { HowSureTheMeanIs1764500000000 } from './migrations/1764500000000-how-sure-the-mean-is.js';
import { NetPull1764600000000 } from './migrations/1764600000000-net-pull.js';
import { Posture1764700000000 } from './migrations/1764700000000-posture.js';
import { Room1764800000000 } from './migrations/1764800000000-room.js';
import { DropSets1765000000000 } from './migrations/1765000000000-drop-sets.js';
import { FinderPreferences1765100000000 } from './migrations/1765100000000-finder-preferences.js';
import { SkillTests1765200000000 } from './migrations/1765200000000-skill-tests.js';
import { SetUpsOfEachSet1765300000000 } from './migrations/1765300000000-set-ups-of-each-set.js';
import { Ladders1764900000000 } from './migrations/1764900000000-ladders.js';

/**
 * Connects to PostgreSQL and brings the schema up to date; fails with the server's address
 * (never its password) where it cannot be reached or does not let us in.
 */
export async function openDatabase(databaseUrl: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'postgres',
    url: databaseUrl,
    entities: [
      StudioEntity,
      TrainerEntity,
      SignInEntity,
      SignInFailureEntity,
      PersonEntity,
      PersonTrainerEntity,
      PlaceEntity,
      AnchorEntity,
      BandEntity,
      BandCopyEntity,
      BandMeasurementEntity,
      BandReadingEntity,
      BandEventEntity,
      SetupEntity,
      SetupVersionEntity,
      PrescriptionEntity,
      SessionEntity,
      TrainingSetEntity,
      DecisionEntity,
      OwnExerciseEntity,
      LadderEntity,
      LadderVersionEntity,
      SkillTestEntity,
    ],
    migrations: [
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
    ],
    migrationsRun: true,
    migrationsTransactionMode: 'all',
    synchronize: false,
    logging: ['error'],
    extra: { max: 10 },
  });
  try {
    return await source.initialize();
  } catch (error) {
    const { host, pathname } = new URL(databaseUrl);
    const why = error instanceof Error ? error.message : String(error);
    throw new Error(`DATABASE_URL: database ${pathname.slice(1)} at ${host}: ${why}`, {
      cause: error,
    });
  }
}
