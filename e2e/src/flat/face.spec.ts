import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { EAR, expect, kept, madeFor, newToy, PHONE, SOUND_HEAD, station, test, openDemo } from '../maker';
import { linesIn } from '../paper';

test.use({ viewport: PHONE, hasTouch: true });

const tape = (page: Page) => page.getByRole('slider');

const said = async (page: Page) => (await tape(page).getAttribute('aria-valuetext'))!;

const between = async (page: Page) => Number(/(\d+) stitches between/.exec(await said(page))![1]);

const lowerRound = async (page: Page) => Number(/R\d+·(\d+)/.exec(await said(page))![1]);

async function rillsHead(page: Page): Promise<void> {
  await openDemo(page, 'Rill', 'Face');
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  await expect(tape(page)).toBeVisible();
}

/** A finger on the tape, from one px to another in small steps. */
async function drag(page: Page, from: { x: number; y: number }, by: { x: number; y: number }): Promise<void> {
  const client = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number, y: number) =>
    client.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x, y }] });
  await touch('touchStart', from.x, from.y);
  for (let k = 1; k <= 10; k++) await touch('touchMove', from.x + (by.x * k) / 10, from.y + (by.y * k) / 10);
  await touch('touchEnd', 0, 0);
  await client.detach();
}

/** Where the right-hand post stands on the tape, px, and how far a stitch and a round are on it. */
async function rightPost(page: Page): Promise<{ x: number; y: number; step: number }> {
  const box = (await tape(page).boundingBox())!;
  const rims = await tape(page)
    .locator('circle[stroke-dasharray]')
    .evaluateAll((all) =>
      all.map((c) => ({
        x: c.getBoundingClientRect().x + c.getBoundingClientRect().width / 2,
        y: c.getBoundingClientRect().y + c.getBoundingClientRect().height / 2,
      })),
    );
  const [a, b] = rims.sort((p, q) => p.x - q.x);
  return { x: b.x, y: Math.min(b.y, box.y + box.height - 4), step: (b.x - a.x) / (await between(page)) };
}

test('on the tape by touch: two rounds lower and two stitches wider; then one eye lower on purpose, embroidered and back, and all undone', async ({
  page,
}) => {
  await rillsHead(page);
  const before = await said(page);
  expect([await lowerRound(page), await between(page)]).toEqual([11, 9]);
  const post = await rightPost(page);
  // A round is 0.92 of a stitch high, in the same scale.
  await drag(page, post, { x: 0, y: 2 * 0.92 * post.step });
  await expect.poll(() => lowerRound(page)).toBe(13);
  await drag(page, await rightPost(page), { x: post.step, y: 0 });
  await expect.poll(() => between(page)).toBe(11);
  expect(await lowerRound(page)).toBe(13);

  await page.getByRole('switch', { name: 'Mirror' }).click();
  await page.getByRole('radio', { name: 'toy’s left' }).click();
  await page.getByRole('button', { name: /^down / }).click();
  await expect.poll(() => said(page)).toMatch(/R12·13, .* R13·14, /);
  await expect(page.getByText('Crooked on purpose: kept, and the same on every piece.')).toBeVisible();

  await page.getByRole('button', { name: /9 mm, washer 12 mm/ }).click();
  await page.getByRole('radio', { name: 'embroidered' }).click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByRole('button', { name: /9 mm, embroidered/ })).toBeVisible();
  await page.getByRole('button', { name: /9 mm, embroidered/ }).click();
  await page.getByRole('radio', { name: 'safety eyes' }).click();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByRole('button', { name: /9 mm, washer 12 mm/ })).toBeVisible();
  await expect.poll(() => said(page)).toMatch(/R12·13, .* R13·14, /);

  const undo = page.getByRole('button', { name: 'Undo' });
  while (await undo.isEnabled()) await undo.click();
  await expect.poll(() => said(page)).toBe(before);
});

