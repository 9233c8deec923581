import { setFeature, changeSettings, newToy, addParts, type Toy } from '../toy';
import {
  acceptEyes,
  headOf,
  marksOn,
  modelToy,
  rillFile,
  usualPatch,
  usualSculpt,
  withExpression,
} from '../model';
import { newStitching, type Patch } from '../feature';
import { checkToy } from '../safety';
import { faults } from './cases/checker';
import { edgeThread, planOf, sculptThread, stepWords, troubleWords } from './index';

let n = 0;
const newId = () => `n${++n}`;
const partOf = (toy: Toy, name: string) => modelToy(toy).parts.find((p) => p.name === name)!;
const ids = (toy: Toy, name: string, part = 'Head') => ({
  id: newId(),
  name,
  part: partOf(toy, part).part.id,
  copy: null,
  colour: '#f1eee6',
});
const rill = (): Toy => rillFile(newId).toy;
const withPatch = (toy: Toy, work: Parameters<typeof usualPatch>[3], more: Partial<Patch> = {}) =>
  setFeature(toy, { ...usualPatch(modelToy(toy), partOf(toy, 'Head'), ids(toy, work), work), ...more });
const kinds = (toy: Toy, part = 'Head') => {
  const { id } = partOf(toy, part).part;
  return planOf(modelToy(toy))
    .steps.filter((s) => s.part === id && s.kind !== 'rounds')
    .map((s) => s.kind);
};

describe('felt in the plan', () => {
  it('under the eyes it goes on the posts: after they are in, before the washers', () => {
    const found = kinds(withPatch(rill(), 'under the eyes'));
    const [posts, felt, washers] = ['eyes', 'patch', 'washers'].map((k) => found.indexOf(k as never));
    expect(posts >= 0 && posts < felt && felt < washers).toBe(true);
    const toy = withPatch(rill(), 'under the eyes');
    const step = planOf(modelToy(toy)).steps.find((s) => s.kind === 'patch')!;
    const words = stepWords(step, modelToy(toy));
    expect(words.title).toBe('Put under the eyes on the posts, on the head');
    // An oval of 14 x 16: Ramanujan's edge 47.2 mm; blanket stitch 3.5 x that and 200 are 365, so 40 cm.
    expect(words.detail).toBe('2 ovals of felt, 14 × 16 mm; blanket stitch, 40 cm of thread each');
    expect(words.reason).toMatch(/before the washers/);
  });

  it('elsewhere, or under embroidered eyes, it is sewn on before the fill, and nobody waits for posts', () => {
    for (const toy of [withPatch(rill(), 'cheeks'), sewn(withPatch(rill(), 'under the eyes'))]) {
      const found = kinds(toy);
      expect(found.indexOf('patch')).toBeGreaterThanOrEqual(0);
      expect(found.indexOf('patch')).toBeLessThan(found.indexOf('stuff'));
      const step = planOf(modelToy(toy)).steps.find((s) => s.kind === 'patch')!;
      expect(stepWords(step, modelToy(toy)).title).toMatch(/^Sew /);
    }
  });

  it('where plastic eyes are stopped nothing goes on posts: it is sewn on like any other', () => {
    const toy = changeSettings(withPatch(rill(), 'under the eyes'), { age: 'under 18 months' });
    const model = modelToy(toy);
    const step = planOf(model).steps.find((s) => s.kind === 'patch')!;
    expect(stepWords(step, model).title).toMatch(/^Sew under the eyes on the head/);
  });

  it('lids go over eyes that are fast: after the washers', () => {
    const found = kinds(withPatch(rill(), 'lids'));
    expect(found.indexOf('lids')).toBe(found.indexOf('washers') + 1);
    const soft = kinds(sewn(withPatch(rill(), 'lids')));
    expect(soft.indexOf('lids')).toBeGreaterThan(soft.indexOf('eyes'));
  });

  it('its thread leaves ends to be hidden, a piece each', () => {
    const { ends } = planOf(modelToy(withPatch(rill(), 'cheeks')));
    expect(ends.filter((e) => e.what === 'thread' && e.count === 2)).toEqual([
      expect.objectContaining({ eachMm: edgeThread(Math.PI * 11, 'whip') }),
    ]);
    // 3 x 34.6 and 200 are 304, so 35 cm.
    expect(edgeThread(Math.PI * 11, 'whip')).toBe(350);
  });

  it('eyes taken off: what hung on them is told as trouble, and no step is left', () => {
    const toy = withPatch(rill(), 'under the eyes');
    const bare = { ...toy, features: toy.features.filter((f) => f.kind !== 'eyes') };
    const { steps, trouble } = planOf(modelToy(bare));
    expect(steps.some((s) => s.kind === 'patch')).toBe(false);
    expect(trouble.map((t) => troubleWords(t, modelToy(bare)))).toContainEqual(
      expect.stringMatching(/^under the eyes hangs on the eyes, and there are none/i),
    );
  });

  it('is a safety point with its seam, for every age', () => {
    for (const age of ['under 18 months', '3 years and over'] as const) {
      const toy = changeSettings(withPatch(rill(), 'cheeks'), { age });
      const point = checkToy(modelToy(toy)).find((p) => p.id.startsWith('patch:'))!;
      expect(point).toMatchObject({ check: 3, weight: 'open' });
      expect(point.title).toBe('cheeks, 2 circles of felt, 11 mm: what holds is not tested');
      expect(point.reason).toBe(
        'Sewn on with whip stitch. A piece that comes off fits entirely into the small-parts cylinder (31.7 mm across).',
      );
    }
  });
});

