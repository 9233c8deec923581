import type { Page } from '@playwright/test';
import { expect, madeFor, openDemo, PHONE, SIZES, test } from '../maker';

const tab = (page: Page, name: RegExp) => page.getByRole('radio', { name }).click();

/** Own rules of two seconds each, so that a run takes no minute. */
async function quickRules(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'My own rules' }).click();
  await page.getByRole('button', { name: 'My own rules' }).click();
  for (const [rule, value] of [
    [/^Load raised over/, '2'],
    [/^Load held/, '2'],
    [/^Pull on a seam/, '90'],
  ] as const) {
    const field = page.getByRole('dialog').getByRole('textbox', { name: rule });
    await field.fill(value);
    await field.press('Enter');
  }
  await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
}

/** A test whose reading is typed. */
async function typedTest(page: Page, load: string): Promise<void> {
  const bench = page.getByRole('dialog');
  await bench.getByRole('radio', { name: 'By hand' }).click();
  await bench.getByRole('textbox', { name: 'Largest load' }).fill(load);
  await bench.getByRole('textbox', { name: 'Held for' }).fill('10');
  await bench.getByRole('radio', { name: 'It held' }).click();
  await bench.getByRole('button', { name: 'Log the test' }).click();
  await expect(bench).toBeHidden();
}

