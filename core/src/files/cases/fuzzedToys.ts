import fc from 'fast-check';
import { hardwareOf, newNose, newPair } from '../../feature';
import { holePlace, newJoin, STRAIGHT_OUT, wholeEdge } from '../../join';
import { planOf } from '../../plan';
import {
  check,
  openChecks,
  progressOf,
  tick,
  ticksOf,
  tickWithin,
  untick,
  whereAmI,
  withDeed,
} from '../../record';
import {
  addGauge,
  addParts,
  changeGauge,
  changePart,
  changeSettings,
  changeTerms,
  changeYarn,
  measureGauge,
  newFile,
  newToy,
  removeFeature,
  removeJoin,
  removePart,
  rename,
  setFeature,
  setJoin,
  typeInPart,
  type Toy,
  type ToyFile,
} from '../../toy';
import { dappleFile, headOf, modelToy, rillFile, rubyFile } from '../../model';

// Toys as makers' taps leave them: the demo toys and a new one after any edits and ticks, for the property tests.

let n = 0;
export const newId = () => `p${++n}`;
const at = <T>(list: readonly T[], k: number): T | undefined =>
  list.length ? list[k % list.length] : undefined;

const TEXTS = [
  'Ear (2x)\nR1: 6 sc in ring (6)\nR2: inc x6',
  'R1: 0 sc',
  'Hook: 2.5 - 3 mm\n\nPaw (3x)\nR1: 4 sc in ring',
  '',
  'Fin (green)\nRow 1: ch 9, sc in 2nd ch from hook and each ch, turn',
];

/** Every kind of edit that a maker's taps make, with a number that picks what it is done to. */
export const EDITS: ((toy: Toy, k: number) => Toy)[] = [
  (toy, k) => addParts(toy, TEXTS[k % TEXTS.length], newId),
  (toy, k) => {
    const part = at(toy.parts, k);
    return part
      ? typeInPart(
          toy,
          part.id,
          {
            from: k % (part.text.length + 1),
            to: Math.min(part.text.length, (k % (part.text.length + 1)) + (k % 9)),
            insert: ['', 'x', '\n', 'R3: sc around\n', '-- eyes here --\n', '2x '][k % 6],
          },
          newId,
        )
      : toy;
  },
  (toy, k) => (at(toy.parts, k) && toy.parts.length > 1 ? removePart(toy, at(toy.parts, k)!.id) : toy),
  (toy, k) => {
    const model = modelToy(toy);
    const part = at(model.parts, k);
    const pair =
      part && part.fabric.shape === 'rounds'
        ? newPair(headOf(model, part), { id: newId(), part: part.part.id, copy: part.copies[0]?.id ?? '' })
        : null;
    return pair && part!.copies.length
      ? setFeature(toy, {
          ...pair,
          ...(k % 3 ? {} : hardwareOf(24)),
          making: k % 2 ? 'embroidered' : pair.making,
          loose: k % 5 ? [] : [{ name: 'iris', mm: 6 }],
        })
      : toy;
  },
  (toy, k) => {
    const model = modelToy(toy);
    const part = at(model.parts, k);
    const nose =
      part && part.fabric.shape === 'rounds' && part.copies.length
        ? newNose(headOf(model, part), { id: newId(), part: part.part.id, copy: part.copies[0].id }, null)
        : null;
    return nose ? setFeature(toy, nose) : toy;
  },
  (toy, k) => {
    const { pieces } = modelToy(toy);
    const [host, guest] = [at(pieces, k), at(pieces, k + 1)];
    return host && guest && host !== guest && host.form.fabric.rounds.length > 2
      ? setJoin(
          toy,
          newJoin({
            id: newId(),
            guest: { part: guest.part, copy: guest.copy },
            at: holePlace(host, 2, k),
            edge: wholeEdge(k % 2 ? 'open' : 'flattened'),
            aim: { ...STRAIGHT_OUT, tiltDeg: k % 90, towardDeg: k % 180 },
          }),
        )
      : toy;
  },
  (toy, k) => {
    const eyes = toy.features.find((f) => f.kind === 'eyes');
    const join = at(toy.joins, k);
    return eyes?.kind === 'eyes' && join
      ? setFeature(toy, {
          ...eyes,
          pair: { ...eyes.pair, centre: { ...eyes.pair.centre, by: { over: join.id } } },
        })
      : toy;
  },
  (toy, k) => (at(toy.joins, k) ? removeJoin(toy, at(toy.joins, k)!.id) : toy),
  (toy, k) => (at(toy.features, k) ? removeFeature(toy, at(toy.features, k)!.id) : toy),
  (toy, k) =>
    changeSettings(toy, {
      age: (['under 18 months', '3 years and over', 'display only', 'unknown'] as const)[k % 4],
      units: k % 2 ? 'inch' : 'mm',
    }),
  (toy, k) => changeTerms(toy, k % 2 ? 'uk' : 'us', newId),
  (toy, k) =>
    at(toy.parts, k)
      ? changePart(toy, at(toy.parts, k)!.id, { fill: (['empty', 'soft', 'medium', 'firm'] as const)[k % 4] })
      : toy,
  (toy, k) =>
    at(toy.parts, k)
      ? measureGauge(
          toy,
          at(toy.parts, k)!.id,
          [{ stitchMm: 4.2, stitchRangePercent: 2 }, { postGive: 0.5, postRangePercent: 9 }, { roundMm: 4 }][
            k % 3
          ],
          newId,
        )
      : toy,
  (toy, k) => changeYarn(toy, at(toy.gauges, k)!.id, { hookMm: 2 + (k % 5), yarn: 'plush' }, newId),
  (toy, k) => (at(toy.parts, k) ? addGauge(toy, at(toy.parts, k)!.id, 'own', newId) : toy),
  (toy, k) =>
    changeGauge(toy, toy.gauges[0].id, { stitchMm: k % 2 ? 4 : undefined, hand: k % 3 ? 'right' : 'left' }),
  (toy, k) => rename(toy, ['', 'Ä × ½ “x”', 'x'.repeat(200)][k % 3]),
];

