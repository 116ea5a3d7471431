import { chromium, type Page } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { CHROMIUM, DEMO_TRAINER } from './browser.js';

const ADDRESS = process.env['OTTER_ADDRESS'];
const FOLDER = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));

if (ADDRESS === undefined) throw new Error('OTTER_ADDRESS is not set; run npm run screenshots');
const browser = await chromium.launch(CHROMIUM);

/** Opens a signed-in page of a size and theme, does what leads to the view, keeps the picture. */
async function picture(
  name: string,
  prepare: (page: Page) => Promise<void>,
  { width = 1280, height = 800, night = false } = {},
): Promise<void> {
  const context = await browser.newContext({
    baseURL: ADDRESS ?? '',
    viewport: { width, height },
    colorScheme: night ? 'dark' : 'light',
  });
  const page = await context.newPage();
  await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
  await page.goto('/today');
  await page.getByRole('status').first().waitFor();
  await prepare(page);
  await page.waitForLoadState('networkidle');
  // Hovering and focus belong to the visit, not to the view.
  await page.mouse.move(0, 0);
  await page.evaluate(async () => {
    scrollTo(0, 0);
    // Curves are worked out beside the page and drawn some frames later.
    for (let i = 0; i < 40; i++) await new Promise(requestAnimationFrame);
  });
  await page.screenshot({ path: `${FOLDER}${name}.png`, animations: 'disabled' });
  await context.close();
  console.log(name);
}

const screen = (page: Page, name: string): Promise<void> =>
  page.getByRole('navigation').getByRole('link', { name }).click();
const person = (page: Page, label: string): Promise<string[]> =>
  page.getByLabel('Person in focus').selectOption({ label });

const setups = async (page: Page): Promise<void> => {
  await person(page, 'Tobias Quill');
  await screen(page, 'Set-ups');
  await page.getByTestId('figure-mean').waitFor();
};
const bandSheet = async (page: Page): Promise<void> => {
  await screen(page, 'Bands');
  await page.getByRole('link', { name: /^Willow,/ }).click();
  await page.getByRole('heading', { name: 'Willow' }).waitFor();
};
const session = async (page: Page): Promise<void> => {
  const work = page.getByLabel('People and their next work').getByRole('listitem');
  await work
    .filter({ hasText: 'Odile' })
    .getByRole('button', { name: /session$/ })
    .click();
  await page.getByText(/^Set \d of 3/).waitFor();
  // The second picture goes on with the session of the first.
  const first = page.getByRole('button', { name: 'Log set 1' });
  if (await first.isVisible()) await first.click();
  await page.getByText('Set 2 of 3').waitFor();
};

await picture('today', async () => {});
await picture('bands', (page) => screen(page, 'Bands'));
await picture('band-sheet', bandSheet);
await picture(
  'inspection',
  async (page) => {
    await screen(page, 'Bands');
    await page.getByRole('link', { name: /^Old Mooring,/ }).click();
    await page.getByRole('link', { name: 'Inspect' }).click();
    for (const answer of ['dull or rough', 'sound', 'as new']) {
      await page.getByRole('button', { name: answer }).first().click();
    }
  },
  { night: true },
);
await picture('setups', setups);
await picture(
  'setups-refused',
  async (page) => {
    await setups(page);
    await page.getByLabel('Distance, cm').fill('275');
    await page.getByLabel('Distance, cm').blur();
    await page.getByText(/past its limit/).waitFor();
  },
  { night: true },
);
await picture('find', async (page) => {
  await setups(page);
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  await page.getByRole('spinbutton', { name: /^Wanted,/ }).fill('120');
  await page.getByRole('spinbutton', { name: /^Wanted,/ }).press('Enter');
  const lines = page.getByRole('list', { name: 'Found' }).getByRole('button');
  // Pointed at, a line shows in the scene.
  await lines.nth(2).focus();
});
await picture('ladder', async (page) => {
  await setups(page);
  await page.getByRole('button', { name: 'Ladder', exact: true }).click();
  await page.getByRole('spinbutton', { name: /^to,/ }).fill('600');
  await page.getByRole('spinbutton', { name: /^to,/ }).blur();
  await page.getByRole('button', { name: 'Make a ladder' }).click();
  await page.getByRole('button', { name: 'Make anew' }).waitFor();
  await page.getByRole('button', { name: /^Load/ }).nth(3).click();
  await page.getByRole('button', { name: 'Keep the ladder' }).click();
  await page.getByText(/rungs kept/).waitFor();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
});
await picture('buy', async (page) => {
  await page.goto('/buy');
  await page.getByRole('button', { name: 'Try sixty bands' }).click();
  await page.getByRole('region', { name: 'What it would do' }).waitFor();
});
await picture('skills', async (page) => {
  await person(page, 'Runa Halvard');
  await screen(page, 'Skills');
  await page.getByRole('button', { name: /^\s*Pull-up/ }).click();
  await page
    .locator('otter-bag-list')
    .getByRole('button', { name: /Sluice/ })
    .click();
  await page.getByRole('button', { name: 'Make a ladder' }).click();
  await page.getByRole('slider', { name: 'Rung at hand' }).waitFor();
});
await picture('bag', async (page) => {
  await page.goto('/bag');
  await page.getByRole('button', { name: 'Find the smallest bag' }).click();
  await page.getByRole('region', { name: 'Take along' }).waitFor();
});
await picture('exercises', async (page) => {
  await setups(page);
  await page.getByRole('button', { name: /^Exercise/ }).click();
  await page.getByRole('searchbox').waitFor();
});
await picture('places', async (page) => {
  await page.goto('/places');
  await page.getByRole('heading', { name: 'Ferry cabin' }).waitFor();
});
await picture('people', async (page) => {
  await screen(page, 'People');
  await page.getByRole('link', { name: /^Odile Brandt/ }).click();
  await page.getByText('Every set-up is held to').waitFor();
});
await picture('next', async (page) => {
  await page.getByRole('link', { name: /Tobias Quill.*Heavier/ }).click();
  await page.getByTestId('decision').waitFor();
});
await picture('log', async (page) => {
  await person(page, 'Tobias Quill');
  await screen(page, 'Log');
  await page.getByRole('row').nth(5).waitFor();
});
await picture('session', session);
await picture('session-phone', session, { width: 390, height: 844 });
// Last, since its readings stay in the demo's database.
await picture('test-bench', async (page) => {
  await screen(page, 'Bands');
  await page.getByRole('link', { name: /^Heron,/ }).click();
  await page.getByRole('link', { name: 'Measure again' }).click();
  await page.getByRole('button', { name: 'Done, measure it' }).click();
  await page.getByLabel('Gauge').selectOption('standIn');
  await page.getByText('connected').waitFor();
  for (let reading = 1; reading <= 3; reading++) {
    await page.getByRole('button', { name: /^Let it be/ }).click();
    await page.getByText('Held: keep it').waitFor();
    if (reading < 3) await page.getByRole('button', { name: /^Keep \d+ N$/ }).click();
  }
});
await browser.close();
