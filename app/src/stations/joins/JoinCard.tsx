import { movedJoin, type Join, type JoinMove, type JoinSite } from '@hoppla/core/join';
import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { removeJoin, setJoin } from '@hoppla/core/toy';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { planWords } from '@hoppla/core/words';
import { Nudge, PlainButton, ProblemLine, Quiet, Tag, Title, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.joins;
const AIMS = [
  { words: say.aims.out, aim: { tiltDeg: 0, towardDeg: 0 } },
  { words: say.aims.down, aim: { tiltDeg: 70, towardDeg: 180 } },
  { words: say.aims.up, aim: { tiltDeg: 60, towardDeg: 0 } },
  { words: say.aims.side, aim: { tiltDeg: 60, towardDeg: 90 } },
];

/** Names of a join's guest and host. */
export function namesOf(model: ToyModel, join: Join): { guest: string; host: string } {
  return { guest: modelOf(model, join.guest.part).name, host: modelOf(model, join.at.part).name };
}

/** One join: where it is, its pins, how it points, and its small steps. */
export function JoinCard({
  join,
  sites,
  model,
}: {
  join: Join;
  sites: readonly JoinSite[];
  model: ToyModel;
}) {
  const { guest, host } = namesOf(model, join);
  const { units } = useToy();
  const change = (name: string, next: Join | null) =>
    next && edit(name, { station: 'joins', join: join.id }, (toy) => setJoin(toy, next), `join:${join.id}`);
  const piece = model.pieces.find((p) => p.part === join.at.part && p.copy === join.at.copy);
  const moved = (site: JoinSite, move: JoinMove) =>
    piece ? (movedJoin(piece, join, site, move)?.join ?? null) : null;
  const first = sites[0];
  const twin = sites[1];
  const end = join.at.at === 'edge';
  const fault = model.joinFaults.find((f) => f.join.id === join.id);
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.title(join.twin ? say.pair(guest) : guest, host)}
      </Title>
      {fault || !first ? (
        <ProblemLine
          where={guest}
          sentence={fault ? planWords.joinFault[fault.fault](guest, host) : say.homeless}
          severity="error"
        />
      ) : null}
      {first?.state === 'moved' ? (
        <ProblemLine
          where={guest}
          sentence={words.joins.toSettle}
          severity="warning"
          mends={[
            {
              title: words.face.moved,
              onPress: () => change(words.face.moved, moved(first, 'keep')),
            },
          ]}
        />
      ) : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {sites.map((s) =>
          s.name ? (
            <Tag key={s.copy} of={guest} {...holeTag(s.name)} />
          ) : (
            <Tag key={s.copy} of={guest} rounds={say.atEnd} stitches={`${s.guestEdge} st`} />
          ),
        )}
      </View>
      {first ? (
        <Quiet>
          {first.name
            ? say.says(guest, first.guestEdge, host.toLowerCase(), first.name.round, first.name.stitch)
            : say.saysEnd(guest, first.guestEdge, host.toLowerCase())}
        </Quiet>
      ) : null}
      {twin ? <Quiet>{say.twin(units.fine(twin.missMm))}</Quiet> : null}
      {first && !end ? (
        <JoinNudges model={model} join={join} site={first} onMove={(name, next) => change(name, next)} />
      ) : null}
      {first?.pins ? <Pins sites={sites} /> : null}
      {!end ? <AimChoice join={join} change={change} /> : null}
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={say.remove}
          danger
          onPress={() => edit(say.remove, { station: 'joins' }, (toy) => removeJoin(toy, join.id))}
        />
      </View>
    </>
  );
}

/** Which way it points. */
function AimChoice({
  join,
  change,
}: {
  join: Join;
  change: (name: string, next: Join | null) => void | null;
}) {
  return (
    <View
      role="radiogroup"
      aria-label={say.points}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {AIMS.map(({ words: w, aim }) => (
        <PlainButton
          key={w}
          label={w}
          chosen={aim.tiltDeg === join.aim.tiltDeg && aim.towardDeg === join.aim.towardDeg}
          onPress={() => change(w, { ...join, aim })}
        />
      ))}
    </View>
  );
}

function JoinNudges({
  model,
  join,
  site,
  onMove,
}: {
  model: ToyModel;
  join: Join;
  site: JoinSite;
  onMove: (name: string, next: Join | null) => void;
}) {
  const moves: { move: JoinMove; words: string; arrow: string }[] = join.twin
    ? [
        { move: 'closer', words: say.closer, arrow: '→←' },
        { move: 'further', words: say.further, arrow: '←→' },
        { move: 'up', words: say.up, arrow: '↑' },
        { move: 'down', words: say.down, arrow: '↓' },
      ]
    : [
        { move: 'right', words: say.right, arrow: '←' },
        { move: 'left', words: say.left, arrow: '→' },
        { move: 'up', words: say.up, arrow: '↑' },
        { move: 'down', words: say.down, arrow: '↓' },
      ];
  const host = model.pieces.find((p) => p.part === join.at.part && p.copy === join.at.copy);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {moves.map(({ move, words: w, arrow }) => {
        const next = host ? movedJoin(host, join, site, move) : null;
        const along = move === 'up' || move === 'down' ? next?.rounds : next?.stitches;
        const result = along ?? words.face.cannot;
        return (
          <Nudge
            key={move}
            direction={w}
            arrow={arrow}
            result={result}
            disabled={!next}
            onPress={() => onMove(w, next?.join ?? null)}
          />
        );
      })}
    </View>
  );
}

function Pins({ sites }: { sites: readonly JoinSite[] }) {
  const keys = ['top', 'bottom', 'left', 'right'] as const;
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{say.pins}</Words>
      {keys.map((k) => {
        const holes = sites.flatMap((s) => (s.pins?.[k] ? [s.pins[k]] : []));
        if (holes.length === 0) return null;
        return (
          <View key={k} style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 8 }}>
            <Quiet width={70} paddingTop={4}>
              {say.pin[k]}
            </Quiet>
            <View style={{ flex: 1, flexDirection: 'row', flexWrap: 'wrap', gap: 6 }}>
              {holes.map((h, i) => (
                <Tag key={i} of={say.pin[k]} {...holeTag(h)} />
              ))}
            </View>
          </View>
        );
      })}
    </View>
  );
}
