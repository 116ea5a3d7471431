import {
  account,
  finderPreferences,
  idParams,
  passwordChange,
  signIns,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import { AttemptLimits } from '../../platform/access/attempt-limits.js';
import { SIGN_IN_COOKIE } from '../../platform/access/sign-in-plugin.js';
import type { App } from '../../platform/app-context.js';
import { refuse } from '../../platform/problems/refusal.js';
import { writeRoute } from '../../platform/records/write.js';
import type { RouteOptions } from '../route-options.js';
import { TrainerEntity } from '../studio/entities.js';
import { accountOf } from './account-of.js';
import { LettingIn } from './letting-in.js';
import { setPassword } from './password-links.js';
import { verifyPassword } from './passwords.js';
import { ownSignIns, withdrawOthers, withdrawSignIn } from './sign-ins.js';

const nothing = { response: { 204: z.null() } } as const;

/** What is a trainer's own: who they are, their password, where they are signed in. */
export function accountRoutes(
  app: App,
  { gaugeUrl, plainHttp }: RouteOptions,
  done: () => void,
): void {
  const limits = new AttemptLimits(app.database);
  const door = new LettingIn(app, plainHttp);

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

  app.put(
    '/account/password',
    { schema: { body: passwordChange, ...nothing } },
    async (request, reply) => {
      const { body, scope, scoped } = request;
      const { trainerEmail: email, trainerId: id, studioId } = scope;
      // Whoever sits at a trainer's screen guesses no faster than a stranger.
      const attempt = await limits.begin({ email, address: request.ip, device: id });
      const { passwordHash } = await scoped.findOwn(TrainerEntity, { id });
      if (!(await verifyPassword(passwordHash, body.present, 'known'))) {
        return refuse('wrong-password');
      }
      await attempt.succeeded();
      await scoped.transaction((inside) => setPassword(inside, body.next));
      app.signIns.forget();
      await door.letIn(request, reply, { id, studioId });
      return reply.code(204).send(null);
    },
  );

  app.get('/account/sign-ins', { schema: { response: { 200: signIns } } }, (request) =>
    ownSignIns(request.scoped, request.cookies[SIGN_IN_COOKIE] ?? ''),
  );

  app.delete(
    '/account/sign-ins/:id',
    { schema: { params: idParams, ...nothing } },
    async ({ params, scoped }, reply) => {
      await withdrawSignIn(scoped, params.id);
      app.signIns.forget();
      return reply.code(204).send(null);
    },
  );

  app.delete('/account/sign-ins', { schema: nothing }, async (request, reply) => {
    await withdrawOthers(request.scoped, request.cookies[SIGN_IN_COOKIE] ?? '');
    app.signIns.forget();
    return reply.code(204).send(null);
  });

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
