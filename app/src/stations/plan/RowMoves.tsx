import { useState } from 'react';
import { View } from 'react-native';
import {
  isMovable,
  pauseMove,
  pauseMoveWords,
  windowWords,
  type PauseBy,
  type Step,
} from '@hoppla/core/plan';
import { setPause } from '@hoppla/core/toy';
import { Nudge, PlainButton, Words } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;

const STEPS: readonly { by: PauseBy; arrow: string }[] = [
  { by: 'round earlier', arrow: '◂◂' },
  { by: 'stitch earlier', arrow: '◂' },
  { by: 'stitch later', arrow: '▸' },
  { by: 'round later', arrow: '▸▸' },
];

/** When a step can be done, and its pause moved by a round or a stitch. */
export function RowMoves({ step }: { step: Step }) {
  const { model, toy } = useToy();
  const [refused, setRefused] = useState<string | null>(null);
  const window = windowWords(model, step);
  if (!isMovable(step)) return window ? <Words fontSize={15}>{window}</Words> : null;
  const go = (by: PauseBy) => {
    const move = pauseMove(model, step, by);
    setRefused(move.ok ? null : pauseMoveWords(model, step, move));
    if (!move.ok) return;
    edit(
      say.pauseMoved,
      { station: 'plan' },
      (so) => setPause(so, step.key, move.pause),
      `pause:${step.key}`,
    );
  };
  const said = toy.plan.pauses.some((p) => p.key === step.key);
  return (
    <View style={{ gap: 8, paddingVertical: 8 }}>
      {window ? (
        <Words fontSize={15} lineHeight={21}>
          {window}
        </Words>
      ) : null}
      <Steps step={step} go={go} />
      <Words aria-live="polite" fontWeight="600">
        {refused ?? ''}
      </Words>
      {said ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton
            label={say.pauseAsUsual}
            onPress={() => edit(say.pauseMoved, { station: 'plan' }, (so) => setPause(so, step.key, null))}
          />
        </View>
      ) : null}
    </View>
  );
}

/** A round or a stitch, either way; each says where the pause would be. */
function Steps({ step, go }: { step: Parameters<typeof pauseMove>[1]; go: (by: PauseBy) => void }) {
  const { model } = useToy();
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {STEPS.map(({ by, arrow }) => {
        const move = pauseMove(model, step, by);
        return (
          <Nudge
            key={by}
            direction={say.pauseBy[by]}
            arrow={arrow}
            result={move.ok ? pauseMoveWords(model, step, move) : say.notThere}
            onPress={() => go(by)}
            basis="47%"
            repeats
          />
        );
      })}
    </View>
  );
}
