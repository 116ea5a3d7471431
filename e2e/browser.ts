/** Debian's Chromium, without network and monitor. */
export const CHROMIUM = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--disable-dev-shm-usage',
  ],
};

/** The demo trainer's sign-in, as in demo/studio.json. */
export const DEMO_TRAINER = { email: 'mika@canalside.example', password: 'towpath' };
