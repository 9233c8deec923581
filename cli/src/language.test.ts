import { resolve } from 'node:path';
import { run } from './main';

const RILL = resolve(__dirname, '../../core/src/toy/fixtures/toy-v1.json');

it('says in German what it says of a toy, and in English again', () => {
  const plan = (...more: string[]) => run(['plan', RILL, '--text', ...more], () => '').out;
  const english = plan();
  expect(english).toContain('Weave in');
  const german = plan('--language', 'de');
  expect(german).toMatch(/\d+ Fäden vernähen/);
  expect(german).toMatch(/\d,\d/);
  expect(german).not.toMatch(/Weave in|\bopening\b|\bthen\b/);
  expect(run(['plan', RILL, '--html', '--language', 'de'], () => '').out).toContain('<html lang="de">');
  // Numbers of a file for programs stay as programs read them.
  const json = (...more: string[]) =>
    JSON.parse(run(['plan', RILL, '--json', ...more], () => '').out) as { totals: object };
  expect(json('--language', 'de').totals).toEqual(json().totals);
  expect(plan()).toBe(english);
});

it('refuses a language that it does not speak', () =>
  expect(run(['plan', RILL, '--language', 'xx'], () => '')).toMatchObject({
    code: 2,
    err: '--language is en or de, not xx.\n',
  }));
