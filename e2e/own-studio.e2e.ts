import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Page, test } from '@playwright/test';
import { openOwnServer, type OwnServer } from './own-server.js';
import { seeToWarnings } from './workbench.js';

test('an empty server becomes a practice: studio, colleague, person, bands, set-up, session', async ({
  browser,
}) => {
  const server = await openOwnServer(undefined, { demo: false });
  const context = await browser.newContext({ baseURL: server.address });
  const page = await context.newPage();
  try {
    await makeStudio(page, server);
    await addPerson(page);
    await comeBack(page);
    const colleague = await (await browser.newContext({ baseURL: server.address })).newPage();
    await inviteColleague(page, colleague);
    await giveToColleague(page, colleague);
    await colleague.context().close();
    await importBands(page);
    await addPlace(page);
    await train(page);
    await chooseAnotherPassword(page);
  } finally {
    await context.close();
    await server.close();
  }
});

async function expectNoViolations(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.flatMap(({ id, nodes }) => nodes.map(({ html }) => `${id}: ${html}`))).toEqual(
    [],
  );
}

function makeStudio(page: Page, server: OwnServer): Promise<void> {
  return test.step('a studio, by the code of the start', async () => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Your studio' })).toBeVisible();
    await expectNoViolations(page);
    // The demo's password opens nothing here.
    const demo = { email: 'mika@canalside.example', password: 'towpath' };
    expect((await page.request.post('/api/sign-in', { data: demo })).status()).toBe(401);

    await page.getByRole('button', { name: 'Make the studio' }).click();
    await expect(page.getByText('The name of the studio is missing.')).toBeVisible();
    const part = (name: string) => page.getByRole('group', { name });
    await part('The studio').getByLabel('Name', { exact: true }).fill('Lock Five Strength');
    await part('The studio').getByLabel('Pulls are written in').selectOption('kilogram, kg');
    await part('You').getByLabel('Name').fill('Ines Weir');
    await part('You').getByLabel('E-mail').fill('ines@lockfive.example');
    await part('You')
      .getByLabel(/^Password/)
      .fill('a mooring line');
    await page.getByLabel('Code of the start').fill('AAAA-BBBB-CCCC');
    await page.getByRole('button', { name: 'Make the studio' }).click();
    await expect(page.getByText(/not the code/)).toBeVisible();
    const [kept] = await server.query<{ code: string }>('SELECT code FROM first_start');
    await page.getByLabel('Code of the start').fill(kept?.code ?? '');
    await page.getByRole('button', { name: 'Make the studio' }).click();

    await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
  });
}

