import type { Page } from '@playwright/test';
import { expect, rounds, station, test } from '../maker';

const PAGE = `Skua chick, a bold one

Materials
DK cotton in sand (A) and black (B)
3.5 mm hook
8 mm safety eyes

HEAD (in A, from the top of the head down)
R1: 6 sc in MR (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x6 (24)
R5-9: sc around (24)
Insert the eyes between R6 and R7, 6 stitches between them.
R10: (2 sc, dec) x6 (18)
Keep going round as you feel, decreasing here and there.
Stuff firmly.
R11: (sc, dec) x6 (12)
R12: dec x6 (6)
Fasten off, weave the tail through the last 6 stitches and pull tight.

WING (make 2, in B)
R1: 5 sc in MR (5)
R2: inc x5 (10)
R3: sc around (10)
Do not stuff. Fasten off, leave 20 cm.

Assembly
Sew the wings to the head, over R8.`;

const field = (page: Page) => page.getByRole('textbox', { name: 'Add parts' });
const row = (page: Page, line: number) => page.getByRole('button', { name: new RegExp(`^Line ${line}, `) });

for (const [name, viewport] of [
  ['a phone', { width: 390, height: 844 }],
  ['a wide screen', { width: 1280, height: 800 }],
] as const)
  test.describe(`the import desk on ${name}`, () => {
    test.use({ viewport });

    test('a whole page: what each line became, two lines given another meaning, kept over a reload, made a toy, its eyes taken, undone', async ({
      page,
    }) => {
      await page.goto('/');
      await page.getByRole('button', { name: 'New toy' }).click();
      await field(page).fill(PAGE);
      await expect(page.getByText('2 parts, 15 rounds')).toBeVisible();
      await expect(
        page.getByText(/Hook 3\.5 mm · eyes 8 mm · \d+ lines kept as notes · 1 line not read/),
      ).toBeVisible();
      await expect(row(page, 16)).toHaveAccessibleName(/This sounds like work and is not read/);
      // A line that is only words, and a round that the maker works as a note.
      await page.getByRole('switch', { name: 'Only what to look at' }).click();
      await row(page, 16).click();
      await page.getByRole('radio', { name: 'A note' }).click();
      await expect(page.getByText(/Every line was read/)).toBeVisible();
      await row(page, 24).click();
      await page.getByRole('radio', { name: 'Only words' }).click();
      await expect(page.getByText('2 parts, 14 rounds')).toBeVisible();
      // Nothing is lost by a reload.
      await expect(page.getByText('This draft is kept in this browser.')).toBeVisible();
      await page.reload();
      await expect(field(page)).toHaveValue(PAGE);
      await expect(page.getByText('2 parts, 14 rounds')).toBeVisible();
      await page.getByRole('switch', { name: 'Place the eyes that the page names' }).click();
      await page.getByRole('button', { name: 'Add 2 parts' }).click();
      await expect(rounds(page)).toBeVisible();
      await expect(page.getByRole('heading', { name: 'Skua chick' })).toBeVisible();
      await station(page, 'Face');
      await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /6 stitches between/);
      await page.getByRole('button', { name: 'Undo' }).click();
      await station(page, 'Parts');
      await expect(page.getByText('No parts yet')).toBeVisible();
    });
  });

test('a file of another kind is refused in words, and a page of HTML is read', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'New toy' }).click();
  const give = async (name: string, buffer: Buffer) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'application/octet-stream', buffer });
  };
  await give('chick.pdf', Buffer.from('%PDF-1.7 words'));
  await expect(page.getByText(/“chick\.pdf” is no page of text/)).toBeVisible();
  const html =
    '<html><body><h2>Wing (make 2)</h2><p>R1: 5 sc in ring (5)</p><p>R2: inc x5 (10)</p></body></html>';
  await give('chick.html', Buffer.from(html));
  await expect(page.getByText('1 part, 2 rounds')).toBeVisible();
  await expect(field(page)).toHaveValue(/^Wing \(make 2\)\n+R1: 5 sc in ring \(5\)/);
});