const sewn = (toy: Toy): Toy => ({
  ...toy,
  features: toy.features.map((f) => (f.kind === 'eyes' ? { ...f, making: 'embroidered' as const } : f)),
});

describe('needle sculpting and late embroidery in the plan', () => {
  const sculpted = (toy: Toy) =>
    setFeature(toy, usualSculpt(modelToy(toy), partOf(toy, 'Head'), ids(toy, 'Eyes drawn in'), 'eyes'));
  const late = (toy: Toy) => {
    const head = partOf(toy, 'Head');
    const brows = newStitching(
      headOf(modelToy(toy), head),
      marksOn(modelToy(toy), head),
      ids(toy, 'Brows'),
      'brows',
    );
    return setFeature(toy, { ...brows, when: 'after filling' });
  };

  it('come after the fill and after closing; the thread is by the rule, the needle long enough, and it is counted', () => {
    const toy = late(sculpted(rill()));
    const found = kinds(toy);
    const end = Math.max(found.indexOf('close'), found.indexOf('fasten-off'));
    expect(found.indexOf('sculpt')).toBeGreaterThan(end);
    expect(found.indexOf('embroider-last')).toBeGreaterThan(end);
    expect(found).not.toContain('embroider');
    const model = modelToy(toy);
    const step = planOf(model).steps.find((s) => s.kind === 'sculpt')!;
    const words = stepWords(step, model);
    expect(words.detail).toMatch(/^Thread of 65 cm .* a needle of at least \d+ mm\. 2 passes/);
    expect(words.notes).toContain('Needle out: count it.');
    expect(faults(model, planOf(model).steps)).toEqual([]);
  });

  it('8 x eye distance + 300 mm, or its own way where that is longer; up to the next 5 cm', () => {
    expect(sculptThread({ mm: 240, eyesMm: 39 })).toBe(650);
    expect(sculptThread({ mm: 800, eyesMm: 39 })).toBe(1100);
    expect(sculptThread({ mm: 145, eyesMm: null })).toBe(450);
  });

  it('what is not filled is told', () => {
    const toy = sculpted(rill());
    const empty = { ...toy, parts: toy.parts.map((p) => ({ ...p, fill: 'empty' as const })) };
    const step = planOf(modelToy(empty)).steps.find((s) => s.kind === 'sculpt')!;
    expect(stepWords(step, modelToy(empty)).notes[0]).toMatch(/^This part is not filled/);
  });
});

