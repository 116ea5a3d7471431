import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { openOwnServer } from './own-server.js';

test('an empty server becomes a studio of one’s own, with a first person, in a few minutes', async ({
  browser,
}) => {
  const server = await openOwnServer(undefined, { demo: false });
  const context = await browser.newContext({ baseURL: server.address });
  const page = await context.newPage();
  try {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Your studio' })).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).analyze();
    expect(violations.map(({ id }) => id)).toEqual([]);
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

    // Every screen stands without anybody and anything in it.
    await expect(page.getByRole('heading', { name: 'People' })).toBeVisible();
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
    await page.getByRole('button', { name: 'Keep Jory Lantern' }).click();
    await page.getByRole('link', { name: 'Work on a set-up' }).click();
    await expect(page.getByRole('link', { name: 'Add a place' })).toBeVisible();
    await expect(page.getByRole('link', { name: 'Add a band' })).toBeVisible();
    await expect(page.getByText('all saved')).toBeVisible();

    // Signed out, the owner comes back by password, and no second studio is offered.
    await page.getByRole('button', { name: 'Sign out' }).click();
    await page.getByLabel('E-mail').fill('ines@lockfive.example');
    await page.getByLabel('Password').fill('a mooring line');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Jory Lantern' })).toBeVisible();
  } finally {
    await context.close();
    await server.close();
  }
});
