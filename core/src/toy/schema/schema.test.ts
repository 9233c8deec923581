import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { exportFile } from '../../files';
import { holeTag } from '../../address';
import { openChecks, progressOf, ticksOf, whereAmI } from '../../record';
import { planOf } from '../../plan';
import { modelToy, rillFile } from '../../model';
import { newFile, newToy, addParts, typeInPart, type ToyFile } from '../index';
import { openFile } from './index';

const RAW = readFileSync(resolve(__dirname, '../fixtures/toy-v1.json'), 'utf8');
const opened = (raw: string): ToyFile => {
  const found = openFile(raw);
  if (found.state !== 'open') throw new Error(JSON.stringify(found));
  return found.file;
};

describe('toy files', () => {
  it('version 1 with layers, join rounds and an oval opens for ever: same counts', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/layers-v1.json'), 'utf8');
    const file = opened(raw);
    const { parts, eyes } = modelToy(file.toy);
    expect(
      parts.map((p) => [p.name, p.copies.length, p.fabric.stitches, p.fabric.layers.length, p.addsUp]),
    ).toEqual([
      ['Stalk', 2, 20, 0, true],
      ['Neck', 1, 180, 0, true],
      ['Tail', 1, 54, 0, true],
      ['Foot', 1, 156, 1, true],
      ['Shell', 1, 256, 0, true],
    ]);
    expect(eyes.map((e) => e.state.state)).toEqual(['at']);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
  });
  it('version 1 opens for ever: same parts, same places, same plan; written again as this version it stays the same', () => {
    const file = opened(RAW);
    const model = modelToy(file.toy);
    expect(model.parts.map((p) => [p.name, p.copies.length, p.fabric.stitches])).toEqual([
      ['Snout', 1, 108],
      ['Ear', 2, 24],
      ['Head', 1, 624],
      ['Body', 1, 906],
      ['Arm', 2, 126],
      ['Leg', 2, 120],
      ['Tail', 1, 208],
    ]);
    expect(model.eyes[0].state).toMatchObject({ state: 'at', coords: [15, 24] });
    expect(model.sites.every((s) => s.sites.length > 0 && s.sites.every((x) => x.state === 'at'))).toBe(true);
    expect(planOf(model).trouble).toEqual([]);
    expect(file).toMatchObject({ schema: 19, toy: { schema: 19, clamps: [], settings: { hooks: 'mm' } } });
    expect(file.toy.parts.every((p) => p.shaping.how === 'as worked')).toBe(true);
    expect(file.toy.features[0]).toMatchObject({
      eyeMm: 9,
      postMm: 4,
      loose: [],
      felt: null,
      look: 'front',
      pair: { at: 'hole' },
    });
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
  });

  it('version 2 with a measured gauge, a second yarn, a pushed-in part and inches opens for ever: same numbers', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v2.json'), 'utf8');
    const file = opened(raw);
    const { parts } = modelToy(file.toy);
    expect(file.toy.settings).toMatchObject({ units: 'inch', hooks: 'letter' });
    expect(parts.map((p) => [p.name, p.gauge.source, p.gauge.stitchMm, p.part.shaping.how])).toEqual([
      ['Cup', 'measured', 4.6, 'pushed in'],
      ['Ear', 'assumed', 2.5 * 1.45, 'flattened'],
    ]);
    expect(parts[0].gauge).toMatchObject({ roundMm: 4.2, leanStitches: -0.3, gramsPerMetre: 0.5 });
    // The end is pushed back in along R10: what is left stands as high as that round.
    expect(parts[0].form.heightMm).toBeCloseTo(parts[0].form.z[10], 6);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
  });

  it('washers are a step of their own in version 3: where the eyes were done before, they were on', () => {
    const old = JSON.parse(RAW);
    const eyes = old.toy.features[0];
    old.progress.done[`eyes:${eyes.copy}:${eyes.id}`] = 'R10·11 | 15·16 and 24·25:9:safety eye';
    const { log, toy } = opened(JSON.stringify(old));
    const progress = progressOf(log);
    expect(progress.done[`washers:${eyes.copy}:${eyes.id}`]).toBe('12');
    const ticks = ticksOf(planOf(modelToy(toy)));
    expect(whereAmI(ticks, progress).changed).toEqual([]);
    expect(ticks.filter((t) => t.key in progress.done).map((t) => t.step.kind)).toEqual(['eyes', 'washers']);
  });

  it('version 3 with a crooked pair on a patch, felt, an iris, a nose through a stitch, side eyes over a beak and half a checklist opens for ever: same places, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v3.json'), 'utf8');
    const file = opened(raw);
    const model = modelToy(file.toy);
    expect(
      model.eyes.map(({ state }) =>
        state.state === 'homeless'
          ? null
          : [state.at, ...state.names.map((n) => `${holeTag(n).rounds} | ${holeTag(n).stitches}`)],
      ),
    ).toEqual([
      ['hole', 'R9·10 | 14·15', 'R10·11 | 19·20'],
      ['middle', 'R4 | 7', 'R4 | 19'],
    ]);
    expect(model.noses[0].state).toMatchObject({ state: 'at', name: { round: [12, 12] } });
    expect(
      model.toy.features.filter((f) => f.kind === 'eyes').map((f) => [f.making, f.look, f.pair.linked]),
    ).toEqual([
      ['safety eye', 'front', false],
      ['embroidered', 'sides', true],
    ]);
    const ticks = ticksOf(planOf(model));
    // An own smallest hole of 26 mm holds for filling too: one more round is worked before both.
    const { at } = whereAmI(ticks, progressOf(file.log));
    expect(ticks[at].round?.label).toBe('R13');
    const now = ticks[at + 1];
    expect(openChecks(now, progressOf(file.log)).map((c) => c.id)).toEqual(['level', 'compared', 'looked']);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
  });

  it('version 5 with a picked copy, a corrected stretch, a named edge, real yarn and a log opens for ever: same places, same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v5.json'), 'utf8');
    const file = opened(raw);
    const { toy, log } = file;
    const model = modelToy(toy);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    const bird = model.parts.find((p) => p.name === 'Bird')!;
    const own = model.eyes.find((e) => e.eyes.part === bird.part.id)!;
    expect(own.eyes.copy).toBe(bird.copies[1].id);
    expect(bird.part.stretches.map((s) => s.is)).toEqual(['head', 'body']);
    expect(bird.part.zones.map((z) => z.fill)).toEqual(['firm', 'yarn ends']);
    expect(bird.part.zones.map(({ from, to }) => [from, to])).toEqual(
      bird.part.stretches.map(({ from, to }) => [from, to]),
    );
    expect(toy.palette[0]).toMatchObject({ ball: { grams: 50, metres: 105 }, strands: 2, hardToSee: true });
    // An edge of 8 stitches of the whole is sewn by those alone.
    expect(model.joinFaults).toEqual([]);
    const partly = model.sites.find((s) => s.join.edge.to !== null)!;
    expect(partly.sites[0].seam.map((s) => s.edge)).toEqual(
      Array.from(
        { length: partly.join.edge.to! - partly.join.edge.from + 1 },
        (_, k) => partly.join.edge.from + k,
      ),
    );
    const progress = progressOf(log);
    expect(Object.keys(progress.done)).toHaveLength(69);
    expect(Object.values(progress.within).map((w) => w.repeats)).toContain(3);
    expect(log[0].at).toBe('2026-11-26T19:00:00.000Z');
    const eyes = planOf(model).steps.filter((s) => s.kind === 'eyes' && s.part === bird.part.id);
    expect(eyes.map((s) => s.copy)).toEqual([bird.copies[1].id]);
  });

  it('version 6 with a page beside its parts, copies in colours of their own and a note from the end of the page opens for ever: same bytes', () => {
    const raw = readFileSync(resolve(__dirname, '../fixtures/toy-v6.json'), 'utf8');
    const file = opened(raw);
    expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
    expect(file.toy.page).toContain('worked nose first');
    const [head, cap] = modelToy(file.toy).parts;
    expect([head.ringIs, head.fill, head.reading.end.how]).toEqual(['nose', 'firm', 'gathered']);
    expect(cap.part.copies.map((c) => c.name)).toEqual(['red', 'navy', 'mustard']);
    expect(cap.part.text).toContain('Sew the cap to the head');
  });

  it('everything this program writes passes its own schema', () => {
    let n = 0;
    const id = () => `id${++n}`;
    const empty = newFile(newToy('New', id));
    const ear = addParts(newToy('T', id), 'Ear\nR1: 6 sc in ring', id);
    const typed = newFile(typeInPart(ear, ear.parts[0].id, { from: 3, to: 3, insert: '\nR0: é × ½' }, id));
    for (const file of [empty, typed, rillFile(id)])
      expect(exportFile(opened(exportFile(file)))).toBe(exportFile(file));
  });

  it.each([
    ['not JSON', '{"format"', /cannot be read as JSON/],
    ['something else', '{"a": 1}', /not a toy made with Hoppla/],
    ['a wrong field', RAW.replace('"eyeMm": 9', '"eyeMm": "nine"'), /fault at toy\.features\.0/],
    [
      'marks that do not fit the text',
      RAW.replace(/"text": "Snout/, '"text": "One\\nmore\\nSnout'),
      /fault at toy\.parts\.0/,
    ],
  ])('refuses %s with a sentence', (_, raw, sentence) =>
    expect(openFile(raw)).toMatchObject({ state: 'refused', sentence: expect.stringMatching(sentence) }),
  );

  it('opens a newer version read-only and keeps it unchanged', () => {
    const newer = RAW.replace(/"schema": 1/g, '"schema": 99');
    expect(openFile(newer)).toEqual({ state: 'newer', schema: 99, name: 'Rill', raw: newer });
  });
});
