import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import type { Download, Page } from '@playwright/test';
import {
  benchWithRill,
  catchPaper,
  EAR,
  expect,
  kept,
  madeFor,
  newToy,
  openDemo,
  paperOf,
  PHONE,
  SIZES,
  station,
  test,
} from '../maker';

const sheet = (page: Page) => page.getByRole('dialog');
const textOf = async (download: Download): Promise<string> => readFileSync(await download.path(), 'utf8');
const more = (page: Page, name: string) => page.getByRole('button', { name: `More for ${name}` }).click();
const saved = async (page: Page, press: () => Promise<void>): Promise<string> => {
  const [download] = await Promise.all([page.waitForEvent('download'), press()]);
  return textOf(download);
};

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('first minutes: an empty bench says what it is for; the walk goes through every station; the next step is one line', async ({
      page,
    }) => {
      await page.goto('/');
      await expect(page.getByRole('heading', { name: 'The mat is empty' })).toBeVisible();
      await page.getByRole('button', { name: 'Count your first round' }).click();
      await expect(sheet(page).getByRole('heading', { name: /[?.]$/ }).first()).toBeVisible();
      await page.keyboard.press('Escape');
      // A toy of one’s own: after the first success the next station is named, and never again once it was visited.
      await newToy(page, EAR);
      await page.getByRole('link', { name: 'Now the eyes: Face' }).click();
      await expect(page).toHaveURL(/\/face/);
      await station(page, 'Parts');
      await expect(page.getByRole('link', { name: 'Now the eyes: Face' })).toBeHidden();
      await page.getByRole('link', { name: /back to the Bench/ }).click();
      await more(page, 'New toy');
      await page.getByRole('button', { name: 'Delete' }).click();
      await page.getByRole('button', { name: 'A walk through with Rill' }).click();
      const walk = page.getByRole('region', { name: 'A walk through with Rill' });
      for (const [n, at] of ['Parts', 'Face', 'Joins', 'Plan', 'Safety', 'Make'].entries()) {
        await expect(walk.getByText(new RegExp(`^${at}:`))).toBeVisible();
        await expect(page).toHaveTitle(`Rill, ${at}, Hoppla`);
        await walk.getByRole('button', { name: n < 5 ? 'Go on' : 'Done' }).click();
      }
      await expect(walk).toBeHidden();
    });

    test('the Bench: copies have names of their own, one is found, a collection, a variant, a list; what is deleted comes back', async ({
      page,
    }) => {
      await benchWithRill(page);
      await more(page, 'Rill');
      await page.getByRole('button', { name: 'Duplicate', exact: true }).click();
      await expect(page.getByText('Rill 2 is on the bench')).toBeVisible();
      await more(page, 'Rill 2');
      await page.getByRole('button', { name: 'Make a variant of it' }).click();
      await expect(page.getByRole('link', { name: 'Open Rill 3' })).toBeVisible();
      await more(page, 'Rill 3');
      await page.getByRole('textbox', { name: 'Collection' }).fill('Shore');
      await page.getByRole('button', { name: 'Put it there' }).click();
      await page.getByRole('radio', { name: 'List' }).click();
      await expect(page.getByText('variant', { exact: true })).toBeVisible();
      await page.getByRole('radio', { name: 'Shore' }).click();
      await expect(page.getByRole('link', { name: /^Open / })).toHaveCount(1);
      await page.getByRole('radio', { name: 'All', exact: true }).click();
      await more(page, 'Rill 2');
      await page.getByRole('button', { name: 'Delete' }).click();
      await expect(page.getByRole('link', { name: 'Open Rill 2' })).toBeHidden();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(page.getByText('Rill 2 is back')).toBeVisible();
      await expect(page.getByRole('link', { name: 'Open Rill 2' })).toBeVisible();
      // A new toy in which nothing was done does not stay; a toy is opened where it was left.
      await page.getByRole('button', { name: 'New toy' }).click();
      await expect(page.getByRole('textbox', { name: 'Add parts' })).toBeVisible();
      await page.getByRole('link', { name: /back to the Bench/ }).click();
      await expect(page.getByRole('link', { name: 'Open Rill', exact: true })).toBeVisible();
      await expect(page.getByRole('link', { name: /Open New toy/ })).toBeHidden();
      await page.getByRole('link', { name: 'Open Rill', exact: true }).click();
      await station(page, 'Joins');
      await page.getByRole('link', { name: /back to the Bench/ }).click();
      await page.getByRole('link', { name: 'Open Rill', exact: true }).click();
      await expect(page).toHaveURL(/\/joins/);
    });
  });

