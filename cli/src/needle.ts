import { holeTag, type HoleName } from '@hoppla/core/address';
import { edgeMm, outlineOf, piecesSaid } from '@hoppla/core/feature';
import {
  modelOf,
  patches,
  sculptings,
  sculptLines,
  stitchings,
  type Patched,
  type Sculpted,
  type Stitched,
  type ToyModel,
} from '@hoppla/core/model';
import { edgeThread, sculptThread, threadLength } from '@hoppla/core/plan';
import { patchWords, stitchWords, unitWords } from '@hoppla/core/words';
import type { Answer, Call } from './call';
import { cliWords as say } from './words';

type Any = Stitched | Patched | Sculpted;

/** Everything that is put on a toy with a needle: embroidery, what is laid on, needle sculpting; places, lengths, thread. Exit 1 where one has no place now. */
export function needleAnswer(model: ToyModel, call: Call): Answer {
  const all: Any[] = [...stitchings(model), ...patches(model), ...sculptings(model)];
  const faults = all.flatMap((s) => (s.fault ? [stitchWords.faults[s.fault](s.feature.name)] : []));
  const code = faults.length > 0 ? 1 : 0;
  if (call.flags.has('--json'))
    return { out: `${JSON.stringify({ needle: all.map((s) => json(model, s)), faults })}\n`, err: '', code };
  const lines = all.filter((s) => !s.fault).flatMap((s) => textOf(model, s));
  return {
    out: `${(lines.length > 0 ? lines : [say.noNeedle]).join('\n')}\n`,
    err: faults.map((f) => `${f}\n`).join(''),
    code,
  };
}

const tag = (name: HoleName): string => {
  const { rounds, stitches } = holeTag(name);
  return `${rounds} | ${stitches}`;
};
const sideNames = (s: Any): string[] =>
  s.sides.map(
    (side) =>
      `  ${side.side === 'own' ? '' : `${say.otherSide} `}${side.places.map((p) => tag(p.name)).join(' -> ')}`,
  );

function textOf(model: ToyModel, s: Any): string[] {
  const units = unitWords(model.toy.settings.units);
  const title = `${s.feature.name}, ${modelOf(model, s.feature.part).name}`;
  const places = sideNames(s);
  if ('way' in s)
    return [
      title,
      ...places,
      ...(s.way
        ? [
            `  ${patchWords.sculpt.thread(units.end(sculptThread(s.way)), units.length(s.way.mm), units.length(s.way.needleMm))}`,
          ]
        : []),
      ...sculptLines(s, units).map((line) => `  ${line}`),
    ];
  if (s.feature.kind === 'patch') {
    const edge = edgeMm(outlineOf(s.feature));
    const cut = edgeThread(edge, s.feature.seam);
    return [
      `${title}: ${piecesSaid(s.feature, units)}`,
      ...places,
      `  ${patchWords.seams[s.feature.seam]}, ${patchWords.threadEach(units.length(edge), units.end(cut))}`,
    ];
  }
  const { mm } = (s as Stitched).sides[0];
  const said = s.sides.length > 1 ? stitchWords.wayEach : stitchWords.way;
  return [title, ...places, `  ${said(units.length(mm), units.end(threadLength(mm)))}`];
}

const round1 = (mm: number): number => Math.round(mm * 10) / 10;

/** One thing as data; lengths in mm. */
function json(model: ToyModel, s: Any): object {
  const { feature: f } = s;
  return {
    name: f.name,
    part: modelOf(model, f.part).name,
    kind: f.kind,
    fault: s.fault,
    places: s.sides.map((side) =>
      side.places.map(({ name }) => ({ round: name.round, stitch: name.stitch, of: name.of })),
    ),
    ...ownJson(s),
  };
}

/** What only its kind has. */
function ownJson(s: Any): object {
  const { kind } = s.feature;
  if (kind === 'embroidery') return stitchedJson(s as Stitched);
  return kind === 'patch' ? patchedJson(s as Patched) : sculptedJson(s as Sculpted);
}

const stitchedJson = ({ feature: { how, when, thread }, sides }: Stitched) => ({
  how,
  when,
  thread,
  sides: sides.map(({ mm }) => ({ mm: round1(mm), cutMm: threadLength(mm) })),
});

function patchedJson({ feature: f, sides }: Patched): object {
  const edge = edgeMm(outlineOf(f));
  return {
    of: f.of,
    shape: f.shape,
    widthMm: f.widthMm,
    heightMm: f.heightMm,
    edgeMm: round1(edge),
    cutMm: edgeThread(edge, f.seam),
    holes: sides.map((side) =>
      side.pieces.map((p) =>
        p.holes.map((h) => ({ of: h.of, mm: h.mm, leftMm: round1(h.at[0]), upMm: round1(h.at[1]) })),
      ),
    ),
  };
}

const sculptedJson = ({ feature: { work, passes }, way, estimate }: Sculpted) => ({
  work,
  passes,
  ...(way
    ? {
        insideMm: round1(way.insideMm),
        overMm: round1(way.overMm),
        wayMm: round1(way.mm),
        cutMm: sculptThread(way),
        needleMm: Math.ceil(way.needleMm),
      }
    : {}),
  estimate,
});
