import { expect, type Page } from '@playwright/test';
import { signIn } from './sign-in.js';
import { test } from './studio-test.js';

async function addBand(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('button', { name: 'Add a band' }).click();
  await page.getByLabel('Name').fill(name);
  await page.getByRole('button', { name: 'Add band' }).click();
  await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
}

async function warmUp(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Done, measure it' }).click();
}

/** Lets the simulated hand pull to the length asked for, and keeps the reading once it is held. */
async function pullAndKeep(page: Page, readings: number): Promise<void> {
  await page.getByRole('button', { name: /^Let it be/ }).click();
  await expect(page.getByText('Held: keep it')).toBeVisible({ timeout: 25_000 });
  await page.getByRole('button', { name: /^Keep \d+ N$/ }).click();
  await expect(page.getByRole('button', { name: 'Set aside' })).toHaveCount(readings);
}

test('a new band, measured live from the simulated scale', async ({ page }) => {
  test.slow();
  await signIn(page);
  await addBand(page, 'Sheet bend');
  await page.getByRole('link', { name: 'Measure it' }).click();
  await expect(page.getByText('One slow warm-up, to its limit')).toBeVisible();
  await warmUp(page);
  await page.getByLabel('Gauge').selectOption('standIn');
  await expect(page.getByText('connected')).toBeVisible();

  await test.step('the length to pull is named, and never past the limit', async () => {
    await expect(page.getByLabel('Pull to, cm')).toHaveValue('135');
    await page.getByLabel('Pull to, cm').fill('270');
    await expect(page.getByText(/past this band's limit of ×2.50/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Let it be/ })).toBeDisabled();
    await expect(page.getByRole('button', { name: /^Keep/ })).toBeDisabled();
    await page.getByLabel('Pull to, cm').fill('135');
  });

  await test.step('the scale begins from zero, but not while it is pulled', async () => {
    await page.getByRole('button', { name: 'Zero' }).click();
    await expect(page.getByText(/^The scale begins from zero/)).toBeVisible();
  });
  await pullAndKeep(page, 1);
  await page.getByRole('button', { name: 'Zero' }).click();
  await expect(page.getByText(/on the hook: let the band hang slack/)).toBeVisible();
  await expect(page.getByText(/partial, ±/)).toBeVisible();
  await pullAndKeep(page, 2);

  await test.step('a reload in mid-measurement loses nothing', async () => {
    await page.reload();
    await expect(page.getByRole('button', { name: 'Set aside' })).toHaveCount(2);
    await page.getByLabel('Gauge').selectOption('standIn');
    await expect(page.getByText('connected')).toBeVisible();
  });

  await pullAndKeep(page, 3);

  await test.step('the way back gives the loss', async () => {
    await page.getByRole('button', { name: 'way back' }).click();
    await page.getByRole('button', { name: 'Set aside' }).first().waitFor();
    await page.getByLabel('Let back to, cm').fill('200');
    await page.getByRole('button', { name: 'Let it be let back there' }).click();
    await expect(page.getByText('Held: keep it')).toBeVisible({ timeout: 25_000 });
    await page.getByRole('button', { name: /^Keep \d+ N$/ }).click();
    await expect(page.getByRole('row', { name: /way back/ })).toHaveCount(1);
  });

  await page.getByRole('button', { name: 'Finish the measurement' }).click();
  await expect(page.getByRole('heading', { name: 'Sheet bend' })).toBeVisible();
  await expect(page.getByText(/^measured ±\d+ % · gives back/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/^measured ±\d+ % · gives back/)).toBeVisible();
});

test('a dropped bridge is found again and loses no accepted reading', async ({ page }) => {
  test.slow();
  let drop: (() => Promise<void>) | undefined;
  let connections = 0;
  await page.routeWebSocket(/weight-scale/, (socket) => {
    connections++;
    const server = socket.connectToServer();
    drop = async () => {
      await socket.close();
      await server.close();
    };
  });
  await signIn(page);
  await addBand(page, 'Bowline');
  await page.getByRole('link', { name: 'Measure it' }).click();
  await warmUp(page);
  await page.getByLabel('Gauge').selectOption('standIn');
  await expect(page.getByText('connected')).toBeVisible();
  await pullAndKeep(page, 1);
  await drop?.();
  await expect.poll(() => connections).toBe(2);
  await expect(page.getByText('connected')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Set aside' })).toHaveCount(1);
  await pullAndKeep(page, 2);
});

test('a reading is set aside with its reason; a typed one too far off is flagged', async ({
  page,
}) => {
  await signIn(page);
  await addBand(page, 'Clove hitch');
  await page.getByRole('link', { name: 'Measure it' }).click();
  await warmUp(page);
  for (const [length, pull] of [
    ['135', '51'],
    ['177', '60'],
    ['218', '124'],
    ['250', '140'],
  ] as const) {
    await page.getByLabel('Pull to, cm').fill(length);
    await page.getByLabel('Pull, N').fill(pull);
    await page.getByRole('button', { name: `Keep ${pull} N` }).click();
    await expect(page.getByRole('row', { name: `${length} cm` })).toBeVisible();
  }
  const slipped = page.getByRole('row', { name: '177 cm' });
  await expect(slipped.getByText(/σ off/)).toBeVisible();
  await expect(page.getByText(/σ off/)).toHaveCount(1);
  await slipped.getByRole('button', { name: 'Set aside' }).click();
  await slipped.getByLabel('Why it is set aside').selectOption('The hook slipped');
  await expect(slipped.getByText('The hook slipped')).toBeVisible();
  await expect(page.getByText(/measured, ±/)).toBeVisible();
});

test('a band that fails its inspection leaves every picker', async ({ page }) => {
  await signIn(page);
  const inStack = async (): Promise<number> => {
    await page.getByRole('link', { name: 'Set-ups' }).click();
    await expect(page.getByRole('button', { name: /Minnow/ })).toBeVisible();
    return page.getByRole('button', { name: /Eel/ }).count();
  };
  await expect.poll(inStack).toBe(1);
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('link', { name: /^Eel,/ }).click();
  await page.getByRole('link', { name: 'Inspect' }).click();
  await page.getByRole('button', { name: 'slipping or split' }).click();
  await expect(page.getByText('✕ retire it')).toBeVisible();
  await page.getByRole('button', { name: 'Keep the result' }).click();
  await expect(page.getByText(/Retired: kept in history/)).toBeVisible();
  await expect(page.getByText(/inspected, failed/)).toBeVisible();
  await expect.poll(inStack).toBe(0);
});

test('a band retired by hand wants a reason, and another to be brought back', async ({ page }) => {
  await signIn(page);
  await addBand(page, 'Marline');
  await page.getByRole('button', { name: 'Retire' }).click();
  await page.getByRole('button', { name: 'Retire it' }).click();
  await expect(page.getByLabel('Why it is retired')).toBeVisible();
  await page.getByLabel('Why it is retired').fill('bleached by the sun');
  await page.getByRole('button', { name: 'Retire it' }).click();
  await expect(page.getByText(/Retired: kept in history/)).toBeVisible();
  await expect(page.getByText(/bleached by the sun/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Bring back into use' }).click();
  await page.getByLabel('Why it may be used again').fill('it was another one');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByText(/Retired: kept in history/)).toHaveCount(0);
  await page.reload();
  await expect(page.getByText(/it was another one/).first()).toBeVisible();
});

test('a piece cut from a roll pulls by the roll’s law, and the roll is shorter', async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('link', { name: /^Ribbonweed roll,/ }).click();
  await page.getByRole('button', { name: 'Cut a piece' }).click();
  await page.getByLabel('Piece, cm').fill('9000');
  await expect(page.getByText(/are left on the roll/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Cut it' })).toBeDisabled();
  await page.getByLabel('Piece, cm').fill('120');
  await page.getByLabel('Its name').fill('Frogbit');
  await page.getByRole('button', { name: 'Cut it' }).click();
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('link', { name: /^Frogbit,/ }).click();
  await expect(page.getByRole('heading', { name: 'Frogbit' })).toBeVisible();
  await expect(page.getByText(/^measured on the roll it was cut from ±/)).toBeVisible();
});

test('the studio’s rule says when a band wants to be inspected', async ({ page }) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Studio' }).click();
  const days = page.getByLabel('every so many days');
  await days.fill('0');
  await days.press('Tab');
  await expect(page.getByText(/a whole number from 1 to 365/)).toBeVisible();
  await expect(days).toHaveValue('30');
  await days.fill('365');
  await days.press('Tab');
  await expect(page.getByText('Inspections are due after 365 days.')).toBeVisible();
  await page.reload();
  await expect(days).toHaveValue('365');
  await days.fill('30');
  await days.press('Tab');
  await expect(page.getByText('Inspections are due after 30 days.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(days).toHaveValue('365');
  await days.fill('30');
  await days.press('Tab');
  await expect(page.getByText('Inspections are due after 30 days.')).toBeVisible();
});

test('a table with two bad rows: said back, the good ones saved, the bad ones named', async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('link', { name: 'In and out' }).click();
  const table = [
    'name;kind;flat length [in];width [mm];label from [lb];label to [lb]',
    'Fender;loop;41,0;30;40,5;120',
    'Cleat;rope;41,0;30;;',
    'Thwart;loop;41,0;13;15;45,5',
    'Bilge;loop;minus one;30;;',
  ].join('\r\n');
  await page.getByLabel('Choose a file').setInputFiles({
    name: 'bands.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`\uFEFF${table}\r\n`),
  });
  await expect(page.getByTestId('said')).toContainText('semicolons, decimal comma');
  await expect(page.getByTestId('said')).toContainText('flat length [in]');
  await expect(page.getByTestId('counts')).toContainText('2 to add');
  await expect(page.getByTestId('counts')).toContainText('2 refused');
  await expect(page.getByRole('row', { name: /Cleat/ })).toContainText('found "rope"');
  await expect(page.getByRole('row', { name: /Bilge/ })).toContainText('expected a number');
  await page.getByRole('button', { name: 'Save 2 rows' }).click();
  await expect(page.getByText('● Saved.')).toBeVisible();
  await page.getByRole('link', { name: 'To the rail' }).click();
  await expect(page.getByRole('link', { name: /^Fender,/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Thwart,/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Cleat,/ })).toHaveCount(0);
});

test('bands compared: curves, pulls at a stretch, and which two equal a third', async ({
  page,
}) => {
  await signIn(page);
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('link', { name: 'Compare' }).click();
  await expect(page.getByRole('caption')).toHaveText(/At ×2.00/);
  const names = page.getByRole('table').getByRole('row');
  await expect(names.nth(1)).toContainText('Reed');
  await page.getByRole('button', { name: 'Sluice' }).click();
  await expect(page.getByText(/Reed and Willow pull as Sluice/)).toBeVisible();
  const slider = page.getByRole('slider');
  await slider.focus();
  await slider.press('ArrowRight');
  await expect(page.getByRole('caption')).toHaveText(/At ×2.05/);
});

test('on a phone a band that is tapped shows its sheet', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  await page.getByRole('link', { name: 'Bands' }).click();
  await page.getByRole('link', { name: /^Heron,/ }).click();
  await expect(page.getByRole('heading', { name: 'Heron' })).toBeInViewport();
  await page.getByRole('button', { name: 'Add a band' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toBeInViewport();
});
