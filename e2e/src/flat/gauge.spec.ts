import type { Page } from '@playwright/test';
import { expect, expectWritten, HEAD, newToy, PHONE, station, test, openDemo } from '../maker';

test.use({ viewport: PHONE });

/** Everything the screens say that rests on the gauge, by name. */
async function numbers(page: Page): Promise<Record<string, string>> {
  const seen: Record<string, string> = {};
  const text = async (name: string, of: ReturnType<Page['locator']>) =>
    (seen[name] = (await of.first().innerText()).replace(/\s+/g, ' '));
  await station(page, 'Parts');
  seen.size = (await page.getByRole('img', { name: /^Head: / }).getAttribute('aria-label')) ?? '';
  await text('ranges', page.getByText(/wide, .* tall; by the/));
  await station(page, 'Face');
  const bands = page
    .getByRole('radiogroup', { name: 'Said as' })
    .or(page.getByRole('radiogroup', { name: 'Say it as' }));
  for (const [i, name] of ['between', 'showing', 'along', 'straight'].entries())
    seen[name] = (await bands.getByRole('radio').nth(i).getAttribute('aria-label')) ?? '';
  await text('washer', page.getByText(/^Washer against fabric/));
  await text('window', page.getByText(/^Put in from/));
  seen.tape = (await page.getByRole('slider').getAttribute('aria-valuetext')) ?? '';
  await station(page, 'Plan');
  for (const of of ['stuffing', 'yarn tails'])
    await text(
      of,
      page.getByRole('radiogroup', { name: 'Whole toy' }).getByText(of, { exact: true }).locator('..'),
    );
  await text('opening', page.getByRole('button', { name: /^Eyes now/ }));
  return seen;
}

const changed = (a: Record<string, string>, b: Record<string, string>): string[] =>
  Object.keys(a).filter((k) => a[k] !== b[k]);

async function toGauge(page: Page): Promise<void> {
  await station(page, 'Parts');
  await page.getByRole('button', { name: 'Measure your gauge' }).click();
  await expect(page.getByRole('heading', { name: 'Gauge of Head' })).toBeVisible();
}

