import { resolve } from 'node:path';
import { run } from './main';

const EAR = 'Ear\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\n';
const RILL = resolve(__dirname, '../../core/src/toy/fixtures/toy-v1.json');

describe('hoppla joins', () => {
  it('--accept sews on what the page names with its host and its place, and says what is left', () => {
    const body = 'Body (ring = sole)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4-12: sc around\n';
    const arms = 'Arms (make 2)\nR1: 6 sc in ring\nR2-5: sc around\n';
    const page = `${body}\n${arms}Sew to the body between rounds 9 and 10.\n\nTail\nch 6, turn\n5 sc\nSew under the body.`;
    const { out, err } = run(['toy', '-', '--accept'], () => page);
    expect(err).toMatch(/Arms: sewn on as its text says: “Sew to the body between rounds 9 and 10.”/);
    expect(err).toMatch(/Tail: where it is sewn is left to you: “Sew under the body.”/);
    const { joins } = JSON.parse(run(['joins', '-', '--json'], () => out).out);
    expect(joins.map((j: { guest: { part: string; copy: number } }) => j.guest)).toEqual([
      { part: 'Arms', copy: 1 },
      { part: 'Arms', copy: 2 },
    ]);
    expect(JSON.parse(run(['toy', '-'], () => page).out).toy.joins).toEqual([]);
  });

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
  it('tells what runs through its host, and what a round of a page catches, with more caught than made', () => {
    const v8 = resolve(__dirname, '../../core/src/toy/fixtures/toy-v8.json');
    const { joins } = JSON.parse(run(['joins', v8, '--json'], () => '').out);
    const of = (part: string) => joins.filter((j: { guest: { part: string } }) => j.guest.part === part);
    expect(of('Whiskers')).toMatchObject([{ kind: 'through', how: 'through', widthMm: 11.62 }]);
    const [{ freeMm }] = of('Whiskers');
    // Forty chains of 4.35 mm, less the way through, 4 mm more on the first side.
    expect(freeMm[0] - freeMm[1]).toBeCloseTo(8, 6);
    expect(of('Fins')).toMatchObject([
      { kind: 'through', how: 'threaded', poseDeg: 30 },
      { kind: 'through', how: 'threaded' },
    ]);
    const page =
      'Leg (2x)\nR1: 6 sc in ring\nR2-5: sc around\n\nBody (ring = sole)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: leg over 3, 3 sc, leg over 3, 3 sc, leg over 3, 3 sc (18)\nclose\n';
    const told = run(['joins', '-', '--json'], () => page);
    expect([told.code, told.err]).toEqual([1, 'Body: 3 of leg are caught, and the text makes 2.\n']);
    const caught = JSON.parse(told.out);
    expect(caught.joins).toMatchObject([
      {
        kind: 'round',
        round: 'R4',
        firstSlot: 1,
        hostStitches: 3,
        edge: { which: 'last', count: 3, layers: 2 },
      },
      { kind: 'round', firstSlot: 7, place: { words: 'R4, slots 7 to 9' } },
    ]);
    expect(caught.gaps).toMatchObject([{ what: 'more caught than made', caught: 3, made: 2 }]);
    expect(run(['joins', '-'], () => page).out).toContain('Leg 2 caught by Body in R4: slots 7 to 9');
  });
  it('tells how each clamp is held, and every station, strand and bell on the surface', () => {
    const v9 = resolve(__dirname, '../../core/src/toy/fixtures/toy-v9.json');
    const { joins, surface, strands, hangers } = JSON.parse(run(['joins', v9, '--json'], () => '').out);
    const neck = joins.find((j: { guest: { part: string } }) => j.guest.part === 'Neck');
    expect(neck.held).toMatchObject({ over: true, tiltDeg: 30, tail: 'inside', looks: 'up' });
    expect(surface).toMatchObject([
      { name: 'Comb', takes: 3, fault: null, lines: [{ twin: false, stations: [{ part: 'Shell' }, {}] }] },
    ]);
    expect(surface[0].lines[0].stations[0].tag).toMatch(/^R\d+·\d+ \| \d+·\d+$/);
    // Six of a tip of six, cut 160 mm: nearly a metre.
    expect(strands).toMatchObject([{ name: 'Hair', part: 'Tail', yarns: 6, yarnM: 0.96 }]);
    expect(hangers).toMatchObject([{ is: 'bell', by: 'sewn in', part: 'Shell', loopMm: null }]);
    const { out } = run(['joins', v9], () => '');
    expect(out).toMatch(/Neck caught by Shell in R11: slots 6 to 11; back up, tip up by 30°/);
    expect(out).toMatch(
      /Comb on Shell: 2 × sl st, \(htr, tr, htr\) in one, sl st, over the back, 22\.0 mm apart/,
    );
  });
});
