import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';
import { benchWithRill, expect, isInTurn, PHONE, station, test, WIDE } from '../maker';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const STATIONS = ['Parts', 'Face', 'Joins', 'Plan', 'Make'];

/** Serious and critical findings of axe, by rule and place. */
async function violations(page: Page): Promise<string[]> {
  // Through the debugger, so that the page's own policy stays as strict as it is.
  await page.evaluate(AXE);
  return page.evaluate(async () => {
    const { axe } = window as unknown as {
      axe: {
        run: (options: object) => Promise<{
          violations: { id: string; impact: string; nodes: { html: string; failureSummary: string }[] }[];
        }>;
      };
    };
    const { violations: found } = await axe.run({ resultTypes: ['violations'] });
    return found
      .filter((v) => v.impact === 'serious' || v.impact === 'critical')
      .map(
        (v) =>
          `${v.id}: ${v.nodes.map((n) => `${n.html.slice(0, 140)} ${n.failureSummary.slice(0, 160)}`).join(' | ')}`,
      );
  });
}

/** Text that is cut off, runs out of the window or lies over other text. Words in scrolled-away parts do not count. */
async function boxFaults(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const faults: string[] = [];
    const boxes: { box: DOMRect; words: string; node: Element }[] = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walk.nextNode()) {
      const node = walk.currentNode.parentElement!;
      const words = walk.currentNode.textContent!.trim();
      const style = getComputedStyle(node);
      if (
        !words ||
        node.closest('svg,style,script,[aria-hidden=true]') ||
        style.visibility === 'hidden' ||
        style.color === 'rgba(0, 0, 0, 0)' ||
        node.tagName === 'TEXTAREA'
      )
        continue;
      // Under a dialog nothing can be read anyway.
      const dialog = [...document.querySelectorAll('[role=dialog]')].find(
        (d) => d.getBoundingClientRect().height > 0 && d.getAttribute('data-state') !== 'closed',
      );
      if (dialog && !dialog.contains(node)) continue;
      const range = document.createRange();
      range.selectNodeContents(walk.currentNode);
      for (const box of range.getClientRects()) {
        if (box.width < 2 || box.height < 2) continue;
        let clipped = false;
        for (let up = node.parentElement; up; up = up.parentElement) {
          const o = getComputedStyle(up);
          if (!/auto|scroll/.test(o.overflowY + o.overflowX)) continue;
          const c = up.getBoundingClientRect();
          if (
            box.bottom > c.bottom + 1 ||
            box.top < c.top - 1 ||
            box.right > c.right + 1 ||
            box.left < c.left - 1
          )
            clipped = true;
        }
        if (clipped) continue;
        if (box.left < -1 || box.right > innerWidth + 1)
          faults.push(`out of the window: ${words.slice(0, 40)}`);
        boxes.push({ box, words, node });
      }
      if (node.scrollWidth > node.clientWidth + 2 && style.overflowX === 'hidden' && node.clientWidth > 0)
        faults.push(`cut: ${words.slice(0, 40)}`);
    }
    for (let i = 0; i < boxes.length; i++)
      for (let k = i + 1; k < boxes.length; k++) {
        const [a, b] = [boxes[i], boxes[k]];
        if (a.node === b.node || a.node.contains(b.node) || b.node.contains(a.node)) continue;
        const x = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const y = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
        if (x > 3 && y > 5) faults.push(`“${a.words.slice(0, 30)}” over “${b.words.slice(0, 30)}”`);
      }
    return faults;
  });
}

/** Pressable things that are smaller than a thumb. */
async function smallTargets(page: Page): Promise<string[]> {
  return page.evaluate(() =>
    [
      ...document.querySelectorAll('button,[role=button],[role=link],[role=radio],[role=switch],a[href]'),
    ].flatMap((e) => {
      const { width, height } = e.getBoundingClientRect();
      return width > 0 && (width < 43.5 || height < 43.5)
        ? [`${e.getAttribute('aria-label')} ${width.toFixed(0)}×${height.toFixed(0)}`]
        : [];
    }),
  );
}

/** What a browser does whose letters are set to twice their size. */
function lettersTwiceAsLarge(): void {
  const set = () => document.documentElement?.style.setProperty('font-size', '200%');
  set();
  document.addEventListener('readystatechange', set);
}

/** A fault does not end the test: all of them are told. */
const soft = expect.configure({ soft: true });

/** Fonts are there, and what was asked for is painted. */
const settled = (page: Page): Promise<void> =>
  page.evaluate(async () => {
    await document.fonts.ready;
    for (let k = 0; k < 3; k++) await new Promise(requestAnimationFrame);
  });

