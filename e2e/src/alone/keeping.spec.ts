import type { Page } from '@playwright/test';
import { EAR, expect, exported, kept, newToy, PHONE, test, expectWritten, rounds, written } from '../maker';

const KEYS = 'R5: sc around (9), ';

test.use({ viewport: PHONE });

test.describe('crash', () => {
  test.setTimeout(400_000);

  test('again and again the page crashes while 200 keys are typed at 20 a second: at most the last key is missing', async ({
    browser,
  }) => {
    // Twenty on the bench.
    const RUNS = process.env.HOPPLA_BENCH ? 20 : 3;
    let seed = 11;
    const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) >>> 0) / 4294967296;
    const context = await browser.newContext({ viewport: PHONE });
    let page = await context.newPage();
    await newToy(page, EAR);
    const url = page.url();
    const lost: number[] = [];
    for (let run = 0; run < RUNS; run++) {
      const crashAt = 1 + Math.floor(random() * 199);
      await rounds(page).focus();
      await page.keyboard.press('Control+End');
      await page.keyboard.press('Enter');
      await kept(page);
      const before = await written(page);
      for (let k = 0; k < crashAt; k++) {
        const next = Date.now() + 50;
        await page.keyboard.press(KEYS[k % KEYS.length] === ' ' ? 'Space' : KEYS[k % KEYS.length]);
        await new Promise((r) => setTimeout(r, Math.max(0, next - Date.now())));
      }
      const gone = page.waitForEvent('crash');
      const session = await context.newCDPSession(page);
      session.send('Page.crash').catch(() => undefined);
      await gone;
      page = await context.newPage();
      await page.goto(url);
      const found = (await rounds(page).waitFor(), await written(page)).slice(before.length);
      const typed = KEYS.repeat(20).slice(0, crashAt);
      expect(typed.startsWith(found)).toBe(true);
      lost.push(typed.length - found.length);
    }
    await context.close();
    expect(lost).toHaveLength(RUNS);
    expect(Math.max(...lost), `keys lost: ${lost.join()}`).toBeLessThanOrEqual(1);
  });
});

test('storage that is full is said in words, the toy can be downloaded, and trying again keeps it', async ({
  page,
}) => {
  await newToy(page, EAR);
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    (window as unknown as { room: () => void }).room = () => {
      IDBObjectStore.prototype.put = put;
    };
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
  });
  await rounds(page).focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nR5: sc around');
  await expect(page.getByRole('alert')).toContainText('no room left');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download this toy' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('new-toy.hoppla.json');
  await page.evaluate(() => (window as unknown as { room: () => void }).room());
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('alert')).toBeHidden();
  await page.reload();
  await rounds(page).waitFor();
  await expectWritten(page, /R5: sc around$/);
});

test('a second window follows read-only, takes over when asked, and nothing is lost', async ({
  page,
  context,
}) => {
  await newToy(page, EAR);
  const second = await context.newPage();
  await second.goto(page.url());
  const there = rounds(second);
  await expect(second.getByText('open for editing in another window')).toBeVisible();
  await expect(there).toHaveAttribute('contenteditable', 'false');
  await rounds(page).focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nR5: sc around');
  await expectWritten(second, /R5: sc around$/);
  await second.getByRole('button', { name: 'Edit here' }).click();
  await expect(second.getByText('open for editing in another window')).toBeHidden();
  await expect(page.getByText('open for editing in another window')).toBeVisible();
  await there.focus();
  await second.keyboard.press('Control+End');
  await second.keyboard.type(' (9)');
  await expectWritten(page, /R5: sc around \(9\)$/);
});

test('three windows of one toy: each writes in its turn, one is closed while it writes; all of it is kept, in each', async ({
  page,
  context,
}) => {
  await newToy(page, EAR);
  const windows = [page, await context.newPage(), await context.newPage()];
  for (const other of windows.slice(1)) await other.goto(page.url());
  const follows = (window: Page) => window.getByText('open for editing in another window');
  const write = async (window: Page, words: string) => {
    if (await follows(window).isVisible()) await window.getByRole('button', { name: 'Edit here' }).click();
    await expect(follows(window)).toBeHidden();
    await rounds(window).focus();
    await window.keyboard.press('Control+End');
    await window.keyboard.type(words);
  };
  for (const other of windows.slice(1)) await expect(follows(other)).toBeVisible();
  let text = EAR;
  for (const [k, words] of ['\nR5: sc around', ' (9)', '\nR6: 9 sc', ' (9)', '\nR7: sc'].entries()) {
    await write(windows[k % 3], words);
    text += words;
    for (const window of windows) await expectWritten(window, text);
  }
  // One of them is closed in the middle of what it writes; another one goes on.
  await write(windows[2], ' around');
  await windows[2].close();
  await write(page, ' (9)');
  text += ' around (9)';
  await expectWritten(windows[1], text);
  await kept(page);
  await page.reload();
  await rounds(page).waitFor();
  await expectWritten(page, text);
});

test('a toy of a newer version is shown, exported unchanged, and never changed', async ({ page }) => {
  await page.goto('/');
  const newer = `{"format":"hoppla toy","schema":99,"toy":{"name":"Tomorrow"},"more":[1, 2]}`;
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: /^(Import|Open a file)$/ }).click(),
  ]);
  await chooser.setFiles({ name: 't.json', mimeType: 'application/json', buffer: Buffer.from(newer) });
  await page.getByRole('link', { name: 'Open Tomorrow' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export the toy file' }).click(),
  ]);
  const stream = await download.createReadStream();
  const chunks: Buffer[] = [];
  for await (const chunk of stream) chunks.push(chunk as Buffer);
  expect(Buffer.concat(chunks).toString()).toBe(newer);
});

