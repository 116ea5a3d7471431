import { account, finderPreferences, signInRequest, type Account } from '@wiry-otter/contracts';
import { USUAL_PREFERENCES } from '@wiry-otter/core';
import * as z from 'zod';
import { TrainerEntity } from '../studio/entities.js';
import type { App } from '../../platform/app-context.js';
import { refuse } from '../../platform/problems/refusal.js';
import { readStudio } from '../studio/studio-store.js';
import { verifyPassword } from './passwords.js';
import { SIGN_IN_COOKIE } from '../../platform/access/sign-in-plugin.js';
import {
  attemptsExhausted,
  createSignIn,
  endSignIn,
  recordFailure,
  SIGN_IN_DAYS,
} from '../../platform/access/sign-in-store.js';

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
  const { manager } = app.database;
  const cookie = { path: '/', httpOnly: true, sameSite: 'strict', secure: !plainHttp } as const;

  app.post(
    '/sign-in',
    { config: { open: true }, schema: { body: signInRequest, response: { 200: account } } },
    async (request, reply) => {
      const { email, password } = request.body;
      if (await attemptsExhausted(manager, email, request.ip)) return refuse('too-many-attempts');
      const trainer = await manager.findOneBy(TrainerEntity, { email });
      if (!(await verifyPassword(trainer?.passwordHash, password)) || trainer === null) {
        await recordFailure(manager, email, request.ip);
        return refuse('wrong-credentials');
      }
      const token = await createSignIn(manager, trainer);
      reply.setCookie(SIGN_IN_COOKIE, token, { ...cookie, maxAge: SIGN_IN_DAYS * 86_400 });
      return readAccount(app, trainer.id, gaugeUrl);
    },
  );

  app.post('/sign-out', { schema: { response: { 204: z.null() } } }, async (request, reply) => {
    await endSignIn(manager, request.cookies[SIGN_IN_COOKIE] ?? '');
    reply.clearCookie(SIGN_IN_COOKIE, cookie);
    return reply.code(204).send(null);
  });

  app.get('/account', { schema: { response: { 200: account } } }, (request) =>
    readAccount(app, request.scope.trainerId, gaugeUrl),
  );
  app.put(
    '/account/finder-preferences',
    { schema: { body: finderPreferences, response: { 200: account } } },
    async ({ body, scope: { trainerId } }) => {
      await manager.update(TrainerEntity, { id: trainerId }, { finderPreferences: body });
      return readAccount(app, trainerId, gaugeUrl);
    },
  );
  done();
}

async function readAccount(app: App, trainerId: string, gaugeUrl: string | null): Promise<Account> {
  const { manager } = app.database;
  const { id, name, email, studioId, ...kept } = await manager.findOneByOrFail(TrainerEntity, {
    id: trainerId,
  });
  const finder = kept.finderPreferences ?? USUAL_PREFERENCES;
  return {
    trainer: { id, name, email, finder },
    studio: await readStudio(manager, studioId),
    gaugeUrl,
  };
}
