import { expect, expectWritten, newToy, PHONE, rounds, SIZES, station, test, written } from '../maker';

/** Three parts with two faults: R4 of the head, R2 of the ear. */
const PAGE = `Tail (1x, sand, ring = tip)
R1: 6 sc in ring (6)
R2-9: sc around (6)

EARS - make 2
Rnd 1 – MR 6 (6)
Rnd 2 – *sc, inc* x 2 (9)
Rnd 3 – sc in each st (9)

Head (1x, sand, 3.0 mm hook, ring = crown)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x5 (24)
R5: (3 sc, inc) x6 (30)
R6-11: sc around (30)
-- eyes between R8 and R9, 5 between --
R12: (3 sc, dec) x6 (24)
stuff
R13: (2 sc, dec) x6 (18)
R14: (sc, dec) x6 (12)
close`;

for (const [name, size] of SIZES) {
  test.describe(name, () => {
    test.use({ viewport: size });

    test('a pasted page with two faults: mended in place, in UK and back, eyes from their note, and undone to the start', async ({
      page,
    }) => {
      await newToy(page, PAGE);
      const strip = page.getByRole('radiogroup', { name: 'Parts of this toy' });
      await expect(strip.getByRole('radio')).toHaveText([/^Tail✓/, /^EARS × 2! 1 fault/, /^Head! 1 fault/]);
      await strip.getByRole('radio', { name: /^EARS/ }).click();
      await page.getByRole('button', { name: 'Repeat 3 times' }).click();
      await expectWritten(page, /\*sc, inc\* x 3 \(9\)/);
      await strip.getByRole('radio', { name: /^Head/ }).click();
      await page.getByRole('button', { name: 'Repeat 6 times' }).click();
      await expect(strip.getByRole('radio')).toHaveText([/^Tail✓/, /^EARS × 2✓/, /^Head✓/]);
      const us = await written(page);
      await page.getByRole('radio', { name: 'UK: dc, htr, tr' }).click();
      await expectWritten(page, us.replaceAll(/\bsc\b/g, 'dc'));
      await expect(strip.getByRole('radio', { name: /^Head/ })).toHaveText(/✓/);
      await page.getByRole('radio', { name: 'US: sc, hdc, dc' }).click();
      await expectWritten(page, us);
      await page.getByRole('button', { name: /^Place eyes of \d+ mm at R8·9, 5 between/ }).click();
      await expect(page.getByText('Eyes stand at R8·9.')).toBeVisible();
      await station(page, 'Face');
      await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /R8·9.*5 stitches between/);
      // Moved by hand, they stand elsewhere than the note says, and the note is told so.
      await page.getByRole('button', { name: /^down/ }).click();
      await station(page, 'Parts');
      await expect(page.getByText('Eyes stand at R9·10; this note says R8·9.')).toBeVisible();
      const undo = page.getByRole('button', { name: 'Undo' });
      for (let i = 0; i < 7; i++) await undo.click();
      await expect(undo).toBeDisabled();
      await expect(page.getByText('No parts yet')).toBeVisible();
      for (let i = 0; i < 7; i++) await page.getByRole('button', { name: 'Redo' }).click();
      await station(page, 'Parts');
      await expect(strip.getByRole('radio')).toHaveText([/^Tail✓/, /^EARS × 2✓/, /^Head✓/]);
    });

    test('written with names and keys alone: by keyboard to the editor, typed, mended, heard', async ({
      page,
    }) => {
      await page.goto('/');
      const tab = async (to: ReturnType<typeof page.getByRole>) => {
        for (
          let i = 0;
          i < 60 &&
          !(await to
            .evaluate((el) => el === document.activeElement || el.contains(document.activeElement))
            .catch(() => false));
          i++
        )
          await page.keyboard.press('Tab');
        await expect(to).toBeFocused();
      };
      await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).waitFor();
      await tab(page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }));
      await page.keyboard.press('Enter');
      await page.getByRole('textbox', { name: 'Add parts' }).waitFor();
      await tab(page.getByRole('textbox', { name: 'Add parts' }));
      await page.keyboard.type('Ear\nR1: 6 sc in ring (6)');
      await tab(page.getByRole('button', { name: 'Add this part' }));
      await page.keyboard.press('Enter');
      await rounds(page).waitFor();
      await tab(rounds(page));
      await page.keyboard.press('Control+End');
      await page.keyboard.type('\nR2: (sc, inc) x2 (9)');
      await expect(
        page.getByText(
          'R2 makes 6, the line says 9. 2 repeats of (sc, inc) use 4 of the 6 stitches; 2 are left. 1 fault',
        ),
      ).toBeAttached();
      // A caret in the text is at the place; the mend is the next stop.
      await tab(page.getByRole('button', { name: 'Repeat 3 times' }));
      await page.keyboard.press('Enter');
      await expectWritten(page, 'Ear\nR1: 6 sc in ring (6)\nR2: (sc, inc) x3 (9)');
      await page.keyboard.press('Control+z');
      await expectWritten(page, /x2 \(9\)$/);
    });
  });
}

