import { View } from 'react-native';
import { MOST_SCULPTED, type Sculpt } from '@hoppla/core/feature';
import { sculptLines, type PartModel, type Sculpted } from '@hoppla/core/model';
import { sculptThread } from '@hoppla/core/plan';
import { patchWords, type UnitWords } from '@hoppla/core/words';
import { Choice, Nudge, ProblemLine, Quiet, Words } from '../../controls';
import { screenWords as words } from '../../words';
import { Ends, Steps, Where } from './NeedleEnds';
import { put, type EndAt } from './stitchEnds';
import { Colour } from './StitchThread';

const say = words.patch;
const told = patchWords.sculpt;

/** Needle sculpting: thread and needle, the way it goes, what the pull is thought to do, and how often. */
export function SculptCard({
  part,
  sculpted,
  units,
  at,
  setAt,
}: {
  part: PartModel;
  sculpted: Sculpted;
  units: UnitWords;
  at: EndAt;
  setAt: (at: EndAt) => void;
}) {
  const { feature: f, way } = sculpted;
  return (
    <>
      {way ? (
        <Words fontWeight="600">
          {told.thread(units.end(sculptThread(way)), units.length(way.mm), units.length(way.needleMm))}
        </Words>
      ) : null}
      {part.part.fill === 'empty' ? (
        <ProblemLine where={part.name} sentence={told.notFilled} severity="warning" />
      ) : null}
      <View style={{ gap: 2 }}>
        {sculptLines(sculpted, units).map((line) => (
          <Words key={line}>{line}</Words>
        ))}
        <Quiet>{told.judged}</Quiet>
      </View>
      <Ends part={part} stitched={sculpted} at={at} setAt={setAt} />
      <Steps part={part} stitched={sculpted} at={at} />
      <Where key={`${f.id} ${at.end}`} part={part} stitched={sculpted} at={at} />
      <WayOf f={f} />
      <Passes part={part} f={f} />
      {f.work === 'eyes' ? (
        <Choice
          label={say.loop}
          options={(['inner', 'outer'] as const).map((id) => ({ id, label: say.loops[id] }))}
          chosen={f.loop}
          onChoose={(loop) => put(say.loop, part, { ...f, loop })}
        />
      ) : null}
      <Colour part={part} f={f} />
    </>
  );
}

/** The way of the needle, leg by leg. */
function WayOf({ f }: { f: Sculpt }) {
  const legs = f.ends.map((_, i) => told.leg(i + 1, i % 2 === 0));
  return (
    <View style={{ gap: 2 }}>
      <Words fontWeight="600">{say.way}</Words>
      {[...legs, told.back(1)].map((leg) => (
        <Quiet key={leg}>{leg}</Quiet>
      ))}
    </View>
  );
}

function Passes({ part, f }: { part: PartModel; f: Sculpt }) {
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {[-1, 1].map((by) => (
        <Nudge
          key={by}
          direction={by < 0 ? words.stitching.less(say.passes) : words.stitching.more(say.passes)}
          arrow={by < 0 ? '−' : '+'}
          result={String(f.passes + by)}
          disabled={f.passes + by < 1 || f.passes + by > MOST_SCULPTED.passes}
          repeats
          onPress={() => put(say.passes, part, { ...f, passes: f.passes + by })}
        />
      ))}
    </View>
  );
}
