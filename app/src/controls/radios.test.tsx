import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { useEffect, useState } from 'react';
import { ThemeProvider } from '../theme';
import { Choice, keepRadioGroups } from './index';

function Fruit() {
  const [fruit, setFruit] = useState<'fig' | 'pear' | 'plum' | null>(null);
  useEffect(() => keepRadioGroups(document), []);
  return (
    <ThemeProvider>
      <Choice
        label="Fruit"
        options={(['fig', 'pear', 'plum'] as const).map((id) => ({ id, label: id }))}
        chosen={fruit}
        onChoose={setFruit}
      />
    </ThemeProvider>
  );
}

test('a group of choices is one stop of Tab; arrows choose, round and round; nothing else hears them', async () => {
  const outside = jest.fn();
  window.addEventListener('keydown', outside);
  render(<Fruit />);
  const radio = (name: string) => screen.getByRole('radio', { name });
  const stops = () =>
    screen
      .getAllByRole('radio')
      .filter((r) => r.tabIndex === 0)
      .map((r) => r.getAttribute('aria-label'));
  await waitFor(() => expect(stops()).toEqual(['fig']));
  radio('fig').focus();
  // Nothing is chosen yet, and nothing is by the way.
  fireEvent.keyDown(radio('fig'), { key: 'ArrowRight' });
  expect(document.activeElement).toBe(radio('pear'));
  expect(radio('pear').getAttribute('aria-checked')).toBe('false');
  fireEvent.click(radio('fig'));
  radio('fig').focus();
  fireEvent.keyDown(radio('fig'), { key: 'ArrowRight' });
  await waitFor(() => expect(radio('pear').getAttribute('aria-checked')).toBe('true'));
  expect(document.activeElement).toBe(radio('pear'));
  await waitFor(() => expect(stops()).toEqual(['pear']));
  fireEvent.keyDown(radio('pear'), { key: 'ArrowUp' });
  fireEvent.keyDown(radio('fig'), { key: 'ArrowLeft' });
  await waitFor(() => expect(stops()).toEqual(['plum']));
  expect(outside).not.toHaveBeenCalled();
  fireEvent.keyDown(radio('plum'), { key: 'a' });
  expect(outside).toHaveBeenCalledTimes(1);
});
