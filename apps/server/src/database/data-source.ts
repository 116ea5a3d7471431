import 'reflect-metadata';
import { DataSource } from 'typeorm';
import { BandEntity, BandReadingEntity } from './entities/band.js';
import { AnchorEntity, PersonEntity, PersonTrainerEntity, PlaceEntity } from './entities/person.js';
import {
  DecisionEntity,
  PrescriptionEntity,
  SessionEntity,
  TrainingSetEntity,
} from './entities/session.js';
import { SetupEntity, SetupVersionEntity } from './entities/setup.js';
import {
  SignInEntity,
  SignInFailureEntity,
  StudioEntity,
  TrainerEntity,
} from './entities/studio.js';
import { FirstSlice1764000000000 } from './migrations/1764000000000-first-slice.js';

/** Connects to PostgreSQL and brings the schema up to date. */
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
      BandReadingEntity,
      SetupEntity,
      SetupVersionEntity,
      PrescriptionEntity,
      SessionEntity,
      TrainingSetEntity,
      DecisionEntity,
    ],
    migrations: [FirstSlice1764000000000],
    migrationsRun: true,
    migrationsTransactionMode: 'all',
    synchronize: false,
    logging: ['error'],
    extra: { max: 10 },
  });
  return source.initialize();
}
