import {
  benchWithRill,
  catchPaper,
  EAR,
  expect,
  HEAD,
  madeFor,
  newToy,
  paperOf,
  PHONE,
  SOUND_HEAD,
  station,
  test,
  expectWritten,
  rewrite,
  written,
  openDemo,
} from '../maker';

test.use({ viewport: PHONE });

test('who it is for changes what is safe: plastic eyes are stopped, the mend embroiders them at the same place', async ({
  page,
}) => {
  await openDemo(page, 'Rill');
  await expect(page.getByRole('link', { name: 'Safety: 3 points open' })).toBeVisible();
  await madeFor(page, 'under 18 months');
  await expect(page.getByText(/stop: Plastic eyes of 9 mm/)).toBeVisible();
  await expect(page.getByText(/a maker’s pre-check/)).toBeVisible();
  await page.getByRole('button', { name: 'Embroider the eyes at the same place' }).click();
  await expect(page.getByText(/Plastic eyes of/)).toBeHidden();
  await page.getByRole('link', { name: 'Face' }).click();
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  await expect(page.getByText('9 mm, embroidered')).toBeVisible();
  await expect(page.getByRole('slider')).toHaveAttribute(
    'aria-valuetext',
    'R10·11, 15·16 and R10·11, 24·25, 9 stitches between',
  );
});

test('a changed count moves the eyes only in sight: flagged, then kept; a deleted round leaves them homeless, undo brings all back', async ({
  page,
}) => {
  await newToy(page, HEAD.replace('x5 (24)', 'x6 (24)'));
  await station(page, 'Face');
  await page.getByRole('button', { name: /^Place a pair/ }).click();
  const tape = page.getByRole('slider');
  const before = await tape.getAttribute('aria-valuetext');
  await station(page, 'Parts');
  await rewrite(
    page,
    (await written(page))
      .replace('R6: (4 sc, inc) x6 (36)', 'R6: (sc, inc) x15 (45)')
      .replace('R7-12: sc around (36)', 'R7-12: sc around'),
  );
  await station(page, 'Face');
  await expect(page.getByText(/had 36 stitches when this was placed and has 45 now/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep them here' }).click();
  await expect(page.getByText(/Moved: please look/)).toBeHidden();
  await station(page, 'Parts');
  await rewrite(page, (await written(page)).replace(/R7-12:.*\n/, ''));
  await station(page, 'Face');
  await expect(page.getByText('The round this stood on is gone')).toBeVisible();
  for (let i = 0; i < 3; i++) await page.keyboard.press('Control+z');
  await station(page, 'Face');
  await expect(tape).toHaveAttribute('aria-valuetext', before!);
});

test('the sheet prints on A4 and Letter: every part and the caution are on paper, nothing runs out of the page', async ({
  page,
  browser,
}) => {
  await openDemo(page, 'Rill', 'Plan');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the sheet' }).click(),
  ]);
  const paper = await (await browser.newContext({ viewport: { width: 794, height: 1123 } })).newPage();
  await paper.goto(`file://${await download.path()}`);
  for (const format of ['A4', 'Letter'] as const) {
    await paper.emulateMedia({ media: 'print' });
    const pdf = await paper.pdf({ format });
    expect(pdf.length).toBeGreaterThan(20_000);
    // The text block is as wide as the narrower paper less its margins.
    expect(await paper.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(794);
  }
  await expect(paper.getByText('These figures are a maker’s pre-check').first()).toBeVisible();
  for (const part of ['Snout', 'Ear 2', 'Head', 'Body', 'Arm 1', 'Leg 2', 'Tail'])
    await expect(paper.getByText(part).first()).toBeVisible();
});

test('on the Bench Ctrl P prints all of its toys, at one scale', async ({ page }) => {
  await page.goto('/?demo=workshop');
  for (const toy of ['Rill', 'Dapple', 'Ruby'])
    await expect(page.getByRole('link', { name: `Open ${toy}` })).toBeVisible();
  await catchPaper(page);
  await page.keyboard.press('Control+p');
  await expect
    .poll(async () => {
      const paper = await paperOf(page);
      return ['All toys', 'Rill', 'Dapple', 'Ruby'].every((words) => paper.includes(words));
    })
    .toBe(true);
});

test('an empty toy says what to do first at every station', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
  await expect(page.getByText('No parts yet')).toBeVisible();
  for (const [where, words] of [
    ['Face', 'too few rounds'],
    ['Joins', 'Two parts with rounds are needed'],
    ['Plan', 'Write the rounds of a part first'],
    ['Make', 'Write the rounds of a part first'],
  ] as const) {
    await station(page, where);
    await expect(page.getByText(words)).toBeVisible();
  }
  await station(page, 'Parts');
  await page.getByRole('textbox', { name: 'Add parts' }).fill(EAR);
  await page.getByRole('button', { name: 'Add this part' }).click();
  await expectWritten(page, EAR);
});

test.describe('kept for later', () => {
  test.use({ serviceWorkers: 'allow' });
  test('works without a network once it has been opened: every station loads, a change is kept', async ({
    page,
    context,
  }) => {
    await benchWithRill(page);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await context.setOffline(true);
    await page.goto('/');
    await page.getByRole('link', { name: 'Open Rill' }).click();
    for (const s of ['Face', 'Joins', 'Plan', 'Make']) await station(page, s);
    await page.getByRole('button', { name: 'Tick R1' }).click();
    await page.reload();
    await expect(page.getByRole('button', { name: 'Tick R2' })).toBeVisible();
  });

  test('without a network from the first toy on: pasted, eyes, help, every kind of file, paper, German, and back', async ({
    page,
    context,
  }) => {
    await page.goto('/');
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await context.setOffline(true);
    await page.goto('/');
    await newToy(page, `${SOUND_HEAD}\n\n${EAR}`);
    await catchPaper(page);
    await page.getByRole('link', { name: 'Face', exact: true }).click();
    await page.getByRole('button', { name: /^Place a pair/ }).click();
    await station(page, 'Joins');
    await page.getByRole('button', { name: /^Attach .* to head$/ }).click();
    const menu = () => page.getByRole('button', { name: 'Print, give away, help' }).click();
    const sheet = page.getByRole('dialog');
    await menu();
    await sheet.getByRole('button', { name: 'How rounds are written' }).click();
    await expect(sheet.getByRole('heading', { name: 'Repeats' })).toBeVisible();
    await page.keyboard.press('Escape');
    await menu();
    await sheet.getByRole('button', { name: 'Give it away' }).click();
    const kinds = sheet.getByRole('button', {
      name: /\(OBJ\)|glTF|Markdown|\(CSV\)|\(PNG\)|Export the toy file/,
    });
    await expect(kinds).toHaveCount(6);
    for (const kind of await kinds.all()) {
      const [file] = await Promise.all([page.waitForEvent('download'), kind.click()]);
      expect((await file.path()).length).toBeGreaterThan(0);
    }
    await page.keyboard.press('Escape');
    await menu();
    await sheet.getByRole('button', { name: 'Print the pattern' }).click();
    await expect.poll(async () => (await paperOf(page)).includes('Sew ear 2 to the head')).toBe(true);
    await page.evaluate(() => localStorage.setItem('hoppla-language', 'de'));
    await page.goto('/');
    await expect(page.getByRole('button', { name: 'Neue Figur' })).toBeVisible();
  });
});
