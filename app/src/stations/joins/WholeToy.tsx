import { useState } from 'react';
import { View } from 'react-native';
import { pieceKey } from '@hoppla/core/join';
import {
  balanceOf,
  copyName,
  everyJoin,
  meetingsOf,
  meetingWords,
  mendingMove,
  modelOf,
  sewnElsewhere,
  sidesOf,
  standingWords,
  type ToyModel,
} from '@hoppla/core/model';
import { forgetClamps, setJoin } from '@hoppla/core/toy';
import { joinWords } from '@hoppla/core/words';
import { PlainButton, ProblemLine, Quiet, Title, Toggle, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { JoinRow } from './JoinRow';
import type { Looking } from './JoinsMat';
import { namesOf } from './change';
import { OnSurface } from './OnSurface';

const say = words.joins;

/** The whole toy: how it stands, what is in the way of what, and every join under its host. */
export function WholeToy({
  model,
  onChoose,
  onWork,
  looking,
}: {
  model: ToyModel;
  onChoose: (join: string) => void;
  onWork: (work: string) => void;
  looking: Looking;
}) {
  const balance = balanceOf(model);
  return (
    <>
      {balance ? (
        <Standing model={model} />
      ) : (
        <>
          <Title role="heading" aria-level={2}>
            {say.none}
          </Title>
          <Quiet>{say.noneHow}</Quiet>
        </>
      )}
      <InTheWay model={model} onChoose={onChoose} />
      <Unmet model={model} />
      <AsTexts model={model} onChoose={onChoose} />
      {model.loose.length > 0 && balance ? (
        <Words>{say.loose(model.loose.map((p) => copyName(modelOf(model, p.part), p.copy)))}</Words>
      ) : null}
      {balance ? <Views model={model} {...looking} /> : null}
      <Hosts model={model} onChoose={onChoose} />
      <OnSurface model={model} onChoose={onWork} />
    </>
  );
}

/** Necks that wobble, and what is in the way of what. */
function InTheWay({ model, onChoose }: { model: ToyModel; onChoose: (join: string) => void }) {
  const { units } = useToy();
  const wobbling = balanceOf(model)?.necks.filter((n) => n.wobbles) ?? [];
  return (
    <>
      {wobbling.map((n) => (
        <ProblemLine
          key={n.join.id}
          where={namesOf(model, n.join).guest}
          sentence={joinWords.neck(`${units.weight(n.gPerCm)}/cm`)}
          severity="note"
        />
      ))}
      {meetingsOf(model)
        .slice(0, 4)
        .map((m, k) => (
          <ProblemLine
            key={k}
            where={whereOf(model, m)}
            sentence={meetingWords(model, m, units)}
            severity="warning"
            onWhere={'join' in m ? () => onChoose(m.join.id) : undefined}
          />
        ))}
    </>
  );
}

/** What was said of clamps that no text has any more: kept until it is forgotten. */
function Unmet({ model }: { model: ToyModel }) {
  if (model.unmet.length === 0) return null;
  return (
    <>
      {model.unmet.map((said, k) => {
        const host = modelOf(model, said.part);
        const round = host.fabric.rounds.find(
          (r) => r.mark === said.course.mark && r.nth === said.course.nth,
        );
        return (
          <ProblemLine
            key={k}
            where={host.name}
            sentence={say.clampUnmet(modelOf(model, said.guest).name, round?.label ?? host.name)}
            severity="note"
          />
        );
      })}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <PlainButton
          label={say.clampForget}
          onPress={() => edit(say.clampForget, { station: 'joins' }, (toy) => forgetClamps(toy, model.unmet))}
        />
      </View>
    </>
  );
}

/** Where the text says that parts are sewn, of those that stand elsewhere. */
const AsTexts = ({ model, onChoose }: { model: ToyModel; onChoose: (join: string) => void }) =>
  sewnElsewhere(model).map(({ words: sentence, put }) => (
    <ProblemLine
      key={`${put[0].id} ${sentence}`}
      where={namesOf(model, put[0]).guest}
      sentence={words.face.textTells(sentence, '')}
      severity="note"
      onWhere={() => onChoose(put[0].id)}
      mends={[
        {
          title: say.asText,
          onPress: () =>
            edit(say.said, { station: 'joins', join: put[0].id }, (toy) => put.reduce(setJoin, toy)),
        },
      ]}
    />
  ));

/** Taken apart along its seams; its left laid over its right, with how far apart they are. */
function Views({ model, looks, setLooks }: Looking & { model: ToyModel }) {
  const { units } = useToy();
  const { pairs } = sidesOf(model);
  return (
    <>
      <Toggle label={say.apart} on={looks.apart} onChange={(apart) => setLooks({ ...looks, apart })} />
      {pairs.length > 0 ? (
        <Toggle label={say.sides} on={looks.sides} onChange={(sides) => setLooks({ ...looks, sides })} />
      ) : null}
      {looks.sides
        ? pairs.map((p) => (
            <Words key={p.part}>{say.sidesApart(modelOf(model, p.part).name, units.fine(p.apartMm))}</Words>
          ))
        : null}
    </>
  );
}

/** Every join under what it is sewn to. */
function Hosts({ model, onChoose }: { model: ToyModel; onChoose: (join: string) => void }) {
  const joins = everyJoin(model);
  const hosts = [...new Set(joins.map((s) => pieceKey(s.join.at)))];
  return (
    <>
      {hosts.map((host) => {
        const all = joins.filter((s) => pieceKey(s.join.at) === host);
        return (
          <View key={host}>
            <Words fontWeight="600">
              {say.on(copyName(modelOf(model, all[0].join.at.part), all[0].join.at.copy))}
            </Words>
            {all.map((s) => (
              <JoinRow key={s.join.id} model={model} {...s} onPress={() => onChoose(s.join.id)} />
            ))}
          </View>
        );
      })}
    </>
  );
}

const whereOf = (model: ToyModel, m: ReturnType<typeof meetingsOf>[number]): string =>
  m.what === 'parts' ? copyName(modelOf(model, m.a.part), m.a.copy) : namesOf(model, m.join).guest;

/** Does it stand? And the move that mends it. */
function Standing({ model }: { model: ToyModel }) {
  const { units } = useToy();
  const balance = balanceOf(model)!;
  const [tried, setTried] = useState<ToyModel | null>(null);
  const mend = () => {
    const found = mendingMove(model);
    if (!found) return setTried(model);
    const { join } = found;
    edit(say.stand, { station: 'joins', join: join.id }, (toy) => setJoin(toy, found.mended));
  };
  return (
    <>
      <Title role="heading" aria-level={2}>
        {standingWords(model, units)?.replace(/ (?=mm|in)/, '\u00a0')}
      </Title>
      <Quiet>{`${units.weight(balance.massG)}. ${balance.assumed ? joinWords.assumedYarn : ''}`}</Quiet>
      {balance.tips ? (
        <View style={{ flexDirection: 'row', gap: 8, alignItems: 'center' }}>
          <PlainButton label={say.stand} onPress={mend} disabled={tried === model} />
          {tried === model ? <Quiet flex={1}>{joinWords.noMend}</Quiet> : null}
        </View>
      ) : null}
    </>
  );
}