test.describe('on a phone', () => {
  test.use({ viewport: PHONE });
  test('a snail for a baby: plastic eyes stopped and mended by a tap, pulled on the gauge, let go, signed off once all pins are back', async ({
    page,
  }) => {
    test.setTimeout(180_000);
    await openDemo(page, 'Dapple', 'Face');
    await page.getByRole('button', { name: /Choose a part/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: /^Neck/ }).click();
    await page
      .getByRole('button', { name: /embroidered/ })
      .first()
      .click();
    await page.getByRole('radio', { name: 'Safety eyes' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
    await madeFor(page, 'under 18 months');
    await expect(page.getByText(/stop: Plastic eyes/)).toBeVisible();
    await page.getByRole('button', { name: 'Embroider the eyes at the same place' }).click();
    await expect(page.getByText(/Plastic eyes of/)).toBeHidden();
    await expect(page.getByText(/nothing found: Plastic eyes and noses/)).toBeVisible();
    await expect(page.getByRole('link', { name: /^Safety: \d+ points open/ })).toBeVisible();
    await quickRules(page);
    await tab(page, /tests held/);
    // The stalk holds on the simulated gauge.
    await page.getByRole('button', { name: /^Try it: seam, Stalk 1/ }).click();
    const bench = page.getByRole('dialog');
    await bench.getByRole('button', { name: 'Pull now' }).click();
    await expect(bench.getByText(/Hold 90 N for 2 s/)).toBeVisible({ timeout: 10_000 });
    await expect(bench.getByText('✓ held')).toBeVisible({ timeout: 15_000 });
    await bench.getByRole('button', { name: 'Log the test' }).click();
    await expect(page.getByText('✓ held 90 N')).toBeVisible();
    // The same again, and now it lets go at 62 N.
    await page.getByRole('button', { name: /^Try it: seam, Stalk 1/ }).click();
    await bench.getByRole('radio', { name: 'Lets go' }).click();
    await bench.getByRole('textbox', { name: 'It lets go at' }).fill('62');
    await bench.getByRole('button', { name: 'Pull now' }).click();
    await expect(bench.getByText('✕ let go')).toBeVisible({ timeout: 15_000 });
    await bench.getByRole('button', { name: 'Log the test' }).click();
    await expect(page.getByText(/✕ let go at (5[89]|6[0-3]) N/)).toBeVisible();
    // Sewn anew, on another test piece; all other seams typed by hand.
    await page.getByRole('button', { name: /^Try it: seam, Stalk 1/ }).click();
    await bench.getByRole('radio', { name: 'A new test piece' }).click();
    await typedTest(page, '95');
    for (const seam of ['Stalk 2', 'Neck', 'Tail', 'Foot']) {
      await page
        .getByRole('button', { name: new RegExp(`^Try it: seam, ${seam}|^Try it: seam, seam of ${seam}`) })
        .click();
      await typedTest(page, '95');
    }
    await tab(page, /signed off/);
    await page.getByRole('button', { name: 'New piece' }).click();
    await page.getByRole('textbox', { name: 'Made by' }).fill('Mara');
    await page.getByRole('textbox', { name: 'Made by' }).press('Enter');
    await page.getByRole('button', { name: 'One out' }).click();
    await expect(page.getByText('1 pin or needle is still out.')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Sign off' })).toBeDisabled();
    await page.getByRole('button', { name: 'One back in' }).click();
    await page.getByRole('button', { name: 'Sign off' }).click();
    await expect(page.getByText(/^Signed off by Mara/).first()).toBeVisible();
    await expect(page.getByText('Test piece, not for a child').first()).toBeVisible();
    // Printed: the record with its curves and the caution.
    await page.evaluate(() => {
      window.print = () => undefined;
    });
    await page.getByRole('button', { name: 'Print the record' }).click();
    await page.reload();
    await tab(page, /1 signed off/);
  });
});

/** A gauge on the cable: what the simulated one says, as the lines that a real one writes, cut where a cable cuts them. */
const cable = (session: string, control: object) => {
  const lines = new EventSource(`/instruments/gauge/stream?session=${session}`);
  const text = new TextEncoder();
  const port = {
    readable: new ReadableStream<Uint8Array>({
      start: (to) => {
        lines.onmessage = ({ data }) => {
          const { value } = JSON.parse(data as string) as { value: number };
          const line = text.encode(`${value.toFixed(1)} N\r\n`);
          to.enqueue(line.slice(0, 3));
          to.enqueue(line.slice(3));
        };
      },
      cancel: () => lines.close(),
    }),
    open: () =>
      fetch(`/instruments/gauge/control?session=${session}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(control),
      }).then(() => undefined),
    close: () => Promise.resolve(),
  };
  Object.defineProperty(navigator, 'serial', {
    configurable: true,
    value: { requestPort: () => Promise.resolve(port) },
  });
};

test('a gauge on the cable is read line by line and judged as the simulated one is', async ({ page }) => {
  await openDemo(page, 'Rill');
  await madeFor(page, '18 to 36 months');
  await quickRules(page);
  await tab(page, /tests held/);
  const bench = page.getByRole('dialog');
  for (const [happen, verdict] of [
    ['holds', '✓ held'],
    ['released early', '? not judged'],
  ] as const) {
    const control = { happen, target: 90, riseS: 2, holdS: 2 };
    await page.evaluate(`(${cable.toString()})('cable-${happen}', ${JSON.stringify(control)})`);
    await page
      .getByRole('button', { name: /^Try it: seam/ })
      .first()
      .click();
    await bench.getByRole('radio', { name: 'Gauge on the cable' }).click();
    await bench.getByRole('button', { name: 'Pull now' }).click();
    await expect(bench.getByText(verdict)).toBeVisible({ timeout: 15_000 });
    await bench.getByRole('button', { name: 'Log the test' }).click();
    await expect(bench).toBeHidden();
  }
  // What was read is kept as read from the cable, and is no practice.
  await expect(page.getByRole('radio', { name: /1 tests? held/ })).toBeVisible();
  await tab(page, /signed off/);
  await expect(page.getByText(/read from the simulated gauge/)).toBeHidden();
});

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    // The cable comes off: what the browser says of it.
    test.use({
      viewport,
      expectedLine: 'Failed to load resource: net::ERR_INCOMPLETE_CHUNKED_ENCODING',
    });
    test('a question is answered by a tap and by words, taken back by undo; a run whose cable comes off is kept and not judged', async ({
      page,
    }) => {
      await openDemo(page, 'Rill');
      await madeFor(page, '18 to 36 months');
      const shield = page.getByRole('link', { name: /^Safety: / });
      const before = await shield.getAttribute('aria-label');
      await page.getByRole('button', { name: 'None: Is anything only glued?' }).click();
      await expect(page.getByText('Answered: None')).toBeVisible();
      await expect(shield).not.toHaveAttribute('aria-label', before!);
      await page.getByRole('button', { name: /^Undo/ }).click();
      await expect(shield).toHaveAttribute('aria-label', before!);
      await quickRules(page);
      await tab(page, /tests held/);
      await page
        .getByRole('button', { name: /^Try it: pull, eyes of Head|^Try it: seam/ })
        .first()
        .click();
      const bench = page.getByRole('dialog');
      await bench.getByRole('radio', { name: 'Cable comes off' }).click();
      await bench.getByRole('button', { name: 'Pull now' }).click();
      await expect(bench.getByText('? not judged')).toBeVisible({ timeout: 15_000 });
      await expect(bench.getByText(/the readings broke off/)).toBeVisible();
      // Closing loses no run: it is logged as well.
      await bench.getByRole('button', { name: 'Close', exact: true }).click();
      await expect(page.getByRole('radio', { name: /0 tests held/ })).toBeVisible();
      await tab(page, /signed off/);
      await expect(page.getByText('No. 1')).toBeVisible();
    });
  });
