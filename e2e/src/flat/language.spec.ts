import { englishOn } from '../english';
import { benchWithRill, expect, SIZES, test } from '../maker';

/** Key, name, and something that is there once the station is laid out. */
const STATIONS = [
  ['1', 'Teile', 'Tippen'],
  ['2', 'Gesicht', 'Spiegeln'],
  ['3', 'Verbinden', 'Auf der Fläche'],
  ['4', 'Plan', 'Anfangen zu häkeln'],
  ['5', 'Häkeln', 'Zurück'],
] as const;

for (const [name, viewport] of SIZES)
  test.describe(name, () => {
    test.use({ viewport });

    test('German is chosen in the settings, and every station speaks it; English again', async ({ page }) => {
      const settings = async (bench: string, maker: string) => {
        await page.getByRole('button', { name: bench }).click();
        await page.getByRole('button', { name: maker }).click();
      };
      await benchWithRill(page);
      // The checker itself sees English where there is some.
      expect((await englishOn(page)).length).toBeGreaterThan(2);
      await settings('More of the Bench', 'How I work');
      await page.getByRole('radio', { name: 'Deutsch' }).click();
      await expect(page.locator('html')).toHaveAttribute('lang', 'de');
      await expect(page.getByRole('link', { name: 'Rill öffnen' })).toBeVisible();
      expect(await englishOn(page)).toEqual([]);
      await page.getByRole('link', { name: 'Rill öffnen' }).click();
      for (const [key, station, there] of STATIONS) {
        await page.keyboard.press(`Alt+${key}`);
        await expect(page).toHaveTitle(`Rill, ${station}, Hoppla`);
        await expect(page.getByText(there, { exact: true }).first()).toBeVisible();
        expect(await englishOn(page), station).toEqual([]);
      }
      await page.keyboard.press('Control+p');
      await expect(page.getByRole('dialog', { name: 'Die Anleitung drucken' })).toBeVisible();
      expect(await englishOn(page)).toEqual([]);
      await page.keyboard.press('Escape');
      await page.getByRole('link', { name: /^Sicherheit: / }).click();
      await expect(page).toHaveTitle('Rill, Sicherheit, Hoppla');
      await expect(page.getByText(/^(Für: |Für wen ist sie)/).first()).toBeVisible();
      expect(await englishOn(page), 'Sicherheit').toEqual([]);
      await page.keyboard.press('Alt+0');
      await settings('Mehr zur Werkbank', 'Wie ich arbeite');
      await page.getByRole('radio', { name: 'English' }).click();
      await expect(page.getByRole('link', { name: 'Open Rill' })).toBeVisible();
      await expect(page.locator('html')).toHaveAttribute('lang', 'en');
    });
  });

test.describe('words that do not come', () => {
  test.use({ expectedLine: 'Failed to load resource: net::ERR_FAILED' });

  test('German that cannot be fetched is said in both languages, and English goes on', async ({ page }) => {
    await benchWithRill(page);
    await page.evaluate(() => localStorage.setItem('hoppla-language', 'de'));
    await page.route('**/index-*.js', async (route) => {
      const response = await route.fetch();
      const body = await response.text();
      return /germanOf(Core|Screens)/.test(body) ? route.abort() : route.fulfill({ response, body });
    });
    await page.reload();
    await expect(page.getByText('German could not be loaded').first()).toContainText(
      'Deutsch ließ sich nicht laden',
    );
    await expect(page.getByRole('link', { name: 'Open Rill' })).toBeVisible();
    await page.getByRole('button', { name: 'Hide this message' }).click();
    await expect(page.getByText('German could not be loaded')).toHaveCount(0);
    await page.unroute('**/index-*.js');
    await page.reload();
    await expect(page.getByRole('link', { name: 'Rill öffnen' })).toBeVisible();
    await expect(page.getByText('German could not be loaded')).toHaveCount(0);
  });
});