test('a whole bench goes into one file and comes back: what is gone, what differs, and back again', async ({
  page,
}) => {
  test.slow();
  await openDemo(page, 'Ruby');
  await page.getByRole('link', { name: /back to the Bench/ }).click();
  await page.getByRole('button', { name: 'More of the Bench' }).click();
  const file = await saved(page, () =>
    page.getByRole('button', { name: 'Save the whole bench as a file' }).click(),
  );
  await expect(page.getByText(/^3 toys in one file/)).toBeVisible();
  await more(page, 'Dapple');
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText('Dapple is deleted')).toBeVisible();
  await more(page, 'Ruby');
  await page.getByRole('textbox', { name: 'Name of the toy' }).fill('Rubina');
  await page.getByRole('button', { name: 'Rename' }).click();
  await expect(page.getByRole('link', { name: 'Open Rubina' })).toBeVisible();
  const bringBack = async () => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Import' }).click(),
    ]);
    await chooser.setFiles({
      name: 'bench.hoppla-bench.json',
      mimeType: 'application/json',
      buffer: Buffer.from(file),
    });
  };
  await bringBack();
  await expect(sheet(page).getByText('older than the one on the bench')).toBeVisible();
  await expect(sheet(page).getByText('not on the bench')).toBeVisible();
  await expect(sheet(page).getByText('the same as on the bench')).toBeVisible();
  await sheet(page).getByRole('radio', { name: 'Keep both' }).click();
  await sheet(page).getByRole('button', { name: 'Take 2 toys' }).click();
  for (const there of ['Dapple', 'Rill', 'Rubina', 'Ruby'])
    await expect(page.getByRole('link', { name: `Open ${there}`, exact: true })).toBeVisible();
  await bringBack();
  await sheet(page).getByRole('radio', { name: 'Take the saved one' }).click();
  await sheet(page).getByRole('button', { name: 'Take 1 toy' }).click();
  await expect(page.getByRole('link', { name: 'Open Rubina' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Open Rubina' })).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: PHONE });

  test('every way to give a toy away makes its file; a link carries the toy to another bench', async ({
    page,
    browser,
  }) => {
    test.slow();
    await openDemo(page, 'Rill');
    await page.getByRole('button', { name: 'Print, give away, help' }).click();
    await page.getByRole('button', { name: 'Give it away' }).click();
    const press = (label: RegExp) => () => sheet(page).getByRole('button', { name: label }).click();
    expect(await saved(page, press(/Markdown/))).toMatch(/^# Rill/);
    expect(await saved(page, press(/glTF/))).toContain('"version":"2.0"');
    const [tables] = await Promise.all([page.waitForEvent('download'), press(/\(CSV\)/)()]);
    expect(Papa.parse((await textOf(tables)).trim()).errors).toEqual([]);
    const [png] = await Promise.all([page.waitForEvent('download'), press(/PNG/)()]);
    expect(png.suggestedFilename()).toBe('rill.png');
    const picture = readFileSync(await png.path());
    expect([picture.subarray(1, 4).toString(), picture.readUInt32BE(16), picture.readUInt32BE(20)]).toEqual([
      'PNG',
      1200,
      1200,
    ]);
    await sheet(page).getByRole('button', { name: 'A link that carries it' }).click();
    const link = await sheet(page).getByRole('textbox', { name: 'Link' }).inputValue();
    expect(link.length).toBeLessThan(12_000);
    const other = await (await browser.newContext()).newPage();
    const asked: string[] = [];
    other.on('request', (r) => asked.push(r.url()));
    await other.goto(link);
    await expect(other.getByText('Rill is on the bench')).toBeVisible();
    await expect(other).toHaveURL(/\/$/);
    // The toy never leaves the browser: no request carries it.
    expect(asked.every((url) => url.length < 300)).toBe(true);
    await other.goto(link.slice(0, -40));
    await expect(other.getByText(/no toy that can be read|Nothing was changed/)).toBeVisible();
    await other.context().close();
  });

  test('a toy begins as its maker works; keys, titles, focus and an unknown address', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'More of the Bench' }).click();
    await page.getByRole('button', { name: 'How I work' }).click();
    for (const radio of ['Left', 'UK', 'Inches', '3 years and over'])
      await sheet(page).getByRole('radio', { name: radio, exact: true }).click();
    // A group of choices is one stop, and arrows choose in it.
    await sheet(page).getByRole('radio', { name: 'Left', exact: true }).focus();
    await page.keyboard.press('ArrowRight');
    await expect(sheet(page).getByRole('radio', { name: 'Right', exact: true })).toBeChecked();
    await page.keyboard.press('ArrowLeft');
    await page.keyboard.press('Tab');
    await expect(sheet(page).getByRole('radio', { name: 'UK', exact: true })).toBeFocused();
    for (const [name, typed, refused] of [
      ['Single crochets in a minute', '9000', /^A number of stitches from 0.1 to 600/],
      ['Single crochets in a minute', '40', null],
      ['The smallest hole I still work through', '3', /^A width from 0.31 to 2.36 in/],
      ['The smallest hole I still work through', '0.9', null],
    ] as const) {
      const field = sheet(page).getByRole('textbox', { name });
      await field.fill(typed);
      await field.press('Enter');
      await expect(field).toHaveValue(typed);
      await expect(sheet(page).getByText(/^A (?:number|width)/)).toHaveText(refused ? [refused] : []);
    }
    await sheet(page).getByRole('button', { name: 'Put a yarn on the shelf' }).click();
    await sheet(page).getByRole('textbox', { name: 'Its name' }).fill('Harbour wool');
    await sheet(page).getByRole('textbox', { name: 'Colour' }).fill('#336699');
    await sheet(page).getByRole('button', { name: 'Keep it' }).click();
    await expect(sheet(page).getByText('Harbour wool', { exact: true })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'More of the Bench' })).toBeFocused();
    await newToy(page, EAR.replaceAll('sc', 'dc'));
    await kept(page);
    await expect(page.getByText(/in tall|^in$/).first()).toBeVisible();
    await page.locator('h1, [role=heading][aria-level="1"]').first().focus();
    await page.keyboard.press('Alt+4');
    await expect(page).toHaveURL(/\/plan/);
    await expect(page.getByRole('heading', { level: 1 })).toBeFocused();
    await expect(page.getByRole('textbox', { name: 'Single crochets in a minute' })).toHaveValue('40');
    await page.getByRole('button', { name: 'What a pause is' }).click();
    await expect(sheet(page).getByText(/the hook rests, and something goes in/)).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'What a pause is' })).toBeFocused();
    await page.keyboard.press('?');
    await expect(sheet(page).getByRole('heading', { name: 'Keys' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(sheet(page)).toBeHidden();
    await page.goto('/nowhere/at/all');
    await expect(page.getByRole('heading', { name: 'Nothing lies here' })).toBeVisible();
    await page.getByRole('button', { name: 'To the Bench' }).click();
    await expect(page.getByRole('link', { name: /^Open / }).first()).toBeVisible();
  });

  test('Ctrl P prints the pattern, not the screen; help stands beside the stations', async ({ page }) => {
    await openDemo(page, 'Dapple');
    await catchPaper(page);
    await station(page, 'Plan');
    await page.keyboard.press('Control+p');
    await sheet(page).getByRole('radio', { name: 'US', exact: true }).click();
    await sheet(page).getByRole('switch', { name: 'Large letters' }).click();
    await sheet(page).getByRole('button', { name: 'Print', exact: true }).click();
    await expect.poll(() => paperOf(page)).toContain('US terms');
    await page.getByRole('button', { name: 'Print, give away, help' }).click();
    await page.getByRole('button', { name: 'How rounds are written' }).click();
    await expect(sheet(page).getByRole('heading', { name: 'Repeats' })).toBeVisible();
  });
});

