import { expect, type Page } from '@playwright/test';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';
import { findBag, makeLadder, openDecision, openSkillWithBand, planDropSet } from './workbench.js';

// Every screen is walked through, with its panels open.
test.setTimeout(360_000);

/** What a studio writes figures in, and what then stands on no screen: "0 in 10" is no inch. */
const SYSTEMS = [
  {
    name: 'inches and pounds',
    units: { forceUnit: 'lbf', lengthUnit: 'in', massUnit: 'lb' },
    foreign: /\d ?(cm|mm|m|kg|N)(?![\w·])|\/kg\b|, (cm|mm|kg|N)$/gm,
  },
  {
    name: 'centimetres and kilograms, pulls too',
    units: { forceUnit: 'kgf', lengthUnit: 'cm', massUnit: 'kg' },
    foreign: /\d ?(in(?! \d)|lb|N)(?![\w·])|\bN\/|\/lb\b|, (in|lb|N)$/gm,
  },
  {
    name: 'centimetres, kilograms and newtons',
    units: { forceUnit: 'N', lengthUnit: 'cm', massUnit: 'kg' },
    foreign: /\d ?(in(?! \d)|lb)\b|\/lb\b|, (in|lb)$/gm,
  },
] as const;

const SCREENS = [
  '/today',
  '/bands',
  '/bands/compare',
  '/bands/exchange',
  '/setups',
  '/skills/pull',
  '/skills/planche',
  '/people',
  '/places',
  '/bag',
  '/buy',
  '/log',
  '/exercises',
  '/outbox',
  '/studio',
  '/studio/trainers',
  '/studio/mails',
  '/studio/you',
  '/studio/documents',
  '/studio/back-ups',
  '/studio/device',
] as const;

for (const { foreign, name, units } of SYSTEMS) {
  test(`every screen is written in ${name}`, async ({ page, server }) => {
    await signIn(page);
    await page.goto('/studio');
    for (const words of wordsOf(units)) {
      await page.getByRole('button', { name: words, exact: true }).click();
      await expect(page.getByRole('button', { name: words, exact: true })).toHaveAttribute(
        'aria-pressed',
        'true',
      );
    }
    await expect(page.getByText('all saved')).toBeVisible();
    // A set-up keeps the name it was given, a clinician's words stay theirs.
    const own = await server.query<{ words: string }>(
      `SELECT DISTINCT title AS words FROM setup_version
        UNION SELECT clearance ->> 'limits' FROM person WHERE clearance IS NOT NULL`,
    );
    const found: string[] = [];
    const look = async (where: string): Promise<void> => {
      await page.waitForLoadState('networkidle');
      found.push(...(await foreignIn(page, foreign, own)).map((words) => `${where}: ${words}`));
    };

    for (const path of SCREENS) {
      await page.goto(path);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await look(path);
    }
    await page.goto('/places');
    await page
      .getByRole('button', { name: /^Change / })
      .first()
      .click();
    await look('a place under change');
    await page.goto('/people');
    await page.getByRole('link', { name: /^Odile Brandt/ }).click();
    await expect(page.getByText('Every set-up is held to')).toBeVisible();
    await look('a person');
    await page.getByRole('button', { name: 'Change Odile Brandt' }).click();
    await look('a person under change');
    await page.goto('/people');
    await page.getByRole('link', { name: /^Ylva Marsh/ }).click();
    await page.getByRole('button', { name: 'Change Ylva Marsh' }).click();
    await page.getByRole('button', { name: 'Write a clearance down' }).click();
    await look('a clearance');
    await page.goto('/bands');
    await page.getByRole('button', { name: 'Add a band' }).click();
    await look('a new band');
    await page.goto('/bands');
    await page.getByRole('link', { name: /^Willow,/ }).click();
    await expect(page.getByRole('heading', { name: 'Willow' })).toBeVisible();
    await look('a band');
    await page.getByRole('link', { name: 'Inspect' }).first().click();
    await look('an inspection');
    await page.goBack();
    await page.getByRole('link', { name: /^Measure/ }).click();
    await look('the test bench');
    await workbench(page, look);
    await work(page, look);
    expect(found).toEqual([]);
  });
}

/** The workbench with a set-up that is refused, what it takes to change it, and what is found. */
async function workbench(page: Page, look: (where: string) => Promise<void>): Promise<void> {
  await page.goto('/setups');
  await page.getByLabel('Person in focus').selectOption({ label: 'Tobias Quill' });
  await expect(page.getByTestId('figure-mean')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What it would take' })).toBeVisible();
  await look('the workbench');
  const person = page.getByRole('slider', { name: 'Distance of the person from the anchor' });
  await person.focus();
  for (let i = 0; i < 30; i++) await person.press('Shift+ArrowLeft');
  await expect(page.getByText(/past its limit of/)).toBeVisible();
  await look('a refusal');
  await page.getByRole('button', { name: /^Step .* closer$/ }).click();
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  await page.getByRole('button', { name: /^5 % more than/ }).click();
  await expect(page.getByRole('list', { name: 'Found' })).toBeVisible();
  await look('the finder');
  await makeLadder(page);
  await look('a ladder');
  await planDropSet(page);
  await look('a drop set');
}

/** What is worked out elsewhere, and what a session tells. */
async function work(page: Page, look: (where: string) => Promise<void>): Promise<void> {
  await findBag(page);
  await look('the smallest bag');
  await openSkillWithBand(page);
  await look('a skill with a band');
  await openDecision(page);
  await look('what comes next');
  await page.goto('/today');
  const next = page.getByLabel('People and their next work').getByRole('listitem');
  await next
    .filter({ hasText: 'Odile' })
    .getByRole('button', { name: /session$/ })
    .click();
  await expect(page.getByText(/^Set 1 of/)).toBeVisible();
  await look('a session');
}

const FORCES = { N: 'newton, N', kgf: 'kilogram, kg', lbf: 'pound, lb' } as const;

function wordsOf({ forceUnit, lengthUnit, massUnit }: (typeof SYSTEMS)[number]['units']): string[] {
  return [
    FORCES[forceUnit],
    lengthUnit === 'cm' ? 'centimetres' : 'inches',
    massUnit === 'kg' ? 'kilograms' : 'pounds',
  ];
}

/** What is told to those who do not see: names, values and hints. */
function spokenOn(page: Page): Promise<string[]> {
  return page.locator('body').evaluate((body) => {
    const spoken = ['aria-label', 'aria-valuetext', 'aria-description', 'placeholder', 'title'];
    return spoken.flatMap((attribute) =>
      Array.from(body.querySelectorAll(`[${attribute}]`)).map(
        (element) => element.getAttribute(attribute) ?? '',
      ),
    );
  });
}

/** Figures on a page that are not in the studio's units, each with some words around it. */
async function foreignIn(
  page: Page,
  foreign: RegExp,
  own: readonly { readonly words: string }[],
): Promise<string[]> {
  const text = [await page.locator('body').innerText(), ...(await spokenOn(page))].join('\n');
  // The choices of the studio name every unit.
  const left = [...own.map(({ words }) => words), 'newton, N', 'kilogram, kg', 'pound, lb'];
  const told = left
    .toSorted((a, b) => b.length - a.length)
    .reduce((rest, words) => rest.replaceAll(words, '…'), text);
  return [...told.matchAll(foreign)].map(({ index }) =>
    told.slice(Math.max(0, index - 30), index + 20).replaceAll('\n', ' | '),
  );
}