describe('the disc inside', () => {
  const backed = (backing: 'as needed' | 'none' | number, hook = '3.0') => {
    const page = `Head (${hook} mm hook)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-14: sc around\nInsert 9 mm eyes between R9 and R10, 7 between.\nR15: (4 sc, dec) x6`;
    const toy = acceptEyes(addParts(newToy('T', newId), page, newId), newId).toy;
    return changeSettings(
      { ...toy, features: toy.features.map((f) => (f.kind === 'eyes' ? { ...f, backing } : f)) },
      { age: '3 years and over' },
    );
  };
  const washersOf = (toy: Toy) => {
    const model = modelToy(toy);
    const step = planOf(model).steps.find((s) => s.kind === 'washers')!;
    return stepWords(step, model).detail;
  };
  const pointOf = (toy: Toy) => checkToy(modelToy(toy)).find((p) => p.check === 2)!;

  it('as the fabric needs it, none, or as wide as the maker says; plan and safety say the same', () => {
    expect(washersOf(backed('as needed'))).toMatch(/^felt disc of 20 mm first/);
    expect(washersOf(backed(22))).toMatch(/^felt disc of 22 mm first/);
    expect(washersOf(backed('none'))).not.toContain('disc');
    expect(pointOf(backed('none')).reason).toContain('No disc lies under it, as you chose.');
    expect(pointOf(backed(22)).reason).toContain('A disc of 22 mm lies under it.');
    expect(pointOf(backed(19)).reason).toContain('too narrow for its washer: at least 20 mm');
    expect(pointOf(backed('as needed')).reason).not.toMatch(/disc/i);
  });
});

describe('whole faces', () => {
  const BALL = `Head (3.0 mm hook, ring = crown)\nR1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6: (4 sc, inc) x6\nR7-14: sc around\nInsert 8 mm eyes between R9 and R10, 7 between.\nR15: (4 sc, dec) x6\nR16: (3 sc, dec) x6`;
  const ball = () => acceptEyes(addParts(newToy('T', newId), BALL, newId), newId).toy;
  const rows = (toy: Toy, name: string) => {
    const f = toy.features.find((x) => x.kind === 'embroidery' && x.name === name)!;
    return f.kind === 'embroidery' ? f.ends.map((e) => e.down) : [];
  };

  it('say what they say by where mouth and brows go, and another replaces them', () => {
    const toy = ball();
    const { id } = partOf(toy, 'Head').part;
    const glad = withExpression(toy, id, 'glad', newId);
    const cross = withExpression(glad, id, 'cross', newId);
    const middleBelowEnds = (t: Toy) => {
      const [a, b, c] = rows(t, 'Mouth');
      return b - (a + c) / 2;
    };
    expect(middleBelowEnds(glad)).toBeGreaterThan(0);
    expect(middleBelowEnds(cross)).toBeLessThan(0);
    const [inner, outer] = rows(cross, 'Brows');
    expect(inner).toBeGreaterThan(outer);
    const names = (t: Toy) => t.features.filter((f) => 'ends' in f).map((f) => ('name' in f ? f.name : ''));
    expect(names(cross).sort()).toEqual(['Brows', 'Mouth', 'Nose']);
    const sleepy = withExpression(cross, id, 'sleepy', newId);
    expect(names(sleepy).sort()).toEqual(['Brows', 'Lids', 'Mouth', 'Nose']);
    expect(names(withExpression(sleepy, id, 'calm', newId)).sort()).toEqual(['Brows', 'Mouth', 'Nose']);
    for (const t of [glad, cross, sleepy])
      expect(planOf(modelToy(t)).trouble.filter((x) => x.what === 'stitches')).toEqual([]);
  });

  it('where a snout is sewn on, mouth and nose stay with it; without eyes nothing changes', () => {
    const toy = rill();
    const { id } = partOf(toy, 'Head').part;
    const glad = withExpression(toy, id, 'glad', newId);
    const added = glad.features.filter((f) => !toy.features.includes(f));
    expect(added.map((f) => ('name' in f ? f.name : ''))).toEqual(['Brows']);
    const bare = { ...ball(), features: [] };
    expect(withExpression(bare, bare.parts[0].id, 'glad', newId)).toBe(bare);
  });
});
