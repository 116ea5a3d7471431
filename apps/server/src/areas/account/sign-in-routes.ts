import {
  account,
  firstStart,
  firstStartRequest,
  passwordLinkRequest,
  passwordReset,
  signInRequest,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import { AttemptLimits } from '../../platform/access/attempt-limits.js';
import { trainerOfPasswordLink } from '../../platform/access/link-holders.js';
import { scopeOfTrainer } from '../../platform/access/scope-of-trainer.js';
import { SIGN_IN_COOKIE } from '../../platform/access/sign-in-plugin.js';
import { endSignIn, findTrainerByEmail } from '../../platform/access/sign-in-store.js';
import type { App } from '../../platform/app-context.js';
import { refuse } from '../../platform/problems/refusal.js';
import type { RouteOptions } from '../route-options.js';
import { accountOf } from './account-of.js';
import { isFirstStart, makeStudio } from './first-start.js';
import { LettingIn } from './letting-in.js';
import { makePasswordLink, passwordLetter, setPasswordByLink } from './password-links.js';
import { verifyPassword } from './passwords.js';

const open = { config: { open: true } } as const;

/** Signing in and out, the first start, and a password that was lost. */
export function signInRoutes(
  app: App,
  { gaugeUrl, plainHttp }: RouteOptions,
  done: () => void,
): void {
  const { database, mailer } = app;
  const limits = new AttemptLimits(database);
  const door = new LettingIn(app, plainHttp);

  app.post(
    '/sign-in',
    { ...open, schema: { body: signInRequest, response: { 200: account } } },
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

  app.get('/first-start', { ...open, schema: { response: { 200: firstStart } } }, async () => ({
    open: await isFirstStart(database),
  }));

  app.post(
    '/first-start',
    { ...open, schema: { body: firstStartRequest, response: { 200: account } } },
    async (request, reply) => {
      const attempt = await limits.beginFrom(request.ip);
      const owner = await makeStudio(request.scoped, request.body);
      await attempt.succeeded();
      await door.letIn(request, reply, owner);
      return accountOf(owner, gaugeUrl);
    },
  );

  app.post(
    '/password-links',
    { ...open, schema: { body: passwordLinkRequest, response: { 202: z.null() } } },
    async ({ body: { email }, ip, log, scoped }, reply) => {
      await limits.countMail(email, ip);
      // Whoever asks is answered before anything is looked up, so that the time taken tells nothing.
      mailer.inBackground(async () => {
        const trainer = await findTrainerByEmail(database, email);
        const scope = trainer && (await scopeOfTrainer(database, trainer, new Date()));
        if (scope === undefined) return;
        const token = await makePasswordLink(scoped.as(scope));
        const address = await mailer.addressOf(scope.studioId);
        await mailer.send(scope.studioId, passwordLetter(email, address, token));
      }, log);
      return reply.code(202).send(null);
    },
  );

  app.post(
    '/new-password',
    { ...open, schema: { body: passwordReset, response: { 200: account } } },
    async (request, reply) => {
      const { token } = request.body;
      const linked = await trainerOfPasswordLink(database, token, new Date());
      if (linked === undefined) return refuse('link-void');
      await setPasswordByLink(request.scoped, linked, request.body);
      app.signIns.forget();
      const trainer = { ...linked.trainer, studioId: linked.id };
      await door.letIn(request, reply, trainer);
      return accountOf(trainer, gaugeUrl);
    },
  );

  app.post('/sign-out', { schema: { response: { 204: z.null() } } }, async (request, reply) => {
    await endSignIn(database, request.cookies[SIGN_IN_COOKIE] ?? '');
    app.signIns.forget();
    door.letGo(reply);
    return reply.code(204).send(null);
  });
  done();
}
