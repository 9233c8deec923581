import { expect, PHONE, rounds, test, openDemo } from '../maker';
import type { Page } from '@playwright/test';

/** What is left of a phone's screen above its keyboard, px. */
const ABOVE = 440;

/** Writes a round at the end of a part, with the cursor in it. */
async function typeAtTheEnd(page: Page): Promise<void> {
  await openDemo(page, 'Rill');
  await rounds(page).click();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nR7: sc around (24)');
}

/** The line that is typed stands whole above the craft keys, and these above the keyboard, with its count. */
async function expectInSight(page: Page): Promise<void> {
  await expect(async () => {
    const line = (await page.locator('.cm-activeLine').boundingBox())!;
    const keys = (await page.getByRole('button', { name: 'inc', exact: true }).boundingBox())!;
    expect(line.y).toBeGreaterThan(56);
    expect(line.y + line.height).toBeLessThanOrEqual(keys.y);
    expect(keys.y + keys.height).toBeLessThanOrEqual(ABOVE);
  }).toPass();
}

test.use({ viewport: PHONE });

test('a keyboard that makes the page smaller: the line that is typed stays in sight, with its count and the keys', async ({
  page,
}) => {
  await typeAtTheEnd(page);
  await page.setViewportSize({ width: PHONE.width, height: ABOVE });
  await expectInSight(page);
  await expect(page.getByRole('button', { name: 'in the hand', exact: true })).toBeHidden();
  await page.keyboard.press('Enter');
  await page.keyboard.type('R8: sc around (24)');
  await expectInSight(page);
  await page.setViewportSize(PHONE);
  await expect(page.getByRole('button', { name: 'in the hand', exact: true })).toBeVisible();
});

test('a keyboard that lies over the page: the app stays above it, and comes back when it goes', async ({
  page,
}) => {
  await page.addInitScript(() => {
    const seen = window.visualViewport!;
    let above: number | null = null;
    Object.defineProperty(seen, 'height', { get: () => above ?? window.innerHeight });
    Object.assign(window, {
      keyboardUp: (height: number | null) => {
        above = height;
        seen.dispatchEvent(new Event('resize'));
      },
    });
  });
  const keyboardUp = (height: number | null) =>
    page.evaluate(
      (to) => (window as unknown as { keyboardUp: (to: number | null) => void }).keyboardUp(to),
      height,
    );
  await typeAtTheEnd(page);
  await keyboardUp(ABOVE);
  await expectInSight(page);
  await keyboardUp(null);
  await expect.poll(async () => (await page.locator('#root').boundingBox())!.height).toBe(PHONE.height);
});

test('Escape closes a sheet from within a field, the one on top alone', async ({ page }) => {
  await openDemo(page, 'Rill', 'Face');
  await page.getByRole('button', { name: 'Say where, in words' }).click();
  const field = page.getByRole('textbox', { name: 'In your own words' });
  await field.fill('between R10');
  await field.press('Escape');
  await expect(field).toBeHidden();
  await expect(page.getByRole('button', { name: 'Say where, in words' })).toBeFocused();
});