test('measuring changes every number that rests on it, and its range; units and hooks by setting; undo brings all back', async ({
  page,
}) => {
  // Every station is read five times over.
  test.slow();
  await openDemo(page, 'Rill');
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  const assumed = await numbers(page);
  expect(assumed.size).toBe('Head: 71 mm wide, 57 mm tall');
  // 12.3 % across; along, what posts give is not known either.
  expect(assumed.ranges).toMatch(/^62–80 mm wide, .* from an assumed gauge/);

  // A swatch: ten stitches of 48 mm, ten rounds of 44 mm, each 1.1 times what was assumed.
  await toGauge(page);
  await page.getByLabel('Over ten stitches').fill('4.8 cm');
  await expect(page.getByText('Head: 71 × 57 mm becomes 78 × 63 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Use 4.8 mm a stitch' }).click();
  await expect(page.getByText(/^measured, ± 2\.9 %/)).toBeVisible();
  await page.getByRole('radio', { name: 'ten rounds' }).click();
  await page.getByLabel('Over ten rounds').fill('9');
  await expect(page.getByRole('alert')).toContainText('Please measure again');
  await expect(page.getByRole('button', { name: 'Type what you measured' })).toBeDisabled();
  await page.getByLabel('Over ten rounds').fill('44');
  await page.getByRole('button', { name: 'Use 4.4 mm a round' }).click();
  const swatch = await numbers(page);
  expect(swatch.size).toBe('Head: 78 mm wide, 62 mm tall');
  expect(swatch.ranges).toMatch(/from your measured gauge/);
  // Counts stay what they are; everything in mm and g moves. So does the washer, now from one figure.
  expect(changed(assumed, swatch).sort()).toEqual([
    'along',
    'opening',
    'ranges',
    'size',
    'straight',
    'stuffing',
    'washer',
    'window',
  ]);

  // The finished part: its own width says the same stitch again, larger.
  await toGauge(page);
  await page.getByRole('radio', { name: 'this part' }).click();
  await page.getByLabel('Its width').fill('83');
  await expect(page.getByText(/Head: 78 × 62 mm becomes 83 × \d\d mm/)).toBeVisible();
  await page.getByRole('button', { name: /^Use 5\.\d mm a stitch$/ }).click();
  const part = await numbers(page);
  expect(part.size).toMatch(/^Head: 83 mm wide/);
  expect(changed(swatch, part)).toEqual(
    expect.arrayContaining(['along', 'opening', 'ranges', 'size', 'straight', 'stuffing', 'washer']),
  );

  // The marker: from 2.5 stitches to the right to 4 to the left moves the face.
  await toGauge(page);
  await page.getByRole('radio', { name: 'the marker' }).click();
  await page.getByRole('radiogroup', { name: 'To which side?' }).getByRole('radio', { name: 'left' }).click();
  await page.getByLabel('Stitches in ten rounds').fill('4');
  await page.getByRole('button', { name: 'Use 4 stitches to the left' }).click();
  await station(page, 'Face');
  await expect(
    page.getByText(/The middle of the face is \d\.\d stitches away from opposite the marker/),
  ).toBeVisible();

  // Inches and letters.
  await toGauge(page);
  await page.getByRole('radio', { name: 'inches, oz, yd' }).click();
  await page.getByRole('radio', { name: 'letter' }).click();
  const hook = page.getByRole('textbox', { name: /^Hook:/ });
  await hook.fill('E');
  await page.getByRole('button', { name: 'Set hook' }).click();
  await expect(page.getByRole('textbox', { name: 'Hook: E (3.5 mm)' })).toBeVisible();
  const inches = await numbers(page);
  expect(inches.size).toMatch(/^Head: \d\.\d\d in wide, \d\.\d\d in tall$/);
  expect(inches.stuffing).toContain('oz');
  expect(inches['yarn tails']).toContain('yd');
  expect(inches.straight).toContain('in straight');
  expect(inches.opening).toMatch(/opening \d\.\d\d in at least/);
  await station(page, 'Parts');
  await expectWritten(page, /^Head \(1x, rust, 3\.5 mm hook/);

  for (let i = 0; i < 7; i++) await page.getByRole('button', { name: 'Undo' }).click();
  expect(await numbers(page)).toEqual(assumed);
});

test('another yarn is shown beside the old before anything changes, and a part can have a yarn of its own', async ({
  page,
}) => {
  await openDemo(page, 'Rill');
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  await toGauge(page);
  await page.getByRole('button', { name: 'Try another yarn' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'plush' }).click();
  await expect(
    sheet.getByRole('group', { name: /^Head, wide × tall: 71 × 57 .*, 15\d × 1\d\d mm$/ }),
  ).toBeVisible();
  // 5 x 1.9 = 9.5 mm a stitch are 2.2 times as wide; so is the eye, in the nearest size that is sold.
  await expect(
    sheet.getByRole('group', { name: /^Head, eye, washer: 9, 12 mm, (18|20), \d\d mm$/ }),
  ).toBeVisible();
  await sheet.getByRole('button', { name: 'Close' }).click();
  await station(page, 'Parts');
  await expect(page.getByRole('img', { name: 'Head: 71 mm wide, 57 mm tall' })).toBeVisible();
  await toGauge(page);
  await page.getByRole('button', { name: 'A yarn of its own for this part' }).click();
  await expect(page.getByRole('radio', { name: 'yarn of head' })).toHaveAttribute('aria-checked', 'true');
  await page.getByRole('button', { name: 'Try another yarn' }).click();
  await sheet.getByRole('radio', { name: 'bulky', exact: true }).click();
  await sheet.getByRole('button', { name: 'Change to bulky, 5 mm' }).click();
  await station(page, 'Parts');
  await expect(page.getByRole('img', { name: /^Head: 11\d mm wide/ })).toBeVisible();
  await expectWritten(page, /^Head \(1x, rust, 5 mm hook/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Gauge of Head' })).toBeVisible();
  await page.getByLabel('On the label of the yarn, grams').fill('50');
  await page.getByLabel('On the label of the yarn, metres').fill('125');
  await page.getByRole('button', { name: 'Set label' }).click();
  await expect(page.getByText('On the label of the yarn: 0.40 g a metre')).toBeVisible();
  await station(page, 'Parts');
  await expect(page.getByRole('img', { name: 'Head: 71 mm wide, 57 mm tall' })).toBeVisible();
  // 18.1 m of 0.4 g, 7 g of fill, and two eyes of 0.87 g.
  await expect(page.getByText(/weighs about 16 g/)).toBeVisible();
});

test('a size tells by how much it changes while the rounds are typed, and the part is shown as it is held', async ({
  page,
}) => {
  await newToy(page, HEAD.replace('x5 (24)', 'x6 (24)'));
  const mat = page.getByRole('img', { name: /^Head: / });
  const before = await mat.getAttribute('aria-label');
  await page.locator('.cm-line', { hasText: 'R7' }).click();
  await page.keyboard.press('End');
  await page.keyboard.type('\nR13: 36 sc');
  await expect(mat.getByText(/^\+\d+$/).first()).toBeAttached();
  expect(await mat.getAttribute('aria-label')).not.toBe(before);
  // After a while it is simply the size again, with its range.
  await expect(mat.getByText(/^\+\d+$/)).toHaveCount(0, { timeout: 9000 });
  await page.getByRole('button', { name: 'in the hand', exact: true }).click();
  await expect(page.getByRole('button', { name: 'on the toy', exact: true })).toBeVisible();
});

test('a finished ball’s own width and height give both the stitch and how much its posts give; undo brings the figures back', async ({
  page,
}) => {
  await newToy(page, HEAD.replace('x5 (24)', 'x6 (24)'));
  const mat = page.getByRole('img', { name: /^Head: / });
  const before = (await mat.getAttribute('aria-label'))!;
  const [wide, tall] = /(\d+) mm wide, (\d+) mm tall/.exec(before)!.slice(1).map(Number);
  await toGauge(page);
  const give = page.getByText(/stiffness, under fill/).first();
  await expect(give).toContainText('assumed');
  await page.getByRole('radio', { name: 'this part' }).click();
  await page.getByRole('radio', { name: 'width and height' }).click();
  await page.getByLabel('Its width').fill(String(wide + 3));
  await expect(page.getByRole('button', { name: 'Type what you measured' })).toBeDisabled();
  await page.getByLabel('Its height').fill(String(tall - 1));
  await expect(
    page.getByText(`Head: ${wide} × ${tall} mm becomes ${wide + 3} × ${tall - 1} mm`),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Use \d\.\d mm a stitch, posts of 0\.\d\d/ }).click();
  await expect(give).toContainText('measured');
  await station(page, 'Parts');
  await expect(mat).toHaveAttribute('aria-label', `Head: ${wide + 3} mm wide, ${tall - 1} mm tall`);
  await page.getByRole('button', { name: 'Undo' }).click();
  await station(page, 'Parts');
  await expect(mat).toHaveAttribute('aria-label', before);
});
