import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { ToyModel } from '@hoppla/core/model';
import { lookedAt, type ToldPoint } from '@hoppla/core/safety';
import { safetyWords } from '@hoppla/core/words';
import { MainAction, Quiet, Scroll, Title } from '../../controls';
import { matAbove, paperBeside, RAIL, useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { Asked } from './Asked';
import { OwnRules } from './OwnRules';
import { PointCard } from './PointCard';
import { SafetyMat } from './SafetyMat';
import { tapMend } from './tapMend';
import { useColumn } from './useColumn';
import { Who } from './Who';

const say = words.safety;
/** px of the paper beside the mat, and of what stands above both. */
const PAPER = 560;
const ABOVE = 56 + 96;

/** Who it is for, then every point in order of danger, what is asked, and what is kept in mind. */
export function PointsView({ onTests }: { onTests: () => void }) {
  const column = useColumn();
  const room = useRoom();
  const { width, height, wide } = room;
  const { toy, model, points } = useToy();
  const [rules, setRules] = useState(false);
  const told = points.filter((p) => !p.asks && p.weight !== 'advice');
  const main = mainOf(points);
  const asked = points.filter((p) => p.asks);
  const advice = points.filter((p) => !p.asks && p.weight === 'advice');
  const mat = wide
    ? { width: width - RAIL - paperBeside(width, PAPER), height: height - ABOVE }
    : { width, height: matAbove(room, { least: 150, most: Infinity, share: 0.26, needs: 110 }) };
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      {toy.parts.length > 0 ? <SafetyMat points={told} {...mat} /> : null}
      <View style={{ flex: 1, minHeight: 0 }}>
        <Scroll contentContainerStyle={{ ...column, padding: 16, gap: 14 }}>
          <Who onRules={() => setRules(true)} />
          {toy.parts.length === 0 ? <Quiet>{say.none}</Quiet> : null}
          {told.map((p, k) => (
            <PointCard key={p.id} point={p} no={k + 1} isMain={p === main} onTests={onTests} />
          ))}
          <Asked points={asked} />
          {advice.length > 0 ? (
            <Title role="heading" aria-level={2}>
              {say.advice}
            </Title>
          ) : null}
          {advice.map((p) => (
            <PointCard key={p.id} point={p} onTests={onTests} />
          ))}
          {toy.parts.length > 0 ? <LookedAt points={points} model={model} /> : null}
          <Quiet>{safetyWords.caution}</Quiet>
        </Scroll>
        <View style={{ ...column, padding: 16, paddingTop: 8, flexDirection: 'row', gap: 8 }}>
          <Main points={points} onTests={onTests} />
        </View>
        {rules ? <OwnRules onClose={() => setRules(false)} /> : null}
      </View>
    </View>
  );
}

/** What was looked at besides; how many checks that is stands above the mat. */
const LookedAt = ({ points, model }: { points: readonly ToldPoint[]; model: ToyModel }) => (
  <>
    <Title role="heading" aria-level={2}>
      {say.lookedAt}
    </Title>
    {lookedAt(points, model)
      .slice(1)
      .map((line) => (
        <Quiet key={line}>{line}</Quiet>
      ))}
    <Quiet>{safetyWords.madeHow}</Quiet>
  </>
);

/** The worst point that one tap mends. */
const mainOf = (points: readonly ToldPoint[]): ToldPoint | undefined =>
  points.find((p) => p.weight === 'stop' && p.does);

/** The mend of the worst point that one tap makes; else where the worst one is written; else the tests. */
function Main({ points, onTests }: { points: readonly ToldPoint[]; onTests: () => void }) {
  const { toy } = useToy();
  const router = useRouter();
  const mend = mainOf(points);
  if (mend) return <MainAction label={mend.mend} onPress={() => tapMend(mend)} />;
  const written = points.find((p) => p.weight === 'stop' && p.line !== undefined);
  if (written)
    return (
      <MainAction label={say.toRounds} onPress={() => router.push(hrefOf(toy.id, 'parts', written.part))} />
    );
  return <MainAction label={say.toTests} onPress={onTests} />;
}
