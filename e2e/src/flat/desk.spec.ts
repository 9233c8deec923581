import type { Page } from '@playwright/test';
import { docx } from '../docx';
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
      await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
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

test('files of other kinds are refused in words; HTML and a word processor’s file are read', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
  // The empty Bench has a button of the same name.
  await expect(field(page)).toBeVisible();
  const give = async (name: string, buffer: Buffer) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'application/octet-stream', buffer });
  };
  await give('chick.png', Buffer.from('\x89PNG\0\0\0words'));
  await expect(page.getByText(/“chick\.png” is no page of text/)).toBeVisible();
  await give('chick.pdf', Buffer.from('%PDF-1.7 words'));
  await expect(page.getByText(/“chick\.pdf” is damaged/)).toBeVisible();
  const html =
    '<html><body><h2>Wing (make 2)</h2><p>R1: 5 sc in ring (5)</p><p>R2: inc x5 (10)</p></body></html>';
  await give('chick.html', Buffer.from(html));
  await expect(page.getByText('1 part, 2 rounds')).toBeVisible();
  await expect(field(page)).toHaveValue(/^Wing \(make 2\)\n+R1: 5 sc in ring \(5\)/);
  await field(page).fill('');
  await give(
    'chick.docx',
    docx(['Foot (make 2)', 'R1: 6 sc in ring (6)', 'R2: inc x6 (12)', 'R3: sc around (12)']),
  );
  await expect(page.getByText('1 part, 3 rounds')).toBeVisible();
});

test('a file that is not read to its end is let go: nothing hangs, and a page can be typed', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
  // The empty Bench has a button of the same name.
  await expect(field(page)).toBeVisible();
  // The reader of PDFs never comes.
  await page.route(/pdfWorker/, () => undefined);
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).click(),
  ]);
  await chooser.setFiles({
    name: 'long.pdf',
    mimeType: 'application/pdf',
    buffer: Buffer.from('%PDF-1.7 words'),
  });
  await expect(page.getByText('Reading “long.pdf” …')).toBeVisible();
  await page.getByRole('button', { name: 'Stop reading it' }).click();
  await expect(page.getByText('“long.pdf” was not read: you stopped it.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stop reading it' })).toBeHidden();
  await field(page).fill('Paw\nR1: 6 sc in ring (6)');
  await expect(page.getByText('1 part, 1 round')).toBeVisible();
});

/** Two parts beside each other under one title, as printed leaflets have them. */
const LEAFLET = `<style>body{font:11pt serif} .two{column-count:2;column-gap:40px} p{margin:0 0 3px}</style>
<h1>Dunlin chick, a small one for the windowsill and for the pocket</h1>
<p>Materials: DK yarn in sand, a 3.5 mm hook, safety eyes of 8 mm, toy filling, a yarn needle.</p>
<div class="two"><h3>HEAD (in sand)</h3><p>R1: 6 sc in magic ring (6)</p><p>R2: inc in each st around (12)</p>
<p>R3: (sc, inc) repeat 6 times (18)</p><p>R4-6: sc in each st around (18)</p><p>R7: (sc, dec) repeat 6 times (12)</p>
<p>Stuff firmly before you go on.</p><p>R8: dec repeat 6 times (6)</p><p>Fasten off, gather the last round.</p>
<h3 style="break-before:column">WING (make 2)</h3><p>R1: 5 sc in magic ring (5)</p><p>R2: inc in each st around (10)</p>
<p>R3: sc in each st around (10)</p><p>Do not stuff, leave it flat.</p><p>Fasten off, leave 20 cm to sew.</p></div>`;

test.describe('without a network', () => {
  test.use({ serviceWorkers: 'allow' });
  test('a PDF of two columns is opened offline, a part renamed, two parts made one', async ({
    page,
    context,
    browser,
  }) => {
    const printer = await (await browser.newContext()).newPage();
    await printer.setContent(LEAFLET);
    const pdf = await printer.pdf({ format: 'A4' });
    await printer.context().close();
    await page.goto('/');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
    // The empty Bench has a button of the same name.
    await expect(field(page)).toBeVisible();
    await context.setOffline(true);
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).click(),
    ]);
    await chooser.setFiles({ name: 'dunlin.pdf', mimeType: 'application/pdf', buffer: pdf });
    await expect(page.getByText('2 parts, 11 rounds')).toBeVisible();
    await expect(page.getByText('All rounds add up.')).toBeVisible();
    await expect(page.getByText(/Hook 3\.5 mm · eyes 8 mm/)).toBeVisible();
    await page.getByRole('button', { name: /^Line \d+, part: WING/ }).click();
    const name = page.getByRole('textbox', { name: 'Name of the part' });
    await name.press('End');
    await name.pressSequentially(' of the chick');
    await expect(field(page)).toHaveValue(/^WING of the chick \(make 2\)$/m);
    await expect(page.getByText('2 parts, 11 rounds')).toBeVisible();
    await page.getByRole('radio', { name: 'Only words' }).click();
    await expect(page.getByText('1 part, 11 rounds')).toBeVisible();
    await page.getByRole('button', { name: 'As it was read' }).click();
    await expect(page.getByText('2 parts, 11 rounds')).toBeVisible();
  });
});

test('a file that is dropped and a list that is pasted are pages, too', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
  const give = (name: 'drop' | 'paste') =>
    field(page).evaluate((at, event) => {
      const data = new DataTransfer();
      if (event === 'drop') data.items.add(new File(['Tail\nR1: 6 sc in ring (6)\nR2: sc (6)'], 'tail.txt'));
      else data.setData('text/html', '<b>Ear</b><ol><li>6 sc in ring (6)</li><li>inc x6 (12)</li></ol>');
      const init = { bubbles: true, cancelable: true };
      at.dispatchEvent(
        event === 'drop'
          ? new DragEvent('drop', { ...init, dataTransfer: data })
          : new ClipboardEvent('paste', { ...init, clipboardData: data }),
      );
    }, name);
  await give('drop');
  await expect(page.getByText('1 part, 2 rounds')).toBeVisible();
  await field(page).fill('');
  await give('paste');
  await expect(field(page)).toHaveValue(/^Ear\n+1\. 6 sc in ring \(6\)\n+2\. inc x6 \(12\)$/);
  await expect(page.getByText('1 part, 2 rounds')).toBeVisible();
});

test('what was taken as likely is told on the desk, and in the part when the toy is made', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
  await field(page).fill(
    [
      'Skua chick',
      'Sizes: small (medium, large)',
      '',
      'Body',
      'Rnd 1: 6 (7, 8) sc in magic ring.',
      'Rnd 2: inc around. 12 (14, 16)',
      'Rnd 3: 18 (+6)',
      'Rnds 4-6 (4-7, 4-8): sc around. 18 (21, 24)',
    ].join('\n'),
  );
  await expect(page.getByText(/Every line was read · 2 lines to check, read as is likely/)).toBeVisible();
  await expect(row(page, 5)).toHaveAccessibleName(/3 sizes: the first is read, small/);
  await expect(row(page, 7)).toHaveAccessibleName(/spread evenly, as \(sc, inc\) x6/);
  await page.getByRole('switch', { name: 'Only what to look at' }).click();
  await expect(row(page, 6)).toHaveCount(0);
  await expect(row(page, 7)).toBeVisible();
  await page.getByRole('button', { name: 'Add this part' }).click();
  await expect(rounds(page)).toContainText(/3 sizes: the first is read, small/);
});
