import {
  benchWithRill,
  EAR,
  expect,
  HEAD,
  kept,
  madeFor,
  newToy,
  openDemo,
  PHONE,
  station,
  test,
} from '../maker';

test.use({ viewport: PHONE });

test('by keyboard alone: Enter opens a toy from the Bench and goes from station to station; each is a real link', async ({
  page,
}) => {
  await benchWithRill(page);
  const rill = page.getByRole('link', { name: 'Open Rill' });
  await expect(rill).toHaveAttribute('href', /^\/toy\/[^/]+\/parts$/);
  await rill.focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/parts/);
  for (const name of ['Face', 'Joins', 'Plan', 'Make']) {
    const link = page.getByRole('link', { name, exact: true });
    await link.focus();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(new RegExp(`/${name.toLowerCase()}`));
    await expect(link).toHaveAttribute('aria-current', 'page');
  }
});

test('a link opens in a tab of its own, and the toy is there', async ({ page, context }) => {
  await newToy(page, EAR);
  await kept(page);
  const [other] = await Promise.all([
    context.waitForEvent('page'),
    page.getByRole('link', { name: 'Plan', exact: true }).click({ modifiers: ['ControlOrMeta'] }),
  ]);
  await expect(other).toHaveURL(/\/plan/);
  await expect(other.getByText('Ear × 2 R1–4')).toBeVisible();
  await expect(page).toHaveURL(/\/parts/);
});

test('Face opens on the part with eyes, not on the first', async ({ page }) => {
  await benchWithRill(page);
  await page.getByRole('link', { name: 'Open Rill' }).click();
  await expect(page.getByRole('button', { name: /^Snout: Choose/ })).toBeVisible();
  await station(page, 'Face');
  await expect(page.getByRole('button', { name: /^Head: Choose/ })).toBeVisible();
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', /9 stitches between/);
});

test('a page of written rounds is taken by the Bench; what is neither is said', async ({ page }) => {
  await page.goto('/');
  const give = async (name: string, text: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: /^(Import|Open a file)$/ }).click(),
    ]);
    await chooser.setFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text) });
  };
  await give('Moss the frog.txt', `${HEAD}\n\n${EAR}`);
  await expect(page.getByRole('textbox', { name: 'Add parts' })).toHaveValue(/^Head/);
  await page.getByRole('button', { name: 'Add 2 parts' }).click();
  await expect(page.getByRole('button', { name: /^Head: Choose/ })).toBeVisible();
  await page.getByRole('link', { name: /back to the Bench/ }).click();
  await give('broken.json', '{"format": "hoppla toy"');
  await expect(page.getByText(/cannot be read as JSON/)).toBeVisible();
});

test.describe('a phone on its side', () => {
  test.use({ viewport: { width: 844, height: 390 } });
  test('Make shows the whole round and its big tick', async ({ page }) => {
    await newToy(page, HEAD);
    await station(page, 'Make');
    for (const shown of [
      page.getByRole('heading', { name: '6 sc in ring' }),
      page.getByRole('button', { name: 'Tick R1' }),
    ]) {
      const box = (await shown.boundingBox())!;
      expect(box.y).toBeGreaterThanOrEqual(0);
      expect(box.y + box.height).toBeLessThanOrEqual(390);
      await expect(shown).toBeInViewport({ ratio: 1 });
    }
  });
});

test('a pair of heads: eyes are planned for both, told once', async ({ page }) => {
  await newToy(page, HEAD.replace('1x', '2x'));
  await station(page, 'Face');
  await page.getByRole('button', { name: /^Place a pair/ }).click();
  await madeFor(page, '3 years and over');
  await station(page, 'Plan');
  await expect(page.getByRole('button', { name: /^Eyes now/ })).toHaveCount(1);
  await station(page, 'Make');
  await expect(
    page
      .getByText(/Step 1 of/i)
      .or(page.getByText(/1 \/|1 of/))
      .first(),
  ).toBeVisible();
});

test('a part into another toy: it is the last one there, with its rounds, and here it stays', async ({
  page,
}) => {
  await openDemo(page, 'Rill');
  await page.getByRole('button', { name: 'Into another toy' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Ruby', exact: true }).click();
  await expect(page.getByRole('dialog').getByText('Snout is the last part of Ruby now.')).toBeVisible();
  await page.getByRole('dialog').getByRole('link', { name: 'Open Ruby' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.getByRole('heading', { level: 1, name: /Ruby/ })).toBeVisible();
  await page.getByRole('radio', { name: /^Snout/ }).click();
  await expect(page.getByRole('textbox', { name: 'Rounds of this part' })).toContainText('Snout');
  await page.goto('/');
  await page.getByRole('link', { name: 'Open Rill' }).click();
  await station(page, 'Parts');
  await expect(page.getByRole('radio', { name: /^Snout/ })).toBeVisible();
});
