import { coordAt, polarOf, pointOf, surfaceDistance } from '../address';
import type { LineOver, SurfaceWork } from '../feature';
import { cross, dot, sub, unit, type Vec3 } from '../form';
import { holeSpot, move, type Placed } from '../join';
import { planOf, stepWords, troubleWords } from '../plan';
import { changeTerms, setFeature, type Toy } from '../toy';
import {
  modelToy,
  newSurface,
  readMotif,
  rillFile,
  surfaceWorks,
  yarnLines,
  type SurfaceSite,
  type ToyModel,
} from './index';
import { share } from '../../bench/share';

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

const lineOf = (
  model: ToyModel,
  from: ReturnType<typeof hole>,
  to: ReturnType<typeof hole>,
  over: LineOver,
  more: Partial<SurfaceWork> = {},
): SurfaceWork => {
  const { part, ...place } = from;
  return {
    ...newSurface(model, part, newId)!,
    place,
    end: { ...to, copy: null },
    over,
    ...more,
  };
};
const stateOf = (toy: Toy, work: SurfaceWork) =>
  surfaceWorks(modelToy(setFeature(toy, work))).find((w) => w.feature.id === work.id)!;

const WAYS: Record<string, Vec3> = {
  top: [0, 1, 0],
  back: [0, 0, -1],
  front: [0, 0, 1],
  left: [1, 0, 0],
  right: [-1, 0, 0],
};

/** Furthest of a line's places from the plane through its ends and the way it goes over, mm: the test's own arithmetic. */
function offPlane({ line }: SurfaceSite, over: string): number {
  const [a, b] = [line.path[0].point, line.path.at(-1)!.point];
  const side = unit(cross(unit(sub(b, a)), WAYS[over]));
  return Math.max(...line.path.map((p) => Math.abs(dot(sub(p.point, a), side))));
}

/** Furthest of a line's places from the fabric that they are said to be on, mm. */
const offFabric = ({ line }: SurfaceSite): number =>
  Math.max(
    ...line.path.map(({ piece, polar, point }) =>
      Math.hypot(...sub(move(piece.placement, pointOf(piece.form, polar)), point)),
    ),
  );

