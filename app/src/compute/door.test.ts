import { rill } from '@hoppla/core/model';
import { Door, type Helper } from './door';
import { resultKey } from './key';
import { TASKS } from './tasks';

let n = 0;
const toy = rill(() => `i${++n}`);
const input = (hookMm: number) => ({ toy, gauge: toy.gauges[0].id, to: { hookMm } });

/** Helpers whose tasks end when the test says so. */
function hall() {
  const hired: {
    ends: ((value: unknown) => void)[];
    asked: unknown[];
    stopped: boolean;
    report: (share: number) => void;
  }[] = [];
  const hire = (): Helper => {
    const mine = {
      ends: [] as ((value: unknown) => void)[],
      asked: [] as unknown[],
      stopped: false,
      report: (_: number): void => undefined,
    };
    hired.push(mine);
    return {
      stop: () => (mine.stopped = true),
      run: (_, asked, report) =>
        new Promise((end) => (mine.ends.push(end), mine.asked.push(asked), (mine.report = report))),
    };
  };
  return { hired, hire };
}

describe('the door to the worker', () => {
  it('lets the newest question win: what waits or runs of the same task is refused, and only the newest is asked next', async () => {
    const { hired, hire } = hall();
    const door = new Door(hire, () => 0);
    const [first, second, third] = [2, 3, 4].map((h) => door.ask('yarnChange', input(h)));
    await expect(first).rejects.toMatchObject({ name: 'AbortError' });
    await expect(second).rejects.toMatchObject({ name: 'AbortError' });
    hired[0].ends[0]('late');
    await Promise.resolve();
    await Promise.resolve();
    expect(hired).toHaveLength(1);
    expect(hired[0].asked.map((a) => (a as ReturnType<typeof input>).to.hookMm)).toEqual([2, 4]);
    hired[0].ends[1]('mine');
    await expect(third).resolves.toBe('mine');
  });

  it('stops a worker that is cancelled, or too long at a question nobody asks any more, and begins a new one', async () => {
    const { hired, hire } = hall();
    let now = 0;
    const door = new Door(hire, () => now);
    const cancel = new AbortController();
    const shares: number[] = [];
    const first = door.ask('yarnChange', input(2), { signal: cancel.signal, report: (s) => shares.push(s) });
    hired[0].report(0.5);
    cancel.abort();
    await expect(first).rejects.toMatchObject({ name: 'AbortError' });
    hired[0].report(0.9);
    expect([shares, hired[0].stopped]).toEqual([[0.5], true]);
    const second = door.ask('yarnChange', input(3));
    now = 1000;
    const third = door.ask('yarnChange', input(4));
    await expect(second).rejects.toMatchObject({ name: 'AbortError' });
    expect([hired.length, hired[1].stopped]).toEqual([3, true]);
    hired[2].ends[0]('done');
    await expect(third).resolves.toBe('done');
  });

  it('keys a result by every field of its input', () => {
    const base = input(3);
    const keys = new Set([JSON.stringify(resultKey('yarnChange', base))]);
    const leaves: string[][] = [];
    const walk = (value: unknown, path: string[]): void => {
      if (value !== null && typeof value === 'object')
        Object.entries(value).forEach(([k, v]) => walk(v, [...path, k]));
      else leaves.push(path);
    };
    walk(base, []);
    for (const path of leaves) {
      const copy = JSON.parse(JSON.stringify(base)) as Record<string, unknown>;
      const last = path[path.length - 1];
      const owner = path.slice(0, -1).reduce((o, k) => o[k] as Record<string, unknown>, copy);
      owner[last] = typeof owner[last] === 'number' ? (owner[last] as number) + 1 : `${String(owner[last])}x`;
      keys.add(JSON.stringify(resultKey('yarnChange', copy)));
    }
    expect(leaves.length).toBeGreaterThan(300);
    expect(keys.size).toBe(leaves.length + 1);
    expect(resultKey('yarnChange', JSON.parse(JSON.stringify(base)))).toEqual(resultKey('yarnChange', base));
  });

  it('works a yarn out: twice the hook is twice the size, and eyes keep their share of the head', () => {
    const shares: number[] = [];
    const { rows } = TASKS.yarnChange({ ...input(6), to: { hookMm: 6 } }, (s) => shares.push(s));
    const head = rows.find((r) => r.name === 'Head')!;
    expect(head.width[1].value / head.width[0].value).toBeCloseTo(2, 6);
    expect(head.eyes).toEqual({ eyeMm: [9, 18], washerMm: [12, 20] });
    expect(head.yarnM[1] / head.yarnM[0]).toBeCloseTo(2, 6);
    expect(shares[shares.length - 1]).toBe(0.5);
  });
});
