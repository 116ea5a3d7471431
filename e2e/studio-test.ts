import { expect, test as base } from '@playwright/test';
import { type OwnServer, openOwnServer } from './own-server.js';

interface Servers {
  /** The server of a file of tests: each file tells its story to a studio of its own. */
  of(file: string): Promise<OwnServer>;
}

/** Tests of one file share a server with the demo scenario, and nothing with those of other files. */
export const test = base.extend<
  { server: OwnServer; alike: void; allowed: void },
  { servers: Servers }
>({
  servers: [
    // Playwright reads what a fixture needs from this pattern.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use) => {
      let present: { file: string; server: OwnServer } | undefined;
      await use({
        async of(file) {
          if (present?.file === file) return present.server;
          await present?.server.close();
          present = { file, server: await openOwnServer() };
          return present.server;
        },
      });
      await present?.server.close();
    },
    { scope: 'worker' },
  ],
  server: async ({ servers }, use, { file }) => use(await servers.of(file)),
  baseURL: async ({ server }, use) => use(server.address),
  /** What a device derives is what the server derives. */
  alike: [
    async ({ context }, use) => {
      const differences: string[] = [];
      context.on('console', (message) => {
        if (message.text().startsWith('Derived otherwise')) differences.push(message.text());
      });
      await use();
      expect(differences).toEqual([]);
    },
    { auto: true },
  ],
  /** Nothing does what the content security policy forbids, such as making code from text. */
  allowed: [
    async ({ context }, use) => {
      const forbidden: string[] = [];
      await context.exposeFunction('tellForbidden', (what: string) => forbidden.push(what));
      await context.addInitScript(
        `addEventListener('securitypolicyviolation', ({ blockedURI, violatedDirective }) =>
          tellForbidden(violatedDirective + ' ' + blockedURI))`,
      );
      await use();
      expect(forbidden).toEqual([]);
    },
    { auto: true },
  ],
});
