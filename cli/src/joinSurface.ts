import { postTag } from '@hoppla/core/address';
import {
  hangersOf,
  modelOf,
  strandWorks,
  surfaceWorks,
  type SurfaceState,
  type ToyModel,
} from '@hoppla/core/model';
import { surfaceWords, unitWords } from '@hoppla/core/words';

const UNITS = unitWords('mm');
const round = (value: number): number => Math.round(value * 100) / 100;

/** Work on the surface as other programs read it: every station with its address and its point in the toy's frame, mm. */
export function surfaceJson(model: ToyModel) {
  const name = (part: string) => modelOf(model, part).name;
  return {
    surface: surfaceWorks(model).map((state) => lineJson(model, state)),
    strands: strandWorks(model).map(({ feature, fault, yarns, yarnM, hangsMm, rounds }) => ({
      id: feature.id,
      name: feature.name,
      part: name(feature.part),
      fault,
      rounds,
      yarns,
      cutMm: feature.cutMm,
      hangsMm: round(hangsMm),
      yarnM: round(yarnM),
      fix: feature.fix,
      before: feature.before,
    })),
    hangers: hangersOf(model).map(({ feature, fault, name: hole, loopMm, window }) => ({
      id: feature.id,
      is: feature.is,
      mm: feature.mm,
      part: name(feature.part),
      fault,
      tag: hole && postTag(hole),
      by: feature.by,
      loopMm: loopMm === null ? null : round(loopMm),
      window: window && { lastComfortable: window.lastComfortable, lastPossible: window.lastPossible },
    })),
  };
}

/** A line with every station: its address and its point in the toy's frame, mm. */
function lineJson(
  model: ToyModel,
  { feature, fault, words, sites, yarnM, mirrorMissMm, motif }: SurfaceState,
) {
  return {
    id: feature.id,
    name: feature.name,
    motif: feature.motif,
    takes: motif?.eats ?? null,
    over: feature.over,
    fault,
    words,
    lines: sites.map((s) => ({
      twin: s.twin,
      lengthMm: round(s.line.lengthMm),
      gapMm: round(s.gapMm),
      freeStitches: round(s.freeStitches),
      most: s.most,
      seams: s.line.seams.map(({ mm }) => round(mm)),
      offMiddleMm: s.offMiddleMm === null ? null : round(s.offMiddleMm),
      overFeatures: s.over,
      stations: s.stations.map((one) => ({
        part: modelOf(model, one.at.piece.part).name,
        tag: postTag(one.name),
        point: one.at.point.map(round),
        missMm: round(one.missMm),
        onSeam: one.onSeam,
      })),
    })),
    mirrorMissMm: mirrorMissMm === null ? null : round(mirrorMissMm),
    yarnM: round(yarnM),
  };
}

/** The same in lines for people. */
export function surfaceLines(model: ToyModel): string[] {
  const name = (part: string) => modelOf(model, part).name;
  return [
    ...surfaceWorks(model).flatMap(({ feature, fault, words, sites }) =>
      fault
        ? [surfaceWords.fault[fault](feature.name, words ?? '')]
        : sites.map(
            (s) =>
              `${feature.name} on ${name(feature.part)}: ${feature.stations} × ${feature.motif}, ${surfaceWords.over[feature.over]}, ${UNITS.fine(s.gapMm)} apart: ${s.stations
                .map((one) => `${name(one.at.piece.part)} ${postTag(one.name)}`)
                .join(', ')}`,
          ),
    ),
    ...strandWorks(model).map(({ feature, fault, yarns, hangsMm }) =>
      fault
        ? surfaceWords.strandsHomeless(feature.name)
        : `${feature.name} on ${name(feature.part)}: ${yarns} × ${UNITS.length(feature.cutMm)}, each end hangs ${UNITS.length(hangsMm)}; ${surfaceWords.fixes[feature.fix]}`,
    ),
    ...hangersOf(model).map(({ feature, fault, name: hole, loopMm }) => {
      const what = surfaceWords.hangerIs[feature.is];
      if (fault) return fault === 'homeless' ? surfaceWords.hangerHomeless(what) : surfaceWords.noLoop(what);
      const by = surfaceWords.hangDetail(
        UNITS.length(feature.mm),
        surfaceWords.by[feature.by],
        loopMm === null ? null : UNITS.length(loopMm),
      );
      return `${what} on ${name(feature.part)} at ${hole ? postTag(hole) : ''}: ${by}`;
    }),
  ];
}
