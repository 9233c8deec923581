import { useRouter } from 'expo-router';
import { useState } from 'react';
import { useWindowDimensions, View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import type { JoinSite, SewnJoin } from '@hoppla/core/join';
import { modelOf, removeJoin, setJoin, type ToyModel } from '@hoppla/core/toy';
import { planWords, screenWords as words } from '@hoppla/core/words';
import {
  MainAction,
  Nudge,
  PlainButton,
  Press,
  ProblemLine,
  Quiet,
  Scroll,
  Tag,
  Title,
  Words,
} from '../../controls';
import { edit } from '../../documents';
import { usePalette } from '../../theme';
import { RAIL, WIDE_FROM } from '../frame/ToyFrame';
import { useToy } from '../frame/useToy';
import { AttachSheet } from './AttachSheet';
import { JoinsMat } from './JoinsMat';
import { movedJoin, type JoinMove } from './moves';

const say = words.joins;
const AIMS = [
  { words: say.aims.out, aim: { tiltDeg: 0, towardDeg: 0 } },
  { words: say.aims.down, aim: { tiltDeg: 70, towardDeg: 180 } },
  { words: say.aims.up, aim: { tiltDeg: 60, towardDeg: 0 } },
  { words: say.aims.side, aim: { tiltDeg: 60, towardDeg: 90 } },
];

/** Joins: where do limbs and ears attach? The whole toy stands on the mat. */
export function JoinsStation() {
  const c = usePalette();
  const router = useRouter();
  const { width, height } = useWindowDimensions();
  const { model, toy, writing } = useToy();
  const [chosen, setChosen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const wide = width >= WIDE_FROM;
  const paper = wide ? 400 : width;
  const current =
    model.sites.find((s) => s.join.id === chosen) ??
    model.sites.find((s) => s.join.at.at !== 'edge') ??
    model.sites[0] ??
    null;
  const enough =
    model.parts.filter((p) => p.fabric.rounds.length > 0).reduce((n, p) => n + p.copies.length, 0) > 1;
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <JoinsMat
        width={wide ? width - RAIL - paper : width}
        height={wide ? height - 56 : Math.round(Math.max(160, height * 0.4))}
        sites={current?.sites ?? []}
        host={current ? current.join.at : null}
      />
      <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
        {/* Keyed, so that choosing a join shows it from its top. */}
        <Scroll key={current?.join.id} contentContainerStyle={{ padding: wide ? 20 : 16, gap: 12 }}>
          {current ? (
            <JoinCard join={current.join} sites={current.sites} model={model} />
          ) : (
            <View style={{ gap: 6 }}>
              <Title role="heading" aria-level={2}>
                {say.none}
              </Title>
              <Quiet>{enough ? say.noneHow : say.needTwo}</Quiet>
            </View>
          )}
          {model.sites.length > 0 ? (
            <View>
              <Words fontWeight="600">{say.list}</Words>
              {model.sites.map((s) => (
                <JoinRow
                  key={s.join.id}
                  model={model}
                  join={s.join}
                  sites={s.sites}
                  chosen={s === current}
                  onPress={() => setChosen(s.join.id)}
                />
              ))}
            </View>
          ) : null}
        </Scroll>
        <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
          {current ? (
            <PlainButton label={say.add} disabled={!enough || !writing} onPress={() => setAdding(true)} />
          ) : null}
          {current ? (
            <MainAction
              label={say.keep}
              onPress={() => router.push({ pathname: '/toy/[id]/plan', params: { id: toy.id } })}
            />
          ) : (
            <MainAction label={say.add} disabled={!enough || !writing} onPress={() => setAdding(true)} />
          )}
        </View>
      </View>
      {adding ? <AttachSheet onClose={() => setAdding(false)} onAdded={setChosen} /> : null}
    </View>
  );
}

function names(model: ToyModel, join: SewnJoin): { guest: string; host: string } {
  return { guest: modelOf(model, join.guest.part).name, host: modelOf(model, join.at.part).name };
}

function JoinCard({ join, sites, model }: { join: SewnJoin; sites: readonly JoinSite[]; model: ToyModel }) {
  const { guest, host } = names(model, join);
  const { units } = useToy();
  const change = (name: string, next: SewnJoin | null) =>
    next && edit(name, { station: 'joins', join: join.id }, (toy) => setJoin(toy, next), `join:${join.id}`);
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
              onPress: () => change(words.face.moved, movedJoin(model, join, first, 'keep')?.join ?? null),
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
      {!end ? (
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
      ) : null}
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

function JoinNudges({
  model,
  join,
  site,
  onMove,
}: {
  model: ToyModel;
  join: SewnJoin;
  site: JoinSite;
  onMove: (name: string, next: SewnJoin | null) => void;
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
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {moves.map(({ move, words: w, arrow }) => {
        const next = movedJoin(model, join, site, move);
        const result = next
          ? move === 'up' || move === 'down'
            ? next.rounds
            : next.stitches
          : words.face.cannot;
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

function JoinRow({
  model,
  join,
  sites,
  chosen,
  onPress,
}: {
  model: ToyModel;
  join: SewnJoin;
  sites: readonly JoinSite[];
  chosen: boolean;
  onPress: () => void;
}) {
  const c = usePalette();
  const { guest, host } = names(model, join);
  const faulty = !sites[0] || model.joinFaults.some((f) => f.join.id === join.id);
  return (
    <Press
      chosen={chosen}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 8,
        minHeight: 46,
        paddingHorizontal: 8,
        borderBottomWidth: 1,
        borderBottomColor: c.line,
        backgroundColor: chosen ? c.sunk : 'transparent',
        borderLeftWidth: 6,
        borderLeftColor: chosen ? c.tape : 'transparent',
      }}
    >
      <Words flex={1}>{say.title(join.twin ? say.pair(guest) : guest, host)}</Words>
      {faulty ? (
        <Words color={c.coralInk} fontWeight="600">
          {say.notJoined}
        </Words>
      ) : (
        <Tag rounds={sites[0].name ? holeTag(sites[0].name).rounds : say.atEnd} />
      )}
    </Press>
  );
}
