import { expect, newToy, SIZES, station, test } from '../maker';
import type { Page } from '@playwright/test';

const GROW = 'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6';
const LIMB = 'R1: 6 sc in ring\nR2: inc x6\nR3-10: sc around\nstuff softly\nfasten off';
/** Ten pieces of seven parts. */
const BEAR = [
  `Head (ring = crown)\n${GROW}\nR6-11: sc around\nR12: (3 sc, dec) x6\nR13: (2 sc, dec) x6\nR14: (sc, dec) x6\nR15: dec x6\nstuff firmly\nclose`,
  `Body (ring = sole)\n${GROW}\nR6-11: sc around\nR12: (3 sc, dec) x6\nR13-14: sc around\nR15: (2 sc, dec) x6\nstuff\nleave open`,
  'Ear (2x, ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-4: sc around\ndo not stuff\nfasten off',
  `Arm (2x, ring = tip)\n${LIMB}`,
  `Leg (2x, ring = sole)\n${LIMB}`,
  'Tail (ring = tip)\nR1: 6 sc in ring\nR2: inc x6\nR3-4: sc around\nstuff softly\nfasten off',
  'Snout (ring = nose)\nR1: 6 sc in ring\nR2: inc x6\nR3: sc around\nstuff softly\nfasten off',
].join('\n\n');

const attach = (page: Page) => page.getByRole('button', { name: /^Attach .* to / });
const heading = (page: Page) => page.getByRole('heading', { level: 2 });

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('a ten-piece bear is put together by touch in six taps, moved, mended and undone', async ({
      page,
    }) => {
      await newToy(page, BEAR);
      await station(page, 'Joins');
      await expect(heading(page)).toHaveText('Nothing is joined yet');
      let taps = 0;
      while ((await attach(page).count()) > 0) {
        await attach(page).click();
        taps++;
      }
      expect(taps).toBe(6);
      await page.getByRole('button', { name: 'Whole toy' }).click();
      await expect(heading(page)).toHaveText(/^It stands: its weight lies/);
      // The ears go one round back, and the twin follows.
      await page.getByRole('button', { name: /^Ear × 2/ }).click();
      await expect(heading(page)).toHaveText('Ear × 2 on Head');
      const tags = page.getByRole('img', { name: /^Ear R\d+·\d+, / });
      await expect(tags).toHaveCount(2);
      const before = await tags.evaluateAll((all) => all.map((t) => t.getAttribute('aria-label')));
      await page.getByRole('button', { name: /^↓?\s*down/ }).click();
      await expect
        .poll(() => tags.evaluateAll((all) => all.map((t) => t.getAttribute('aria-label'))))
        .not.toEqual(before);
      const after = await tags.evaluateAll((all) => all.map((t) => t.getAttribute('aria-label')!));
      const round = (label: string) => Number(/R(\d+)/.exec(label)![1]);
      after.forEach((label, k) => expect(Math.abs(round(label) - round(before[k]!))).toBeLessThanOrEqual(2));
      expect(Math.abs(round(after[0]) - round(after[1]))).toBeLessThanOrEqual(1);
      // Undone, all of it.
      const undo = page.getByRole('button', { name: /^Undo/ });
      for (let k = 0; k < taps + 1; k++) await undo.click();
      await expect(page.getByRole('heading', { name: 'Nothing is joined yet' })).toBeVisible();
    });

    test('by words: a part goes where it is said, follows what it hangs on, and what is not understood is told', async ({
      page,
    }) => {
      await newToy(page, BEAR);
      await station(page, 'Joins');
      await page.getByRole('button', { name: 'All 6 the usual way' }).click();
      await page.getByRole('button', { name: /^Tail/ }).click();
      const field = page.getByRole('textbox', { name: 'Where, in your own words' });
      await field.fill('on the purple side of the trunk');
      await field.press('Enter');
      await expect(page.getByText(/There is no “trunk”|is not understood/)).toBeVisible();
      await expect(field).toHaveValue('on the purple side of the trunk');
      await field.fill('six rounds from the ring, on the back');
      await field.press('Enter');
      await expect(page.getByText('Follows: 6 rounds from the ring, on the back.')).toBeVisible();
      await expect(page.getByRole('img', { name: /^Tail R6·7, / })).toBeVisible();
      await field.fill('straight above the legs, 1 round free');
      await field.press('Enter');
      await expect(
        page.getByText(/^Follows: above the leg, 1 round free, straight in line with the leg/),
      ).toBeVisible();
    });

    test('by keys alone: attached, walked stitch by stitch, and shown in the order of work', async ({
      page,
    }) => {
      await newToy(page, BEAR);
      await station(page, 'Joins');
      for (let k = 0; k < 6; k++) {
        await attach(page).focus();
        await page.keyboard.press('Enter');
      }
      const seam = page.getByRole('slider', { name: /^Seam of Snout on Head/ });
      await seam.focus();
      await page.keyboard.press('ArrowRight');
      await expect(seam).toHaveAttribute(
        'aria-valuetext',
        /^Snout, stitch \d+, to Head at R\d+·\d+ \| \d+·\d+$/,
      );
      await page.keyboard.press('End');
      await expect(seam).toHaveAttribute('aria-valuenow', '12');
      await page.getByRole('button', { name: 'Show the order' }).focus();
      await page.keyboard.press('Enter');
      await expect(page.getByRole('button', { name: /^Sew (the )?snout to the head/ })).toBeVisible();
    });
  });
