import { chromium } from '@playwright/test';
const [what, w = '390', h = '844', scheme = 'light'] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-quic', '--no-first-run', '--disable-background-networking', '--use-gl=angle', '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--ignore-gpu-blocklist'] });
const ctx = await browser.newContext({ viewport: { width: +w, height: +h }, deviceScaleFactor: +(process.env.DPR ?? 1), colorScheme: scheme, reducedMotion: 'reduce', hasTouch: +w < 600 });
const page = await ctx.newPage();
page.on('console', (m) => console.log('console', m.type(), m.text().slice(0, 300)));
page.on('pageerror', (e) => console.log('pageerror', String(e).slice(0, 300)));
await page.goto('http://127.0.0.1:4400/?demo=workshop');
await page.getByRole('link', { name: 'Open Ruby' }).waitFor();
await page.getByRole('link', { name: 'Open Rill' }).waitFor();
const info = async () => console.log(JSON.stringify(await page.locator('canvas').evaluateAll((all) => all.map((c) => ({ ...c.dataset, w: c.width, h: c.height })))));
const shot = async (n) => { await page.waitForTimeout(900); await info(); await page.screenshot({ path: `/tmp/shot-${n}.png` }); };
if (what === 'bench') { await page.waitForTimeout(1500); await shot('bench'); }
else {
  await page.getByRole('link', { name: 'Open Rill' }).click();
  await page.getByRole('button', { name: /Choose a part/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: /^Head/ }).click();
  if (what !== 'parts') await page.getByRole('link', { name: what[0].toUpperCase() + what.slice(1).split('-')[0], exact: true }).click();
  await page.waitForTimeout(1200);
  const steps = process.argv[6]; if (steps) await (new Function('page', `return (async () => { ${steps} })()`))(page);
  await shot(what);
}
await browser.close();
