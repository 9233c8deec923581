import { readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import { expect, newToy, openDemo, rewrite, SIZES, station, test } from '../maker';
import type { Locator, Page } from '@playwright/test';

const EAR = `Ear (2x, sand, 3.0 mm hook, ring = tip)
R1: 6 sc in ring (6)
R2: (sc, inc) x3 (9)
R3: sc around (9)
R4: (2 sc, inc) x3 (12)
R5-6: sc around (12)
fasten off, leave 30 cm`;

const HEAD = `Head (sand)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4-7: sc around (18)
R8: (sc, dec) x6 (12)
stuff
R9: dec x6 (6)
close`;

/** A picture of one dot. */
const DOT =
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==';

const sheet = (page: Page) => page.getByRole('dialog');
const close = (page: Page) => sheet(page).getByRole('button', { name: 'Close', exact: true }).click();

/** Ticks by key until something is there. */
async function pressOn(page: Page, until: Locator): Promise<void> {
  for (let k = 0; k < 90 && !(await until.isVisible()); k++) await page.keyboard.press('ArrowRight');
  await expect(until).toBeVisible();
}

async function addPhoto(page: Page): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await sheet(page).getByRole('button', { name: 'Add a photo' }).click();
  const file = { name: 'ear.png', mimeType: 'image/png', buffer: Buffer.from(DOT, 'base64') };
  await (await chooser).setFiles(file);
  await expect(sheet(page).getByRole('img', { name: /^Photo of / })).not.toHaveCount(0);
}

/** Notes what the live region of the step says from now on. */
async function listen(page: Page): Promise<() => Promise<string[]>> {
  await page.evaluate(() => {
    const live = [...document.querySelectorAll('[aria-live="polite"]')].find((e) =>
      /round \d|Finished/.test(e.textContent ?? ''),
    )!;
    const said: string[] = [];
    (window as unknown as { said: string[] }).said = said;
    new MutationObserver(() => said.push(live.textContent ?? '')).observe(live, {
      childList: true,
      characterData: true,
      subtree: true,
    });
  });
  return () => page.evaluate(() => (window as unknown as { said: string[] }).said);
}

test('what was done is told with its time: an end too short, words, a photo, a change of mind; it outlives a reload', async ({
  page,
}) => {
  await newToy(page, EAR);
  await station(page, 'Make');
  // Everything of the first ear but its last step.
  const end = page.getByRole('textbox', { name: 'Ear 1: the end that you left' });
  await pressOn(page, end);
  await end.fill('40');
  await end.press('Enter');
  await expect(page.getByText(/^40 mm is too short: .* Join a new length for it\.$/)).toBeVisible();
  await station(page, 'Parts');
  await rewrite(page, EAR.replace('R2: (sc, inc) x3', 'R2: (inc, sc) x3'));
  await station(page, 'Make');
  await page.getByRole('button', { name: 'Diary' }).click();
  await sheet(page).getByRole('textbox', { name: 'Write something down' }).fill('The yarn splits.');
  await sheet(page).getByRole('button', { name: 'Keep it' }).click();
  await addPhoto(page);
  const told = async () => {
    await expect(sheet(page).getByText('The yarn splits.')).toBeVisible();
    await expect(sheet(page).getByText('Changed meanwhile: the text of Ear')).toBeVisible();
    await expect(sheet(page).getByText(/^Fasten off ear 1: an end of 40 mm$/)).toBeVisible();
    await expect(sheet(page).getByText(/^Ear 1: R3 to R/)).toBeVisible();
    await expect(sheet(page).getByRole('img', { name: /^Photo of / })).toBeVisible();
  };
  await told();
  await close(page);
  await page.reload();
  await page.getByRole('button', { name: 'Diary' }).click();
  await told();
  await close(page);
  // The next one's picture stands beside this one's; what is taken away stands nowhere.
  await pressOn(page, page.getByRole('button', { name: 'Make another' }));
  await page.getByRole('button', { name: 'Make another' }).click();
  await page.getByRole('button', { name: 'Diary' }).click();
  await addPhoto(page);
  await close(page);
  await page.getByRole('button', { name: 'Compare' }).click();
  await expect(sheet(page).getByRole('img')).toHaveCount(0);
  await sheet(page).getByRole('radio', { name: 'Number 1' }).click();
  await expect(sheet(page).getByRole('img', { name: /photo of /i })).toHaveCount(2);
  await close(page);
  await page.getByRole('button', { name: 'Diary' }).click();
  const away = sheet(page).getByRole('button', { name: /^Take away the photo/ });
  for (const left of [1, 0]) {
    await away.first().click();
    await expect(sheet(page).getByRole('img', { name: /^Photo of / })).toHaveCount(left);
  }
});

