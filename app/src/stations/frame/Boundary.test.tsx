import { fireEvent, render, screen } from '@testing-library/react';
import { addParts, newFile, newToy } from '@hoppla/core/toy';
import { newId, openToy } from '../../documents';
import { keep } from '../../documents/storage';
import { ThemeProvider } from '../../theme';
import { Boundary } from './Boundary';

test('a screen that breaks says so and still gives the toy away', async () => {
  const file = newFile(addParts(newToy('Ear', newId), 'Ear\nR1: 6 sc in ring', newId));
  await keep(file, null);
  await openToy(file.toy.id);
  const given: Blob[] = [];
  URL.createObjectURL = (blob) => (given.push(blob as Blob), 'blob:x');
  URL.revokeObjectURL = () => undefined;
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Breaks = (): never => {
    throw new Error('broken on purpose');
  };
  render(
    <ThemeProvider>
      <Boundary>
        <Breaks />
      </Boundary>
    </ThemeProvider>,
  );
  expect(screen.getByText(/Something in this screen broke/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'Download this toy' }));
  expect(given).toHaveLength(1);
  expect(given[0].size).toBeGreaterThan(300);
  quiet.mockRestore();
});
