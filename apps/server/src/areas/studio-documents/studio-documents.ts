import type { PlaceDocument, StudioSettingsDocument } from '@wiry-otter/contracts';
import type { Packed } from '../../platform/files/zip.js';
import type { ScopedManager } from '../../platform/records/scoped-manager.js';
import { allBands } from '../bands/band-store.js';
import { bandDocumentOf } from '../bands/exchange/export-bands.js';
import { OwnExerciseEntity } from '../exercises/entities.js';
import { PersonEntity } from '../people/entities.js';
import { fileOfPerson } from '../person-files/take-person-file.js';
import { placeRecords } from '../places/place-store.js';
import { readStudioRow } from '../studio/studio-store.js';
import { TrainerEntity } from '../studio/entities.js';

const ABOUT = `Everything that Wiry Otter has on record of this studio, as open documents (JSON).

studio.json     what the studio is called, how it writes, its rules, its trainers; no passwords
bands.json      every band with its pulls and all that happened to it
places/         where people train, and what a band can be hung on there
exercises/      the studio's own
people/         one file of everything for each person

The archive is read in as a whole in another studio under Studio, In and out. By hand, bands come first
(Bands, In and out), then people (People): their set-ups name the bands. Each document is as it was when it was
written into this archive; a back-up (npm run backup) is of one moment.
`;

/** All of a studio, document by document. */
export async function* studioDocuments(scoped: ScopedManager): AsyncGenerator<Packed> {
  yield { path: 'about.txt', text: ABOUT };
  yield { path: 'studio.json', text: written(await settingsOf(scoped)) };
  const bands = (await allBands(scoped)).map(bandDocumentOf);
  yield { path: 'bands.json', text: written({ format: 'wiry-otter.bands', version: 1, bands }) };
  for (const place of await placesOf(scoped)) {
    yield { path: `places/${fileName(place)}`, text: written(place) };
  }
  const exercises = await scoped.find(OwnExerciseEntity, {}, { order: { id: 'ASC' } });
  for (const { document, id } of exercises) {
    yield { path: `exercises/${fileName({ id, name: document.title })}`, text: written(document) };
  }
  const people = await scoped.find(PersonEntity, {}, { order: { id: 'ASC' } });
  for (const person of people) {
    const file = await fileOfPerson(scoped, person);
    yield { path: `people/${fileName(person)}`, text: written(file) };
  }
}

function written(document: object): string {
  return `${JSON.stringify(document, null, 2)}\n`;
}

/** Named after what it is, and by the end of its id, since two may be called alike. */
function fileName({ id, name }: { readonly id: string; readonly name: string }): string {
  return `${name.replace(/[^\p{L}\p{N}]+/gu, '-')}-${id.slice(-8)}.json`;
}

async function settingsOf(scoped: ScopedManager): Promise<StudioSettingsDocument> {
  const {
    eyesRule,
    forceUnit,
    inspectionCycles,
    inspectionDays,
    lengthUnit,
    massUnit,
    name,
    ...row
  } = await readStudioRow(scoped);
  const trainers = await scoped.find(TrainerEntity, {}, { order: { id: 'ASC' } });
  return {
    format: 'wiry-otter.studio-settings',
    version: 1,
    ...{ name, zone: row.zone, forceUnit, lengthUnit, massUnit, weekStart: row.weekStart },
    ...{ inspectionDays, inspectionCycles, eyesRule },
    ...{ painLimit: row.painLimit, breakDays: row.breakDays },
    trainers: trainers.map(({ email, leftAt, role, ...trainer }) => ({
      ...{ name: trainer.name, email, role, hasLeft: leftAt !== null },
    })),
  };
}

async function placesOf(scoped: ScopedManager): Promise<PlaceDocument[]> {
  const places = await placeRecords.read(scoped, await placeRecords.ids(scoped));
  return places.map(({ record: { version: _version, ...place } }) => ({
    format: 'wiry-otter.place',
    version: 1,
    ...place,
  }));
}
