import { View } from 'react-native';
import { holeTag, type HoleName } from '@hoppla/core/address';
import { evened, type Embroidery, type ThreadEnd } from '@hoppla/core/feature';
import { evennessOf, type PartModel, type Stitched } from '@hoppla/core/model';
import { threadLength } from '@hoppla/core/plan';
import { stitchWords, type UnitWords } from '@hoppla/core/words';
import { ProblemLine, Quiet, Words } from '../../controls';
import { screenWords as words } from '../../words';
import { put, type EndAt } from './stitchEnds';
import { Ends, Steps, Where } from './NeedleEnds';
import { Scatter } from './Scatter';
import { OtherSide, Satin, Thread } from './StitchThread';

const say = words.stitching;

/** About as wide as a knot, mm. */
const KNOT_MM = 3;

interface StitchProps {
  part: PartModel;
  stitched: Stitched;
  units: UnitWords;
  at: EndAt;
  setAt: (at: EndAt) => void;
}

const tagOf = (name: HoleName): string => `${holeTag(name).rounds} | ${holeTag(name).stitches}`;

/** Where its thread begins and ends. */
const startEnd = ({ when, thread }: Embroidery, { places }: Stitched['sides'][number]): string =>
  stitchWords.startEnd(tagOf(places[0].name), tagOf(places[places.length - 1].name), when, thread.of);

/** One piece of embroidery: how much thread, where each end goes in, small steps, words, its other side and its thread. */
export function StitchCard({ part, stitched, units, at, setAt }: StitchProps) {
  const { feature: f, fault, sides } = stitched;
  const each = sides.length > 1;
  const mm = sides[0]?.mm ?? 0;
  return (
    <>
      {fault ? null : (
        <Words fontWeight="600">
          {(each ? stitchWords.wayEach : stitchWords.way)(units.length(mm), units.end(threadLength(mm)))}
        </Words>
      )}
      {sides[0] ? <Quiet>{startEnd(f, sides[0])}</Quiet> : null}
      <Ends part={part} stitched={stitched} at={at} setAt={setAt} />
      <Steps part={part} stitched={stitched} at={at} />
      <Where key={`${f.id} ${at.side} ${at.end}`} part={part} stitched={stitched} at={at} />
      <Readings part={part} stitched={stitched} units={units} />
      <OtherSide part={part} stitched={stitched} setAt={setAt} />
      {f.satin ? <Satin part={part} f={f} units={units} /> : null}
      <Thread part={part} f={f} />
      {f.how === 'knots' ? <Scatter part={part} stitched={stitched} wideMm={KNOT_MM} units={units} /> : null}
    </>
  );
}

/** Nearer to one side by less is seen by nobody, mm. */
const EVEN_MM = 0.8;

/** How even it is, and ends that stand in holes. */
function Readings({ part, stitched, units }: Pick<StitchProps, 'part' | 'stitched' | 'units'>) {
  const { feature: f, head, marks, sides } = stitched;
  if (sides.length === 0) return null;
  const places = sides.flatMap((s) => s.places);
  const holes: HoleName[] = places.filter((p) => p.in === 'hole').map((p) => p.name);
  const { mirrorMm, leftMm } = evennessOf(stitched);
  return (
    <View style={{ gap: 4 }}>
      {mirrorMm === null ? null : <Quiet>{stitchWords.mirror(units.fine(mirrorMm))}</Quiet>}
      {leftMm !== null && Math.abs(leftMm) < EVEN_MM ? <Quiet>{stitchWords.even}</Quiet> : null}
      {leftMm !== null && Math.abs(leftMm) >= EVEN_MM ? (
        <ProblemLine
          where={f.name}
          sentence={stitchWords.nearer(units.fine(Math.abs(leftMm)), leftMm > 0 ? 'left' : 'right')}
          severity="note"
          mends={[{ title: say.centre, onPress: () => put(say.centre, part, evened(head, f, marks)) }]}
        />
      ) : null}
      {holes.length > 0 && f.how !== 'satin' ? (
        <ProblemLine
          where={f.name}
          sentence={stitchWords.inHole(holes.map(tagOf).join(', '))}
          severity="note"
          mends={[
            {
              title: say.halfOver,
              onPress: () => put(say.halfOver, part, outOfHoles(f, sides)),
            },
          ]}
        />
      ) : null}
    </View>
  );
}

/** Every end that stands in a hole, on either side, half a round lower. */
function outOfHoles(f: Embroidery, [own, twin]: Stitched['sides']): Embroidery {
  const lower = (ends: readonly ThreadEnd[], inHole: (i: number) => boolean) =>
    ends.map((e, i) => (inHole(i) ? { ...e, down: e.down + 0.5 } : e));
  const holed = (side: typeof own | undefined, i: number) => side?.places[i]?.in === 'hole';
  if (typeof f.twin !== 'string')
    return { ...f, ends: lower(f.ends, (i) => holed(own, i)), twin: lower(f.twin, (i) => holed(twin, i)) };
  // A mirrored side goes with its own.
  return { ...f, ends: lower(f.ends, (i) => holed(own, i) || holed(twin, i)) };
}
