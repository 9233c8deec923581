// One current picture of each main view, from the demo toy, into docs/screenshots. Builds first if it must.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { build, install, root } from './steps.mjs';

install();
build();
const { chromium } = await import('@playwright/test');
const PORT = 4327;
const server = spawn('node', ['scripts/serve.mjs', '--port', String(PORT)], {
  cwd: root,
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((ready) => server.stdout.once('data', ready));
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--use-gl=angle',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
    '--ignore-gpu-blocklist',
  ],
});

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
/** As many steps as lead into the middle of the head. */
const TICKS = 31;

/** Walks through the demo toy and keeps a picture of every wanted view. */
async function walk(name, viewport, colorScheme, wanted) {
  const context = await browser.newContext({ viewport, colorScheme, reducedMotion: 'reduce' });
  const page = await context.newPage();
  page.setDefaultTimeout(15_000);
  const keep = async (view) => {
    // Software graphics take their time.
    await page.waitForTimeout(1500);
    if (wanted.includes(view))
      await page.screenshot({ path: join(root, `docs/screenshots/${view}-${name}.png`) });
  };
  const station = (s) => page.getByRole('link', { name: s, exact: true }).click();
  await page.goto(`http://127.0.0.1:${PORT}/?demo=workshop`);
  await page.getByRole('link', { name: 'Open Ruby' }).waitFor();
  await page.getByRole('link', { name: 'Open Rill' }).waitFor();
  await keep('bench');
  await page.getByRole('link', { name: 'Open Rill' }).click();
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  await keep('parts');
  if (wanted.includes('count')) {
    const box = await page.getByRole('application').boundingBox();
    await page.mouse.click(box.x + box.width * 0.4, box.y + box.height * 0.55);
    await page.mouse.move(5, 5);
    await keep('count');
    await page.getByRole('application').focus();
    await page.keyboard.press('Escape');
  }
  await page.locator('.cm-line', { hasText: 'R6:' }).click();
  await page.locator('.cm-content').evaluate((field) => {
    const { view } = field.cmTile.root;
    const text = view.state.doc.toString();
    const from = text.indexOf('R6: ');
    view.dispatch({
      changes: { from, to: text.indexOf('\n', from), insert: 'R6: (3 sc, inc) x6 (36)' },
      selection: { anchor: from },
    });
  });
  await page
    .getByText(/are left/)
    .first()
    .waitFor();
  await page.getByRole('button', { name: /^! R6/ }).click();
  await keep('parts-fault');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByText(/^Took back/).waitFor({ state: 'hidden' });
  for (const s of ['Face', 'Joins', 'Plan']) {
    await station(s);
    if (s === 'Joins') await page.getByRole('button', { name: /^Arm/ }).click();
    if (s === 'Plan') await page.getByRole('button', { name: /^Eyes now/ }).scrollIntoViewIfNeeded();
    await keep(s.toLowerCase());
    if (s === 'Face' && wanted.includes('stitches')) {
      for (const work of ['Brows', 'Lashes', null, 'Cheeks', 'Eye whites']) {
        const label = work ?? 'Lay on felt or crochet';
        await page.getByRole('button', { name: label, exact: true }).click();
        if (work) await page.getByRole('button', { name: 'Back to the face' }).click();
      }
      await page.getByRole('button', { name: /^Eye whites × 2/ }).click();
      await keep('stitches');
      await page.getByRole('button', { name: 'Back to the face' }).click();
    }
    if (s === 'Face' && wanted.includes('faces')) {
      await page.getByRole('button', { name: 'Faces', exact: true }).click();
      await page.getByRole('radio', { name: 'glad' }).click();
      await keep('faces');
      await page.getByRole('button', { name: 'Close', exact: true }).click();
      await page.getByRole('button', { name: 'Face map' }).click();
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('button', { name: 'Save the face map' }).click(),
      ]);
      await page.getByRole('button', { name: 'Close', exact: true }).click();
      // A sheet of A4 at 96 px an inch.
      const paper = await context.newPage();
      await paper.setViewportSize({ width: 794, height: 1123 });
      await paper.setContent(readFileSync(await download.path(), 'utf8'));
      await paper.screenshot({ path: join(root, 'docs/screenshots/map-paper.png') });
      await paper.close();
    }
    if (s === 'Joins' && wanted.includes('inside')) {
      await page.getByRole('button', { name: 'Look' }).click();
      await page.getByRole('radiogroup', { name: 'From' }).getByRole('radio', { name: 'back' }).click();
      await page.getByRole('button', { name: 'Look' }).click();
      await page.getByRole('radio', { name: 'Cut away the near half' }).click();
      await keep('inside');
    }
  }
  await station('Make');
  for (let i = 0; i < TICKS; i++)
    await page
      .getByRole('button', { name: /^(Tick|Done)/ })
      .last()
      .click();
  await keep('make');
  await page.getByRole('link', { name: /^Safety/ }).click();
  await keep('safety');
  if (wanted.includes('pull')) {
    await page.getByRole('radio', { name: /tests held/ }).click();
    await page
      .getByRole('button', { name: /^Try it: seam/ })
      .first()
      .click();
    await page.getByRole('radio', { name: 'Lets go' }).click();
    await page.getByRole('button', { name: 'Pull now' }).click();
    await page.getByRole('button', { name: 'Log the test' }).waitFor({ timeout: 60_000 });
    await keep('pull');
    await page.getByRole('button', { name: 'Log the test' }).click();
  }
  await station('Parts');
  await page.getByRole('button', { name: 'Measure your gauge' }).click();
  await page.getByLabel('Over ten stitches').fill('46');
  await keep('gauge');
  if (wanted.includes('ring')) {
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await page.getByRole('link', { name: 'Open Dapple' }).click();
    await station('Joins');
    await page.getByRole('button', { name: /^!? ?Neck/ }).click();
    await keep('ring');
  }
  if (wanted.includes('desk')) {
    await page.goto(`http://127.0.0.1:${PORT}/`);
    await page.getByRole('button', { name: 'New toy' }).click();
    const text = readFileSync(join(root, 'core/src/notation/cases/pages/puffin.txt'), 'utf8');
    await page.getByRole('textbox', { name: 'Add parts' }).fill(text);
    await page.getByText('This draft is kept in this browser.').waitFor();
    await page.getByRole('button', { name: /^Line 31,/ }).scrollIntoViewIfNeeded();
    await keep('desk');
  }
  await context.close();
}

const ALL = [
  'bench',
  'parts',
  'count',
  'inside',
  'parts-fault',
  'face',
  'faces',
  'joins',
  'plan',
  'make',
  'safety',
  'pull',
  'gauge',
  'ring',
  'desk',
];
try {
  await walk('phone', PHONE, 'light', ALL);
  await walk('wide', WIDE, 'light', ['face', 'joins']);
  await walk('phone-dark', PHONE, 'dark', ['stitches']);
} finally {
  await browser.close();
  server.kill();
}