describe('a line over the toy', () => {
  it(`${share(200)} lines over one part and over several: in the plane that was asked for, on the fabric, gaps equal, each address where its station is`, () => {
    const names = ['Head', 'Body', 'Snout', 'Tail', 'Arm'];
    let [made, several] = [0, 0];
    for (let k = 0; k < share(200); k++) {
      const one = names[between(0, 4)];
      const both = k % 2 === 0;
      const [a, b] = both ? ['Head', 'Body'] : [one, one];
      const rounds = (name: string) => placedOf(rill, name).form.fabric.rounds.length;
      const over = (['back', 'left', 'right', 'top', 'front'] as const)[between(0, both ? 2 : 4)];
      const degrees = { back: 180, left: 90, right: -90, top: 180, front: 0 }[over] + between(-35, 35);
      const from = hole(rill, a, between(2, rounds(a) - 2), degrees);
      const to = hole(rill, b, between(2, rounds(b) - 2), degrees + between(-30, 30));
      const stations = between(2, 9);
      const { sites, fault } = stateOf(RILL, lineOf(rill, from, to, over, { stations }));
      if (fault) {
        // Two holes in one place, or a way that is along the line itself.
        expect(fault).toMatch(/no way out|not joined/);
        continue;
      }
      made++;
      const [site] = sites;
      if (site.line.seams.length > 0) several++;
      expect(offPlane(site, over)).toBeLessThan(0.5);
      expect(offFabric(site)).toBeLessThan(0.8);
      expect(site.stations).toHaveLength(stations);
      site.stations.slice(1).forEach((s, i) => {
        const before = site.stations[i];
        const half = s.at.piece.form.gauge.stitchMm / 2;
        expect(Math.abs(s.mm - before.mm - site.gapMm)).toBeLessThan(1e-6);
        const straight = Math.hypot(...sub(s.at.point, before.at.point));
        // On a seam it stands on the nearer of its two edges.
        const seam = s.onSeam || before.onSeam ? half : 0;
        expect(straight).toBeLessThan(site.gapMm + half + seam);
      });
      for (const s of site.stations) {
        const { form, placement } = s.at.piece;
        const back = move(placement, pointOf(form, polarOf(form, s.round, s.coord, 'hole')));
        const cell = Math.hypot(form.gauge.stitchMm, form.gauge.roundMm) / 2;
        // At an end there is no hole beyond the last round; stretched fabric has wider cells.
        expect(Math.hypot(...sub(back, s.at.point))).toBeLessThan(2.2 * cell);
        expect(s.name.of).toBe(form.fabric.rounds[s.round].count);
      }
    }
    expect(made).toBeGreaterThan(share(150));
    expect(several).toBeGreaterThan(share(60));
  });

  it('a comb from the head over the body to the tail: three parts, two seams, nothing inside another, straight within 0.5 mm', () => {
    const from = hole(rill, 'Head', 5, 180);
    const tail = placedOf(rill, 'Tail').form.fabric.rounds.length;
    // On top of the tail, as it lies on the ground: the side that looks up.
    const up = [0, 90, 180, 270].reduce((a, b) => {
      const height = (deg: number) => {
        const { form, placement, frontRad } = placedOf(rill, 'Tail');
        return move(
          placement,
          pointOf(form, { angleRad: frontRad + (deg * Math.PI) / 180, row: tail - 4 }),
        )[1];
      };
      return height(b) > height(a) ? b : a;
    });
    const [site] = stateOf(
      RILL,
      lineOf(rill, from, hole(rill, 'Tail', 6, up), 'back', { stations: 12 }),
    ).sites;
    const names = site.line.path.map((p) => rill.parts.find((x) => x.part.id === p.piece.part)!.name);
    expect([...new Set(names)]).toEqual(['Head', 'Body', 'Tail']);
    expect(site.line.seams).toHaveLength(2);
    expect(site.line.buriedMm).toBeLessThan(1);
    expect(offPlane(site, 'back')).toBeLessThan(0.5);
    expect(site.stations).toHaveLength(12);
  });

  it('in the other terms its stitches are called otherwise, and are the same', () => {
    const work = lineOf(rill, hole(rill, 'Head', 5, 180), hole(rill, 'Head', 14, 180), 'back');
    const toy = setFeature(RILL, work);
    const uk = changeTerms(toy, 'uk', newId);
    const [us, there] = [toy, uk].map((t) => surfaceWorks(modelToy(t))[0]);
    expect(there.feature.motif).toBe('sl st, (htr, tr, htr) in one, sl st');
    expect(there.motif).toEqual(us.motif);
    expect(changeTerms(uk, 'us', newId).features.at(-1)).toEqual(work);
  });

  it('on one part it is as long as the way along the fabric, within what a plane’s own way is longer', () => {
    const { form, placement } = placedOf(rill, 'Head');
    const from = hole(rill, 'Head', 6, 180);
    const to = hole(rill, 'Head', 16, 180);
    const [site] = stateOf(RILL, lineOf(rill, from, to, 'back')).sites;
    const [a, b] = [from, to].map((spot) =>
      polarOf(
        form,
        form.fabric.rounds.findIndex((r) => r.mark === spot.course.mark && r.nth === spot.course.nth),
        spot.index,
        'hole',
      ),
    );
    expect(placement.laid).toBeNull();
    const way = surfaceDistance(form, a, b);
    expect(site.line.lengthMm).toBeGreaterThan(way * 0.985);
    expect(site.line.lengthMm).toBeLessThan(way * 1.06);
  });

  it('a twin stands at the mirror image, within a cell; alone, how far it is from the middle is told', () => {
    const work = lineOf(rill, hole(rill, 'Head', 5, 140), hole(rill, 'Head', 14, 140), 'back', {
      twin: true,
    });
    const { sites, mirrorMissMm } = stateOf(RILL, work);
    expect(sites.map((s) => s.twin)).toEqual([false, true]);
    const worst = Math.max(
      ...sites[0].stations.map(
        (
          {
            at: {
              point: [x, y, z],
            },
          },
          i,
        ) => Math.hypot(...sub([-x, y, z], sites[1].stations[i].at.point)),
      ),
    );
    expect(mirrorMissMm).toBeCloseTo(worst, 9);
    expect(worst).toBeLessThan(4);
    const alone = stateOf(RILL, { ...work, twin: false });
    expect(alone.mirrorMissMm).toBeNull();
    expect(alone.sites[0].offMiddleMm!).toBeGreaterThan(5);
  });

  it('what does not fit, goes over an eye, is not joined or not read is told', () => {
    const from = hole(rill, 'Head', 5, 180);
    const to = hole(rill, 'Head', 14, 180);
    const tight = stateOf(RILL, lineOf(rill, from, to, 'back', { stations: 30 })).sites[0];
    expect(tight.freeStitches).toBeLessThan(0);
    const loose = stateOf(RILL, lineOf(rill, from, to, 'back', { stations: tight.most })).sites[0];
    expect(loose.freeStitches).toBeGreaterThanOrEqual(-1e-9);
    const [eyes] = rill.eyes;
    const state = eyes.state;
    if (state.state === 'homeless') throw new Error('no eyes');
    // Straight down through an eye.
    const beside = ((state.polar[0].angleRad - placedOf(rill, 'Head').frontRad) * 180) / Math.PI;
    const through = lineOf(rill, hole(rill, 'Head', 4, beside), hole(rill, 'Head', 15, beside), 'front');
    const over = stateOf(RILL, through).sites[0];
    expect(over.over).toEqual([eyes.eyes.id]);
    expect(tight.over).toEqual([]);
    expect(stateOf(RILL, lineOf(rill, from, to, 'back', { motif: 'two wobbles' })).fault).toBe('motif');
    expect(stateOf(RILL, lineOf(rill, from, to, 'back', { motif: ' ' })).words).toMatch(
      /^Nothing is written/,
    );
    const unsewn = { ...RILL, joins: [] };
    const apart = modelToy(unsewn);
    // Loose parts stand by themselves: none lies in another.
    const byItself = newSurface(apart, partOf(apart, 'Head').part.id, newId)!;
    expect(stateOf(unsewn, byItself).sites[0].line.buriedMm).toBe(0);
    const part = (name: string) => partOf(apart, name).part.id;
    const work = { ...lineOf(rill, from, hole(rill, 'Body', 9, 180), 'back'), part: part('Head') };
    expect(stateOf(unsewn, work).fault).toBe('not joined');
    const lost = { ...work, place: { ...work.place, course: { ...work.place.course, mark: 'gone' } } };
    const troubled = modelToy(setFeature(RILL, lost));
    expect(planOf(troubled).trouble.map((t) => troubleWords(t, troubled))).toContain(
      'Comb: a round that it stood on is gone.',
    );
  });

  it('goes with its rounds through edits, and its addresses and yarn stand in the plan, after the seams', () => {
    const work = lineOf(rill, hole(rill, 'Head', 5, 180), hole(rill, 'Body', 9, 180), 'back', {
      stations: 6,
    });
    const model = modelToy(setFeature(RILL, work));
    const { steps } = planOf(model);
    const at = steps.findIndex((s) => s.kind === 'surface');
    const words = stepWords(steps[at], model);
    expect(words.title).toBe('Work comb on the head');
    expect(words.notes[1].split(', ')).toHaveLength(6);
    expect(words.notes[1]).toMatch(/^R\d+·\d+ \| \d+·\d+, R/);
    expect(steps.findLastIndex((s) => s.kind === 'sew')).toBeLessThan(at);
    expect(yarnLines(model, 'surface', placedOf(model, 'Head')).length).toBeGreaterThan(0);
    expect(yarnLines(model, 'surface', placedOf(model, 'Body')).length).toBeGreaterThan(0);
  });
});

