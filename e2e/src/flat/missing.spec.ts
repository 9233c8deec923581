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
