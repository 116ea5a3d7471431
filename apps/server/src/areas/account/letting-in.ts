import type { FastifyReply, FastifyRequest } from 'fastify';
import type { App } from '../../platform/app-context.js';
import { DEVICE_DAYS, knownDevice, rememberDevice } from '../../platform/access/known-devices.js';
import { SIGN_IN_COOKIE } from '../../platform/access/sign-in-plugin.js';
import {
  createSignIn,
  SIGN_IN_DAYS,
  type SigningTrainer,
} from '../../platform/access/sign-in-store.js';
import { newToken } from '../../platform/access/token.js';

/** Tells a device on which a trainer has signed in before; it lets nobody in. */
const DEVICE_COOKIE = 'otter_device';
const DAY_S = 86_400;

/** Gives and takes the cookies by which a browser is known. */
export class LettingIn {
  private readonly cookie;

  constructor(
    private readonly app: App,
    plainHttp: boolean,
  ) {
    this.cookie = { path: '/', httpOnly: true, sameSite: 'strict', secure: !plainHttp } as const;
  }

  /** Signs a trainer in on the browser that asks, and remembers the device. */
  async letIn(
    request: FastifyRequest,
    reply: FastifyReply,
    trainer: Pick<SigningTrainer, 'id' | 'studioId'>,
  ): Promise<void> {
    const { database } = this.app;
    const token = await createSignIn(database, trainer, request.headers['user-agent'] ?? '');
    reply.setCookie(SIGN_IN_COOKIE, token, { ...this.cookie, maxAge: SIGN_IN_DAYS * DAY_S });
    const device = request.cookies[DEVICE_COOKIE] ?? newToken();
    const { id: trainerId, studioId } = trainer;
    await rememberDevice(database, { studioId, trainerId, token: device });
    reply.setCookie(DEVICE_COOKIE, device, { ...this.cookie, maxAge: DEVICE_DAYS * DAY_S });
  }

  /** The device that asks, where this trainer has signed in on it before. */
  knownDevice(request: FastifyRequest, trainerId: string | undefined): Promise<string | undefined> {
    return knownDevice(this.app.database, trainerId, request.cookies[DEVICE_COOKIE]);
  }

  /** The sign-in's end; the device stays known. */
  letGo(reply: FastifyReply): void {
    reply.clearCookie(SIGN_IN_COOKIE, this.cookie);
  }
}