test('a browser that clears its storage while a toy is open: it is said, what is typed is not lost, and it is kept again', async ({
  page,
  baseURL,
}) => {
  await newToy(page, EAR);
  await kept(page);
  const browser = await page.context().newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', { origin: baseURL!, storageTypes: 'all' });
  await rounds(page).focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nR5: sc around');
  await expect(page.getByText('This browser has closed or cleared what it keeps')).toBeVisible();
  await page.getByRole('button', { name: 'Try again' }).click();
  await expectWritten(page, /R5: sc around$/);
  await kept(page);
  // Kept again, it is still said.
  await expect(page.getByText('This browser had lost this toy; here is what was typed last')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Open New toy' })).toBeVisible();
});

test('a newer Hoppla beside this one: what it keeps of the open toy is shown as newer, before anything is typed over it', async ({
  page,
}) => {
  await newToy(page, EAR);
  await kept(page);
  await page.evaluate(async () => {
    const asked = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done) => (request.onsuccess = () => done(request.result)));
    const db = await asked(indexedDB.open('hoppla'));
    const store = db.transaction(db.objectStoreNames[0], 'readwrite').objectStore(db.objectStoreNames[0]);
    const [key] = (await asked(store.getAllKeys())).map(String).filter((k) => k.startsWith('head:'));
    const head = JSON.parse(await asked<string>(store.get(key)));
    const { id, revision } = { ...head, revision: head.revision + 1 };
    store.put('{"format":"hoppla toy","schema":99,"toy":{"name":"Tomorrow"}}', `rev:${id}:${revision}`);
    await asked(store.put(JSON.stringify({ ...head, revision, name: 'Tomorrow', schema: 99 }), key));
    db.close();
    const channel = new BroadcastChannel('hoppla');
    channel.postMessage({ type: 'kept', id });
    channel.close();
  });
  await expect(page.getByText('Made with a newer Hoppla (version 99)')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Open Tomorrow' })).toBeVisible();
});

test('a Bench that was opened earlier renames what is newest: the other window’s round stays', async ({
  page,
  context,
}) => {
  await newToy(page, EAR);
  const bench = await context.newPage();
  await bench.goto('/');
  await expect(bench.getByRole('link', { name: 'Open New toy' })).toBeVisible();
  await rounds(page).focus();
  await page.keyboard.press('Control+End');
  await page.keyboard.type('\nR5: sc around');
  await kept(page);
  await bench.getByRole('button', { name: 'More for New toy' }).click();
  await bench.getByRole('textbox', { name: 'Name of the toy' }).fill('Paw');
  await bench.getByRole('button', { name: 'Rename' }).click();
  await expect(bench.getByRole('link', { name: 'Open Paw' })).toBeVisible();
  await page.reload();
  await rounds(page).waitFor();
  await expectWritten(page, /R5: sc around$/);
  const file = JSON.parse(await exported(bench));
  expect([file.toy.name, file.toy.parts[0].text.endsWith('R5: sc around')]).toEqual(['Paw', true]);
});

test('a file that no program can open locks nothing: it is refused, or stands by itself with a way out', async ({
  page,
}) => {
  await newToy(page, EAR);
  const url = page.url();
  await page.getByRole('link', { name: /back to the Bench/ }).click();
  const sound = await exported(page);
  const importFile = async (raw: string) => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: /^(Import|Open a file)$/ }).click(),
    ]);
    await chooser.setFiles({ name: 't.json', mimeType: 'application/json', buffer: Buffer.from(raw) });
  };
  await importFile(sound.replace(/"schema": \d+/, '"schema": 1e999'));
  await expect(page.getByText(/fault at schema/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Open New toy' })).toBeVisible();
  // What is kept in the browser itself goes bad.
  const broken = await page.evaluate(async () => {
    const asked = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, fail) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => fail(request.error);
      });
    let changed = 0;
    // One store after the other, each to its end: a page that is left takes back what was not finished.
    for (const { name } of await indexedDB.databases()) {
      const db = await asked(indexedDB.open(name!));
      for (const store of Array.from(db.objectStoreNames)) {
        const tx = db.transaction(store, 'readwrite');
        const finished = new Promise((done) => (tx.oncomplete = done));
        const cursor = tx.objectStore(store).openCursor();
        cursor.onsuccess = () => {
          const at = cursor.result;
          if (!at) return;
          if (typeof at.value === 'string' && at.value.includes('"hoppla toy"')) {
            at.update('{"format": "hoppla toy", "schema": 1e999');
            changed++;
          }
          at.continue();
        };
        await finished;
      }
      db.close();
    }
    return changed;
  });
  expect(broken).toBeGreaterThan(0);
  await page.reload();
  await expect(page.getByText('cannot be read')).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: 'More for New toy' }).click();
  await expect(page.getByRole('button', { name: 'Delete' })).toBeEnabled();
  await expect(page.getByRole('button', { name: 'Export the toy file' })).toBeEnabled();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'New toy', exact: true }).click();
  await expect(page.getByText('No parts yet')).toBeVisible();
  expect(page.url()).not.toBe(url);
});
