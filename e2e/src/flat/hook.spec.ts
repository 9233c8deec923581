import { expect, openDemo, SIZES, test } from '../maker';
import type { Page } from '@playwright/test';

const sheet = (page: Page) => page.getByRole('dialog');

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('a leaf made up on the hook: tapped, done, once more, one taken back; the text is there', async ({
      page,
    }) => {
      await page.goto('/');
      await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
      await page.getByRole('textbox', { name: 'What it is' }).fill('Leaf');
      await page.getByRole('button', { name: 'Begin', exact: true }).click();
      const region = page.getByRole('region', { name: 'Work and write' });
      for (let k = 0; k < 6; k++) await region.getByRole('button', { name: /^inc/ }).click();
      await expect(region.getByText('the round is full')).toBeVisible();
      await expect(region.getByRole('button', { name: 'sc', exact: true })).toBeDisabled();
      await region.getByRole('button', { name: 'Round 2 is done' }).click();
      await region.getByRole('button', { name: 'Same as the last round' }).click();
      await expect(region.getByText(/takes 6 stitches, and there are 12/)).toBeVisible();
      for (let k = 0; k < 3; k++) await region.getByRole('button', { name: 'sc', exact: true }).click();
      await region.getByRole('button', { name: 'Take one back' }).click();
      await expect(region.getByText('R3: 2 sc')).toBeVisible();
      await region.getByRole('button', { name: 'Round 3 is done' }).click();
      await expect(region.getByText(/10 stitches of the round below are left/)).toBeVisible();
      for (let k = 0; k < 10; k++) await region.getByRole('button', { name: 'sc', exact: true }).click();
      await region.getByRole('button', { name: 'Round 3 is done' }).click();
      await region.getByRole('button', { name: 'Same as the last round' }).click();
      await expect(region.getByText('R4: 12 sc (12)')).toBeVisible();
      await region.getByRole('button', { name: 'To the text' }).click();
      await expect(page.getByRole('textbox', { name: 'Rounds of this part' })).toContainText(
        'R3: 12 sc (12)',
      );
    });

    test('a flap made up in rows: through the back loops, in another yarn, once more; nothing of it is typed', async ({
      page,
    }) => {
      await page.goto('/');
      await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
      await page.getByRole('radio', { name: 'chain, in rows' }).click();
      await page.getByRole('textbox', { name: 'Stitches' }).fill('1');
      await expect(page.getByText('A whole number from 2 to 400.')).toBeVisible();
      await page.getByRole('textbox', { name: 'Stitches' }).fill('3');
      await page.getByRole('button', { name: 'Begin', exact: true }).click();
      const region = page.getByRole('region', { name: 'Work and write' });
      await region.getByRole('switch', { name: 'More stitches, loops, yarn' }).click();
      await region.getByRole('textbox', { name: 'Another yarn' }).fill('Moss green');
      await region.getByRole('button', { name: 'Take it' }).click();
      await region.getByRole('radio', { name: 'back loop' }).click();
      await region.getByRole('button', { name: 'sc BLO', exact: true }).click();
      await expect(region.getByText('Row 2', { exact: true })).toBeVisible();
      await region.getByRole('radio', { name: 'both loops' }).click();
      await region.getByRole('button', { name: 'FPdc: front post' }).click();
      await region.getByRole('button', { name: /^inc/ }).click();
      await expect(region.getByText('R2: ch 1, turn, with moss green: sc BLO, FPdc, inc')).toBeVisible();
      await region.getByRole('button', { name: 'Row 2 is done' }).click();
      for (let k = 0; k < 4; k++) await region.getByRole('button', { name: 'sc', exact: true }).click();
      await region.getByRole('button', { name: 'Row 3 is done' }).click();
      await region.getByRole('button', { name: 'Same as the last round' }).click();
      await expect(region.getByText('R4: ch 1, turn, 4 sc (4)')).toBeVisible();
      await expect(page.getByText(/fault/)).toBeHidden();
    });
  });

test('the first lesson, by keys and by touch: a lit stitch is told, a false line is found; how far one has come is kept', async ({
  page,
}) => {
  // The same questions every time: both kinds are among the first ones.
  await page.addInitScript(() => {
    let seed = 5;
    Math.random = () => (seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0) / 4294967296;
  });
  await openDemo(page, 'Rill', 'Make');
  await page.getByRole('button', { name: 'Learn to count' }).click();
  const seen = { fault: 0, count: 0, missed: 0 };
  for (let k = 0; k < 20 && seen.fault * seen.count * seen.missed === 0; k++) {
    const line = sheet(page).getByRole('heading', { name: 'Which line does not add up?' });
    await expect(sheet(page).getByRole('heading', { level: 3 })).toBeVisible();
    if (await line.isVisible()) {
      seen.fault += 1;
      await sheet(page).getByRole('button', { name: /^R\d/ }).first().click();
    } else if (await sheet(page).getByRole('heading', { name: 'Which increase was missed?' }).isVisible()) {
      seen.missed += 1;
      await expect(sheet(page).getByRole('img', { name: /^As it came off the hook: .*inc/ })).toBeVisible();
      await sheet(page).getByRole('button', { name: '2', exact: true }).click();
    } else {
      seen.count += 1;
      for (const field of await sheet(page).getByRole('textbox').all()) {
        await field.focus();
        await page.keyboard.type('3');
      }
      await page.keyboard.press('Enter');
    }
    await expect(sheet(page).getByText(/^(Right|Not quite)\. (It is|\d+ between)/)).toBeVisible();
    await expect(sheet(page).getByText(new RegExp(`of ${k + 1}$`))).toBeVisible();
    await sheet(page).getByRole('button', { name: 'The next one' }).click();
  }
  expect(seen.fault * seen.count * seen.missed).toBeGreaterThan(0);
  await page.reload();
  await page.getByRole('button', { name: 'Learn to count' }).click();
  await expect(
    sheet(page).getByText(new RegExp(`of ${seen.fault + seen.count + seen.missed}$`)),
  ).toBeVisible();
});
