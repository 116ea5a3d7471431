// The programs of the product while they run: database, gauge and server, ended together.
import { spawn } from 'node:child_process';
import { createInterface } from 'node:readline';
import { freePort } from './ports.mjs';
import { startCluster } from './postgres.mjs';
import { end } from './processes.mjs';
import { buildServer } from './server-build.mjs';

const FIRST_GAUGE_PORT = 4480;

/** The demo trainer, as in demo/studio.json. */
export const DEMO_SIGN_IN = 'mika@canalside.example / towpath';

/**
 * Starts what is asked for under one roof: a program that ends by itself, Ctrl-C or SIGTERM ends
 * all of them in the order in which they were started, the database last, and then this process.
 */
export class Services {
  #children = [];
  #cluster;
  #stopping = false;

  constructor(root) {
    this.root = root;
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
      process.on(signal, () => void this.stop(0));
  }

  /** The database given by its address, else a private one in `folder`; resolves with the address. */
  async database(given, folder) {
    if (given !== undefined) return given;
    this.#cluster = await startCluster(folder);
    return this.#cluster.url;
  }

  /**
   * Gauge and server; an empty database gets the demo scenario unless `demo: false`. Resolves once
   * both are ready.
   * `watch: true` starts them anew whenever a source changes.
   */
  async app({ databaseUrl, port, demo = true, watch = false }) {
    const gaugePort = await freePort(FIRST_GAUGE_PORT);
    const fromSource = [...(watch ? ['--watch'] : []), '--import', 'tsx'];
    const server = watch
      ? [...fromSource, 'apps/server/src/main.ts']
      : await buildServer(this.root);
    const programs = [
      this.#program(server, {
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        OTTER_DEMO: demo ? 'yes' : 'no',
        OTTER_GAUGE_URL: `ws://127.0.0.1:${gaugePort}`,
      }),
      this.#program([...fromSource, 'apps/gauge/src/main.ts'], {
        OTTER_GAUGE_PORT: String(gaugePort),
      }),
    ];
    await Promise.all(programs.map(ready));
  }

  /** Runs any other program under the same roof; its output is shown unless `stdio` says otherwise. */
  run(command, args, options = {}) {
    const child = spawn(command, args, {
      cwd: this.root,
      stdio: ['ignore', 'inherit', 'inherit'],
      // Ctrl-C reaches the whole foreground group; our programs are stopped by us, in order.
      detached: true,
      ...options,
    });
    child.on('exit', (code) => void this.stop(code ?? 1));
    this.#children.push(child);
    return child;
  }

  async stop(exitCode) {
    if (this.#stopping) return;
    this.#stopping = true;
    for (const child of this.#children) await end(child);
    this.#cluster?.stop();
    process.exit(exitCode);
  }

  #program(args, env) {
    return this.run(process.execPath, args, {
      env: { ...process.env, ...env },
      stdio: ['ignore', 'pipe', 'inherit'],
    });
  }
}

/** Resolves once a program says that it is ready; shows whatever else it says. */
function ready(child) {
  return new Promise((resolve) => {
    createInterface({ input: child.stdout }).on('line', (line) => {
      if (line.startsWith('ready ')) resolve();
      else console.log(line);
    });
  });
}
