import type { Page } from '@playwright/test';
import { expect, newToy, openDemo, rewrite, SIZES, station, test, written } from '../maker';

const heading = (page: Page) => page.getByRole('heading', { level: 2 });

const WINGED = [
  'Wing (2x, ring = tip)\nR1: 6 sc in ring (6)\nR2: inc x2, 4 sc (8)\nR3-7: sc around (8)\nfasten off',
  'Body (ring = crown)\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: (sc, inc) x6 (18)\nR4-6: sc around (18)\nR7: 4 sc, wing over 4, 4 sc, wing over 4, 5 sc\nR8-9: sc around (18)',
].join('\n\n');

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('a join round read from a page: over its budget it is told with its mend, one fin is turned round, and it is worked clamp by clamp', async ({
      page,
    }) => {
      await newToy(page, WINGED);
      await station(page, 'Joins');
      await page.getByRole('button', { name: /^Wing/ }).first().click();
      await expect(page.getByText('21 of 18 slots: 3 too many.')).toBeVisible();
      await page.getByRole('button', { name: 'Take 3 out of the gaps' }).click();
      await expect(page.getByText(/^\d( \+ \S+( \d)?)* = 18$/)).toBeVisible();
      await expect(page.getByText(/slots: \d too many/)).toHaveCount(0);
      await page.getByRole('radio', { name: /^Back/ }).click();
      await expect(page.getByRole('radio', { name: /^Back/ })).toHaveAttribute('aria-checked', 'true');
      await page.getByRole('radio', { name: 'Wing 2' }).click();
      await page.getByRole('radio', { name: 'inside', exact: true }).click();
      await station(page, 'Make');
      const done = page.getByRole('button', { name: /^(Tick|Done)/ });
      for (let k = 0; k < 60 && !(await heading(page).innerText()).includes('then wing'); k++)
        await done.click();
      await expect(heading(page)).toHaveText(
        /^into \d slots free, then wing: back \w+, its ends inside, through both layers, 4 slots$/,
      );
      await page.getByRole('button', { name: 'Repeat 1 done' }).click();
      await expect(heading(page)).toHaveText(
        /^into \d slots free, then wing: front \w+, through both layers, 4 slots$/,
      );
    });

    test('Dapple’s round from nothing: shell and foot worked together plainly, tail and neck caught on the ring, spread, one shifted, and read from the text', async ({
      page,
    }) => {
      await openDemo(page, 'Dapple');
      await page.getByRole('radio', { name: /^Shell/ }).click();
      await expect.poll(() => written(page)).toContain('neck over 6');
      await rewrite(
        page,
        (await written(page)).replace('5 dc, neck over 6, 8 dc, tail over 4, 5 dc (28)', 'dc around (28)'),
      );
      await station(page, 'Joins');
      const field = page.getByRole('textbox', { name: 'Where, in your own words' });
      for (const [who, where] of [
        ['Tail', 'on R11, on the left side'],
        ['Neck', 'on R11, on the right side'],
      ]) {
        await page.getByRole('button', { name: new RegExp(`^Attach ${who} to`) }).click();
        await field.fill(where);
        await field.press('Enter');
        await page.getByRole('radio', { name: 'caught in a round' }).click();
        await expect(heading(page)).toHaveText(/^R11 of Shell catches/);
      }
      await page.getByRole('button', { name: 'Spread evenly' }).click();
      const ring = page.getByRole('slider', { name: /^R11, a ring of 28 slots/ });
      await expect(ring).toBeVisible();
      await page.getByRole('button', { name: /on a slot/ }).click();
      await expect(page.getByText(/^\d+ \+ \w+ \d \+ \d+ \+ \w+ \d \+ \d+ = 28$/)).toBeVisible();
      await expect(page.getByText(/^Loose: /)).toHaveCount(0);
      await station(page, 'Parts');
      await page.getByRole('radio', { name: /^Shell/ }).click();
      await expect
        .poll(() => written(page))
        .toMatch(/^R11: \d+ dc, (tail|neck) over \d, \d+ dc, (tail|neck) over \d/m);
    });

    test('a comb along the back over head and body: added, moved, its address told, its yarn and its steps in the plan; and taken off', async ({
      page,
    }) => {
      await openDemo(page, 'Rill', 'Joins');
      await page.getByRole('radio', { name: 'Head', exact: true }).click();
      await page.getByRole('button', { name: 'A line of fins or spikes' }).click();
      await expect(heading(page)).toHaveText('Comb on Head');
      await page.getByRole('radio', { name: 'where it ends, on Head' }).click();
      await page.getByRole('radio', { name: 'Body', exact: true }).click();
      await expect(page.getByText(/^Goes over 1 seam: one stitch across each/)).toBeVisible();
      await page.getByRole('radio', { name: 'Tail', exact: true }).click();
      await expect(page.getByText(/^Goes over 2 seams: one stitch across each/)).toBeVisible();
      const tags = page.getByRole('img', { name: /^\d between rounds \d+ and \d+, / });
      await expect(tags).toHaveCount(4);
      await page.getByRole('button', { name: /one more/ }).click();
      await expect(tags).toHaveCount(5);
      const motif = page.getByRole('textbox', { name: 'What is worked at each' });
      await motif.fill('two wobbles');
      await motif.press('Enter');
      await expect(page.getByText(/^Comb: Some of these words are not read/)).toBeVisible();
      await motif.fill('ch 3, sc in next');
      await motif.press('Enter');
      await expect(
        page.getByText(/^5, each \d+\.\d mm from the next; \d+\.\d st free between two$/),
      ).toBeVisible();
      await station(page, 'Plan');
      await page.getByRole('button', { name: /Work comb on the head/ }).click();
      await expect(page.getByText(/5 × ch 3, sc in next; .* of yarn/)).toBeVisible();
      await station(page, 'Joins');
      await page.getByRole('button', { name: /^Comb, 5/ }).click();
      await page.getByRole('button', { name: 'Take it off' }).click();
      await expect(page.getByRole('button', { name: /^Comb/ })).toHaveCount(0);
      await page.getByRole('button', { name: /^Undo/ }).click();
      await expect(heading(page)).toHaveText('Comb on Head');
    });

    test('hair on a head: how many yarns, how long, how far it hangs; longer by keys, and in the plan while the head is open', async ({
      page,
    }) => {
      await openDemo(page, 'Rill', 'Joins');
      await page.getByRole('radio', { name: 'Head', exact: true }).click();
      await page.getByRole('button', { name: 'Hair, fringe, tassels' }).click();
      await expect(heading(page).first()).toHaveText('Hair on Head');
      await expect(page.getByText(/^\d+ yarns, each cut 160 mm$/)).toBeVisible();
      await expect(page.getByText(/^Each end hangs 71 mm; .* m altogether\.$/)).toBeVisible();
      await page.getByRole('button', { name: /cut longer/ }).press('Enter');
      await expect(page.getByText(/^\d+ yarns, each cut 170 mm$/)).toBeVisible();
      await expect(page.getByText(/^Whether this yarn sheds is not known/)).toBeVisible();
      await station(page, 'Plan');
      await expect(page.getByRole('button', { name: /Put hair on the head/ })).toBeVisible();
    });

    test('Ruby’s ring hangs in her own loop of chain; sewn in instead, it is told until when a hand reaches in', async ({
      page,
    }) => {
      await openDemo(page, 'Ruby', 'Joins');
      await page.getByRole('button', { name: /^split ring/ }).click();
      await expect(page.getByText('A loop of 109 mm round', { exact: true })).toBeVisible();
      await expect(page.getByRole('radio', { name: 'Loop', exact: true })).toHaveAttribute(
        'aria-checked',
        'true',
      );
      await page.getByRole('radio', { name: 'a chain of its own' }).click();
      await page.getByRole('button', { name: /one chain more/ }).click();
      await expect(page.getByText('A loop of 76 mm round', { exact: true })).toBeVisible();
      await page.getByRole('radio', { name: 'sewn in' }).click();
      await expect(page.getByText(/^(Fastened inside until R\d+|It can just|No round leaves)/)).toBeVisible();
      await station(page, 'Plan');
      await expect(page.getByRole('button', { name: /Fasten the split ring to the radish/ })).toBeVisible();
    });
  });
