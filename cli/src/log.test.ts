import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { run } from './main';

const TOY = readFileSync(resolve(__dirname, '../../core/src/toy/fixtures/toy-v17.json'), 'utf8');
const log = (text: string, ...args: string[]) => run(['log', '-', ...args], () => text);

describe('hoppla log', () => {
  it('a line for each thing that was done, with its time and its making; an end too short is told and is exit 1', () => {
    const { out, err, code } = log(TOY);
    expect(out.split('\n')[0]).toBe('2026-11-28T19:00:00.000Z\t1\tSnout: R1');
    expect(out).toContain('\t2\tA little tight; a 3.5 mm hook next time.\n');
    expect(err).toMatch(/^120 mm is too short/);
    expect(code).toBe(1);
  });
  it('as data', () => {
    const { entries, ends } = JSON.parse(log(TOY, '--json').out);
    expect(entries.map((e: { what: string }) => e.what)).toContain('photo');
    expect(ends).toMatchObject([{ leftMm: 120, reach: 'short' }]);
  });
  it('a page has no records, and what does not open is refused', () => {
    expect(log('Ear\nR1: 6 sc in ring')).toMatchObject({ out: '', code: 2 });
    expect(log('{"format": 1}')).toMatchObject({ out: '', code: 2 });
  });
});