test.describe('phone keys', () => {
  test.use({ viewport: PHONE, hasTouch: true });

  test('a whole ear with the craft keys only: the text keeps its caret, counts are written for the maker', async ({
    page,
  }) => {
    await newToy(page, 'Ear');
    const keys = page.getByRole('toolbar', { name: 'Craft keys' });
    const key = (name: string) => keys.getByRole('button', { name, exact: true }).tap();
    await rounds(page).click();
    await key('round +');
    await key('in ring');
    await key('count');
    await key('round +');
    await key('( )');
    await key('sc');
    await key('inc');
    await page.keyboard.press('End');
    await key('x6');
    for (let i = 0; i < 3; i++) await key('−1: one fewer');
    await key('count');
    await key('round +');
    await key('BLO');
    await key('sc around');
    await key('count');
    await expectWritten(page, 'Ear\nR1: 6 sc in ring (6)\nR2: (sc, inc) x3 (9)\nR3: BLO: sc around (9)');
    await expect(rounds(page)).toBeFocused();
    await expect(page.getByText('R2: 9 of 9 front loops')).toBeVisible();
  });

  test('equal rounds are gathered and unfolded from the line they stand in; loops that are gone are said with a way out', async ({
    page,
  }) => {
    await newToy(
      page,
      'Ear\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3: sc around (12)\nR4: sc around (12)\nin the free front loops of R2: sc around (12)',
    );
    await page.getByText('R3 works through both loops of R2: no front loop is left.').waitFor();
    await page.locator('.cm-line', { hasText: 'R4' }).click();
    await page.getByRole('button', { name: 'Gather equal rounds' }).click();
    await expectWritten(page, /\nR3-4: sc around \(12\)\n/);
    await page.locator('.cm-line', { hasText: 'R3-4' }).click();
    await page.getByRole('button', { name: 'Unfold R3–R4' }).click();
    await expectWritten(page, /\nR3: sc around \(12\)\nR4: sc around \(12\)\n/);
    await page.getByRole('button', { name: '! line 6: go to the next fault' }).click();
    await page.getByRole('button', { name: 'Work R3 BLO' }).click();
    await expectWritten(page, /\nR3: BLO: sc around \(12\)\nR4: sc around \(12\)\n/);
    await expect(page.getByText('5 rounds, 54 stitches, all add up')).toBeVisible();
  });
});

test('typing in a text of 1,000 lines: from the key to its painted count', async ({ page }) => {
  // A figure, not a fault: `npm run bench` asks for it.
  test.skip(!process.env.HOPPLA_BENCH, 'a benchmark');
  test.setTimeout(180_000);
  const text = [
    'Long',
    'R1: 6 sc in ring (6)',
    'R2: inc x6 (12)',
    'R3: (sc, inc) x6 (18)',
    ...Array.from({ length: 996 }, (_, i) => `R${i + 4}: ${i % 2 ? '18 sc' : 'sc around'} (18)`),
  ].join('\n');
  await newToy(page, text);
  await page.waitForTimeout(4000);
  await rounds(page).click();
  await page.keyboard.press('Control+Home');
  for (let i = 0; i < 12; i++) await page.keyboard.press('ArrowDown');
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  // The shape of 1,000 rounds is worked out in the pause after a change; the typing begins after it.
  await page.waitForTimeout(9000);
  // From the key that comes in to the frame after the one that paints the changed text and its count.
  await page.evaluate(() => {
    const w = window as unknown as { took: number[] };
    w.took = [];
    document.querySelector('.cm-content')!.addEventListener(
      'keydown',
      (event) => {
        const began = event.timeStamp;
        requestAnimationFrame(() => setTimeout(() => w.took.push(performance.now() - began)));
      },
      { capture: true },
    );
  });
  const KEYS = '18 sc, sl st, inc, dec, sc around, ';
  for (let k = 0; k < 100; k++) {
    await page.keyboard.press(KEYS[k % KEYS.length] === ' ' ? 'Space' : KEYS[k % KEYS.length]);
    await page.waitForTimeout(60);
  }
  const took = (await page.evaluate(() => (window as unknown as { took: number[] }).took)).sort(
    (a, b) => a - b,
  );
  expect(took).toHaveLength(100);
  const [p50, p95] = [took[49], took[94]];
  process.stdout.write(
    `  key to painted count in 1,000 lines: median ${p50.toFixed(0)} ms, p95 ${p95.toFixed(0)} ms, worst ${took[99].toFixed(0)} ms (goal: p95 50)\n`,
  );
  expect(p95).toBeLessThanOrEqual(150);
});
