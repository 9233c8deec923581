import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, HEAD, newToy, openDemo, SIZES, station, test } from '../maker';
import { boxesIn, lengthIn } from '../paper';

const back = (page: Page) => page.getByRole('button', { name: 'Back to the face' }).click();
const tap = (page: Page, name: string | RegExp) => page.getByRole('button', { name, exact: true }).click();
const title = (page: Page) => page.getByRole('heading', { level: 2 }).first();

/** Rill's head on Face, with felt under his eyes. */
async function whites(page: Page): Promise<void> {
  await openDemo(page, 'Rill', 'Face');
  await tap(page, 'Lay on felt or crochet');
  await tap(page, 'Eye whites');
  await expect(title(page)).toHaveText('Eye whites on Head');
}

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('felt under the eyes: offset on purpose, its holes told, turned, on the posts before the washers, a safety point; undone', async ({
      page,
    }) => {
      await whites(page);
      await expect(page.getByText('2 ovals of felt, 14 × 16 mm', { exact: true })).toBeVisible();
      await expect(page.getByText(/^The post of the left eye goes through it in the middle/)).toBeVisible();
      await page.getByRole('button', { name: /^↓?\s*down/ }).click();
      await page.getByRole('button', { name: /^→?\s*left/ }).click();
      await expect(
        page.getByText(
          /^The post of the left eye goes through it \d+\.\d mm to the toy’s right of its middle, \d+\.\d mm above it\.$/,
        ),
      ).toBeVisible();
      await page.getByRole('radio', { name: 'drop', exact: true }).click();
      await page.getByRole('button', { name: /turn right/ }).click();
      await expect(page.getByText('2 drops of felt, 14 × 16 mm', { exact: true })).toBeVisible();
      await back(page);
      await expect(page.getByRole('button', { name: /^Eye whites × 2 (between|round)/ })).toBeVisible();
      await station(page, 'Plan');
      const felt = page.getByRole('button', { name: /Put eye whites on the posts/ }).first();
      await expect(felt).toBeVisible();
      const lines = await page
        .getByRole('button')
        .evaluateAll((all) => all.map((b) => b.getAttribute('aria-label') ?? b.textContent ?? ''));
      const at = (pattern: RegExp) => lines.findIndex((line) => pattern.test(line));
      expect(at(/Put eye whites on the posts/)).toBeLessThan(at(/Washers: click both on/));
      expect(at(/Washers: click both on/)).toBeGreaterThan(0);
      await page.getByRole('link', { name: /^Safety: / }).click();
      await expect(
        page.getByText(/Eye whites, 2 drops of felt, 14 × 16 mm: what holds is not tested/),
      ).toBeVisible();
      await station(page, 'Face');
      const undo = page.getByRole('button', { name: /^Undo/ });
      for (let k = 0; k < 8 && (await undo.isEnabled()); k++) await undo.click();
      await expect(page.getByRole('button', { name: /^Eye whites/ })).toHaveCount(0);
    });

    test('an outline of one’s own: what is no outline is told and stays typed; pieces are scattered with a gap', async ({
      page,
    }) => {
      await openDemo(page, 'Rill', 'Face');
      await tap(page, 'Lay on felt or crochet');
      await tap(page, 'Spots');
      await page.getByRole('radio', { name: 'own outline' }).click();
      const field = page.getByRole('textbox', { name: 'Your own outline, as an SVG path' });
      await field.fill('a star');
      await field.press('Enter');
      await expect(
        page.getByText(/^“a star” is not understood as an outline; it stays as it was/),
      ).toBeVisible();
      await expect(field).toHaveValue('a star');
      await field.fill('M0 0 L20 0 L10 14 Z');
      await field.press('Enter');
      await expect(page.getByText(/is not understood as an outline/)).toHaveCount(0);
      await tap(page, 'Scatter them');
      await expect(page.getByText(/^8 pieces laid, none nearer to another than the gap\.$/)).toBeVisible();
      await back(page);
      await expect(page.getByRole('button', { name: /^Spots × 8 (between|round)/ })).toBeVisible();
    });

    test('a whole face that says something, taken with one tap; the eyes drawn in with a needle, as an estimate', async ({
      page,
    }) => {
      await newToy(page, HEAD);
      await station(page, 'Face');
      await page.getByRole('button', { name: /^Place a pair at/ }).click();
      await tap(page, 'Faces');
      await page.getByRole('radio', { name: 'sleepy' }).click();
      await page
        .getByRole('radio', { name: /^lower and wider|^lower/ })
        .first()
        .click();
      await page.getByRole('button', { name: /^Take the sleepy face, / }).click();
      for (const piece of [
        /^Mouth (between|round)/,
        /^Brows × 2 (between|round)/,
        /^Lids × 2 (between|round)/,
        /^Nose (between|round)/,
      ])
        await expect(page.getByRole('button', { name: piece })).toBeVisible();
      await tap(page, 'Shape with a needle');
      await tap(page, 'Draw the eyes in');
      await expect(
        page.getByText(/^Thread of \d+ cm \(its way is \d+ mm\), a needle of at least \d+ mm\.$/),
      ).toBeVisible();
      const estimate = page.getByText(
        /^Estimate: eyes \d+ mm apart now, about \d+ mm when it is pulled \(\d+ to \d+ mm\)\.$/,
      );
      const before = await estimate.innerText();
      await page.getByRole('button', { name: /more passes/ }).click();
      await expect(estimate).not.toHaveText(before);
      await station(page, 'Plan');
      await expect(page.getByRole('button', { name: /Eyes drawn in on/ })).toBeVisible();
    });

    test('a nose by steps and in words, on a head without eyes too; a picture stands beside it and is taken away', async ({
      page,
    }) => {
      await newToy(page, HEAD);
      await station(page, 'Face');
      await tap(page, 'Add a nose');
      await expect(title(page)).toHaveText('Nose on Head');
      const place = page.getByRole('img', { name: /^Nose/ }).first();
      const before = await place.getAttribute('aria-label');
      await page.getByRole('button', { name: /^↓?\s*down/ }).click();
      await expect(place).not.toHaveAttribute('aria-label', before!);
      const where = page.getByRole('textbox', { name: 'Where it goes in, in your own words' });
      await where.fill('on the moon');
      await where.press('Enter');
      await expect(page.getByText(/^“on the moon” is not understood/)).toBeVisible();
      await where.fill('at the middle of the face, 1 round lower');
      await where.press('Enter');
      await expect(page.getByText(/is not understood/)).toHaveCount(0);
      await back(page);
      await expect(page.getByRole('heading', { name: 'Nose', exact: true })).toBeVisible();
      const picture = async (name: string, bytes: Buffer) => {
        const [chooser] = await Promise.all([
          page.waitForEvent('filechooser'),
          tap(page, 'Put a picture beside it'),
        ]);
        await chooser.setFiles({ name, mimeType: 'image/png', buffer: bytes });
      };
      await picture('notes.png', Buffer.from('no picture'));
      await expect(page.getByText(/^notes\.png is not a picture that can be shown here/)).toBeVisible();
      await picture('otter.png', await page.screenshot());
      await expect(page.getByRole('img', { name: 'Your picture' })).toBeVisible();
      await page.reload();
      await expect(page.getByRole('img', { name: 'Your picture' })).toBeVisible();
      await tap(page, 'Take the picture away');
      await expect(page.getByRole('img', { name: 'Your picture' })).toHaveCount(0);
    });
  });

