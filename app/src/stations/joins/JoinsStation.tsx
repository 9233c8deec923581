import { type SetStateAction, type Dispatch } from 'react';
import { type ToyModel } from '@hoppla/core/model';
import { type Join, type JoinSite } from '@hoppla/core/join';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { MainAction, PlainButton, Quiet, Scroll, Title, Words } from '../../controls';
import { usePalette } from '../../theme';
import { RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { AttachSheet } from './AttachSheet';
import { JoinCard } from './JoinCard';
import { JoinsMat } from './JoinsMat';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { JoinRow } from './JoinRow';

const say = words.joins;

/** Joins: where do limbs and ears attach? The whole toy stands on the mat. */
export function JoinsStation() {
  const c = usePalette();
  const router = useRouter();
  const { width, height, wide } = useRoom();
  const { model, toy, writing } = useToy();
  const [chosen, setChosen] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
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
        <JoinsPaper current={current} wide={wide} model={model} enough={enough} setChosen={setChosen} />
        <View style={{ padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
          {current ? (
            <PlainButton label={say.add} disabled={!enough || !writing} onPress={() => setAdding(true)} />
          ) : null}
          {current ? (
            <MainAction label={say.keep} onPress={() => router.push(hrefOf(toy.id, 'plan'))} />
          ) : (
            <MainAction label={say.add} disabled={!enough || !writing} onPress={() => setAdding(true)} />
          )}
        </View>
      </View>
      {adding ? <AttachSheet onClose={() => setAdding(false)} onAdded={setChosen} /> : null}
    </View>
  );
}

/** The join that is chosen, and all of them. */
function JoinsPaper({
  current,
  wide,
  model,
  enough,
  setChosen,
}: {
  current: { join: Join; sites: readonly JoinSite[] };
  wide: boolean;
  model: ToyModel;
  enough: boolean;
  setChosen: Dispatch<SetStateAction<string | null>>;
}) {
  return (
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
  );
}
