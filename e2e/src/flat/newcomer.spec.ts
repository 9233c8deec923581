import { catchPaper, EAR, expect, paperOf, SIZES, SOUND_HEAD, test } from '../maker';

/** A small bear as somebody types it: head, ears, body, arms. */
const BEAR = `Plum the bear
Hook 3 mm, eyes 8 mm

${SOUND_HEAD}

${EAR}

Body (sand, 3.0 mm hook, ring = bottom)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-10: sc around (24)
R11: (2 sc, dec) x6 (18)
stuff
fasten off, leave 300 mm

Arm (2x, sand, 3.0 mm hook, ring = tip)
R1: 6 sc in ring (6)
R2-8: sc around (6)
fasten off`;

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('a newcomer from the empty bench: a pair in 4 taps, a joined toy in 35, on paper in 2 more', async ({
      page,
    }, info) => {
      await page.goto('/');
      await catchPaper(page);
      await expect(page.getByRole('button', { name: 'Paste a pattern' })).toBeVisible();
      const began = Date.now();
      let taps = 0;
      const tap = async (to: RegExp | string, role: 'button' | 'link' = 'button') => {
        await page.getByRole(role, { name: to, exact: typeof to === 'string' }).click();
        taps++;
      };
      const sofar = (what: string) => `${what}: ${taps} taps, ${((Date.now() - began) / 1000).toFixed(1)} s`;
      await tap('Paste a pattern');
      await page.getByRole('textbox', { name: 'Add parts' }).fill(BEAR);
      await tap('Add 4 parts');
      await tap('Face', 'link');
      await tap(/^Place a pair/);
      await expect(page.getByRole('slider', { name: /^Posts on/ })).toBeVisible();
      const told = [sofar('a pair')];
      expect(taps).toBeLessThanOrEqual(4);
      await tap('Joins', 'link');
      await tap(/^All \d+ the usual way$/);
      await expect(page.getByText('! not joined')).toHaveCount(0);
      told.push(sofar('joined'));
      expect(taps).toBeLessThanOrEqual(35);
      const joined = taps;
      await tap('Print, give away, help');
      await tap('Print the pattern');
      // Its own comparison: the whole sheet would be printed where it fails.
      await expect.poll(async () => (await paperOf(page)).includes('Sew arm 2 to the body')).toBe(true);
      told.push(sofar('on paper'));
      expect(taps - joined).toBeLessThanOrEqual(2);
      for (const step of told) info.annotations.push({ type: 'measured', description: `${name}, ${step}` });
    });
  });
