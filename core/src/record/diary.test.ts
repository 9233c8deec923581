import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import type { SeamSaid } from '../join';
import { modelToy } from '../model';
import { planOf } from '../plan';
import { addParts, newFile, newToy, rewritePart, type Deed, type Toy } from '../toy';
import { openFile } from '../toy/schema';
import {
  changesOf,
  diaryLine,
  diaryOf,
  endLeft,
  endLine,
  endOf,
  endSewnWith,
  tick,
  ticksOf,
  withDeed,
} from './index';

const RAW = readFileSync(resolve(__dirname, '../toy/fixtures/toy-v17.json'), 'utf8');
const opened = () => {
  const found = openFile(RAW);
  if (found.state !== 'open') throw new Error(JSON.stringify(found));
  return found.file;
};
let n = 0;
const newId = () => `d${++n}`;
const BALL = 'Ball\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nR3-5: 12 sc (12)\nR6: dec x6 (6)\nFasten off.';
const ball = (): Toy => addParts(newToy('Ball', newId), BALL, newId);
const rewritten = (toy: Toy, text: string): Toy => rewritePart(toy, toy.parts[0].id, text, newId);

describe('what was done, told', () => {
  it('rounds of a piece one after the other are one line; what is counted, cut, written down and changed has its own', () => {
    const file = opened();
    const model = modelToy(file.toy);
    const diary = diaryOf(file, ticksOf(planOf(model)));
    expect(diary.map((entry) => [entry.making, diaryLine(model, entry)])).toEqual([
      [1, 'Snout: R1'],
      [1, 'Snout: R1: 7 stitches counted'],
      [2, 'Number 2 was begun'],
      [2, 'Snout: R1'],
      [2, 'Snout: R1: 12 mm across, pressed flat'],
      [2, 'Eyes of Head, middle to middle: 22 mm'],
      [2, 'Fasten off the snout'],
      [2, 'Fasten off the snout: an end of 120 mm'],
      [2, 'A little tight; a 3.5 mm hook next time.'],
      [2, 'Changed meanwhile: the text of Snout'],
      [2, 'A photo'],
      [2, 'Changed meanwhile: how pieces are joined'],
    ]);
  });
  it('stitches counted within a round part no line, and a step that is gone is told as that', () => {
    const model = modelToy(ball());
    const rounds = ticksOf(planOf(model)).filter((t) => t.round);
    const deeds: Deed[] = [
      tick(rounds[0]),
      { what: 'stitches', key: rounds[1].key, stitches: 4 },
      tick(rounds[1]),
      tick(rounds[2]),
      { what: 'done', key: 'round:gone', content: '' },
      { what: 'done', key: 'round:gone too', content: '' },
      { what: 'undone', key: rounds[2].key },
      tick(rounds[2]),
      // Out of turn: what lies between was not done.
      tick(rounds[5]),
    ];
    const log = deeds.reduce(
      (all, deed) => withDeed(all, deed, '2026-11-29T20:00:00.000Z'),
      newFile(model.toy).log,
    );
    const diary = diaryOf({ log, photos: [] }, ticksOf(planOf(model)));
    expect(diary.map((entry) => diaryLine(model, entry))).toEqual([
      'Ball: R1 to R3',
      '2 steps that are planned no more',
      'Taken back: Ball: R3',
      'Ball: R3',
      'Ball: R6',
    ]);
  });
});

describe('changes of mind', () => {
  const about = (before: Toy, after: Toy) =>
    changesOf(before, after).map((d) => d.what === 'changed' && d.of);
  it.each<[string, (toy: Toy) => Toy, string[]]>([
    ['a round in the middle', (toy) => rewritten(toy, BALL.replace('12 sc', 'sc around')), ['text']],
    ['a round taken out', (toy) => rewritten(toy, BALL.replace('R6: dec x6 (6)\n', '')), ['text']],
    ['a round behind the last one', (toy) => rewritten(toy, `${BALL}\nSew it on.`), []],
    [
      'the last line while it is written',
      (toy) => rewritten(toy, BALL.replace('off.', 'off, leave a tail.')),
      [],
    ],
    ['another part', (toy) => addParts(toy, 'Paw\nR1: 5 sc in ring', newId), ['parts']],
    ['its name', (toy) => ({ ...toy, name: 'Orb' }), []],
    [
      'its gauge',
      (toy) => ({ ...toy, gauges: [...toy.gauges, { ...toy.gauges[0], id: newId() }] }),
      ['yarn'],
    ],
    ['nothing', (toy) => toy, []],
  ])('%s', (_, edit, told) => {
    const toy = ball();
    expect(about(toy, edit(toy))).toEqual(told);
  });
  it('one thing changed on and on is one event, from when it began', () => {
    const changed: Deed = { what: 'changed', of: 'text', part: 'a' };
    const log = ['20:00', '20:01', '20:02'].reduce<ReturnType<typeof withDeed>>(
      (all, time) => withDeed(all, changed, `2026-11-29T${time}:00.000Z`),
      [],
    );
    expect(log).toEqual([{ ...changed, at: '2026-11-29T20:00:00.000Z' }]);
    expect(withDeed(log, { ...changed, part: 'b' }, '2026-11-29T20:03:00.000Z')).toHaveLength(2);
  });
});

describe('ends of yarn that were left', () => {
  const { toy } = opened();
  const model = modelToy(toy);
  // The snout is sewn on by its last end: what it needs has the gauge's range.
  const step = planOf(model).steps.find((s) => s.kind === 'fasten-off')!;
  const need = endOf(step)!.needMm;
  it.each<[string, number, 'long' | 'tight' | 'short', RegExp]>([
    ['beyond all that it can need', need.high + 1, 'long', /is enough/],
    ['within its range', need.value, 'tight', /may be tight/],
    ['below all of it', need.low - 1, 'short', /is too short.*Join a new length/],
  ])('%s', (_, leftMm, reach, said) => {
    const found = endLeft(step, leftMm)!;
    expect(found.reach).toBe(reach);
    expect(endLine(model, found)).toMatch(said);
  });
  it('a seam is sewn with the end of the piece that sews it, and with no other', () => {
    const sewnWith = (seam: Partial<SeamSaid>, which: 'first' | 'last') => {
      const joins = toy.joins.map((j) =>
        j.kind === 'sewn' ? { ...j, seam: { ...j.seam, ...seam }, edge: { ...j.edge, which } } : j,
      );
      const changed = modelToy({ ...toy, joins });
      const ticks = ticksOf(planOf(changed));
      const sews = ticks.find((t) => t.step.kind === 'sew' && t.step.part === step.part)!;
      const found = endSewnWith(changed, ticks, sews.step);
      return found && changed.parts.find((p) => p.part.id === found.step.part)!.name;
    };
    expect(sewnWith({}, 'last')).toBe('Snout');
    expect(sewnWith({}, 'first')).toBeNull();
    expect(sewnWith({ yarn: 'host' }, 'last')).toBe('Head');
    expect(sewnWith({ yarn: 'host' }, 'first')).toBe('Head');
    expect(endSewnWith(model, ticksOf(planOf(model)), step)).toBeNull();
  });
  it('nothing is said of what nobody measured, or of a step that leaves none', () => {
    expect(endLeft(step, undefined)).toBeNull();
    const stuff = planOf(model).steps.find((s) => s.kind === 'stuff')!;
    expect(endLeft(stuff, 100)).toBeNull();
  });
});
