import { resolve } from 'node:path';
import { run } from './main';

const EAR = 'Ear\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\n';
const RILL = resolve(__dirname, '../../core/src/toy/fixtures/toy-v1.json');

describe('hoppla joins', () => {
  it('gives every part with its place, pins and seam stitch to stitch; loose pieces and balance', () => {
    const { out, code } = run(['joins', RILL, '--json'], () => '');
    expect(code).toBe(0);
    const { pieces, joins, loose, gaps, size, balance } = JSON.parse(out);
    expect(pieces).toHaveLength(10);
    expect(pieces.filter((p: { root: boolean }) => p.root)).toEqual([
      { part: 'Head', copy: 1, placed: true, root: true },
    ]);
    expect([loose, gaps]).toEqual([[], []]);
    const snout = joins.find((j: { guest: { part: string } }) => j.guest.part === 'Snout');
    expect(snout).toMatchObject({
      kind: 'sewn',
      host: { part: 'Head', copy: 1 },
      edge: { which: 'last', from: 1, to: 24, count: 24, layers: 1 },
      hostStitches: 24,
      shared: 0,
      startAt: 1,
      stitch: 'invisible',
      // 3 x 24 x 4.35 + 200 = 513, up to the next 5 cm
      tailMm: 550,
      tailOf: 'guest',
      pauseAfter: 16,
    });
    expect(snout.seam.map((s: { edge: number }) => s.edge)).toEqual(
      Array.from({ length: 24 }, (_, k) => k + 1),
    );
    expect(new Set(snout.seam.map((s: { host: string }) => s.host)).size).toBe(24);
    expect(snout.seam[0].host).toMatch(/^R\d+·\d+ \| \d+·\d+$/);
    expect(snout.pins.map((p: { at: string }) => p.at)).toEqual(['top', 'bottom', 'left', 'right']);
    expect(size.heightMm).toBeGreaterThan(size.widthMm);
    expect(balance).toMatchObject({ tips: expect.any(Boolean), assumed: true });
    expect(run(['joins', RILL], () => '').out).toMatch(
      /^Body on Head: last round, 24 stitches, round the closed end/,
    );
    expect(run(['joins', '-'], () => EAR).out).toBe('Nothing holds Ear yet: not joined to any other part.\n');
  });
});
