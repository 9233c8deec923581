import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { benchWithRill, PHONE, station } from '../maker';

test.use({ viewport: PHONE });

// The browser's own line about what it could not fetch is no fault here, so that its console is not watched.
test('a piece of the page that a newer build has taken away is told as that, the toy is kept, and loading again brings it', async ({
  page,
}) => {
  await benchWithRill(page);
  await page.getByRole('link', { name: 'Open Rill' }).click();
  let gone = true;
  await page.route(/\/joins-[0-9a-f]+\.js/, (route) =>
    gone ? route.fulfill({ status: 404, contentType: 'text/plain', body: 'Not here.' }) : route.continue(),
  );
  await station(page, 'Joins');
  await expect(
    page.getByRole('heading', { name: 'A piece of this page is missing. The toy is kept.' }),
  ).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download this toy' }).click(),
  ]);
  expect(readFileSync(await file.path(), 'utf8')).toContain('"format": "hoppla toy"');
  gone = false;
  await page.getByRole('button', { name: 'Load the page again' }).click();
  await page.getByRole('link', { name: 'Open Rill' }).click();
  await station(page, 'Joins');
  await expect(page).toHaveURL(/joins/);
  await expect(page.getByRole('heading', { name: /A piece of this page/ })).toHaveCount(0);
});

test('what the stations share comes late or not at all: a toy waits for it, and says so where it is gone', async ({
  page,
}) => {
  let stations: 'gone' | 'on their way' | 'there' = 'gone';
  await page.route(/\/__stations-[0-9a-f]+\.js/, async (route) => {
    if (stations === 'gone')
      return route.fulfill({ status: 404, contentType: 'text/plain', body: 'Not here.' });
    while (stations === 'on their way') await new Promise((later) => setTimeout(later, 50));
    return route.continue();
  });
  const gone = page.getByRole('heading', { name: /^A piece of this page is missing/ });
  const waiting = page.getByText('Laying out the mat');
  await page.goto('/');
  await page.getByRole('button', { name: 'Paste a pattern' }).click();
  await expect(gone).toBeVisible();
  stations = 'on their way';
  await page.getByRole('button', { name: 'Load the page again' }).click();
  await expect(waiting).toBeVisible();
  stations = 'there';
  await page.getByRole('link', { name: 'Open New toy' }).click();
  await expect(page.getByRole('textbox', { name: 'Add parts' })).toBeVisible();
  stations = 'on their way';
  await page.reload({ waitUntil: 'commit' });
  await expect(waiting).toBeVisible();
  stations = 'there';
  await expect(page.getByRole('textbox', { name: 'Add parts' })).toBeVisible();
  await expect(gone).toHaveCount(0);
});
