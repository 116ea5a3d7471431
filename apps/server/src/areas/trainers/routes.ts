import {
  account,
  givenTo,
  idParams,
  invitationInput,
  invitationLink,
  invitations,
  invitationShown,
  joining,
  leaving,
  mails,
  peopleGiven,
  roleChange,
} from '@wiry-otter/contracts';
import * as z from 'zod';
import { forgetAfterWrites } from '../../platform/access/forget-after-writes.js';
import { invitedBy } from '../../platform/access/link-holders.js';
import { holderOfEmail } from '../../platform/access/sign-in-store.js';
import type { App } from '../../platform/app-context.js';
import { latestMails } from '../../platform/mail/latest-mails.js';
import { refuse } from '../../platform/problems/refusal.js';
import { writeRoute } from '../../platform/records/write.js';
import { accountOf } from '../account/account-of.js';
import { LettingIn } from '../account/letting-in.js';
import { giveTo, peopleGiven as listPeopleGiven } from '../people/giving.js';
import type { RouteOptions } from '../route-options.js';
import { readStudioRow } from '../studio/studio-store.js';
import { InvitationEntity } from './entities.js';
import { invitationLetter, invite, join, openInvitations } from './invitations.js';
import { changeRole, leave } from './roles.js';

const owners = { config: { owners: true } } as const;
const open = { config: { open: true } } as const;
const nothing = { response: { 204: z.null() } } as const;

/** Who works in the studio, and with whom. */
export function trainerRoutes(
  app: App,
  { gaugeUrl, plainHttp }: RouteOptions,
  done: () => void,
): void {
  const { database, mailer } = app;
  const door = new LettingIn(app, plainHttp);
  forgetAfterWrites(app);

  app.get('/invitations', { ...owners, schema: { response: { 200: invitations } } }, ({ scoped }) =>
    openInvitations(scoped),
  );

  app.put(
    '/invitations/:id',
    { ...owners, schema: { params: idParams, body: invitationInput, ...nothing } },
    async ({ body, params, scope, scoped }, reply) => {
      const { studio, token } = await scoped.transaction(async (inside) => ({
        studio: (await readStudioRow(inside)).name,
        token: await invite(inside, params.id, body),
      }));
      // What was kept stands where the mail is not taken: it is sent again from the list.
      const link = { address: await mailer.addressOf(scope.studioId), token };
      const from = { trainer: scope.trainerName, studio };
      await mailer.send(scope.studioId, invitationLetter(body, from, link));
      return reply.code(204).send(null);
    },
  );

  app.delete(
    '/invitations/:id',
    { ...owners, schema: { params: idParams, ...nothing } },
    async ({ params, scoped }, reply) => {
      await scoped.findOwn(InvitationEntity, params);
      await scoped.delete(InvitationEntity, params);
      return reply.code(204).send(null);
    },
  );

  // A link is asked about with its token in the body, which no log keeps.
  app.post(
    '/invitation',
    { ...open, schema: { body: invitationLink, response: { 200: invitationShown } } },
    async ({ body }) => {
      const invited = await invitedBy(database, body.token, new Date());
      if (invited === undefined) return refuse('link-void');
      const { email, role, studioName: studio } = invited;
      return { email, role, studio };
    },
  );

  app.post(
    '/join',
    { ...open, schema: { body: joining, response: { 200: account } } },
    async (request, reply) => {
      const { body, scoped } = request;
      const invited = await invitedBy(database, body.token, new Date());
      if (invited === undefined) return refuse('link-void');
      const known = await holderOfEmail(database, invited.email);
      const trainer = await join(scoped, invited, known, body);
      await door.letIn(request, reply, trainer);
      return accountOf(trainer, gaugeUrl);
    },
  );

  writeRoute(app, {
    method: 'PUT',
    url: '/trainers/:id/role',
    ...owners,
    params: idParams,
    body: roleChange,
    answers: 'studio',
    async work(scoped, { body, params }) {
      await changeRole(scoped, params.id, body.role);
      return scoped.scope.studioId;
    },
  });

  writeRoute(app, {
    method: 'POST',
    url: '/trainers/:id/leave',
    ...owners,
    params: idParams,
    body: leaving,
    answers: 'studio',
    async work(scoped, { body, params }) {
      await leave(scoped, params.id, body);
      return scoped.scope.studioId;
    },
  });

  app.get(
    '/people-given',
    { ...owners, schema: { response: { 200: peopleGiven } } },
    ({ scoped }) => listPeopleGiven(scoped),
  );

  app.put(
    '/people/:id/trainers',
    { schema: { params: idParams, body: givenTo, ...nothing } },
    async ({ body, params, scoped }, reply) => {
      await scoped.transaction((inside) => giveTo(inside, params.id, body.trainerIds));
      return reply.code(204).send(null);
    },
  );

  app.get('/mails', { ...owners, schema: { response: { 200: mails } } }, ({ scoped }) =>
    mailer.isSimulated ? latestMails(scoped) : null,
  );
  done();
}