test('the sheets of the demo toys on paper: order, every round, pause, join and end, true size', async ({
  page,
  browser,
}) => {
  test.slow();
  await openDemo(page, 'Rill');
  await madeFor(page, '3 years and over');
  await page.getByRole('button', { name: 'Print, give away, help' }).click();
  await page.getByRole('button', { name: 'Give it away' }).click();
  const html = await saved(page, () =>
    sheet(page)
      .getByRole('button', { name: /to print, \.html/ })
      .click(),
  );
  const printer = await (await browser.newContext()).newPage();
  await printer.setContent(html);
  await printer.emulateMedia({ media: 'print' });
  const text = await printer.evaluate(() => document.body.innerText);
  const order = [
    'Materials',
    'Signs',
    'Snout',
    'Ear × 2',
    'Head',
    'Eyes now',
    'Body',
    'Arm × 2',
    'Leg × 2',
    'Tail',
    'Putting it together',
    'Sew the body to the head',
    'Weave in',
    'Ends of yarn and thread',
    'Care for the child',
  ];
  const at = order.map((words) => text.indexOf(`\n${words}`));
  expect(
    at.every((i) => i >= 0),
    JSON.stringify(at),
  ).toBe(true);
  expect(at).toEqual([...at].sort((a, b) => a - b));
  const bar = await printer.evaluate(() => document.querySelector('.bar')!.getBoundingClientRect().width);
  expect(Math.abs((bar * 25.4) / 96 / 50 - 1)).toBeLessThan(0.005);
  for (const format of ['A4', 'Letter'] as const)
    expect((await printer.pdf({ format })).length).toBeGreaterThan(20_000);
  await printer.context().close();
});