function addPerson(page: Page): Promise<void> {
  return test.step('a first person; every screen stands without anybody', async () => {
    const spine = page.getByRole('navigation', { name: 'Screens' });
    for (const name of ['Set-ups', 'Skills', 'Log']) {
      await spine.getByRole('link', { name }).click();
      await expect(page.getByRole('heading', { name: 'Nobody yet' })).toBeVisible();
    }
    await spine.getByRole('link', { name: 'Today' }).click();
    await page.getByRole('main').getByRole('link', { name: 'Add a person' }).click();
    await page.getByRole('button', { name: 'Add a person' }).click();
    await page.getByLabel('Name', { exact: true }).fill('Jory Lantern');
    await page.getByLabel('Stature, cm').fill('174');
    await page.getByLabel('Body mass, kg').fill('77');
    await page.getByRole('button', { name: 'Write a clearance down' }).click();
    await page.getByLabel('Clinician', { exact: true }).fill('Sanne Okoro');
    await page.getByLabel('Profession').fill('physiotherapist');
    await page.getByLabel('Pull at the hands, kg').fill('30');
    await page.getByRole('button', { name: 'Keep Jory Lantern' }).click();
    await expect(page.getByText('no pull above 30.0 kg')).toBeVisible();
    await expectNoViolations(page);
    await page.getByRole('link', { name: 'Work on a set-up' }).click();
    await expect(page.getByRole('link', { name: 'Add a place' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Add a band' })).toBeVisible();
    await expect(page.getByText('all saved')).toBeVisible();
  });
}

function comeBack(page: Page): Promise<void> {
  return test.step('signed out, and back by password', async () => {
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByLabel('E-mail').fill('ines@lockfive.example');
    await page.getByLabel('Password').fill('a mooring line');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Jory Lantern' })).toBeVisible();
  });
}

function inviteColleague(page: Page, colleague: Page): Promise<void> {
  return test.step('a second trainer, by mail', async () => {
    await page.getByRole('link', { name: 'Studio' }).click();
    const parts = page.getByRole('navigation', { name: 'Parts of the studio' });
    await expectNoViolations(page);
    await parts.getByRole('link', { name: 'Trainers' }).click();
    await page.getByLabel('E-mail').fill('rowan@lockfive.example');
    await page.getByRole('button', { name: 'Send the invitation' }).click();
    await expect(page.getByText('rowan@lockfive.example is invited.')).toBeVisible();
    await expectNoViolations(page);
    await parts.getByRole('link', { name: 'Mails' }).click();
    await expectNoViolations(page);
    const link = (await page.locator('code').innerText()).trim();
    await colleague.goto(link);
    await expect(colleague.getByRole('heading', { name: 'Lock Five Strength' })).toBeVisible();
    await expectNoViolations(colleague);
    await colleague.getByLabel('Your name').fill('Rowan Pike');
    await colleague.getByLabel(/^Password/).fill('short');
    await colleague.getByRole('button', { name: 'Join' }).click();
    await expect(colleague.getByText('The password takes ten characters.')).toBeVisible();
    await colleague.getByLabel(/^Password/).fill('a towing line');
    await colleague.getByRole('button', { name: 'Join' }).click();
    await expect(colleague.getByText('Nobody to train yet.')).toBeVisible();
  });
}

function giveToColleague(page: Page, colleague: Page): Promise<void> {
  return test.step('a person is given, seen at once, and taken back', async () => {
    await page.getByRole('link', { name: 'Trainers' }).click();
    const box = page.getByLabel('Jory Lantern with Rowan Pike');
    await box.check();
    await expect(page.getByText('Jory Lantern is given to Rowan Pike.')).toBeVisible();
    await expect(colleague.getByRole('listitem').filter({ hasText: 'Jory Lantern' })).toBeVisible();
    await expect(box).toBeEnabled();
    await box.uncheck();
    await expect(page.getByText('Jory Lantern is no longer with Rowan Pike.')).toBeVisible();
    await expect(colleague.getByText('Nobody to train yet.')).toBeVisible();
    // A trainer sees the rules and changes none.
    await colleague.getByRole('link', { name: 'Studio' }).click();
    await expect(colleague.getByRole('button', { name: 'newton, N' })).toBeDisabled();
    await expect(colleague.getByRole('link', { name: 'Mails' })).toHaveCount(0);
  });
}

function importBands(page: Page): Promise<void> {
  return test.step('three bands from a table', async () => {
    await page.getByRole('link', { name: 'Bands', exact: true }).click();
    await page.getByRole('link', { name: 'In and out' }).click();
    const table = [
      'name,kind,flat length [cm],width [mm],label from [kg],label to [kg]',
      'Sculls,loop,104,13,5,15',
      'Sweep,loop,104,22,10,25',
      'Keel,loop,104,45,25,55',
    ].join('\n');
    const file = { name: 'bands.csv', mimeType: 'text/csv', buffer: Buffer.from(table) };
    await page.getByLabel('Choose a file').setInputFiles(file);
    await page.getByRole('button', { name: 'Save 3 rows' }).click();
    await expect(page.getByText('● Saved.')).toBeVisible();
  });
}

function addPlace(page: Page): Promise<void> {
  return test.step('a place with a wall strap', async () => {
    await page.getByRole('link', { name: 'Set-ups' }).click();
    await page.getByRole('link', { name: 'Add a place' }).click();
    await page.getByRole('button', { name: 'Add a place' }).click();
    await page.getByLabel('Name of the place').fill('Cellar of the lock house');
    await page.getByRole('button', { name: /wall/i }).click();
    await page.getByLabel(/, called/).fill('Wall ring');
    await page.getByRole('button', { name: 'Keep' }).click();
    await expect(page.getByText('Wall ring')).toBeVisible();
  });
}

function train(page: Page): Promise<void> {
  return test.step('a set-up, and a session with it', async () => {
    await page.getByRole('link', { name: 'Set-ups' }).click();
    await page.getByRole('button', { name: 'Sweep' }).click();
    await page.getByLabel('Distance, cm').fill('190');
    await page.getByLabel('Distance, cm').blur();
    // A label decides the load: that is seen before it is ready.
    await seeToWarnings(page);
    await page.getByRole('button', { name: 'Save set-up' }).click();
    const row = page.getByRole('listitem').filter({ hasText: 'Sweep at 1.90 m' });
    await row.getByRole('button', { name: 'Start session' }).click();
    await page.getByRole('button', { name: 'Log set 1' }).click();
    await expect(page.getByText('Set 2 of 3')).toBeVisible();
    await page.getByRole('link', { name: 'Go on later' }).click();
    await expect(page.getByText('all saved')).toBeVisible();
  });
}

function chooseAnotherPassword(page: Page): Promise<void> {
  return test.step('a password that was lost, chosen anew by mail', async () => {
    await page.getByRole('link', { name: 'Studio' }).click();
    await page.getByRole('link', { name: 'You' }).click();
    await expect(page.getByText('✓ this one')).toBeVisible();
    await expectNoViolations(page);
    const other = await page.context().newPage();
    await other.goto('/lost-password');
    await other.getByLabel('E-mail').fill('ines@lockfive.example');
    await other.getByRole('button', { name: 'Send the link' }).click();
    await expect(other.getByRole('status')).toContainText('ines@lockfive.example');
    const mail = page.getByRole('listitem').filter({ hasText: 'a new password' });
    await expect(async () => {
      await page.goto('/studio/mails');
      await expect(mail).toBeVisible();
    }).toPass();
    await other.goto((await mail.locator('code').innerText()).trim());
    await other.getByLabel(/^Password/).fill('another mooring line');
    await other.getByRole('button', { name: 'Set it and sign in' }).click();
    await expect(other.getByRole('listitem').filter({ hasText: 'Jory Lantern' })).toBeVisible();
  });
}
