import type { EntitySchema } from 'typeorm';
import type { App } from '../platform/app-context.js';
import type { Recount } from '../platform/records/rebuild-records.js';
import type { RecordSources } from '../platform/records/record-source.js';
import { bandRecords, moveRecords, wearRecords } from './bands/band-records.js';
import { exerciseRecords } from './exercises/exercise-store.js';
import { ladderRecords } from './ladders/ladder-store.js';
import { noteRecords } from './people/note-store.js';
import { personRecords } from './people/records.js';
import { placeRecords } from './places/place-store.js';
import { prescriptionRecords } from './prescriptions/prescription-store.js';
import { decisionRecords, sessionRecords } from './sessions/session-records.js';
import { recountOvertaken } from './sessions/overtaken.js';
import { recountWear } from './sessions/set-wear.js';
import { recountTrainedSince } from './sessions/session-rows.js';
import { setupRecords } from './setups/setup-store.js';
import { skillTestRecords } from './skills/skill-test-store.js';
import { preferencesRecords, studioRecords } from './studio/studio-store.js';
import { StudioEntity, TrainerEntity } from './studio/entities.js';
import { studioRoutes } from './studio/routes.js';
import type { RouteOptions } from './route-options.js';
import { accountRoutes } from './account/routes.js';
import { signInRoutes } from './account/sign-in-routes.js';
import { InvitationEntity } from './trainers/entities.js';
import { trainerRoutes } from './trainers/routes.js';
import { NoteEntity, PersonEntity, PersonTrainerEntity } from './people/entities.js';
import { peopleRoutes } from './people/routes.js';
import { PlaceEntity, AnchorEntity } from './places/entities.js';
import { placeRoutes } from './places/routes.js';
import { OwnExerciseEntity } from './exercises/entities.js';
import { exerciseRoutes } from './exercises/routes.js';
import {
  BandEntity,
  BandCopyEntity,
  BandMeasurementEntity,
  BandReadingEntity,
  BandEventEntity,
  BandWearEntity,
  SetWearEntity,
} from './bands/entities.js';
import { bandRoutes } from './bands/routes.js';
import { exchangeRoutes } from './bands/exchange/routes.js';
import { SetupEntity, SetupVersionEntity } from './setups/entities.js';
import { setupRoutes } from './setups/routes.js';
import { SkillTestEntity } from './skills/entities.js';
import { skillRoutes } from './skills/routes.js';
import { PrescriptionEntity } from './prescriptions/entities.js';
import { LadderEntity, LadderVersionEntity } from './ladders/entities.js';
import { ladderRoutes } from './ladders/routes.js';
import { SessionEntity, TrainingSetEntity, DecisionEntity } from './sessions/entities.js';
import { sessionRoutes } from './sessions/routes.js';
import { stopRoutes } from './sessions/stop-routes.js';
import { StopEntity } from './stops/entities.js';
import { stopRecords } from './stops/stop-store.js';
import { PersonDeletedEntity } from './person-files/entities.js';
import { personFileRoutes } from './person-files/routes.js';
import { studioDocumentRoutes } from './studio-documents/routes.js';
import { findingRoutes } from './finding/routes.js';

/** A part of the product: its tables and its routes, in a folder of its own. */
export interface Area {
  readonly name: string;
  readonly entities: readonly EntitySchema[];
  readonly routes: readonly ((app: App, options: RouteOptions, done: () => void) => void)[];
}

/** Every area; one stands on those above it. */
export const AREAS: readonly Area[] = [
  { name: 'studio', entities: [StudioEntity, TrainerEntity], routes: [studioRoutes] },
  { name: 'account', entities: [], routes: [signInRoutes, accountRoutes] },
  { name: 'places', entities: [PlaceEntity, AnchorEntity], routes: [placeRoutes] },
  {
    name: 'people',
    entities: [PersonEntity, PersonTrainerEntity, NoteEntity],
    routes: [peopleRoutes],
  },
  { name: 'trainers', entities: [InvitationEntity], routes: [trainerRoutes] },
  { name: 'exercises', entities: [OwnExerciseEntity], routes: [exerciseRoutes] },
  {
    name: 'bands',
    entities: [
      BandEntity,
      BandCopyEntity,
      BandMeasurementEntity,
      BandReadingEntity,
      BandEventEntity,
      BandWearEntity,
      SetWearEntity,
    ],
    routes: [bandRoutes, exchangeRoutes],
  },
  { name: 'setups', entities: [SetupEntity, SetupVersionEntity], routes: [setupRoutes] },
  { name: 'skills', entities: [SkillTestEntity], routes: [skillRoutes] },
  { name: 'prescriptions', entities: [PrescriptionEntity], routes: [] },
  { name: 'stops', entities: [StopEntity], routes: [] },
  { name: 'ladders', entities: [LadderEntity, LadderVersionEntity], routes: [ladderRoutes] },
  {
    name: 'sessions',
    entities: [SessionEntity, TrainingSetEntity, DecisionEntity],
    routes: [sessionRoutes, stopRoutes],
  },
  { name: 'person-files', entities: [PersonDeletedEntity], routes: [personFileRoutes] },
  { name: 'studio-documents', entities: [], routes: [studioDocumentRoutes] },
  { name: 'finding', entities: [], routes: [findingRoutes] },
];

/** How each kind of record is put together. */
export const RECORD_SOURCES: RecordSources = {
  studio: studioRecords,
  preferences: preferencesRecords,
  person: personRecords,
  note: noteRecords,
  place: placeRecords,
  exercise: exerciseRecords,
  band: bandRecords,
  bandWear: wearRecords,
  bandMove: moveRecords,
  setup: setupRecords,
  ladder: ladderRecords,
  prescription: prescriptionRecords,
  session: sessionRecords,
  decision: decisionRecords,
  skillTest: skillTestRecords,
  stop: stopRecords,
};

/** What is counted as it happens, in the order it is counted anew. */
export const RECOUNTS: readonly Recount[] = [recountTrainedSince, recountWear, recountOvertaken];