/** Three in one turn and three in the next: the narrowest in light, a phone in the dark, a phone on its side, wide in light; more on the bench. Colours and names are looked at once a scheme. */
const SIZES = [
  ['320', { width: 320, height: 568 }, 'light', false],
  // A laptop at 200 %.
  ['640', { width: 640, height: 400 }, 'light', false],
  ['390', PHONE, 'dark', true],
  ['844', { width: 844, height: 390 }, 'dark', false],
  // Letters twice as large, as the browser is told to have them.
  ['390 at 200 %', PHONE, 'light', false],
  ['1280', WIDE, 'light', true],
] as const;
const MORE = [
  ['320', { width: 320, height: 568 }, 'dark', true],
  ['390', PHONE, 'light', true],
  ['1280', WIDE, 'dark', true],
] as const;

const ALL = [...SIZES, ...(process.env.HOPPLA_BENCH ? MORE : [])];

for (const [number, [name, viewport, scheme, axe]] of ALL.entries()) {
  test.describe(`${name} ${scheme}`, () => {
    test.use({ viewport, colorScheme: scheme });
    test.skip(!isInTurn(number), 'at other sizes in this turn');

    test('every main screen is readable, pressable and named', async ({ page }) => {
      test.slow();
      if (name.includes('200 %')) await page.addInitScript(lettersTwiceAsLarge);
      const check = async (where: string) => {
        await settled(page);
        if (axe) expect.soft(await violations(page), `${where}: axe`).toEqual([]);
        // A busy machine may still be laying out.
        await soft.poll(() => boxFaults(page), { message: `${where}: boxes`, timeout: 3000 }).toEqual([]);
        expect.soft(await smallTargets(page), `${where}: targets`).toEqual([]);
      };
      await page.goto('/');
      await expect(page.getByRole('heading', { name: 'The mat is empty' })).toBeVisible();
      if (name.includes('200 %'))
        await expect(page.getByText(/^Everything stays in this browser/)).toHaveCSS('font-size', '32px');
      await check('empty bench');
      await benchWithRill(page);
      await check('bench');
      await page.getByRole('button', { name: 'More for Rill' }).click();
      await check('bench, more');
      await page.getByRole('button', { name: 'Give it away' }).click();
      await check('give away');
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
      await page.getByRole('button', { name: 'More of the Bench' }).click();
      await check('bench menu');
      await page.getByRole('button', { name: 'How I work' }).click();
      await check('how I work');
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
      await page.getByRole('link', { name: 'Open Rill' }).click();
      await page.getByRole('button', { name: /Choose a part/ }).click();
      await check('choose a part');
      await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
      for (const s of STATIONS) {
        await station(page, s);
        await check(s);
      }
      for (const [open, sheet] of [
        ['Other terms, large letters, black and white', 'Print the pattern'],
        ['How rounds are written', 'How rounds are written'],
        ['Keys', 'Keys'],
      ]) {
        await page.getByRole('button', { name: 'Print, give away, help' }).click();
        await page.getByRole('button', { name: open, exact: true }).click();
        // It is loaded when it is first opened: pressed before that, Escape closes nothing.
        await expect(page.getByRole('dialog', { name: sheet })).toBeVisible();
        await check(sheet);
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toHaveCount(0);
      }
      await station(page, 'Parts');
      await page.getByRole('button', { name: 'Measure your gauge' }).click();
      for (const way of ['ten rounds', 'this part', 'the marker', 'the yarn', 'ten stitches'])
        await page.getByRole('radio', { name: way }).click();
      await page.getByLabel('Over ten stitches').fill('46');
      await check('gauge');
      await page.getByRole('button', { name: 'Try another yarn' }).click();
      await expect(page.getByRole('dialog').getByText('Whole toy', { exact: true })).toBeVisible();
      await check('another yarn');
      await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
      await station(page, 'Face');
      await page.getByRole('button', { name: 'Say where, in words' }).click();
      await page.getByLabel('In your own words').fill('between R10 and R11, 9 holes apart');
      await check('in words');
      await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click();
      for (const [open, where] of [
        [/9 mm, washer/, 'the eyes'],
        ['Faces', 'faces'],
        ['Compare', 'compare'],
        ['Face map', 'face map'],
      ] as const) {
        await page.getByRole('button', { name: open }).click();
        await check(where);
        await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
      }
      await station(page, 'Make');
      for (const open of ['Where am I?', 'All steps', 'Batch', 'Compare', 'Learn to count', 'At the table']) {
        await page.getByRole('button', { name: open, exact: true }).click();
        if (open === 'Batch') await page.getByRole('button', { name: 'Plan a batch' }).click();
        await check(open);
        await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
      }
      await station(page, 'Face');
      await page.getByRole('switch', { name: 'Mirror' }).click();
      await check('one eye alone');
      await page.getByRole('switch', { name: 'Mirror' }).click();
      await page.getByRole('link', { name: /^Safety/ }).click();
      await check('safety');
    });
  });
}