/** A toy after one edit, picked and aimed by its numbers. */
export const edited = (toy: Toy, { edit, k }: { edit: number; k: number }): Toy => EDITS[edit](toy, k);

/** Goes on making: ticks and checks, or takes one back. */
function made(file: ToyFile, k: number): ToyFile {
  const ticks = ticksOf(planOf(modelToy(file.toy)));
  let { log } = file;
  const at = (step: number) => new Date(Date.UTC(2026, 0, 1, 20, 0, step)).toISOString();
  for (let step = 0; step < k % 60; step++) {
    const progress = progressOf(log);
    const now = ticks[whereAmI(ticks, progress).at];
    if (!now) break;
    const [open] = openChecks(now, progress);
    if (step % 5 === 4) log = withDeed(log, tickWithin(now, step), at(step));
    log = withDeed(log, open ? check(now, open) : tick(now), at(step));
  }
  if (k % 7 === 0 && ticks[0]) log = withDeed(log, untick(ticks[0]), at(k));
  return { ...file, log };
}

/** Which demo toy, and what is done to it in turn; the last kind of edit is making on. */
const op = fc.record({ edit: fc.nat(EDITS.length), k: fc.nat(999) });

/** A toy file that edits and ticks can reach. */
export const fuzzedFile = (most: number): fc.Arbitrary<ToyFile> =>
  fc.tuple(fc.nat(3), fc.array(op, { minLength: 1, maxLength: most })).map(([start, ops]) => {
    let file = [rillFile, dappleFile, rubyFile, (id: typeof newId) => newFile(newToy('New', id))][start](
      newId,
    );
    for (const { edit, k } of ops)
      file = edit === EDITS.length ? made(file, k) : { ...file, toy: EDITS[edit](file.toy, k) };
    return made(file, 3 * ops.length);
  });
