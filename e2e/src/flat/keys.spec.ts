import type { Locator, Page } from '@playwright/test';
import { catchPaper, expect, kept, paperOf, test, WIDE } from '../maker';

test.use({ viewport: WIDE });

const PUFFIN = `Body (1x, slate, 3.0 mm hook, ring = crown)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-10: sc around (24)
R11: (2 sc, dec) x6 (18)
stuff
leave open

Wing (2x, slate, 3.0 mm hook, ring = tip)
R1: 6 sc in ring (6)
R2-3: sc around (6)
fasten off

Foot (2x, mustard, 3.0 mm hook, ring = sole)
R1: 6 sc in ring (6)
R2: sc around (6)
fasten off`;

/** As many stops as any screen has. */
const MOST_STOPS = 160;

/** Goes with Tab alone until something has the focus. */
async function tabTo(page: Page, to: Locator): Promise<void> {
  await expect(to.first()).toBeVisible();
  for (let k = 0; k < MOST_STOPS; k++) {
    if (await to.first().evaluate((e) => e === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab does not come to ${String(to)}`);
}

/** Goes to a button with Tab and presses Enter. */
async function press(page: Page, to: Locator): Promise<void> {
  await tabTo(page, to);
  await page.keyboard.press('Enter');
}

test('by keys alone: a page is pasted, eyes placed, two joins made, the plan read, ten rounds made, the pattern printed', async ({
  page,
}) => {
  test.slow();
  const button = (name: RegExp | string) => page.getByRole('button', { name });
  await page.goto('/');
  await press(page, button('Paste a pattern'));
  await tabTo(page, page.getByRole('textbox', { name: 'Add parts' }));
  // A paste is Ctrl V; the clipboard of a test is typed at once.
  await page.keyboard.insertText(PUFFIN);
  await press(page, button('Add 3 parts'));
  await page.keyboard.press('Alt+2');
  await press(page, button(/^Place a pair/));
  await expect(page.getByRole('slider').first()).toHaveAttribute('aria-valuetext', /stitches between/);
  // Who it is for, by arrows in one stop.
  await press(page, page.getByRole('link', { name: /^Safety: / }));
  await tabTo(page, page.getByRole('radio', { name: 'under 18 months' }));
  for (let k = 0; k < 2; k++) await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: '3 years and over' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/3 years and over/).first()).toBeVisible();
  await page.keyboard.press('Alt+3');
  for (let k = 0; k < 2; k++) await press(page, button(/^Attach .* to /));
  await expect(button(/^Attach .* to /)).toHaveCount(0);
  await page.keyboard.press('Alt+4');
  await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
  await press(page, button('Start making').or(button(/^Start|^Go on/)));
  await expect(page).toHaveURL(/\/make/);
  const done = () => page.getByRole('button', { name: /^Tick / }).textContent();
  const first = await done();
  for (let k = 0; k < 10; k++) await page.keyboard.press('ArrowRight');
  expect(await done()).not.toBe(first);
  await kept(page);
  await page.keyboard.press('Control+p');
  await expect(page.getByRole('dialog').getByRole('button', { name: 'Print', exact: true })).toBeVisible();
  await tabTo(page, page.getByRole('dialog').getByRole('button', { name: 'Print', exact: true }));
  await catchPaper(page);
  await page.keyboard.press('Enter');
  await expect.poll(() => paperOf(page)).toContain('Wing × 2');
});
