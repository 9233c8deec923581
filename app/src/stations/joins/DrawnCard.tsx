import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import {
  movedJoin,
  pieceKey,
  standsOffMm,
  threadedEndMm,
  type DrawnSite,
  type ThreadedJoin,
  type ThreadedSite,
  type ThroughJoin,
  type ThroughSite,
} from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { isUnder36 } from '@hoppla/core/safety';
import { planWords } from '@hoppla/core/words';
import { Nudge, ProblemLine, Quiet, Tag, Title, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { change, namesOf } from './change';
import { Held, TakeOff } from './Held';
import { JoinNudges } from './Nudges';
import { Saying } from './Saying';

const say = words.joins;

interface DrawnProps {
  join: ThroughJoin | ThreadedJoin;
  sites: readonly DrawnSite[];
  model: ToyModel;
}

/** What runs through its host: both holes, how wide the host is there, what is free, and its small steps. */
export function DrawnCard({ join, sites, model }: DrawnProps) {
  const { guest, host } = namesOf(model, join);
  const { units } = useToy();
  const [site] = sites;
  const fault = model.joinFaults.find((f) => f.join.id === join.id)?.fault;
  const called = join.kind === 'threaded' && join.twin ? say.pair(guest) : guest;
  return (
    <>
      <Title role="heading" aria-level={2}>
        {join.kind === 'through' ? say.throughTitle(called, host) : say.title(called, host)}
      </Title>
      {site && !fault ? null : (
        <ProblemLine
          where={guest}
          sentence={fault ? planWords.joinFault[fault](guest, host) : say.homeless}
          severity="error"
        />
      )}
      {site ? (
        <>
          {site.exits.state === 'moved' ? <Settle join={join} site={site} model={model} /> : null}
          {site.how === 'through' ? <Free site={site} /> : null}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' }}>
            {[site.exits.first, site.exits.other].map((exit, k) => (
              <Tag key={k} of={k === 0 ? say.inAt : say.outAt} {...holeTag(exit.name)} />
            ))}
          </View>
          <Words>{say.wide(host, units.length(site.exits.widthMm))}</Words>
          {Math.abs(site.risesMm) > modelOf(model, join.at.part).gauge.roundMm ? (
            <ProblemLine
              where={guest}
              sentence={say.rises(units.fine(Math.abs(site.risesMm)), site.risesMm > 0)}
              severity="warning"
            />
          ) : null}
          <JoinNudges model={model} join={join} at={site.exits.first} pair />
        </>
      ) : null}
      <Held join={join} model={model} />
      {site ? <Saying join={join} model={model} /> : null}
      {site?.how === 'through' ? <Through join={site.join} /> : null}
      {site?.how === 'threaded' ? <Threaded join={site.join} site={site} model={model} /> : null}
      <TakeOff join={join} />
    </>
  );
}

/** Its round has another number of stitches now: looked at, and kept where it is. */
function Settle({ join, site, model }: Omit<DrawnProps, 'sites'> & { site: DrawnSite }) {
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
  const keep = () =>
    change(words.face.moved, host ? (movedJoin(host, join, site.exits.first, 'keep')?.join ?? null) : null);
  return (
    <ProblemLine
      where={namesOf(model, join).guest}
      sentence={say.toSettle}
      severity="warning"
      mends={[{ title: words.face.moved, onPress: keep }]}
    />
  );
}

/** How much of it is free: the number that matters. */
function Free({ site }: { site: ThroughSite }) {
  const { units, model } = useToy();
  const [first, other] = site.freeMm.map((mm) => units.length(mm));
  // Both lengths go with the gauges: the least known decides.
  const percent = Math.max(
    ...[site.join.guest, site.join.at].map((of) => modelOf(model, of.part).gauge.rangePercent),
  );
  const [low, high] = [-percent, percent].map((by) => units.bare(site.freeMm[0] * (1 + by / 100)));
  return (
    <>
      <Title>{first === other ? say.free(first) : say.freeEach(first, other)}</Title>
      <Quiet>{say.freeRange(low, high)}</Quiet>
    </>
  );
}

const SHIFT_MM = 5;

function Through({ join }: { join: ThroughJoin }) {
  const { units } = useToy();
  return (
    <>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        {[1, -1].map((way) => (
          <Nudge
            key={way}
            direction={way > 0 ? say.moreFirst : say.moreOther}
            arrow={way > 0 ? '⇤' : '⇥'}
            result={units.length(Math.abs(join.shiftMm + way * SHIFT_MM))}
            repeats
            onPress={() =>
              change(way > 0 ? say.moreFirst : say.moreOther, {
                ...join,
                shiftMm: join.shiftMm + way * SHIFT_MM,
              })
            }
          />
        ))}
      </View>
      <Quiet>{planWords.drawThroughReason}</Quiet>
      <Quiet>{say.drawnStraight}</Quiet>
    </>
  );
}

const POSE_DEG = 15;

function Threaded({ join, site, model }: { join: ThreadedJoin; site: ThreadedSite; model: ToyModel }) {
  const { units, toy } = useToy();
  const host = model.placed.find((p) => pieceKey(p) === pieceKey(join.at));
  const guest = model.pieces.find((p) => pieceKey(p) === pieceKey(join.guest));
  const off = host && guest ? standsOffMm(site, host, guest) : 0;
  // Round once is where it was.
  const turned = (way: number) => ((join.poseDeg + way * POSE_DEG + 540) % 360) - 180;
  const { rounds } = join.pierced;
  const pierced = (by: number) => ({
    ...join,
    pierced: { ...join.pierced, rounds: Math.max(1, rounds + by) },
  });
  return (
    <>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {[-1, 1].map((way) => (
          <Nudge
            key={`pose${way}`}
            direction={way < 0 ? say.poseBack : say.poseForward}
            arrow={way < 0 ? '↷' : '↶'}
            result={`${turned(way)}°`}
            repeats
            onPress={() => change(say.pose, { ...join, poseDeg: turned(way) })}
          />
        ))}
        {[-1, 1].map((by) => (
          <Nudge
            key={`pierced${by}`}
            direction={by < 0 ? say.piercedUp : say.piercedDown}
            arrow={by < 0 ? '↥' : '↧'}
            result={String(Math.max(1, rounds + by))}
            disabled={rounds + by < 1}
            onPress={() => change(say.pierced, pierced(by))}
          />
        ))}
      </View>
      <Words>{say.thread(units.end(threadedEndMm(site.exits.widthMm)), site.pierced)}</Words>
      {off > 2 ? <Quiet>{say.standsOff(units.fine(off))}</Quiet> : null}
      {isUnder36(toy.settings.age) ? (
        <ProblemLine where={say.threadedWhere} sentence={say.threadedSmall} severity="error" />
      ) : null}
      <Quiet>{planWords.threadReason}</Quiet>
    </>
  );
}