describe('what is worked at a station', () => {
  const gauge = { stitchMm: 4, roundMm: 3.7 };
  it.each([
    // stitches of the surface, height and yarn in stitch widths, by hand: hdc 1.45, dc 2, tr 2.8 rounds high.
    ['sl st, (hdc, dc, tr, dc, hdc) in one, sl st', 3, 2.8 * 3.7, 2 * 4 + 2 * 8.5 + 2 * 11 + 14],
    ['sc', 1, 3.7, 6.5],
    ['(ch 2, sc) x3', 3, null, 3 * (2 * 3.5 + 6.5)],
    ['ch 10, sl st in 2nd ch from hook and each ch, sl st in same st', 1, 9 * 4, null],
  ])('%s', (written, eats, height, yarn) => {
    const { motif } = readMotif(written, 'us', gauge, gauge);
    expect(motif!.eats).toBe(eats);
    if (height !== null) expect(motif!.heightMm).toBeCloseTo(height, 6);
    if (yarn !== null) expect(motif!.yarnWidths).toBeCloseTo(yarn, 6);
  });
  it('in UK terms the same words are other stitches', () => {
    const tall = (terms: 'us' | 'uk') => readMotif('dc', terms, gauge, gauge).motif!.heightMm;
    expect(tall('us') / tall('uk')).toBeCloseTo(2, 6);
  });
  it.each(['blorp', '', 'sc around the moon 3x'])('“%s” is not read, and it is said why', (written) =>
    expect(readMotif(written, 'us', gauge, gauge).problem).toMatch(/./),
  );
});
