import { encodeWeightMeasurement, formatScaleLine, type TimeStamp } from '@wiry-otter/core';
import type { IncomingMessage } from 'node:http';
import { type AddressInfo } from 'node:net';
import { type WebSocket, WebSocketServer } from 'ws';
import * as z from 'zod';
import { bandInHand } from './held-band.js';
import { seededRandom } from './random.js';
import { SimulatedHand } from './simulated-hand.js';
import { type ScaleReading, SimulatedScale } from './simulated-scale.js';

/** Readings per second, as hanging scales with a radio send them. */
const HERTZ = 10;

/** Packets of the Weight Scale Service, or lines of the weighing scale’s protocol. */
const PATHS = ['/weight-scale', '/scale-line'] as const;
type Path = (typeof PATHS)[number];

const MOST_CONNECTIONS = 8;
const LONGEST_COMMAND = 2_000;

/** What the app tells the simulated person. A real scale is told nothing: there a person pulls. */
const command = z.discriminatedUnion('hand', [
  z.strictObject({
    hand: z.literal('take'),
    band: z.strictObject({
      id: z.string().max(100),
      kind: z.enum(['loop', 'miniLoop', 'tube', 'strip', 'tubing']),
      width_mm: z.number().positive().max(300),
      strands: z.number().int().min(1).max(16),
    }),
  }),
  z.strictObject({ hand: z.literal('pull'), stretch: z.number().min(1).max(3) }),
  z.strictObject({ hand: z.literal('release') }),
  z.strictObject({ hand: z.literal('zero') }),
]);

export interface BridgeOptions {
  /** 0 for any free one. */
  readonly port: number;
  readonly seed: number;
  /** Which pages may connect; none for those of loopback. */
  readonly origin?: string;
}

export interface Bridge {
  readonly url: string;
  close(): Promise<void>;
}

/**
 * The stand-in for a hanging scale, on loopback. Each connection has a scale
 * and a hand of its own; it streams what a real scale would send, and takes
 * commands for the hand.
 */
export async function openBridge({ port, seed, origin }: BridgeOptions): Promise<Bridge> {
  const server = new WebSocketServer({
    host: '127.0.0.1',
    port,
    maxPayload: LONGEST_COMMAND,
    // Any page can reach loopback; only ours may listen to the scale.
    verifyClient: ({ req }: { req: IncomingMessage }) =>
      pathOf(req) !== undefined &&
      server.clients.size < MOST_CONNECTIONS &&
      mayConnect(req, origin),
  });
  let connections = 0;
  server.on('connection', (socket, request) => {
    const path = pathOf(request);
    if (path !== undefined) stream(socket, path, seed + connections++);
  });
  await new Promise<void>((resolve, reject) => {
    server.once('listening', resolve);
    server.once('error', reject);
  });
  const { port: taken } = server.address() as AddressInfo;
  return {
    url: `ws://127.0.0.1:${taken}`,
    close: () =>
      new Promise((resolve) => {
        for (const socket of server.clients) socket.terminate();
        server.close(() => resolve());
      }),
  };
}

function stream(socket: WebSocket, path: Path, seed: number): void {
  const random = seededRandom(seed);
  const scale = new SimulatedScale(random);
  let hand: SimulatedHand | undefined;
  socket.on('message', (data: Buffer, isBinary) => {
    const parsed = isBinary ? undefined : command.safeParse(readJson(data.toString()));
    if (parsed?.success !== true) {
      socket.send(JSON.stringify({ refused: 'expected take, pull, release or zero' }));
      return;
    }
    const told = parsed.data;
    if (told.hand === 'take') hand = new SimulatedHand(bandInHand(told.band), random);
    if (told.hand === 'pull') hand?.pullTo(told.stretch);
    if (told.hand === 'release') hand?.release();
    if (told.hand === 'zero') scale.zero();
  });
  const timer = setInterval(() => {
    const step_s = 1 / HERTZ;
    const reading = scale.read(hand?.advance(step_s) ?? 0, step_s);
    const message = path === '/weight-scale' ? asPacket(reading) : asLine(reading);
    if (message !== undefined) socket.send(message);
  }, 1000 / HERTZ);
  const battery = (): void => socket.send(JSON.stringify({ battery: scale.charge }));
  battery();
  const batteryTimer = setInterval(battery, 30_000);
  socket.on('close', () => {
    clearInterval(timer);
    clearInterval(batteryTimer);
  });
}

function asPacket(reading: ScaleReading): Uint8Array | undefined {
  if (reading.kind === 'lost') return undefined;
  const force_N = reading.kind === 'pull' ? reading.force_N : null;
  return encodeWeightMeasurement(force_N, 'kg', timeStamp(new Date()));
}

function asLine(reading: ScaleReading): string | undefined {
  return reading.kind === 'pull'
    ? `${formatScaleLine(reading.force_N, reading.settled)}\r\n`
    : undefined;
}

function timeStamp(now: Date): TimeStamp {
  return {
    year: now.getFullYear(),
    month: now.getMonth() + 1,
    day: now.getDate(),
    hours: now.getHours(),
    minutes: now.getMinutes(),
    seconds: now.getSeconds(),
  };
}

function pathOf(request: IncomingMessage): Path | undefined {
  return PATHS.find((path) => path === request.url);
}

function mayConnect(request: IncomingMessage, allowed: string | undefined): boolean {
  const { origin } = request.headers;
  // Programs that are no browser send none.
  if (origin === undefined) return true;
  if (allowed !== undefined) return origin === allowed;
  const host = URL.canParse(origin) ? new URL(origin).hostname : '';
  return host === '127.0.0.1' || host === 'localhost';
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