test('on a second toy in words: an ambiguous phrase is answered by picture, once; what cannot be is answered with the nearest that can', async ({
  page,
}) => {
  await newToy(page, `Toad\n\nYou need: two 7 mm safety eyes\n\n${EAR}\n\n${SOUND_HEAD}`);
  // Its head, whatever is written first, and eyes of the size that the page needs.
  await station(page, 'Face');
  await page.getByRole('button', { name: /^Place a pair/ }).click();
  await expect(page.getByRole('button', { name: /7 mm, washer 9 mm/ })).toBeVisible();
  const sayIt = async (words: string) => {
    await page.getByRole('button', { name: 'Say where, in words' }).click();
    await page.getByLabel('In your own words').fill(words);
  };
  const readings = page.getByRole('radiogroup', { name: /more than one way/ });
  await sayIt('between R9 and R10, 6 holes apart');
  await expect(readings.getByRole('radio')).toHaveCount(3);
  await expect(readings.locator('svg')).toHaveCount(3);
  await expect(page.getByRole('button', { name: 'Choose what you mean' })).toBeDisabled();
  await readings.getByRole('radio', { name: /^6 holes showing/ }).click();
  await page.getByRole('button', { name: 'Place them at R9·10' }).click();
  expect([await lowerRound(page), await between(page)]).toEqual([10, 7]);
  // Remembered, also after the app is opened again; and forgotten when asked.
  await kept(page);
  await page.reload();
  await sayIt('between R8 and R9, 7 holes apart');
  await expect(page.getByText('Read your way: 7 holes showing between.')).toBeVisible();
  await page.getByRole('button', { name: 'Place them at R8·9' }).click();
  await expect.poll(() => between(page)).toBe(8);
  await sayIt('between R8 and R9, 7 holes apart');
  await page.getByRole('button', { name: 'Ask me again' }).click();
  await expect(readings.getByRole('radio')).toHaveCount(3);

  const field = page.getByLabel('In your own words');
  await field.fill('between R30 and R31, 7 stitches between');
  await expect(page.getByRole('alert')).toContainText('There is no R31: this part ends at R17.');
  await expect(
    page
      .getByText('The nearest that can be: between R16 and R17, 7 stitches between')
      .or(page.getByText(/The nearest that can be: between R1\d and R1\d/)),
  ).toBeVisible();
  await field.fill('between R9 and R10, 1 stitch between');
  await expect(page.getByRole('alert')).toContainText('one would stand on the other');
  await page.getByRole('button', { name: /^Put them at R9·10 \|/ }).click();
  await expect.poll(() => between(page)).toBe(2);
  await sayIt('in R9, 7 stitches between');
  await page.getByRole('button', { name: 'Place them at R9', exact: true }).click();
  await expect.poll(() => said(page)).toMatch(/^R9, \d+ and R9, \d+, 7 stitches between$/);
});

