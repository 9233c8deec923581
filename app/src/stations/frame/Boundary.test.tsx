import { fireEvent, render, screen } from '@testing-library/react';
import { exportFile } from '@hoppla/core/files';
import { addParts, newFile, newToy } from '@hoppla/core/toy';
import { newId, openToy, openToyNow } from '../../documents';
import * as session from '../../documents/openToy';
import { keep } from '../../documents/storage';
import { ThemeProvider } from '../../theme';
import { Boundary } from './Boundary';
import { Broken } from './Broken';

test('a screen that breaks says so and still gives the toy away', async () => {
  const file = newFile(addParts(newToy('Ear', newId), 'Ear\nR1: 6 sc in ring', newId));
  await keep(file, null);
  await openToy(file.toy.id);
  const given: Blob[] = [];
  URL.createObjectURL = (blob) => (given.push(blob as Blob), 'blob:x');
  URL.revokeObjectURL = () => undefined;
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Breaks = (): never => {
    throw new Error('broken on purpose\n    at Ear (R1: 6 sc in ring)');
  };
  render(
    <ThemeProvider>
      <Boundary>
        <Breaks />
      </Boundary>
    </ThemeProvider>,
  );
  expect(screen.getByText('Something in this screen broke. The toy is kept.')).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Download this toy' }));
  expect(given).toHaveLength(1);
  expect(given[0].size).toBeGreaterThan(300);
  // The report: where it broke, and nothing of hers until she says so.
  fireEvent.click(screen.getByRole('button', { name: 'Write a report' }));
  fireEvent.click(screen.getByRole('switch', { name: 'With my toy in the report' }));
  fireEvent.click(screen.getByRole('button', { name: 'Write a report' }));
  const [bare, whole] = await Promise.all(given.slice(1).map(textOf));
  expect(JSON.parse(bare)).toMatchObject({
    format: 'hoppla report',
    broke: 'Error',
    toy: { parts: 1, letters: 20 },
  });
  expect(bare).not.toMatch(/Ear|6 sc|on purpose/);
  expect(JSON.parse(bare).where.length).toBeGreaterThan(0);
  expect(JSON.parse(JSON.parse(whole).file)).toEqual(JSON.parse(exportFile(file)));
  quiet.mockRestore();
});

/** The words of a file that was given away. */
const textOf = (blob: Blob): Promise<string> =>
  new Promise((done) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.readAsText(blob);
  });

test('a piece of the page that is missing is told as that, with the way to it', () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Misses = (): never => {
    throw new TypeError('Failed to fetch dynamically imported module: http://127.0.0.1/x.js');
  };
  render(
    <ThemeProvider>
      <Boundary>
        <Misses />
      </Boundary>
    </ThemeProvider>,
  );
  expect(screen.getByRole('heading', { name: /A piece of this page is missing/ })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Load the page again' })).toBeTruthy();
  expect(screen.queryByRole('button', { name: 'Write a report' })).toBeNull();
  quiet.mockRestore();
});

test('what is not kept is not said to be kept: the trouble stands there, and the toy can be taken', async () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const now = openToyNow();
  const open = jest.spyOn(session, 'openToyNow').mockReturnValue({ ...now, trouble: 'No room is left.' });
  render(
    <ThemeProvider>
      <Broken error={new Error('x')} onAgain={() => undefined} onBack={() => undefined} />
    </ThemeProvider>,
  );
  expect(screen.getByRole('heading', { name: 'Something in this screen broke.' })).toBeTruthy();
  expect(screen.getByText('No room is left.')).toBeTruthy();
  expect(screen.queryByText(/is kept/)).toBeNull();
  expect(screen.getByRole('button', { name: 'Download this toy' })).toBeTruthy();
  open.mockRestore();
  quiet.mockRestore();
});
