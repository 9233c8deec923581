import { useState } from 'react';
import { View } from 'react-native';
import type { Progress, Tick } from '@hoppla/core/record';
import { PlainButton } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { TrainerSheet } from '../trainer/TrainerSheet';
import { BatchSheet } from './BatchSheet';
import { CompareSheet } from './CompareSheet';
import { DiarySheet } from './DiarySheet';
import { StepsSheet } from './StepsSheet';
import { TableSheet } from './TableSheet';
import { useAwake } from './useTable';
import { WhereSheet } from './WhereSheet';

const say = screenWords.make;

/** Finding the place again, going to any step, and how it is ticked. */
export function Tools({
  ticks,
  progress,
  now,
}: {
  ticks: readonly Tick[];
  progress: Progress;
  now: Tick | undefined;
}) {
  const [open, setOpen] = useState<
    'where' | 'steps' | 'table' | 'batch' | 'compare' | 'diary' | 'learn' | null
  >(null);
  const { model } = useToy();
  const awake = useAwake();
  const onClose = () => setOpen(null);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8, paddingTop: 4 }}>
      <PlainButton label={say.where} onPress={() => setOpen('where')} />
      <PlainButton label={say.allSteps} onPress={() => setOpen('steps')} />
      <PlainButton label={screenWords.batch.open} onPress={() => setOpen('batch')} />
      <PlainButton label={say.compare.open} onPress={() => setOpen('compare')} />
      <PlainButton label={screenWords.diary.open} onPress={() => setOpen('diary')} />
      <PlainButton label={screenWords.trainer.title} onPress={() => setOpen('learn')} />
      <PlainButton label={say.table} onPress={() => setOpen('table')} />
      {open === 'where' ? (
        <WhereSheet ticks={ticks} progress={progress} here={now?.step.part ?? ''} onClose={onClose} />
      ) : null}
      {open === 'steps' ? <StepsSheet ticks={ticks} progress={progress} now={now} onClose={onClose} /> : null}
      {open === 'batch' ? <BatchSheet onClose={onClose} /> : null}
      {open === 'compare' ? <CompareSheet progress={progress} onClose={onClose} /> : null}
      {open === 'diary' ? <DiarySheet ticks={ticks} progress={progress} now={now} onClose={onClose} /> : null}
      {open === 'learn' ? <TrainerSheet model={model} onClose={onClose} /> : null}
      {open === 'table' ? <TableSheet awake={awake} onClose={onClose} /> : null}
    </View>
  );
}
