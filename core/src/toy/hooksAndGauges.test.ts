import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { exportFile } from '../files';
import { progressOf } from '../record';
import { modelToy } from '../model';
import { addParts, changeGauge, measureGauge, newToy, type Toy, type ToyFile } from './index';
import { openFile } from './schema';

let n = 0;
const newId = () => `g${++n}`;
const BALL = 'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4-6: sc around';
const toyOf = (page: string): Toy => addParts(newToy('T', newId), page, newId);
/** The parts with rounds; what stands above them on a page is kept as notes. */
const worked = (toy: Toy) => modelToy(toy).parts.filter((p) => p.fabric.rounds.length > 0);
const idOf = (toy: Toy, name: string) => worked(toy).find((p) => p.name === name)!.part.id;
const gauges = (toy: Toy) =>
  worked(toy).map(({ gauge }) => [
    gauge.hookMm,
    gauge.hookBy,
    Number(gauge.stitchMm.toFixed(2)),
    gauge.stitchSource,
    gauge.stitchRangePercent,
  ]);

describe('a swatch belongs to its hook', () => {
  const page = `Head\n${BALL}\n\nSlippers (6 mm hook)\n${BALL}\n\nBag (6 mm hook)\n${BALL}`;
  const measured = { stitchMm: 4.1, stitchRangePercent: 2 };

  it('what was measured with a 3 mm hook is not taken for a part with 6 mm: there 6 x 1.45 = 8.7 mm is assumed', () => {
    const toy = toyOf(`3 mm hook\n\n${page}`);
    const own = changeGauge(toy, toy.gauges[0].id, measured);
    expect(gauges(own)).toEqual([
      [3, 'said', 4.1, 'measured', 2],
      [6, 'said', 8.7, 'assumed', 12],
      [6, 'said', 8.7, 'assumed', 12],
    ]);
  });

  it('what is measured on the part with 6 mm goes to a gauge of 6 mm that both its parts share; the head keeps its own', () => {
    const toy = toyOf(`3 mm hook\n\n${page}`);
    const before = changeGauge(toy, toy.gauges[0].id, measured);
    const after = measureGauge(
      before,
      idOf(before, 'Slippers'),
      { stitchMm: 8, stitchRangePercent: 3 },
      newId,
    );
    expect(gauges(after)).toEqual([
      [3, 'said', 4.1, 'measured', 2],
      [6, 'said', 8, 'measured', 3],
      [6, 'said', 8, 'measured', 3],
    ]);
    expect(after.gauges).toHaveLength(2);
    // Measured once more, on the other part: the same gauge.
    const again = measureGauge(after, idOf(after, 'Bag'), { roundMm: 7 }, newId);
    expect(again.gauges).toHaveLength(2);
    expect(worked(again)[1].gauge.roundMm).toBe(7);
  });

  it('a part under words that name no one hook is not known, even when the gauge was measured', () => {
    const toy = toyOf(`3 mm hook\n\nHead\n${BALL}\n\nEar (hook size 2.5 - 3 mm)\n${BALL}`);
    const [head, ear] = worked(changeGauge(toy, toy.gauges[0].id, measured));
    expect([head.gauge.stitchSource, ear.gauge.stitchSource]).toEqual(['measured', 'not known']);
  });

  it('plush is wider than 1.45 hooks: 4.5 x 1.9 = 8.55 mm; super-bulky or plush 1.7, wider in range', () => {
    const plush = worked(toyOf(`Hook: 4.5 mm, plush yarn\n\nHead\n${BALL}`))[0].gauge;
    expect(plush.stitchMm).toBeCloseTo(8.55, 6);
    expect(plush.stitchMm).toBeGreaterThanOrEqual(8);
    expect(plush.stitchMm).toBeLessThanOrEqual(9);
    const plain = worked(toyOf(`Hook: 4.5 mm\n\nHead\n${BALL}`))[0].gauge;
    expect(plush.stitchRangePercent).toBeGreaterThanOrEqual(plain.stitchRangePercent);
  });
});

describe('toy files of version 4', () => {
  const RAW = readFileSync(resolve(__dirname, 'fixtures/toy-v4.json'), 'utf8');
  const opened = (raw: string): ToyFile => {
    const found = openFile(raw);
    if (found.state !== 'open') throw new Error(JSON.stringify(found));
    return found.file;
  };

  it('open for ever: a measured post, a hook that is no one hook, an eye beyond the table, an empty check; same bytes', () => {
    const file = opened(RAW);
    const { eyes } = modelToy(file.toy);
    expect(
      worked(file.toy).map(({ name, gauge }) => [
        name,
        gauge.hookBy,
        gauge.stitchSource,
        gauge.postSource,
        gauge.postGive,
      ]),
    ).toEqual([
      ['Head', 'said', 'measured', 'measured', 0.52],
      ['Ear', 'not known', 'not known', 'assumed', 0.4],
      ['Slippers', 'said', 'assumed', 'assumed', 0.4],
    ]);
    expect(eyes.map(({ eyes: e, state }) => [e.eyeMm, state.state === 'at' && state.retention.why])).toEqual([
      [24, 'washer not known'],
    ]);
    expect(progressOf(file.log).done).toEqual({ inspect: '' });
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
  });

  it('an older gauge of 3 mm was never said to be one: its hook is assumed; another number was typed by somebody', () => {
    const old = JSON.parse(readFileSync(resolve(__dirname, 'fixtures/toy-v3.json'), 'utf8'));
    old.toy.gauges[0].hookMm = 3;
    expect(opened(JSON.stringify(old)).toy.gauges[0].hookBy).toBe('assumed');
    old.toy.gauges[0].hookMm = 2.75;
    expect(opened(JSON.stringify(old)).toy.gauges[0].hookBy).toBe('said');
  });
});
