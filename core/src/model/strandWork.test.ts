import { coordAt, pointOf } from '../address';
import type { Strands, SurfaceWork } from '../feature';
import { holeSpot, move, type Placed } from '../join';
import { planOf, stepWords, troubleWords } from '../plan';
import { addParts, newToy, setFeature, type Toy } from '../toy';
import {
  dappleFile,
  hangersOf,
  modelToy,
  newHanger,
  newStrands,
  newSurface,
  rillFile,
  rubyFile,
  strandWorks,
  surfaceWorks,
  yarnLines,
  type ToyModel,
} from './index';

let n = 0;
const newId = () => `o${++n}`;
let seed = 5;
const random = () => (seed = (Math.imul(seed, 1103515245) + 12345) & 0x7fffffff) / 0x7fffffff;
const between = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));

const RILL = rillFile(newId).toy;
const rill = modelToy(RILL);
const partOf = (model: ToyModel, name: string) => model.parts.find((p) => p.name === name)!;
const placedOf = (model: ToyModel, name: string): Placed =>
  model.placed.find((p) => p.part === partOf(model, name).part.id)!;

/** A hole of a part so many degrees from its face. */
function hole(model: ToyModel, name: string, round: number, degrees: number) {
  const { form, frontRad, part } = placedOf(model, name);
  const index = Math.round(coordAt(form, round, frontRad + (degrees * Math.PI) / 180, 'hole'));
  return { part, ...holeSpot(form.fabric, round, index) };
}

const stateOf = (toy: Toy, work: SurfaceWork) =>
  surfaceWorks(modelToy(setFeature(toy, work))).find((w) => w.feature.id === work.id)!;

describe('strands', () => {
  it('as many yarns as the patch has stitches in its rounds, and as long as they are cut', () => {
    for (let k = 0; k < 60; k++) {
      const head = partOf(rill, 'Head');
      const hair = {
        ...newStrands(rill, head.part.id, newId)!,
        rounds: between(1, 8),
        everyStitch: between(1, 3),
        everyRound: between(1, 3),
        together: between(1, 3),
        cutMm: between(60, 300),
      };
      const model = modelToy(setFeature(RILL, hair));
      const [state] = strandWorks(model);
      // By hand, all the way round: every so-manieth stitch of every so-manieth round from R2 on.
      let places = 0;
      for (let r = 1; r < 1 + hair.rounds; r += hair.everyRound)
        places += Math.ceil(head.fabric.rounds[r].count / hair.everyStitch);
      expect(state.places).toHaveLength(places);
      expect(state.yarns).toBe(places * hair.together);
      expect(state.yarnM).toBeCloseTo((places * hair.together * hair.cutMm) / 1000, 9);
      // Folded in half; the loop round the stitch takes four widths of 4.35 mm.
      expect(state.hangsMm).toBeCloseTo((hair.cutMm - 4 * 4.35) / 2, 6);
    }
  });

  it('only pulled through both its ends hang, as a dot none does, and what is knotted is drawn with its knot', () => {
    const model = modelToy(RILL);
    const head = model.parts.find((p) => p.name === 'Head')!;
    const made = newStrands(model, head.part.id, newId)!;
    const of = (fix: Strands['fix'], cutMm = 160) => {
      const toy = modelToy(setFeature(RILL, { ...made, fix, cutMm }));
      const state = strandWorks(toy).find((s) => s.feature.id === made.id)!;
      const piece = toy.placed.find((p) => p.part === head.part.id)!;
      const lines = yarnLines(toy, 'strands', piece);
      return { state, knots: lines.filter((l) => l.points.length === 1).length, lines: lines.length };
    };
    // (160 - one stitch of 4.35) / 2.
    expect(of('pulled through').state.hangsMm).toBeCloseTo((160 - 4.35) / 2, 6);
    const dot = of('knotted as a dot');
    expect([dot.state.hangsMm, dot.knots]).toEqual([0, dot.lines]);
    const knotted = of('looped in and knotted');
    expect(knotted.knots).toBe(knotted.lines / 2);
    expect(of('looped in').knots).toBe(0);
  });

  it('a patch stays so many degrees to each side of its middle in every round, a direction in space', () => {
    const head = placedOf(rill, 'Head');
    const spot = hole(rill, 'Head', 4, 180);
    const fringe = {
      ...newStrands(rill, spot.part, newId)!,
      place: spot,
      rounds: 8,
      halfDeg: 40,
      everyStitch: 1,
    };
    const [state] = strandWorks(modelToy(setFeature(RILL, fringe)));
    const back = -1;
    for (const p of state.places) {
      const [x, , z] = move(head.placement, pointOf(head.form, p.polar));
      const off = Math.abs((Math.atan2(x, back * z) * 180) / Math.PI);
      const step = 360 / head.form.fabric.rounds[p.round].count;
      expect(off).toBeLessThan(40 + step);
    }
    expect(new Set(state.places.map((p) => p.round)).size).toBe(4);
  });

  it('is put in while the head is open, or at the very end, as it is said; gone rounds are told', () => {
    const hair = newStrands(rill, partOf(rill, 'Head').part.id, newId)!;
    const order = (before: 'closing' | 'nothing') => {
      const model = modelToy(setFeature(RILL, { ...hair, before }));
      const { steps } = planOf(model);
      const at = steps.findIndex((s) => s.kind === 'strands' || s.kind === 'strands-last');
      const stuff = steps.findIndex((s) => s.kind === 'stuff' && s.part === hair.part);
      const sewn = steps.findLastIndex((s) => s.kind === 'sew');
      return { at, stuff, sewn, words: stepWords(steps[at], model) };
    };
    const early = order('closing');
    expect(early.at).toBeLessThan(early.stuff);
    expect(early.words.detail).toMatch(/^cut \d+ yarns of 160 mm, .* m altogether; each end hangs \d+ mm/);
    expect(order('nothing').at).toBeGreaterThan(order('nothing').sewn);
    const lost = modelToy(
      setFeature(RILL, { ...hair, place: { ...hair.place, course: { mark: 'gone', nth: 0, layer: 0 } } }),
    );
    expect(planOf(lost).trouble.map((t) => troubleWords(t, lost))).toContain(
      'Hair: the round that it began in is gone.',
    );
  });
});

