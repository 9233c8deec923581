import { expect, newToy, SIZES, station, test, openDemo } from '../maker';
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
      const tags = page.getByRole('img', { name: /^Ear between rounds \d+ and \d+, / });
      await expect(tags).toHaveCount(2);
      const before = await tags.evaluateAll((all) => all.map((t) => t.getAttribute('aria-label')));
      await page.getByRole('button', { name: /^↓?\s*down/ }).click();
      await expect
        .poll(() => tags.evaluateAll((all) => all.map((t) => t.getAttribute('aria-label'))))
        .not.toEqual(before);
      const after = await tags.evaluateAll((all) => all.map((t) => t.getAttribute('aria-label')!));
      const round = (label: string) => Number(/rounds (\d+)/.exec(label)![1]);
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
      await expect(page.getByRole('img', { name: /^Tail between rounds 6 and 7, / })).toBeVisible();
      await field.fill('straight above the legs, 1 round free');
      await field.press('Enter');
      await expect(
        page.getByText(/^Follows: above the leg, 1 round free, straight in line with the leg/),
      ).toBeVisible();
    });

    test('by words alone: every part of the bear is put where it is said, and hangs there', async ({
      page,
    }) => {
      const text = 'Sew the arms on the side, 4 rounds from the last round.';
      await newToy(page, `${BEAR}\n\nAssembly\n${text}`);
      await station(page, 'Joins');
      const said: Record<string, string> = {
        Body: '',
        Ear: '3 rounds from the ring, at 60 degrees to the left',
        Arm: '4 rounds from the last round, on the side',
        Leg: '5 rounds from the ring, at 50 degrees to the left',
        Tail: '5 rounds from the ring, on the back',
        Snout: '11 rounds from the ring, in front',
      };
      const field = page.getByRole('textbox', { name: 'Where, in your own words' });
      await expect(heading(page)).toHaveText('Nothing is joined yet');
      while ((await attach(page).count()) > 0) {
        await attach(page).click();
        const [, guest] = /^(\S+)(?: × 2)? on /.exec((await heading(page).textContent())!)!;
        const words = said[guest === 'Head' ? 'Body' : guest];
        delete said[guest === 'Head' ? 'Body' : guest];
        if (!words) continue;
        if (guest === 'Arm') {
          // What the text says is put by a tap.
          await expect(page.getByText(`Your text says: “${text}”`)).toBeVisible();
          await page.getByRole('button', { name: 'Put it as the text says' }).click();
        } else {
          await field.fill(words);
          await field.press('Enter');
        }
        await expect(page.getByText(/^Follows: /)).toBeVisible();
      }
      expect(said).toEqual({});
      await page.getByRole('button', { name: 'Whole toy' }).click();
      await expect(page.getByText(/^Loose: /)).toHaveCount(0);
      await expect(
        page.getByRole('button', { name: /^!? ?Arm × 2.*between rounds 11 and 12/ }),
      ).toBeVisible();
    });

    test('a tube is the neck between head and body: both its edges rim to rim, turned by a stitch', async ({
      page,
    }) => {
      const neck = 'Neck (ring = tip)\nch 18, join to a ring\nR1-4: sc around (18)\nleave open';
      const open = (name: string, ring: string) =>
        `${name} (ring = ${ring})\n${GROW}\nR6-10: sc around\nR11: (3 sc, dec) x6\nR12: (2 sc, dec) x6\nstuff\nleave open`;
      await newToy(page, [open('Head', 'crown'), open('Body', 'sole'), neck].join('\n\n'));
      await station(page, 'Joins');
      await page.getByRole('button', { name: 'Attach a part' }).click();
      await page
        .getByRole('radiogroup', { name: 'Which part?', exact: true })
        .getByRole('radio', { name: 'Neck' })
        .click();
      await page
        .getByRole('radiogroup', { name: 'On which part?' })
        .getByRole('radio', { name: 'Body' })
        .click();
      await attach(page).click();
      await expect(heading(page)).toHaveText('Neck on Body');
      await expect(page.getByText(/whip stitch/).first()).toBeVisible();
      await page.getByRole('button', { name: 'Whole toy' }).click();
      // The head goes on the tube's other edge.
      await page.getByRole('button', { name: 'Attach a part' }).click();
      await page
        .getByRole('radiogroup', { name: 'Which part?', exact: true })
        .getByRole('radio', { name: 'Head' })
        .click();
      await page
        .getByRole('radiogroup', { name: 'On which part?' })
        .getByRole('radio', { name: 'Neck' })
        .click();
      await attach(page).click();
      await expect(heading(page)).toHaveText('Head on Neck');
      await page.getByRole('button', { name: /turn left/ }).click();
      await page.getByRole('button', { name: 'Whole toy' }).click();
      await expect(page.getByText(/^Loose: /)).toHaveCount(0);
      await expect(page.getByText(/circle|twice/)).toHaveCount(0);
      await expect(page.getByText(/meet without being sewn/)).toHaveCount(0);
    });

    test('a strip of both arms goes through the body, legs hang on a yarn, and both are told in the order of work', async ({
      page,
    }) => {
      const strip = 'Arms (ring = tip)\nR1: 6 sc in ring\nR2-40: sc around\nclose';
      const shut =
        'Legs (2x, ring = sole)\nR1: 6 sc in ring\nR2: inc x6\nR3-12: sc around\nR13: dec x6\nstuff\nclose';
      await newToy(page, [BEAR.split('\n\n')[1], strip, shut].join('\n\n'));
      await station(page, 'Joins');
      await page.getByRole('button', { name: 'Attach Arms to body' }).click();
      await expect(heading(page)).toHaveText('Arms through Body');
      await expect(page.getByText(/^\d+ mm free on each side$/)).toBeVisible();
      await page.getByRole('button', { name: /more on the first side/ }).click();
      await expect(page.getByText(/^\d+ mm free where it goes in, \d+ mm where it comes out$/)).toBeVisible();
      await page.getByRole('button', { name: /Attach Legs × 2 to body/ }).click();
      await page.getByRole('radio', { name: 'on a yarn' }).click();
      await expect(
        page.getByText('Threaded joints are not for a child under 36 months: sew it on.'),
      ).toBeVisible();
      await page.getByRole('button', { name: /forwards/ }).click();
      await page.getByRole('button', { name: 'Show the order' }).click();
      await expect(page.getByRole('button', { name: /^Draw the arms through the body/ })).toBeVisible();
      await expect(page.getByRole('button', { name: /^Thread both of legs on the body/ })).toBeVisible();
      await page.reload();
      await station(page, 'Joins');
      await page.getByRole('button', { name: /^Legs × 2/ }).click();
      await expect(page.getByRole('radio', { name: 'on a yarn' })).toBeChecked();
    });

    test('the tip is drawn where the part is to point, the tilt is typed, and the toy is taken apart', async ({
      page,
    }) => {
      await newToy(page, BEAR);
      await station(page, 'Joins');
      await page.getByRole('button', { name: 'All 6 the usual way' }).click();
      await page.getByRole('button', { name: /^Arm × 2/ }).click();
      const tip = page.getByRole('slider', { name: /^Tip/ });
      const before = await tip.getAttribute('aria-valuetext');
      const box = (await tip.boundingBox())!;
      await page.mouse.move(box.x + 22, box.y + 22);
      await page.mouse.down();
      await page.mouse.move(box.x + 22 + (viewport.width > 600 ? 60 : 24), box.y - 30, { steps: 5 });
      await page.mouse.up();
      await expect(tip).not.toHaveAttribute('aria-valuetext', before!);
      await page.getByRole('textbox', { name: 'Tilt, from straight out' }).fill('30');
      await page.getByRole('textbox', { name: 'Tilt, from straight out' }).press('Enter');
      await expect(tip).toHaveAttribute('aria-valuenow', '30');
      await page.getByRole('textbox', { name: 'Tilt, from straight out' }).fill('100');
      await page.getByRole('textbox', { name: 'Tilt, from straight out' }).press('Enter');
      await expect(page.getByText(/from 0 to 85/)).toBeVisible();
      await page.getByRole('button', { name: 'Whole toy' }).click();
      await page.getByRole('switch', { name: 'Taken apart along its seams' }).click();
      await page.getByRole('switch', { name: 'Left laid over right' }).click();
      await expect(page.getByText(/^Arm: left and right .* apart at most$/)).toBeVisible();
    });

    test('the ring of a join round: what it catches is moved by a slot and written into the text, and undone', async ({
      page,
    }) => {
      await openDemo(page, 'Dapple', 'Joins');
      // The whole snail stands: nothing lies loose.
      await expect(page.getByText(/^Loose: /)).toHaveCount(0);
      await page.getByRole('button', { name: /^!? ?Neck/ }).click();
      await expect(heading(page)).toHaveText('R11 of Shell catches neck, tail');
      const sum = page.getByText('5 + neck 6 + 8 + tail 4 + 5 = 28');
      await expect(sum).toBeVisible();
      await expect(page.getByText('The gaps on its two sides differ by 2.')).toBeVisible();
      await page.getByRole('button', { name: /on a slot/ }).click();
      await expect(page.getByText('6 + neck 6 + 7 + tail 4 + 5 = 28')).toBeVisible();
      const ring = page.getByRole('slider', { name: /^R11, a ring of 28 slots/ });
      await expect(ring).toHaveAttribute('aria-valuetext', 'neck, slots 7 to 12');
      await ring.focus();
      await page.keyboard.press('ArrowRight');
      await expect(ring).toHaveAttribute('aria-valuetext', 'tail, slots 20 to 23');
      await page.getByRole('button', { name: 'Spread evenly' }).click();
      await expect(page.getByText(/ = 28$/)).toBeVisible();
      await page.getByRole('button', { name: /^Undo/ }).click();
      await expect(page.getByText('6 + neck 6 + 7 + tail 4 + 5 = 28')).toBeVisible();
      await page.getByRole('button', { name: /^Undo/ }).click();
      await expect(sum).toBeVisible();
    });

    test('a join round built from nothing: a sewn part is caught in its round instead, where that is plain', async ({
      page,
    }) => {
      await newToy(page, BEAR);
      await station(page, 'Joins');
      await page.getByRole('button', { name: 'All 6 the usual way' }).click();
      await page.getByRole('button', { name: /^Tail/ }).click();
      const field = page.getByRole('textbox', { name: 'Where, in your own words' });
      await field.fill('3 rounds from the ring, on the back');
      await field.press('Enter');
      await page.getByRole('radio', { name: 'caught in a round' }).click();
      await expect(page.getByText(/^The round there has increases, decreases/)).toBeVisible();
      await field.fill('8 rounds from the ring, on the back');
      await field.press('Enter');
      await expect(page.getByText('Follows: 8 rounds from the ring, on the back.')).toBeVisible();
      await page.getByRole('radio', { name: 'caught in a round' }).click();
      await expect(heading(page)).toHaveText('R9 of Body catches tail');
      // His back is where rounds begin, and a clamp cannot lie across that.
      await expect(page.getByText('24 + tail 6 = 30')).toBeVisible();
      await expect(page.getByText(/^It lies at the round’s start/)).toBeVisible();
      await page.getByRole('button', { name: /^Undo/ }).click();
      await expect(page.getByText('24 + tail 6 = 30')).toHaveCount(0);
      await page.getByRole('button', { name: /^Tail/ }).click();
      await expect(heading(page)).toHaveText('Tail on Body');
      await expect(page.getByText('Follows: 8 rounds from the ring, on the back.')).toBeVisible();
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
