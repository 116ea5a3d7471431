import * as z from 'zod';
import { openBridge } from './bridge.js';

const { OTTER_GAUGE_PORT: port, OTTER_GAUGE_ORIGIN: origin } = z
  .object({
    OTTER_GAUGE_PORT: z.coerce.number().int().min(0).max(65_535).default(4480),
    /** The one page address that may connect; any of loopback where it is not set. */
    OTTER_GAUGE_ORIGIN: z.url().optional(),
  })
  .parse(process.env);

const bridge = await openBridge({
  port,
  seed: Date.now() | 0,
  ...(origin === undefined ? {} : { origin }),
});
// The start script waits for this line.
console.log(`ready ${bridge.url}`);
process.once('SIGINT', () => void bridge.close());
process.once('SIGTERM', () => void bridge.close());
