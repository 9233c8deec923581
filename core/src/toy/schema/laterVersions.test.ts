import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { followed, pieceOfMaking } from '../../batch';
import { exportFile } from '../../files';
import { holeKey } from '../../address';
import {
  hangersOf,
  modelOf,
  modelToy,
  patches,
  sculptings,
  stitchings,
  strandWorks,
  surfaceWorks,
  zonesOf,
} from '../../model';
import { planOf } from '../../plan';
import { compared, progressOf, signoffRefusals, ticksOf, whereAmI } from '../../record';
import { checkToy, judge, profileOf } from '../../safety';
import type { ToyFile } from '../index';
import { openFile } from './index';

const RAW = readFileSync(resolve(__dirname, '../fixtures/toy-v1.json'), 'utf8');
const opened = (raw: string): ToyFile => {
  const found = openFile(raw);
  if (found.state !== 'open') throw new Error(JSON.stringify(found));
  return found.file;
};

describe('toy files since version 7', () => {
  it('version 7 with a snout that hangs under the eyes, a twin of its own place, a pinched edge, a part of an edge, a turn and the host’s yarn opens for ever: same seams, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v7.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    const model = modelToy(file.toy);
    expect(model.joinFaults).toEqual([]);
    expect(model.unfollowed).toEqual([]);
    const of = (name: string) =>
      model.sites.find((s) => model.parts.find((p) => p.part.id === s.join.guest.part)!.name === name)!;
    expect(of('Snout').join.hang).toMatchObject({
      height: { by: 'thing', way: 'below' },
      along: { by: 'face', deg: 0 },
    });
    expect(of('Ear').join.edge).toMatchObject({ layers: 2, pinched: true });
    expect(of('Ear').sites.map((s) => s.seam.length)).toEqual([5, 5]);
    expect(of('Arm').join.twin!.at).not.toBeNull();
    expect(of('Arm').sites[1].name!.round).not.toEqual(of('Arm').sites[0].name!.round);
    expect(of('Tail').sites[0].seam.map((s) => s.edge)).toEqual([3, 4, 5, 6, 7, 8, 9, 10, 11]);
    expect(of('Leg').join).toMatchObject({
      aim: { way: 'forward', turnDeg: 15 },
      seam: { yarn: 'host', twice: true },
    });
  });

  it('version 8 with whiskers drawn through the snout and fins on a yarn opens for ever: same holes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v8.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    const model = modelToy(file.toy);
    expect(model.joinFaults).toEqual([]);
    expect(model.loose).toEqual([]);
    const [whiskers, fins] = model.drawn;
    expect(whiskers.join).toMatchObject({ kind: 'through', out: null, shiftMm: 4 });
    expect(fins.join).toMatchObject({ kind: 'threaded', poseDeg: 30, pierced: { from: 'last' } });
    expect(fins.sites).toHaveLength(2);
    const [{ exits }] = whiskers.sites;
    expect(exits.widthMm).toBeCloseTo(11.62, 1);
  });

  it('version 9 with a head turned over in its round, the other stalk, fins, tassels and a bell opens for ever: same places', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v9.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    const model = modelToy(file.toy);
    expect(model.unmet).toEqual([]);
    const named = (name: string) => model.parts.find((p) => p.name === name)!;
    const neck = model.caught.find((c) => c.join.guest.part === named('Neck').part.id)!;
    expect(neck.join.held).toEqual({ over: true, shift: 0, tiltDeg: 30, inside: false, tail: 'inside' });
    const stalks = model.caught.filter((c) => c.join.guest.part === named('Stalk').part.id);
    expect(stalks.map((c) => c.join.guest.copy)).toEqual(
      named('Stalk')
        .copies.map((c) => c.id)
        .reverse(),
    );
    const [{ sites }] = surfaceWorks(model);
    expect(sites[0].stations).toHaveLength(2);
    expect(sites[0].line.lengthMm).toBeCloseTo(21.96, 1);
    expect(strandWorks(model)[0].yarns).toBe(6);
    expect(hangersOf(model)[0].feature).toMatchObject({ is: 'bell', by: 'sewn in' });
  });

  it('version 10 with brows, one crooked on purpose, cheeks, freckles of floss, a nose and a mouth opens for ever: same places, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v10.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    // Before version 11 ends were tied inside, and a disc lay where the fabric needed one.
    expect(file.toy.features.filter((f) => f.kind === 'embroidery').map((f) => f.when)).toEqual(
      Array.from({ length: 5 }, () => 'before filling'),
    );
    expect(file.toy.features.find((f) => f.kind === 'eyes')!.backing).toBe('as needed');
    const all = stitchings(modelToy(file.toy));
    expect(all.map((s) => [s.feature.name, s.fault, s.sides.length])).toEqual([
      ['Nose', null, 1],
      ['Mouth', null, 1],
      ['Brows', null, 2],
      ['Cheeks', null, 2],
      ['Freckles', null, 2],
    ]);
    const tags = (s: (typeof all)[number]) => s.sides.map((side) => side.places.map((p) => holeKey(p.name)));
    expect(tags(all[2])).toEqual([
      ['7.8|23.23', '8.8|25.25'],
      ['8.9|16.16', '8.8|13.14'],
    ]);
    expect(all[4].feature.thread).toEqual({ of: 'floss', strands: 3, passes: 2 });
  });

  it('version 11 with felt under the eyes, lids of their own, crocheted cheeks, an own outline, spots, sculpting and a disc of 22 mm opens for ever: same places, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v11.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    const model = modelToy(file.toy);
    const laid = patches(model);
    expect(
      laid.map((p) => [p.feature.name, p.fault, p.sides.map((s) => s.pieces.length).join(' and ')]),
    ).toEqual([
      ['Whites', null, '1 and 1'],
      ['Cheeks', null, '1 and 1'],
      ['Lids', null, '1 and 1'],
      ['Belly', null, '1'],
      ['Spots', null, '5'],
    ]);
    // The posts go through the whites, up and inwards of their middles, which are half a stitch out and half a round down.
    expect(laid[0].sides.map((s) => s.pieces[0].holes.map((h) => h.of))).toEqual([
      ['left eye'],
      ['right eye'],
    ]);
    const [across, up] = laid[0].sides[0].pieces[0].holes[0].at;
    expect(across).toBeLessThan(-1);
    expect(up).toBeGreaterThan(1);
    expect(sculptings(model).map((s) => [s.feature.work, s.fault, s.feature.passes])).toEqual([
      ['eyes', null, 2],
      ['tie', null, 1],
    ]);
    expect(file.toy.features.find((f) => f.kind === 'eyes')!.backing).toBe(22);
  });

  it('version 12 with lengths filled otherwise, a core, an early gather, a weighed head, a pause inside a round, a moved tail, prices and wool opens for ever: same plan, nothing said of safety', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v12.json'), 'utf8');
    const file = opened(raw);
    expect(file.toy.safety).toEqual({
      own: {},
      washable: null,
      buriedMm: null,
      startsSecured: [],
      answers: [],
    });
    expect([file.pieces, file.pullTests, file.batches]).toEqual([[], [], []]);
    const model = modelToy(file.toy);
    const zones = (name: string) =>
      zonesOf(model.parts.find((p) => p.name === name)!).map((z) => [z.from, z.to, z.fill]);
    expect(zones('Body')).toEqual([
      [0, 7, 'firm'],
      [8, 19, 'medium'],
      [20, 25, 'soft'],
    ]);
    expect(zones('Leg')).toEqual([
      [0, 4, 'soft'],
      [5, 8, 'empty'],
    ]);
    const { steps, trouble } = planOf(model);
    expect(trouble).toEqual([]);
    expect(modelOf(model, steps[0].part).name).toBe('Tail');
    const at = (kind: string) => steps.findIndex((s) => s.kind === kind);
    expect(steps[at('eyes')]).toMatchObject({ at: { round: 18, stitches: 9, of: 18 } });
    expect([at('eyes') - at('begin-round'), at('washers') - at('eyes')]).toEqual([1, 1]);
    expect(steps.find((s) => s.kind === 'close')).toMatchObject({
      label: 'R19',
      gather: { times: 2, loops: 'back', from: 'inside', leftOut: 1 },
    });
    expect(steps.filter((s) => s.kind === 'core')).toHaveLength(1);
  });

  it('version 13 with own rules, answers, a piece, its pins, lots and notes, and a test that let go opens for ever: same points', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v13.json'), 'utf8');
    const file = opened(raw);
    expect(file.toy.plan.copies).toBe('piece by piece');
    const model = modelToy(file.toy);
    expect(profileOf(file.toy).limits['3 years and over'].pullLargeN).toBe(100);
    const points = checkToy(model);
    expect(points.find((p) => p.id === 'ask:8')).toMatchObject({
      answered: 'nothing is glued',
      settled: true,
    });
    expect(points.some((p) => p.id === 'buried')).toBe(false);
    const [piece] = file.pieces;
    expect(piece).toMatchObject({ spent: true, pinsOut: 4, pinsIn: 3, lots: { 'yarn:rust': '7112' } });
    const why = signoffRefusals(model, file, piece).map((r) => r.why);
    expect([...new Set(why)].sort()).toEqual(['let go', 'pins out', 'spent', 'test missing']);
    expect(judge(file.pullTests[0].curve, file.pullTests[0].rule).why).toBe('no readings');
  });

  it('version 14 made once more, in runs, counted and measured, with a batch and a piece put aside opens for ever: same place, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v14.json'), 'utf8');
    const file = opened(raw);
    expect(file.toy).toMatchObject({ collection: '', variantOf: null });
    const progress = progressOf(file.log);
    expect([progress.making, Object.keys(progress.done).length]).toEqual([2, 1]);
    expect(Object.values(progress.before!.counted)).toEqual([7]);
    expect(Object.values(progress.acrossMm)).toEqual([11.5]);
    const ticks = ticksOf(planOf(modelToy(file.toy)));
    const here = ticks[whereAmI(ticks, progress).at];
    expect(here.key).toBe(progress.now);
    expect(progress.within[here.key]).toEqual({ repeats: 0, stitches: 2 });
    expect(file.batches[0].ways.map((w) => w.count)).toEqual([2, 1]);
    expect(file.pieces[0]).toMatchObject({ batch: 'b1', rejected: 'the ring came loose' });
    expect(file.unread).toEqual(['an old note']);
  });

  it('version 16 with a head filled in one go and closed as a star opens for ever: same plan', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v16.json'), 'utf8');
    const file = opened(raw);
    expect(file.photos).toEqual([]);
    const { steps } = planOf(modelToy(file.toy));
    const close = steps.find((s) => s.kind === 'close')!;
    // Six stitches of 4.35 mm: 1.6 x 26.1 round the loops, three times across 26.1 / pi, 150 to hold: 217 mm.
    expect(close).toMatchObject({ tailMm: 250, gather: { way: 'star', points: 3, legs: 0 } });
    expect(close.end.needMm.value).toBeCloseTo(1.6 * 26.1 + (3 * 26.1) / Math.PI + 150, 6);
    expect(steps.filter((s) => s.kind === 'stuff' && s.copy === close.copy)).toHaveLength(1);
  });

  it('version 19 of a maker who said how fast she works opens for ever: same hours, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v19.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(file)).toBe(raw);
    expect(file.toy.settings.stitchesAMinute).toBe(30);
    const rounds = planOf(modelToy(file.toy)).steps.find((s) => s.kind === 'rounds')!;
    // Six stitches of a small round at 30 x 14 / 22 a minute.
    expect(rounds.ticks[0].minutes).toBeCloseTo(6 / ((30 * 14) / 22), 6);
  });

  it('version 18 with a piece of a batch that is the making at the table opens for ever: same stages, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v18.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    const piece = pieceOfMaking(file, progressOf(file.log).making)!;
    expect([piece.number, Object.keys(piece.stages), piece.batch]).toEqual(['3', ['rounds'], 'market']);
    expect(followed(file, planOf(modelToy(file.toy)), '2030-01-01T00:00:00.000Z')).toBe(file);
  });

  it('version 17 with an end that was cut, a change of mind, words and a picture opens for ever: same log, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v17.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    expect(Object.values(progressOf(file.log).leftMm)).toEqual([120]);
    expect(file.log.map((e) => e.what).slice(-4)).toEqual(['cut', 'noted', 'changed', 'changed']);
    expect(file.photos).toMatchObject([{ making: 2, picture: expect.stringMatching(/^data:image.jpeg/) }]);
  });

  it('version 15 of a collection, a variant of another, with a piece measured opens for ever: same sizes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v15.json'), 'utf8');
    const file = opened(raw);
    expect(file.toy.parts.every((p) => p.goes === null)).toBe(true);
    expect(file.toy).toMatchObject({ collection: 'Shore', variantOf: 'base-1' });
    const rows = compared(modelToy(file.toy), progressOf(file.log), { with: 'plan' });
    expect(rows.filter((r) => r.mine !== null).map((r) => [r.what.is, r.mine])).toEqual([
      ['eyes apart', 21.5],
    ]);
  });

  it('what stood among the records before they had a shape is kept', () => {
    const old = JSON.parse(readFileSync(resolve(__dirname, '../fixtures/toy-v12.json'), 'utf8'));
    const file = opened(JSON.stringify({ ...old, pieces: [{ a: 1 }], pullTests: ['x'], batches: [2] }));
    expect([file.pieces, file.pullTests, file.batches, file.unread]).toEqual([
      [],
      [],
      [],
      [2, { a: 1 }, 'x'],
    ]);
  });

  it('older embroidery hangs on its places: what was filled is, what was a line is one, with as many passes', () => {
    const old = JSON.parse(RAW);
    const { features } = opened(RAW).toy;
    const before = old.toy.features.filter((f: { kind: string }) => f.kind === 'embroidery');
    const now = features.filter((f) => f.kind === 'embroidery');
    expect(now.map((f) => [f.how, f.ends.length, f.thread.passes])).toEqual([
      ['satin', before[0].path.length, 1],
      ['line', before[1].path.length, 1],
    ]);
    expect(now.every((f) => f.ends.every((e) => typeof e.from === 'object' && e.across === 0))).toBe(true);
    expect(stitchings(modelToy(opened(RAW).toy)).every((s) => !s.fault && s.sides[0].lines.length > 0)).toBe(
      true,
    );
  });
});
