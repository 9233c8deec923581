import { useState } from 'react';
import { View } from 'react-native';
import {
  edgesOf,
  isFoldedShut,
  liesAs,
  MOST_TILT_DEG,
  wholeEdge,
  type Edge,
  type EdgeLies,
  type SewnJoin,
  type JoinSite,
  type Way,
} from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { joinWords } from '@hoppla/core/words';
import { Choice, Field, Nudge, Quiet } from '../../controls';
import { screenWords as words } from '../../words';
import { change } from './change';

const say = words.joins;

const WAYS: readonly (Way | 'out')[] = ['out', 'up', 'down', 'forward', 'back', 'side'];
/** A turn about its own axis goes by this many degrees. */
const TURN_DEG = 15;

/** Which way it points, and how it is turned about itself. */
export function Pointing({ join, site }: { join: SewnJoin; site: JoinSite }) {
  const { aim } = join;
  const way = aim.way ?? (Math.abs(aim.tiltDeg) < 0.5 ? 'out' : null);
  const turned = (by: number) =>
    change(say.turn, { ...join, aim: { ...aim, turnDeg: wrapped(aim.turnDeg + by) } });
  if (site.how !== 'surface')
    return (
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <TurnNudges turnDeg={aim.turnDeg} onTurn={turned} step={stitchDeg(site)} />
      </View>
    );
  return (
    <>
      <Choice
        label={say.points}
        options={WAYS.map((id) => ({ id, label: say.ways[id] }))}
        chosen={way}
        onChoose={(id) =>
          change(say.ways[id], {
            ...join,
            aim: { ...aim, way: id === 'out' ? null : id, tiltDeg: 0, towardDeg: 0 },
          })
        }
      />
      <Tilt join={join} site={site} />
      {site.heldOffDeg > 1 ? <Quiet>{say.heldOff(Math.round(site.heldOffDeg))}</Quiet> : null}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <TurnNudges turnDeg={aim.turnDeg} onTurn={turned} step={TURN_DEG} />
      </View>
    </>
  );
}

/** The tilt typed: how far from straight out, and towards which way. */
function Tilt({ join, site }: { join: SewnJoin; site: JoinSite }) {
  const now = { tiltDeg: Math.round(site.tiltDeg), towardDeg: Math.round(site.towardDeg) };
  const put = (which: keyof typeof now) => (deg: number) =>
    change(say.points, { ...join, aim: { ...join.aim, ...now, way: null, [which]: deg } });
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <Degrees
        key={`t${now.tiltDeg}`}
        label={say.tilt}
        deg={now.tiltDeg}
        least={0}
        most={MOST_TILT_DEG}
        onPut={put('tiltDeg')}
      />
      <Degrees
        key={`w${now.towardDeg}`}
        label={say.toward}
        deg={now.towardDeg}
        least={-180}
        most={180}
        onPut={put('towardDeg')}
      />
    </View>
  );
}

/** A number of degrees; taken when it is done being typed. */
function Degrees({
  label,
  deg,
  least,
  most,
  onPut,
}: {
  label: string;
  deg: number;
  least: number;
  most: number;
  onPut: (deg: number) => void;
}) {
  const [typed, setTyped] = useState(String(deg));
  const [wrong, setWrong] = useState(false);
  const done = () => {
    const said = typed.trim() === '' ? NaN : Number(typed.replace(',', '.'));
    const fits = said >= least && said <= most;
    setWrong(!fits);
    if (fits) onPut(said);
  };
  return (
    <View style={{ flexGrow: 1, minWidth: 150 }}>
      <Field
        label={label}
        value={typed}
        onChange={setTyped}
        onDone={done}
        unit={say.degrees}
        numeric
        most={6}
      />
      {wrong ? <Quiet>{say.degreesFrom(least, most)}</Quiet> : null}
    </View>
  );
}

const wrapped = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;
/** One stitch of the host's end, degrees. */
const stitchDeg = (site: JoinSite): number => 360 / Math.max(1, site.hostEdge);

function TurnNudges({
  turnDeg,
  onTurn,
  step,
}: {
  turnDeg: number;
  onTurn: (by: number) => void;
  step: number;
}) {
  return (
    <>
      {[-1, 1].map((way) => (
        <Nudge
          key={way}
          direction={way < 0 ? say.turnRight : say.turnLeft}
          arrow={way < 0 ? '↻' : '↺'}
          result={`${Math.round(wrapped(turnDeg + way * step))}°`}
          repeats
          onPress={() => onTurn(way * step)}
        />
      ))}
    </>
  );
}

const LIES: readonly EdgeLies[] = ['open', 'flattened', 'pinched'];

/** Which edge of the guest is sewn, and how it lies. */
export function EdgeChoice({ join, model }: { join: SewnJoin; model: ToyModel }) {
  const { form } = modelOf(model, join.guest.part);
  const edges = edgesOf(form);
  const key = (e: Edge) => `${e.which}|${e.nth}`;
  const shut = join.edge.which === 'last' && isFoldedShut(form);
  const runs = form.section === 'ring' && ['last', 'first', 'layer'].includes(join.edge.which);
  return (
    <>
      {edges.length > 1 ? (
        <Choice
          label={say.edge}
          options={edges.map((e) => ({ id: key(e), label: joinWords.edges[e.which] }))}
          chosen={key(join.edge)}
          onChoose={(id) => {
            const edge = edges.find((e) => key(e) === id)!;
            change(say.edge, { ...join, edge });
          }}
        />
      ) : null}
      {runs ? (
        <Choice
          label={say.lies}
          options={LIES.filter((id) => id !== 'open' || !shut).map((id) => ({
            id,
            label: joinWords.lies[id],
          }))}
          chosen={liesAs(join.edge)}
          onChoose={(id) =>
            change(joinWords.lies[id], {
              ...join,
              edge: { ...wholeEdge(id, join.edge.which), nth: join.edge.nth },
            })
          }
        />
      ) : null}
    </>
  );
}
