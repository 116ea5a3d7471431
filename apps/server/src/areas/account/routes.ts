import {
  account,
  type Account,
  finderPreferences,
  firstStart,
  firstStartRequest,
  signInRequest,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import type { App } from '../../platform/app-context.js';
import { AttemptLimits } from '../../platform/access/attempt-limits.js';
import { endSignIn, findTrainerByEmail } from '../../platform/access/sign-in-store.js';
import { SIGN_IN_COOKIE } from '../../platform/access/sign-in-plugin.js';
import { refuse } from '../../platform/problems/refusal.js';
import { writeRoute } from '../../platform/records/write.js';
import { TrainerEntity } from '../studio/entities.js';
import { isFirstStart, makeStudio } from './first-start.js';
import { LettingIn } from './letting-in.js';
import { verifyPassword } from './passwords.js';

export interface AccountOptions {
  /** Whether the cookie may travel over plain HTTP (loopback only). */
  readonly plainHttp: boolean;
  readonly gaugeUrl: string | null;
}

/** Signing in and out, and who is signed in. */
export function accountRoutes(
  app: App,
  { plainHttp, gaugeUrl }: AccountOptions,
  done: () => void,
): void {
  const { database } = app;
  const limits = new AttemptLimits(database);
  const door = new LettingIn(app, plainHttp);

  app.post(
    '/sign-in',
    { config: { open: true }, schema: { body: signInRequest, response: { 200: account } } },
    async (request, reply) => {
      const { email, password } = request.body;
      const trainer = await findTrainerByEmail(database, email);
      const device = await door.knownDevice(request, trainer?.id);
      const attempt = await limits.begin({ email, address: request.ip, device });
      const lane = device === undefined ? 'strangers' : 'known';
      const matches = await verifyPassword(trainer?.passwordHash, password, lane);
      if (!matches || trainer === undefined) return refuse('wrong-credentials');
      await attempt.succeeded();
      await door.letIn(request, reply, trainer);
      return accountOf(trainer, gaugeUrl);
    },
  );

  app.get(
    '/first-start',
    { config: { open: true }, schema: { response: { 200: firstStart } } },
    async () => ({
      open: await isFirstStart(database),
    }),
  );

  app.post(
    '/first-start',
    { config: { open: true }, schema: { body: firstStartRequest, response: { 200: account } } },
    async (request, reply) => {
      const attempt = await limits.beginFrom(request.ip);
      const owner = await makeStudio(request.scoped, request.body);
      await attempt.succeeded();
      await door.letIn(request, reply, owner);
      return accountOf(owner, gaugeUrl);
    },
  );

  app.post('/sign-out', { schema: { response: { 204: z.null() } } }, async (request, reply) => {
    await endSignIn(database, request.cookies[SIGN_IN_COOKIE] ?? '');
    app.signIns.forget();
    door.letGo(reply);
    return reply.code(204).send(null);
  });

  app.get('/account', { schema: { response: { 200: account } } }, ({ scope }) =>
    accountOf(
      {
        id: scope.trainerId,
        name: scope.trainerName,
        email: scope.trainerEmail,
        studioId: scope.studioId,
      },
      gaugeUrl,
    ),
  );

  writeRoute(app, {
    method: 'PUT',
    url: '/account/finder-preferences',
    params: z.strictObject({}),
    body: finderPreferences,
    answers: 'preferences',
    async work(scoped, { body }) {
      const id = scoped.scope.trainerId;
      const trainer = await scoped.findOwn(TrainerEntity, { id });
      const changed = { finderPreferences: body, version: trainer.version + 1 };
      await scoped.update(TrainerEntity, { id }, changed);
      scoped.touch('preferences', id);
      return id;
    },
  });
  done();
}

function accountOf(
  { email, id, name, studioId }: Account['trainer'] & { readonly studioId: string },
  gaugeUrl: string | null,
): Account {
  return { trainer: { id, name, email }, studioId, gaugeUrl };
}
