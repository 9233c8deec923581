import { expect, test as base, type BrowserContext, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { ALLOWED } from './allowed-console';

export const PHONE = { width: 390, height: 844 };
export const WIDE = { width: 1280, height: 800 };
export const SIZES = [
  ['phone', PHONE],
  ['wide', WIDE],
] as const;

/** A number of a title that is even for about half of all. */
const sumOf = (title: string): number => [...title].reduce((sum, letter) => sum + letter.charCodeAt(0), 0);

/** Whether what has this number is run: the even ones, at the next commit the odd ones; all with HOPPLA_SHARE=1. */
export const isInTurn = (number: number): boolean =>
  process.env.HOPPLA_SHARE === '1' || (number + Number(process.env.HOPPLA_TURN)) % 2 === 0;

/** A test in which every console error or warning, page error and request to another origin is a failure. */
export const test = base.extend<{ inTurn: void; watched: void; expectedLine: string }>({
  inTurn: [
    // The frame wants its first argument written like this.
    // eslint-disable-next-line no-empty-pattern
    async ({}, use, { title, titlePath }) => {
      const size = SIZES.findIndex(([name]) => titlePath.includes(name));
      // Told at both sizes, half of them are run on a phone and half wide.
      base.skip(size >= 0 && !isInTurn(sumOf(title) + size), 'at its other size in this turn');
      await use();
    },
    { auto: true },
  ],
  /** a console line that a test brings about on purpose */
  expectedLine: ['', { option: true }],
  watched: [
    async ({ page, baseURL, expectedLine }, use) => {
      const wrong: string[] = [];
      page.on(
        'console',
        (m) =>
          ['error', 'warning'].includes(m.type()) &&
          !ALLOWED.includes(m.text()) &&
          m.text() !== expectedLine &&
          wrong.push(`${m.type()}: ${m.text()}`),
      );
      page.on('pageerror', (e) => wrong.push(`page: ${e.message}`));
      page.on(
        'request',
        (r) =>
          !r.url().startsWith(baseURL!) &&
          !/^(data|blob):/.test(r.url()) &&
          wrong.push(`left the origin: ${r.url()}`),
      );
      await use();
      expect(wrong).toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

export const HEAD = `Head (1x, sand, 3.0 mm hook, ring = crown)
R1: 6 sc in ring (6)
R2: inc x6 (12)
R3: (sc, inc) x6 (18)
R4: (2 sc, inc) x5 (24)
R5: (3 sc, inc) x6 (30)
R6: (4 sc, inc) x6 (36)
R7-12: sc around (36)
R13: (4 sc, dec) x6 (30)
R14: (3 sc, dec) x6 (24)
R15: (2 sc, dec) x6 (18)
R16: (sc, dec) x6 (12)
R17: dec x6 (6)
close`;

/** The same without its fault. */
export const SOUND_HEAD = HEAD.replace('x5 (24)', 'x6 (24)');

export const EAR = `Ear (2x, sand, 3.0 mm hook, ring = tip)
R1: 6 sc in ring (6)
R2: (sc, inc) x3 (9)
R3-4: sc around (9)`;

/** Opens the bench with the demo otter on it. */
export async function benchWithRill(page: Page): Promise<void> {
  await page.goto('/?demo');
  await expect(page.getByRole('link', { name: 'Open Rill' })).toBeVisible();
}

/** The editor of the rounds. */
export const rounds = (page: Page) => page.getByRole('textbox', { name: 'Rounds of this part' });

/** What is written in the editor, lines out of sight included. */
export const written = (page: Page): Promise<string> =>
  rounds(page).evaluate((field) =>
    (
      field as unknown as { cmTile: { root: { view: { state: { doc: object } } } } }
    ).cmTile.root.view.state.doc.toString(),
  );

/** Waits until the text is as it should be. */
export const expectWritten = (page: Page, text: string | RegExp): Promise<void> =>
  typeof text === 'string'
    ? expect.poll(() => written(page)).toBe(text)
    : expect.poll(() => written(page)).toMatch(text);

/** Replaces the whole text by a paste, as a maker would. */
export async function rewrite(page: Page, text: string): Promise<void> {
  await rounds(page).click();
  await page.keyboard.press('Control+a');
  await paste(page, text);
}

/** Pastes at the caret. */
export const paste = (page: Page, text: string): Promise<void> =>
  rounds(page).evaluate((field, words) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', words);
    field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  }, text);

/** Starts a new toy and pastes parts into it. */
export async function newToy(page: Page, text: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: /^(New toy|Paste a pattern)$/ }).click();
  await page.getByRole('textbox', { name: 'Add parts' }).fill(text);
  await page.getByRole('button', { name: /^Add (this part|\d+ parts)$/ }).click();
  await expect(rounds(page)).toBeVisible();
}

/** The demo workshop as a browser keeps it, and the address of each of its toys, without a station. */
interface Workshop {
  kept: Awaited<ReturnType<BrowserContext['storageState']>>;
  addresses: ReadonlyMap<string, string>;
}
const TOYS = ['Dapple', 'Rill', 'Ruby'];
let workshop: Workshop | undefined;

/** Has the app make its demo workshop, and looks at what it keeps. */
async function makeWorkshop(page: Page): Promise<Workshop> {
  await page.goto('/?demo=workshop');
  const addresses = new Map<string, string>();
  for (const toy of TOYS) {
    const link = page.getByRole('link', { name: `Open ${toy}` });
    addresses.set(toy, (await link.getAttribute('href'))!.replace(/\/\w+$/, ''));
  }
  return { kept: await page.context().storageState({ indexedDB: true }), addresses };
}

/**
 * Opens a toy of the demo workshop at a station. The first journey of a worker has the app make it on the Bench, the others find it as it
 * was kept; how a maker comes from the Bench to a toy, and from station to station, is in journeys of its own.
 */
export async function openDemo(page: Page, toy: string, at = 'Parts'): Promise<void> {
  if (workshop) await page.context().setStorageState(workshop.kept);
  else workshop = await makeWorkshop(page);
  await page.goto(`${workshop.addresses.get(toy)}/${at.toLowerCase()}`);
  await expect(page.getByRole('link', { name: 'Joins', exact: true })).toBeVisible();
}

export const station = (page: Page, name: string) => page.getByRole('link', { name, exact: true }).click();

/** Says who the toy is for; while nobody has, eyes are not put on. */
export async function madeFor(page: Page, age: string): Promise<void> {
  await page.getByRole('link', { name: /^Safety: / }).click();
  const change = page.getByRole('button', { name: 'Change who it is for', exact: true });
  const choice = page.getByRole('radio', { name: age });
  await expect(change.or(choice).first()).toBeVisible();
  if (await change.isVisible()) await change.click();
  await choice.click();
}

/** Waits until the last change is kept in the browser. */
export async function kept(page: Page): Promise<void> {
  await expect(page.locator('[data-kept]')).toHaveAttribute('data-kept', 'yes');
}

/** Exports the only toy of the bench and gives its bytes. */
export async function exported(page: Page): Promise<string> {
  await page
    .getByRole('button', { name: /^More for/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Give it away' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the toy file' }).click(),
  ]);
  await page.getByRole('button', { name: 'Close' }).click();
  return readFileSync(await download.path(), 'utf8');
}

/** Keeps what is printed from now on, as the browser's own dialogue cannot be looked at. */
export const catchPaper = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const made = document.createElement.bind(document);
    document.createElement = ((tag: string) => {
      const element = made(tag);
      if (tag === 'iframe')
        element.addEventListener('load', () => {
          (window as unknown as { paper: string }).paper = (element as HTMLIFrameElement).srcdoc;
        });
      return element;
    }) as typeof document.createElement;
  });

/** What was printed last; nothing while nothing was. */
export const paperOf = (page: Page): Promise<string> =>
  page.evaluate(() => (window as unknown as { paper?: string }).paper ?? '');
