import {
  EAR,
  exported,
  HEAD,
  kept,
  madeFor,
  newToy,
  SIZES,
  station,
  test,
  expect,
  expectWritten,
} from '../maker';

for (const [name, size] of SIZES) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('from pasted rounds to a ticked step, kept, exported, deleted, imported and exported again with the same bytes', async ({
      page,
    }) => {
      await newToy(page, `${HEAD}\n\n${EAR}`);
      await expect(
        page.getByText('5 repeats of (2 sc, inc) use 15 of the 18 stitches; 3 are left.'),
      ).toBeVisible();
      await page.getByRole('button', { name: 'Repeat 6 times' }).click();
      await expect(page.getByText('3 are left')).toBeHidden();
      await expectWritten(page, /R4: \(2 sc, inc\) x6 \(24\)/);

      await station(page, 'Face');
      await page.getByRole('button', { name: /^Place a pair/ }).click();
      const tape = page.getByRole('slider');
      await expect(tape).toHaveAttribute('aria-valuenow', '8');
      await page.getByRole('button', { name: /^closer\s*6 st$/ }).click();
      await expect(tape).toHaveAttribute('aria-valuenow', '6');
      await expect(page.getByRole('radio', { name: /^6 +stitches between/ })).toBeVisible();
      await expect(page.getByRole('radio', { name: /^5 +empty holes between/ })).toBeVisible();

      await station(page, 'Joins');
      await page.getByRole('button', { name: 'Attach a part' }).click();
      await page
        .getByRole('radiogroup', { name: 'Which part?' })
        .getByRole('radio', { name: 'Ear × 2' })
        .click();
      await page
        .getByRole('radiogroup', { name: 'On which part?' })
        .getByRole('radio', { name: 'Head' })
        .click();
      await page.getByRole('button', { name: 'Attach Ear × 2 to head' }).click();
      await expect(page.getByRole('heading', { name: 'Ear × 2 on Head' })).toBeVisible();
      await expect(page.getByText(/twin mirrored in space/)).toBeVisible();

      // Nobody has said who it is for: the plan puts no eyes on.
      await station(page, 'Plan');
      await expect(page.getByText(/Nothing is clicked on until that is mended/).first()).toBeVisible();
      await madeFor(page, '3 years and over');
      await station(page, 'Plan');
      await expect(page.getByRole('button', { name: /^Eyes now/ })).toBeVisible();
      await expect(page.getByRole('button', { name: /^Sew ear × 2 to the head/ })).toBeVisible();
      await page.getByRole('button', { name: 'Start making' }).click();
      await page.getByRole('button', { name: 'Tick R1' }).click();
      await page.getByRole('button', { name: 'Tick R2' }).click();
      await page.getByRole('button', { name: 'Tick Ring shut' }).click();
      await expect(page.getByRole('button', { name: 'Tick R3' })).toBeVisible();
      await kept(page);
      await page.reload();
      await expect(page.getByRole('button', { name: 'Tick R3' })).toBeVisible();

      await page.getByRole('link', { name: /back to the Bench/ }).click();
      const first = await exported(page);
      const { log } = JSON.parse(first);
      expect(log.map((e: { what: string }) => e.what)).toEqual(['done', 'done', 'done']);
      expect(Date.now() - Date.parse(log[0].at)).toBeLessThan(60_000);
      await page.getByRole('button', { name: /^More for/ }).click();
      await page.getByRole('button', { name: 'Delete' }).click();
      await expect(page.getByText('The mat is empty')).toBeVisible();
      const [chooser] = await Promise.all([
        page.waitForEvent('filechooser'),
        page.getByRole('button', { name: /^(Import|Open a file)$/ }).click(),
      ]);
      await chooser.setFiles({ name: 'toy.json', mimeType: 'application/json', buffer: Buffer.from(first) });
      await expect(page.getByRole('link', { name: 'Open New toy' })).toBeVisible();
      expect(await exported(page)).toBe(first);
    });

    test('eyes move by keys and by dragging, undo takes everything back', async ({ page }) => {
      await newToy(page, HEAD.replace('x5 (24)', 'x6 (24)'));
      await station(page, 'Face');
      await page.getByRole('button', { name: /^Place a pair/ }).click();
      const tape = page.getByRole('slider');
      await tape.focus();
      await page.keyboard.press('ArrowRight');
      await expect(tape).toHaveAttribute('aria-valuenow', '10');
      const before = await tape.getAttribute('aria-valuetext');
      await page.keyboard.press('ArrowDown');
      await expect(tape).not.toHaveAttribute('aria-valuetext', before!);
      const box = (await tape.boundingBox())!;
      await page.mouse.move(box.x + box.width * 0.7, box.y + 30);
      await page.mouse.down();
      await page.mouse.move(box.x + box.width * 0.7 - 60, box.y + 30, { steps: 6 });
      await page.mouse.up();
      expect(Number(await tape.getAttribute('aria-valuenow'))).toBeLessThan(10);
      for (let i = 0; i < 12; i++) await page.keyboard.press('Control+z');
      await station(page, 'Parts');
      await expect(page.getByText('No parts yet')).toBeVisible();
    });

    test('eyes are placed by words: one reading at once, several by choice, what cannot be is said', async ({
      page,
    }) => {
      await newToy(page, HEAD.replace('x5 (24)', 'x6 (24)'));
      await station(page, 'Face');
      await page.getByRole('button', { name: /^Place a pair/ }).click();
      const tape = page.getByRole('slider');
      const sayIt = async (words: string) => {
        await page.getByRole('button', { name: 'Say where, in words' }).click();
        await page.getByLabel('In your own words').fill(words);
      };
      await sayIt('8 rounds down from the ring, 6 holes showing');
      await page.getByRole('button', { name: 'Place them at R8·9' }).click();
      await expect(tape).toHaveAttribute('aria-valuenow', '7');
      await expect(page.getByText('8 rounds down from the ring')).toBeVisible();
      await sayIt('between R9 and R10, 6 holes apart');
      await expect(page.getByRole('dialog').getByRole('radio')).toHaveCount(3);
      await page.getByRole('radio', { name: /^6 holes, counting both posts/ }).click();
      await page.getByRole('button', { name: 'Place them at R9·10' }).click();
      await expect(tape).toHaveAttribute('aria-valuenow', '5');
      await sayIt('in round 8, 7 stitches on');
      await expect(page.getByRole('button', { name: 'Place them at R8', exact: true })).toBeEnabled();
      await page.getByLabel('In your own words').fill('between R9 and R19, nearby');
      await expect(page.getByRole('alert')).toContainText('not neighbours');
      await expect(page.getByRole('button', { name: 'Say where first' })).toBeDisabled();
      await page.getByRole('button', { name: 'Close', exact: true }).click();
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(tape).toHaveAttribute('aria-valuenow', '8');
    });

    test('a deleted toy comes back, a wrong file is refused in words', async ({ page }) => {
      await newToy(page, EAR);
      await page.getByRole('link', { name: /back to the Bench/ }).click();
      await page.getByRole('button', { name: /^More for/ }).click();
      await page.getByRole('button', { name: 'Delete' }).click();
      await page.getByRole('button', { name: 'Undo' }).click();
      await page.getByRole('button', { name: 'More for New toy' }).click();
      await page.getByRole('textbox', { name: 'Name of the toy' }).fill('Paw');
      await page.getByRole('button', { name: 'Rename' }).click();
      await expect(page.getByRole('link', { name: 'Open Paw' })).toBeVisible();
      const [chooser] = await Promise.all([
        page.waitForEvent('filechooser'),
        page.getByRole('button', { name: /^(Import|Open a file)$/ }).click(),
      ]);
      await chooser.setFiles({
        name: 'x.json',
        mimeType: 'application/json',
        buffer: Buffer.from('{"a":1}'),
      });
      await expect(page.getByText('not a toy made with Hoppla')).toBeVisible();
    });
  });
}