test('an ear from its ring to its seam: made first by the maker’s own word, a stitch too many in round 4, its end measured, sewn on', async ({
  page,
}) => {
  await newToy(page, `${EAR}\n\n${HEAD}`);
  await station(page, 'Joins');
  await page.getByRole('button', { name: /^Attach .* to / }).click();
  await station(page, 'Make');
  await page.getByRole('button', { name: 'All steps' }).click();
  await sheet(page)
    .getByRole('button', { name: /^Ear × 2 R1/ })
    .click();
  await sheet(page).getByRole('button', { name: 'Make this now: Ear 1' }).click();
  await pressOn(page, page.getByRole('button', { name: 'Tick R4' }));
  await page.getByRole('button', { name: 'One too many' }).click();
  await expect(page.getByText(/instead of .*: the round uses 10 and still makes 12/)).toBeVisible();
  const end = page.getByRole('textbox', { name: 'Ear 1: the end that you left' });
  await pressOn(page, end);
  await end.fill('600');
  await end.press('Enter');
  await expect(page.getByText(/is enough/)).toBeVisible();
  await page.locator('body').click({ position: { x: 2, y: 2 } });
  const seam = page.getByRole('heading', { name: /^Sew ear 1/i });
  await pressOn(page, seam);
  await page.keyboard.press('ArrowRight');
  await expect(seam).toBeHidden();
});

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('an ear from its ring on, with a stitch too many in round 4: taken up, counted, measured; the place is found again; then another one', async ({
      page,
    }) => {
      await newToy(page, EAR);
      await station(page, 'Make');
      await expect(page.getByText('0 of 6 stitches made')).toBeVisible();
      await page.getByRole('button', { name: 'Tick R1' }).click();
      await page.getByRole('button', { name: 'Tick R2' }).click();
      for (const tick of ['Tick Ring shut', 'Tick R3'])
        if (await page.getByRole('button', { name: tick }).isVisible())
          await page.getByRole('button', { name: tick }).click();
      // Round 4: stitch by stitch, and one too many.
      await page.getByRole('button', { name: /five more/ }).click();
      await expect(page.getByText('5 of 12 stitches made')).toBeVisible();
      await expect(page.getByText('5 left below the marker')).toBeVisible();
      await page.getByRole('button', { name: 'One too many' }).click();
      await expect(page.getByText(/instead of .*: the round uses 10 and still makes 12/)).toBeVisible();
      await page.getByRole('button', { name: 'Tick R4' }).click();
      await page.getByRole('textbox', { name: 'I counted, R4' }).fill('13');
      await page.getByRole('textbox', { name: 'I counted, R4' }).press('Enter');
      await expect(page.getByText('13 counted, 12 planned')).toBeVisible();
      await page.getByRole('textbox', { name: 'Yours' }).fill('30');
      await page.getByRole('textbox', { name: 'Yours' }).press('Enter');
      await expect(page.getByText(/% (larger|smaller) than planned/)).toBeVisible();
      await page.getByRole('button', { name: 'Plan the rest with it' }).click();
      await expect(page.getByText('As large as planned.')).toBeVisible();
      // The phone rang; what can be counted tells where it is.
      await page.getByRole('button', { name: 'Where am I?' }).click();
      await page.getByRole('textbox', { name: 'Whole rounds' }).fill('2');
      await page.getByRole('textbox', { name: 'Stitches since the marker' }).fill('4');
      await expect(sheet(page).getByText('Only one place fits:')).toBeVisible();
      await expect(sheet(page).getByText('Ear: R3, 4 of 9 made')).toBeVisible();
      await sheet(page)
        .getByRole('button', { name: /Go on from here: Ear 1/ })
        .click();
      await expect(page.getByText('4 of 9 stitches made')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Tick R3' })).toBeVisible();
      // By keys alone to the end, with what keys must not do by the way.
      await page.locator('body').click({ position: { x: 2, y: 2 } });
      const heard = await listen(page);
      for (let k = 0; k < 40 && !(await page.getByRole('button', { name: 'Make another' }).isVisible()); k++)
        await page.keyboard.press('ArrowRight');
      // Each step was said once, as it came.
      const said = await heard();
      expect(said.filter((words, k) => k > 0 && words === said[k - 1])).toEqual([]);
      expect(said.some((words) => /^Ear 2, round 4: \(2 sc, inc\) x3\. 12 stitches\.$/.test(words))).toBe(
        true,
      );
      expect(said.at(-1)).toBe('Finished');
      await page.getByRole('button', { name: 'Make another' }).click();
      await expect(page.getByText('Number 2 at this table')).toBeVisible();
      await expect(page.getByRole('button', { name: 'Tick R1' })).toBeVisible();
      await page.reload();
      await expect(page.getByText('Number 2 at this table')).toBeVisible();
      await page.getByRole('button', { name: 'Back to the one before' }).click();
      await expect(page.getByRole('button', { name: 'Make another' })).toBeVisible();
    });

    test('two ears in runs: one sheet of ticks, a step made out of turn, all before it done', async ({
      page,
    }) => {
      await newToy(page, EAR);
      await station(page, 'Plan');
      await page.getByRole('radio', { name: 'In runs: all rounds, all eyes' }).click();
      await station(page, 'Make');
      await page.getByRole('button', { name: 'All steps' }).click();
      await sheet(page)
        .getByRole('switch', { name: /^Ear × 2 R1.*Ear 2/ })
        .click();
      await expect(sheet(page).getByRole('switch', { name: /^Ear × 2 R1.*Ear 2/ })).toBeChecked();
      await expect(sheet(page).getByRole('switch', { name: /^Ear × 2 R1.*Ear 1/ })).not.toBeChecked();
      await sheet(page)
        .getByRole('button', { name: /^Ear × 2 R3/ })
        .click();
      await sheet(page).getByRole('button', { name: 'Make this now: Ear 2' }).click();
      await expect(page.getByRole('button', { name: 'Tick R3' })).toBeVisible();
      await page.getByRole('button', { name: 'Tick R3' }).click();
      await expect(page.getByRole('button', { name: 'Tick R4' })).toBeVisible();
      // What was left out comes again at the end; from Plan it is made now.
      await station(page, 'Plan');
      await page.getByRole('button', { name: /^Ear × 2 R1/ }).click();
      await page.getByRole('button', { name: 'Make this now' }).click();
      await expect(page.getByRole('button', { name: 'Tick R1' })).toBeVisible();
    });

    test('24 charms as a batch: its days, one more done, one put aside and made anew, its calendar', async ({
      page,
    }) => {
      await openDemo(page, 'Ruby', 'Make');
      await page.getByRole('button', { name: 'Batch', exact: true }).click();
      await sheet(page).getByRole('button', { name: 'Plan a batch' }).click();
      await expect(sheet(page).getByRole('button', { name: 'Plan it' })).toBeDisabled();
      await sheet(page).getByRole('textbox', { name: 'Pieces' }).fill('24');
      await sheet(page).getByRole('button', { name: 'Plan it' }).click();
      await expect(sheet(page).getByText(/No day has hours/)).toBeVisible();
      await sheet(page).getByRole('button', { name: 'Change it' }).click();
      for (const day of ['Mon', 'Wed']) await sheet(page).getByRole('textbox', { name: day }).fill('3');
      await sheet(page).getByLabel('First day of work').fill('2031-01-06');
      await sheet(page).getByLabel('Wanted on').fill('2031-01-08');
      await sheet(page).getByRole('button', { name: 'Plan it' }).click();
      await expect(sheet(page).getByText(/days late: .* hours are missing/)).toBeVisible();
      await sheet(page).getByRole('button', { name: 'One more done: Rounds' }).click();
      await expect(sheet(page).getByText('Rounds: 1 of 24')).toBeVisible();
      await sheet(page)
        .getByRole('button', { name: /^No\. 1: 1 of/ })
        .click();
      await sheet(page).getByRole('textbox', { name: 'Why it is put aside' }).fill('the ring came loose');
      await sheet(page).getByRole('button', { name: 'Put aside, make another' }).click();
      await expect(sheet(page).getByText('No. 1 put aside: the ring came loose')).toBeVisible();
      await expect(sheet(page).getByText('Rounds: 0 of 24')).toBeVisible();
      await expect(sheet(page).getByRole('button', { name: /^No\. 25: 0 of/ })).toBeVisible();
      const [saved] = await Promise.all([
        page.waitForEvent('download'),
        sheet(page).getByRole('button', { name: 'Save the calendar' }).click(),
      ]);
      const events = new ICAL.Component(
        ICAL.parse(readFileSync(await saved.path(), 'utf8')),
      ).getAllSubcomponents('vevent');
      expect(String(events[0].getFirstPropertyValue('dtstart'))).toBe('2031-01-06');
      // A piece made step by step: its stages follow what is ticked.
      await close(page);
      await page.getByRole('button', { name: /^This is No\. 2/ }).click();
      await expect(page.getByText(/^No\. 2.* of .*: its stages follow what is ticked here\.$/)).toBeVisible();
      await pressOn(page, page.getByRole('button', { name: 'Make another' }));
      await page.getByRole('button', { name: 'Batch', exact: true }).click();
      await expect(sheet(page).getByText('Rounds: 1 of 24')).toBeVisible();
      await expect(
        sheet(page).getByRole('button', { name: /^No\. 2: (\d) of \1 stages done/ }),
      ).toBeVisible();
      // It is there after a reload, in the station of records as well.
      await page.reload();
      await page.getByRole('button', { name: 'Batch', exact: true }).click();
      await expect(sheet(page).getByText('Rounds: 1 of 24')).toBeVisible();
      await close(page);
    });
  });
