import { AxeBuilder } from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { DEMO_TRAINER } from './browser.js';
import { test } from './studio-test.js';
import { findBag, makeLadder, openDecision, openSkillWithBand, planDropSet } from './workbench.js';

// A dozen screens are scanned in one visit, each for a few seconds on a slow machine.
test.setTimeout(360_000);

const SCREENS = [
  '/today',
  '/bands',
  '/bands/compare',
  '/bands/exchange',
  '/setups',
  '/people',
  '/log',
  '/studio',
  '/studio/trainers',
  '/studio/mails',
  '/studio/you',
  '/studio/documents',
  '/studio/back-ups',
  '/studio/device',
  '/outbox',
  '/places',
  '/exercises',
  '/skills/pull',
  '/skills/planche',
];

for (const theme of ['light', 'dark'] as const) {
  test(`axe finds nothing on any screen, ${theme}`, async ({ browser }) => {
    const context = await browser.newContext({ colorScheme: theme });
    const page = await context.newPage();
    const check = async (name: string): Promise<void> => {
      const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
        .analyze();
      const found = violations.flatMap(({ id, nodes }) =>
        nodes.map(({ html, failureSummary }) => `${name} ${id}: ${html} ${failureSummary}`),
      );
      expect(found).toEqual([]);
    };
    await page.goto('/sign-in');
    await check('sign-in');
    await page.request.post('/api/sign-in', { data: DEMO_TRAINER });
    for (const path of SCREENS) {
      await page.goto(path);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await page.waitForLoadState('networkidle');
      await check(path);
    }
    const archive = await page.request.get('/api/studio/documents.zip');
    await page.goto('/studio/documents');
    await page.getByLabel('A whole studio').setInputFiles({
      ...{ name: 'studio.zip', mimeType: 'application/zip' },
      buffer: await archive.body(),
    });
    await page.getByLabel('its rules and units too').check();
    await expect(page.getByRole('button', { name: 'Read it in' })).toBeVisible();
    await check('an archive of a studio');
    await page.goto('/people');
    await page.getByRole('link', { name: /^Odile Brandt/ }).click();
    await expect(page.getByText('Every set-up is held to')).toBeVisible();
    await check('person');
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await check('person, the menu');
    await page.getByRole('menuitem', { name: /^Delete for good/ }).click();
    await check('person, about to be deleted');
    await page.getByRole('button', { name: 'Keep them' }).click();
    await page
      .getByRole('button', { name: /^Change the note/ })
      .first()
      .click();
    await check('person, a note under change');
    await page.getByRole('button', { name: 'Change Odile Brandt' }).click();
    // The bar that stays in sight lies over something wherever the page is: looked at all at once.
    const usual = page.viewportSize() ?? { width: 1280, height: 720 };
    await page.setViewportSize({ ...usual, height: 3000 });
    await check('person, under change');
    await page.setViewportSize(usual);
    await page.goto('/bands');
    await page.getByRole('link', { name: /^Willow,/ }).click();
    await expect(page.getByRole('heading', { name: 'Willow' })).toBeVisible();
    await check('band sheet');
    await page.getByRole('link', { name: 'Inspect' }).first().click();
    await page.getByRole('button', { name: 'dull or rough' }).click();
    await check('inspection');
    await page.goBack();
    await page.getByRole('link', { name: 'Measure again' }).click();
    await check('test bench, before the warm-up');
    await page.getByRole('button', { name: 'Done, measure it' }).click();
    await page.getByLabel('Gauge').selectOption('standIn');
    await expect(page.getByText('connected')).toBeVisible();
    await check('test bench, pulling');
    await openSkillWithBand(page);
    await check('skill, with a band');
    await page.goto('/setups');
    await page.getByRole('button', { name: 'Find', exact: true }).click();
    await page.getByRole('spinbutton', { name: /^Wanted,/ }).fill('60');
    await page.getByRole('spinbutton', { name: /^Wanted,/ }).press('Enter');
    await expect(page.getByRole('list', { name: 'Found' })).toBeVisible();
    await check('set-ups, found');
    await page.getByRole('button', { name: /^Exercise/ }).click();
    await page.getByRole('searchbox').waitFor();
    await check('exercises to choose from');
    await page.getByRole('button', { name: 'Close' }).click();
    await makeLadder(page);
    await check('set-ups, ladder');
    await planDropSet(page);
    await check('set-ups, drop set');
    await findBag(page);
    await check('bag');
    await page.goto('/buy');
    await check('what to buy');
    await openDecision(page);
    await check('next');
    await page.goto('/today');
    await page
      .getByRole('button', { name: /session$/ })
      .first()
      .click();
    await expect(page.getByText(/^Set \d of/)).toBeVisible();
    await check('session');
    await context.close();
  });
}
