import { AxeBuilder } from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';

/** Who is on Today, with their work. */
export function workOf(page: Page, name: string): Locator {
  return page
    .getByLabel('People and their next work')
    .getByRole('listitem')
    .filter({ hasText: name });
}

/** Begins the session of somebody's next work, or goes on with it. */
export async function begin(page: Page, name: string): Promise<void> {
  await workOf(page, name)
    .getByRole('button', { name: /session$/ })
    .click();
  await expect(page.getByText(/Set \d of \d/)).toBeVisible();
}

/** No fault of WCAG 2.2 AA is found on the page. */
export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes[0]?.html}`)).toEqual([]);
}
