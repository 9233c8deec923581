import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { Known, knownByText } from './index';

/** Megabytes in use when all that can be let go is. */
function heapMB(): number {
  setFlagsFromString('--expose-gc');
  (runInNewContext('gc') as () => void)();
  return process.memoryUsage().heapUsed / 1e6;
}

describe('what is known by a text', () => {
  it('is worked out once, an answer of nothing too', () => {
    const asked: string[] = [];
    const first = knownByText((text: string) => (asked.push(text), text[0] ?? null));
    expect(['ab', '', 'ab', '', 'b'].map(first)).toEqual(['a', null, 'a', null, 'b']);
    expect(asked).toEqual(['ab', '', 'b']);
  });
  it('of few texts the last asked are there, however many there were', () => {
    let worked = 0;
    const size = knownByText((text: string) => (worked++, text.length));
    for (let i = 0; i < 100_000; i++) size(`line ${i}`);
    expect(worked).toBe(100_000);
    for (let i = 99_000; i < 100_000; i++) size(`line ${i}`);
    expect(worked).toBe(100_000);
    size('line 0');
    expect(worked).toBe(100_001);
  });
  it('what is asked again and again outlives what is asked once', () => {
    const known = new Known<number>();
    known.set('often', 1);
    for (let i = 0; i < 50_000; i++) {
      known.set(`once ${i}`, i);
      if (i % 1000 === 0) expect(known.get('often')).toBe(1);
    }
  });
  it('a line that is known does not hold on to the page that it stood in', () => {
    const known = new Known<number>();
    const ends = knownByText((line: string) => line.slice(-30));
    const before = heapMB();
    for (let i = 0; i < 400; i++) {
      const page = `${'a line that nobody edits '.repeat(8000)}\nthe line that is edited, ${i} times so far`;
      const line = page.slice(page.indexOf('\n') + 1);
      known.set(`us ${line}`, i);
      expect(ends(line)).toBe(line.slice(-30));
    }
    // The pages are 80 MB.
    expect(heapMB() - before).toBeLessThan(20);
    expect(known.get('us the line that is edited, 7 times so far')).toBe(7);
  });
  it('long texts take no room', () => {
    const known = new Known<number>();
    known.set('x'.repeat(5000), 1);
    expect(known.get('x'.repeat(5000))).toBeUndefined();
    // Three million letters in texts of a thousand: the first are gone.
    for (let i = 0; i < 3000; i++) known.set(`${i} `.padEnd(1000, 'y'), i);
    expect([known.get('0 '.padEnd(1000, 'y')), known.get('2999 '.padEnd(1000, 'y'))]).toEqual([
      undefined,
      2999,
    ]);
  });
});
