import type {
  OwnExerciseInput,
  PlaceInput,
  SkillTestInput,
  StudioRulesInput,
} from '@wiry-otter/contracts';
import type { FinderPreferences } from '@wiry-otter/core';
import { shown, type WriteKindOf } from '../write-kind';
import { removalOf, returnOf } from './removal';

interface One {
  readonly id: string;
}

export const putPlace: WriteKindOf<One, PlaceInput> = {
  method: 'PUT',
  path: ({ id }) => `/places/${id}`,
  answers: 'place',
  about: ({ id }) => [id],
  show: (_view, { body, params: { id } }) => [
    shown('place', { ...body, id, version: body.version + 1 }),
  ],
};

export const putExercise: WriteKindOf<One, OwnExerciseInput> = {
  method: 'PUT',
  path: ({ id }) => `/exercises/${id}`,
  answers: 'exercise',
  about: ({ id }) => [id],
  show: (_view, { body: { document, version }, params: { id } }) => [
    shown('exercise', { id, version: version + 1, document, removed: false }),
  ],
};

export const removeExercise = removalOf('exercise', '/exercises');
export const restoreExercise = returnOf('exercise', '/exercises');

export const saveRules: WriteKindOf<One, StudioRulesInput> = {
  method: 'PUT',
  path: () => '/studio/rules',
  answers: 'studio',
  about: ({ id }) => [id],
  show(view, { body, params: { id } }) {
    const studio = view.get('studio', id);
    if (studio === undefined) return [];
    // What a rule does not say stays as it is.
    const said = Object.entries(body).filter(([, value]) => value !== undefined);
    const changed = { ...studio, ...Object.fromEntries(said), version: body.version + 1 };
    return [shown('studio', changed)];
  },
};

export const putPreferences: WriteKindOf<One, FinderPreferences> = {
  method: 'PUT',
  path: () => '/account/finder-preferences',
  answers: 'preferences',
  about: ({ id }) => [id],
  show(view, { body, params: { id } }) {
    const version = (view.get('preferences', id)?.version ?? 0) + 1;
    return [shown('preferences', { id, version, finder: body })];
  },
};

export const addSkillTest: WriteKindOf<One, SkillTestInput> = {
  method: 'PUT',
  path: ({ id }) => `/skill-tests/${id}`,
  answers: 'skillTest',
  about: ({ id }) => [id],
  show: (_view, { at, body, params: { id } }) => [
    shown('skillTest', { ...body, id, enteredAt: at }),
  ],
};
