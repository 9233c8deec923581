import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { exportFile } from '../../files';
import { modelToy } from '../../model';
import { planOf, stepCheckWords } from '../../plan';
import { openChecks, progressOf, ticksOf, whereAmI } from '../../record';
import { addParts, changeSettings, newToy, type ToyFile } from '../index';
import { openFile } from '../schema';

const fixture = (name: string) =>
  JSON.parse(readFileSync(resolve(__dirname, `../fixtures/${name}.json`), 'utf8'));
const opened = (file: unknown): ToyFile => {
  const found = openFile(JSON.stringify(file));
  if (found.state !== 'open') throw new Error(JSON.stringify(found));
  return found.file;
};
const stands = (file: ToyFile) => {
  const model = modelToy(file.toy);
  const ticks = ticksOf(planOf(model));
  return { model, ticks, progress: progressOf(file.log), ...whereAmI(ticks, progressOf(file.log)) };
};

// Rill with a nose on his body, finished and in inches, written by the last program of version 4.
const finished = () => fixture('ticks-v4');

describe('ticks of version 4 were sentences; they are data now', () => {
  it('all of them are still made, none is told as changed, no check is asked again', () => {
    const { ticks, progress, at, changed } = stands(opened(finished()));
    expect(at).toBe(ticks.length);
    // Ears of 9 stitches pressed flat were counted as 4 pairs; the odd stitch keeps its own place now, and that is told.
    expect(changed.map((t) => t.content)).toEqual(['6.7|25.26:5', '6.7|7.8:5']);
    const posts = ticks.filter((t) => t.step.kind === 'eyes');
    expect(posts).toHaveLength(2);
    expect(posts.flatMap((t) => openChecks(t, progress))).toEqual([]);
    expect(Object.values(progress.within).map((w) => w.repeats)).toContain(2);
  });
  it('nothing that is kept holds a printed sentence', () => {
    const contents = opened(finished()).log.flatMap((e) =>
      e.what === 'done' && e.content ? [e.content] : [],
    );
    expect(contents).toContain('10.11|15.16 10.11|24.25:9:safety eye');
    expect(contents).toContain('round.R17:24');
    expect(contents.filter((c) => /[·’]|Counted|Level|Posts|along|edge to/.test(c))).toEqual([]);
  });
  it('what has really changed is still told: eyes that stood elsewhere, a seam with another place', () => {
    const file = finished();
    const done = file.progress.done;
    for (const key of Object.keys(done)) {
      if (key.startsWith('eyes:')) done[key] = done[key].replace('15·16', '14·15');
      if (key.startsWith('sew:')) done[key] = done[key].replace('R7·8', 'R8·9');
    }
    const { ticks, progress, changed } = stands(opened(file));
    expect(changed.map((t) => t.step.kind)).toEqual(['eyes', 'sew', 'sew', 'sew']);
    const eyes = changed[0];
    expect(ticks).toContain(eyes);
    // The eyes are elsewhere now than where they were looked at; the front and the count are as they were.
    expect(openChecks(eyes, progress).map((c) => c.id)).toEqual(['posts', 'level', 'compared', 'looked']);
  });
  it('words that nobody can read count as done as they are, and not as changed', () => {
    const file = finished();
    for (const key of Object.keys(file.progress.done))
      if (key.startsWith('eyes:') || key.startsWith('sew:')) file.progress.done[key] = 'Augen sitzen';
    const { at, ticks, changed, progress } = stands(opened(file));
    expect([at, changed]).toEqual([ticks.length, []]);
    expect(ticks.flatMap((t) => openChecks(t, progress))).toEqual([]);
  });
});

describe('units and wording may change without a tick noticing (decision 43)', () => {
  const inch = opened(finished());
  const file: ToyFile = { ...inch, toy: changeSettings(inch.toy, { units: 'mm' }) };
  it('the words change, the contents do not', () => {
    const [mm, inches] = [stands(file), stands(inch)];
    const check = (s: typeof mm) => {
      const { step } = s.ticks.find((t) => t.step.kind === 'eyes')!;
      return step.kind === 'eyes' ? step.checks.map((c) => stepCheckWords(step, c, s.model)) : [];
    };
    expect(check(mm)).not.toEqual(check(inches));
    expect(inches.ticks.map((t) => [t.key, t.content])).toEqual(mm.ticks.map((t) => [t.key, t.content]));
  });
  it('a toy half made in mm is half made in inches', () =>
    expect(stands(inch)).toMatchObject({ at: stands(file).at, done: stands(file).done }));
});

describe('a pair of heads has two pairs of eyes (decision 37)', () => {
  const BALL =
    'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5-8: sc around\nR9: (2 sc, dec) x6\nR10: (sc, dec) x6\nR11: dec x6\nclose';
  it('what stood on the first copy, which nobody had picked, is on all; on a later copy it stays there', () => {
    const file = fixture('toy-v1');
    const ear = file.toy.parts.find((p: { copies: unknown[] }) => p.copies.length === 2);
    const nose = file.toy.features.find((f: { kind: string }) => f.kind === 'embroidery');
    file.toy.features.push({ ...nose, id: 'second', part: ear.id, copy: ear.copies[1].id, path: [] });
    const { features } = opened(file).toy;
    expect(features.map((f) => f.copy)).toEqual([null, null, null, ear.copies[1].id]);
  });
  it('every copy gets its eyes and washers before it is stuffed', () => {
    let n = 0;
    const id = () => `h${++n}`;
    const made = addParts(
      changeSettings(newToy('Twins', id), { age: '3 years and over' }),
      `Head (2x, 3.0 mm hook)\n${BALL}`,
      id,
    );
    const [head] = modelToy(made).parts;
    const old = fixture('toy-v1');
    const eyes = { ...opened(old).toy.features[0], part: head.part.id, copy: null };
    const course = { mark: head.part.marks[5], nth: 1, layer: 0 };
    const toy = {
      ...made,
      features: [{ ...eyes, pair: { ...(eyes as never as { pair: object }).pair, course } }] as never,
    };
    const { steps } = planOf(modelToy(toy));
    for (const copy of head.copies) {
      const mine = steps.filter((s) => s.copy === copy.id).map((s) => s.kind);
      expect(mine.filter((k) => k === 'eyes' || k === 'washers')).toEqual(['eyes', 'washers']);
      expect(mine.indexOf('washers')).toBeLessThan(mine.indexOf('stuff'));
    }
  });
});

test('a migration changes nothing but the shape: the same sizes, places and plan as the file had, and written again the same bytes', () => {
  for (const name of ['toy-v1', 'layers-v1', 'toy-v2', 'toy-v3', 'toy-v4', 'ticks-v4']) {
    const file = opened(fixture(name));
    expect(exportFile(opened(JSON.parse(exportFile(file))))).toBe(exportFile(file));
    const { joins, palette } = file.toy;
    for (const join of joins) expect(join).toMatchObject({ edge: { which: 'last', from: 1, to: null } });
    for (const yarn of palette) expect(yarn).toMatchObject({ ball: null, strands: 1, sheds: null });
  }
});