describe('what hangs from a toy', () => {
  it('Ruby’s own chain of 30 is the loop of her ring: 30 stitches of 2.5 mm hook round, and nothing is loose then', () => {
    const { toy } = rubyFile(newId);
    const bare = { ...toy, features: [] };
    const model = modelToy(bare);
    const loop = partOf(model, 'Loop');
    const ring = newHanger(model, partOf(model, 'Radish').part.id, newId)!;
    expect(ring.loop).toEqual({ part: loop.part.id });
    const held = modelToy(setFeature(bare, ring));
    const [state] = hangersOf(held);
    expect(state.loopMm).toBeCloseTo(30 * 1.45 * 2.5, 6);
    expect([state.fault, state.window]).toEqual([null, null]);
    const words = planOf(held).steps.map((s) => stepWords(s, held));
    expect(words.find((w) => /^Fasten the split ring/.test(w.title))!.detail).toBe(
      '25 mm, by a loop of chain, 109 mm round',
    );
    expect(planOf(held).trouble).toEqual([]);
  });

  it('sewn in, it is fastened while a hand of 30 mm reaches inside, and where none does that is said', () => {
    const ring = { ...newHanger(rill, partOf(rill, 'Head').part.id, newId)!, by: 'sewn in' as const };
    const model = modelToy(setFeature(RILL, ring));
    const { steps } = planOf(model);
    const at = steps.findIndex((s) => s.kind === 'hang');
    expect(at).toBeLessThan(steps.findIndex((s) => s.kind === 'stuff' && s.part === ring.part));
    const { window } = hangersOf(model)[0];
    const { form } = partOf(model, 'Head');
    const last = form.rounds.find((r) => r.number === window!.lastComfortable)!;
    expect(last.pulledMm * (1 - form.gauge.stitchRangePercent / 100)).toBeGreaterThanOrEqual(30);
    const tiny = modelToy(addParts(newToy('Bead', newId), 'Bead\nR1: 6 sc in ring\nR2-4: sc around', newId));
    const bell = { ...newHanger(tiny, tiny.parts[0].part.id, newId)!, by: 'sewn in' as const };
    const small = modelToy(setFeature(tiny.toy, bell));
    const step = planOf(small).steps.find((s) => s.kind === 'hang')!;
    expect(stepWords(step, small).notes).toEqual([expect.stringMatching(/^No hand reaches inside/)]);
  });

  it('on Dapple, whose parts are caught and not sewn, a line begins as anywhere', () => {
    const { toy } = dappleFile(newId);
    const model = modelToy(toy);
    const work = newSurface(model, partOf(model, 'Shell').part.id, newId)!;
    expect(work.motif).toBe('sl st, (htr, tr, htr) in one, sl st');
    expect(stateOf(toy, work).sites[0].freeStitches).toBeGreaterThanOrEqual(-1e-9);
  });
});