test('from opening the app with a pasted head to a placed pair: four taps', async ({ page }) => {
  await page.goto('/');
  const began = Date.now();
  let taps = 0;
  const tap = async (name: RegExp | string, role: 'button' | 'link' = 'button') => {
    await page.getByRole(role, { name, exact: typeof name === 'string' }).tap();
    taps++;
  };
  await tap('Paste a pattern');
  await page.getByRole('textbox', { name: 'Add parts' }).fill(SOUND_HEAD);
  await tap(/^Add this part$/);
  await tap('Face', 'link');
  await tap(/^Place a pair/);
  await expect(tape(page)).toBeVisible();
  expect(taps).toBeLessThanOrEqual(4);
  expect(Date.now() - began).toBeLessThan(60_000);
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('a stitch touched on the toy takes the eye, the other is mirrored; one of a few faces is taken; like on another toy', async ({
  page,
}) => {
  await newToy(page, SOUND_HEAD);
  await station(page, 'Face');
  const mat = page.getByRole('application');
  await expect(mat).toBeVisible();
  const box = (await mat.boundingBox())!;
  await page.touchscreen.tap(box.x + box.width * 0.62, box.y + box.height * 0.5);
  await page.getByRole('button', { name: 'Eyes here' }).click();
  const first = await said(page);
  await page.touchscreen.tap(box.x + box.width * 0.66, box.y + box.height * 0.42);
  await page.getByRole('button', { name: 'Eye here' }).click();
  await expect.poll(() => said(page)).not.toBe(first);

  await page.getByRole('button', { name: 'Faces' }).click();
  const faces = page.getByRole('radiogroup', { name: 'Which face?' }).getByRole('radio');
  expect(await faces.count()).toBeGreaterThanOrEqual(4);
  await faces.filter({ hasText: 'lower' }).first().click();
  const taken = page.getByRole('button', { name: /^Take R/ });
  const tag = /Take (R[\d·]+)/.exec((await taken.textContent())!)![1];
  await taken.click();
  await expect.poll(() => said(page)).toContain(tag);
});

test('like on another toy: Rill beside Dapple differs in places and mm, and takes the same face', async ({
  page,
}) => {
  await openDemo(page, 'Rill', 'Face');
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(page.getByText('Dapple, Neck')).toBeVisible();
  const rows = page.getByRole('dialog').getByRole('listitem');
  await expect(rows).toHaveCount(10);
  await expect(rows.filter({ hasText: 'stitches between' })).toHaveText(/9.*4 more/);
  await expect(rows.filter({ hasText: 'made as' })).toHaveText(/safety eye.*different: embroidered/);
  await page.getByRole('button', { name: /^Place them like there: the same counts/ }).click();
  await expect.poll(() => between(page)).toBe(5);
  await expect(page.getByRole('button', { name: /6 mm, embroidered/ })).toBeVisible();
});

test('before the click everything is checked one by one, then the washers; the place survives', async ({
  page,
}) => {
  await newToy(page, SOUND_HEAD);
  await station(page, 'Face');
  await page.getByRole('button', { name: /^Place a pair/ }).click();
  await madeFor(page, '3 years and over');
  await station(page, 'Make');
  const tick = page.getByRole('button', { name: /^Tick R/ });
  await expect(tick).toBeVisible();
  while (await tick.isVisible()) await tick.click();
  await expect(page.getByRole('heading', { name: /^Eyes now/ })).toBeVisible();
  const checks = page.getByRole('switch');
  await expect(checks).toHaveCount(6);
  await page.getByRole('button', { name: 'The front is chosen' }).click();
  await page.getByRole('button', { name: 'Posts are in' }).click();
  await page.reload();
  for (const name of ['Counted again', 'They are level', 'Compared', 'Looked at'])
    await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('heading', { name: 'Washers: click both on' })).toBeVisible();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('heading', { name: /Stuff the head|Tick|^\(/ }).or(tick)).toBeVisible();
});

test('a pointer that moves a post changes the number within 50 ms, over 100 moves', async ({ page }) => {
  test.skip(!process.env.HOPPLA_BENCH, 'a figure, taken on the bench');
  await rillsHead(page);
  await page.waitForTimeout(1500);
  const post = await rightPost(page);
  await page.evaluate(() => {
    const slider = document.querySelector('[role=slider]')!;
    const times: number[] = [];
    Object.assign(window, { times });
    let moved = 0;
    window.addEventListener('touchmove', (e) => (moved ||= e.timeStamp), true);
    // The number is there; it is on the screen in the task after the next frame.
    new MutationObserver(() => {
      const from = moved;
      moved = 0;
      if (from) requestAnimationFrame(() => setTimeout(() => times.push(performance.now() - from), 0));
    }).observe(slider, { attributes: true, attributeFilter: ['aria-valuetext'] });
  });
  const client = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', x: number) =>
    client.send('Input.dispatchTouchEvent', {
      type,
      touchPoints: type === 'touchEnd' ? [] : [{ x, y: post.y }],
    });
  const seen = () => page.evaluate(() => (window as unknown as { times: number[] }).times);
  await touch('touchStart', post.x);
  await touch('touchMove', post.x + 12);
  // The first ones warm the code; a hundred are counted.
  for (let k = 0; k < 120; k++) {
    await touch('touchMove', post.x + post.step * (k % 2 === 0 ? 2 : 0));
    await page.waitForTimeout(120);
  }
  await expect.poll(async () => (await seen()).length).toBeGreaterThanOrEqual(105);
  await touch('touchEnd', 0);
  const times = (await seen()).slice(-100);
  const p95 = [...times].sort((a, b) => a - b)[94];
  const median = [...times].sort((a, b) => a - b)[49];
  process.stdout.write(
    `  pointer move to changed number: median ${median.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms over ${times.length} moves\n`,
  );
  expect(p95).toBeLessThanOrEqual(50);
});

test('the face map prints in true size on A4 and Letter: the bar and the posts measure what they say within 0.5 %', async ({
  page,
  browser,
}) => {
  await rillsHead(page);
  await page.getByRole('button', { name: 'Face map' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the face map' }).click(),
  ]);
  const html = readFileSync(await download.path(), 'utf8');
  const stated = Number(/(\d+) mm from post to post/.exec(html)![1]);
  const paper = await browser.newPage();
  await paper.setContent(html);
  for (const format of ['A4', 'Letter'] as const) {
    const pdf = await paper.pdf({ format, preferCSSPageSize: false });
    const lines = linesIn(pdf);
    const bar = lines.filter((l) => l.colour === '10,45,41');
    const apart = lines.filter((l) => l.colour === '24,72,180' && l.mm > 10);
    // One below the face, one beside the templates of its discs.
    expect(bar.length).toBeGreaterThan(1);
    for (const { mm } of bar) expect(Math.abs(mm / 50 - 1)).toBeLessThan(0.005);
    expect(apart).toHaveLength(1);
    // The number is printed whole; the computed distance stands in the map's own data.
    const exact = Number(/data-apart="([\d.]+)"/.exec(html)![1]);
    expect(Math.round(exact)).toBe(stated);
    expect(Math.abs(apart[0].mm / exact - 1)).toBeLessThan(0.005);
  }
  await paper.close();
});
