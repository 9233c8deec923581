import { View } from 'react-native';
import { piecesOf, stageOnNext, type BatchAhead, type StageAhead } from '@hoppla/core/batch';
import type { Batch } from '@hoppla/core/toy';
import { batchWords, daySaid, hours } from '@hoppla/core/words';
import { PlainButton, Quiet, Words } from '../../controls';
import { keepRecord } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.batch;

/** The stages in the order of work: how many pieces have each done, when the rest is, and one more done. */
export function BatchStages({ batch, ahead }: { batch: Batch; ahead: BatchAhead }) {
  const next = ahead.stages.find((s) => s.done < ahead.count);
  return (
    <View style={{ gap: 8 }}>
      {ahead.stages.map((stage) => (
        <StageRow key={stage.id} batch={batch} stage={stage} count={ahead.count} now={stage === next} />
      ))}
      <Quiet>{say.figures}</Quiet>
    </View>
  );
}

function StageRow({
  batch,
  stage,
  count,
  now,
}: {
  batch: Batch;
  stage: StageAhead;
  count: number;
  now: boolean;
}) {
  const c = usePalette();
  const { file, writing } = useToy();
  const name = batchWords.stages[stage.id];
  // What is made step by step is not ticked by the way.
  const free = piecesOf(file, batch.id).some((p) => p.making === null && !(stage.id in p.stages));
  const left = stage.minutes.value * (count - stage.done);
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        paddingLeft: 10,
        paddingVertical: 4,
        borderLeftWidth: 6,
        borderLeftColor: now ? c.tape : c.edge,
      }}
    >
      <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
        <Words fontWeight={now ? '700' : '600'}>{say.stage(name, stage.done, count)}</Words>
        <Bar share={count === 0 ? 0 : stage.done / count} />
        <Quiet>
          {timeWords(stage, count, left)}
          {stage.learned ? `; ${say.learned}` : ''}
        </Quiet>
        {now ? <Quiet>{say.now}</Quiet> : null}
      </View>
      <PlainButton
        label={say.oneMore}
        spoken={say.oneMoreOf(name)}
        disabled={!writing || !free}
        onPress={() => keepRecord((so) => stageOnNext(so, batch.id, stage.id, new Date().toISOString()))}
      />
    </View>
  );
}

/** When the rest of a stage is worked. */
function timeWords({ days, done }: StageAhead, count: number, left: number): string {
  if (done >= count) return say.stageDone;
  return days ? say.stageTime(hours(left), daySaid(days.from), daySaid(days.to)) : say.noTime;
}

/** How much is done, as a tape. */
function Bar({ share }: { share: number }) {
  const c = usePalette();
  return (
    <View style={{ height: 6, backgroundColor: c.sunk, borderRadius: 3 }} aria-hidden>
      <View
        style={{
          height: 6,
          width: `${Math.min(100, 100 * share)}%`,
          backgroundColor: c.ink,
          borderRadius: 3,
        }}
      />
    </View>
  );
}