test('templates and thread print in true size on A4 and Letter, within 0.5 %', async ({ page, browser }) => {
  await whites(page);
  await back(page);
  await tap(page, 'Add with needle and thread');
  await tap(page, 'Brows');
  await back(page);
  await tap(page, 'Face map');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the face map' }).click(),
  ]);
  const html = readFileSync(await download.path(), 'utf8');
  // What the drawing says, in its own millimetres.
  const points = (d: string) =>
    [...d.matchAll(/[ML]([-\d.]+) ([-\d.]+)/g)].map((m) => [Number(m[1]), Number(m[2])]);
  const drawn = [...html.matchAll(/data-thread="1" d="([^"]+)"/g)].reduce((sum, [, d]) => {
    const p = points(d);
    return sum + p.slice(1).reduce((mm, q, i) => mm + Math.hypot(q[0] - p[i][0], q[1] - p[i][1]), 0);
  }, 0);
  expect(drawn).toBeGreaterThan(10);
  const paper = await browser.newPage();
  await paper.setContent(html);
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = await paper.pdf({ format, preferCSSPageSize: false });
    const felt = boxesIn(pdf, '122,31,92').find(([, tall]) => Math.abs(tall - 16) < 1);
    expect(felt).toBeDefined();
    expect(Math.abs(felt![0] / 14 - 1)).toBeLessThan(0.005);
    expect(Math.abs(felt![1] / 16 - 1)).toBeLessThan(0.005);
    expect(Math.abs(lengthIn(pdf, '107,29,74') / drawn - 1)).toBeLessThan(0.005);
  }
  await paper.close();
});
