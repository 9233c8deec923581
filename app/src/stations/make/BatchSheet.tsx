import { useState } from 'react';
import { View } from 'react-native';
import { batchAhead, batchCost, batchNeeds, removeBatch, setBatch, sizeOfBatch } from '@hoppla/core/batch';
import { calendarIcs, fileName } from '@hoppla/core/files';
import { materialsOf, planOf } from '@hoppla/core/plan';
import { paceOf } from '@hoppla/core/record';
import type { Batch } from '@hoppla/core/toy';
import { batchWords, daySaid, decimals, hours, materialWords } from '@hoppla/core/words';
import { MainAction, Num, PlainButton, Quiet, Sheet, Title, Words } from '../../controls';
import { download, keepRecord, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { BatchForm, newBatch } from './BatchForm';
import { BatchPieces } from './BatchPieces';
import { BatchStages } from './BatchStages';

const say = screenWords.batch;

/** Today on this machine, `YYYY-MM-DD`. */
export function today(): string {
  const now = new Date();
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** The batches of this toy: what is said of one, or how it stands. */
export function BatchSheet({ onClose }: { onClose: () => void }) {
  const { file, toy, writing } = useToy();
  const [chosen, choose] = useState<string | null>(file.batches.at(-1)?.id ?? null);
  const [saying, setSaying] = useState<Batch | null>(null);
  const batch = file.batches.find((b) => b.id === chosen) ?? null;
  const keep = (kept: Batch) => {
    keepRecord((so) => setBatch(so, kept, { newId, at: new Date().toISOString() }));
    choose(kept.id);
    setSaying(null);
  };
  const begin = () => setSaying(newBatch(newId(), today()));
  const title = batch && !saying ? batchWords.titled(batch.name, toy.name, sizeOfBatch(batch)) : say.title;
  return (
    <Sheet title={title} onClose={onClose}>
      {saying ? <BatchForm key={saying.id} begun={saying} onKeep={keep} /> : null}
      {!saying && batch ? <Standing batch={batch} onChange={() => setSaying(batch)} /> : null}
      {saying ? null : (
        <View style={{ gap: 10 }}>
          {batch ? null : <Words>{say.how}</Words>}
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {file.batches
              .filter((b) => b !== batch)
              .map((b) => (
                <PlainButton key={b.id} label={b.name || batchWords.unnamed} onPress={() => choose(b.id)} />
              ))}
            {batch ? (
              <PlainButton label={say.others} disabled={!writing} onPress={begin} />
            ) : (
              <MainAction label={say.begin} disabled={!writing} onPress={begin} />
            )}
          </View>
        </View>
      )}
    </Sheet>
  );
}

/** A batch as it stands: when it is done, what is left, its stages, its pieces, what all of it takes. */
function Standing({ batch, onChange }: { batch: Batch; onChange: () => void }) {
  const { model, file, toy, writing } = useToy();
  const plan = planOf(model);
  const ahead = batchAhead({ plan, pace: paceOf(plan, file.log) }, file, batch, today());
  const { value, low, high } = ahead.minutesLeft;
  return (
    <View style={{ gap: 14 }}>
      <View>
        {ahead.done ? (
          <>
            <Quiet>{say.doneOn}</Quiet>
            <Num fontSize={34} lineHeight={40}>
              {daySaid(ahead.done.value)}
            </Num>
            <Quiet>{say.between(daySaid(ahead.done.low), daySaid(ahead.done.high))}</Quiet>
          </>
        ) : (
          <Words fontWeight="600" role="status">
            {ahead.finished ? say.finished : say.never}
          </Words>
        )}
        <Words>{say.left(hours(value), hours(low), hours(high))}</Words>
      </View>
      <Late late={ahead.late} />
      <BatchStages batch={batch} ahead={ahead} />
      <BatchPieces batch={batch} ahead={ahead} />
      <Needs batch={batch} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.change} disabled={!writing} onPress={onChange} />
        <PlainButton
          label={say.calendar}
          onPress={() =>
            download(
              fileName(toy.name, 'ics'),
              'text/calendar',
              calendarIcs(model, file, new Date().toISOString(), today()),
            )
          }
        />
        <PlainButton
          label={say.remove}
          danger
          disabled={!writing}
          onPress={() => keepRecord((so) => removeBatch(so, batch.id))}
        />
      </View>
    </View>
  );
}

function Late({ late }: { late: ReturnType<typeof batchAhead>['late'] }) {
  if (!late) return null;
  return (
    <View role="status" style={{ gap: 4 }}>
      <Words fontWeight="700">
        {`! ${late.perhaps ? say.perhapsLate : say.late(late.days, decimals(late.hoursMissing, 1))}`}
      </Words>
      <Words>{say.longest(batchWords.stages[late.longest])}</Words>
    </View>
  );
}

/** What all pieces take. */
function Needs({ batch }: { batch: Batch }) {
  const { model, units } = useToy();
  const materials = materialsOf(model, planOf(model));
  const needs = batchNeeds(materials, batch);
  const cost = batchCost(model, materials, batch);
  return (
    <View style={{ gap: 4 }}>
      <Title role="heading" aria-level={3}>
        {say.materials}
      </Title>
      {needs.yarns.map((y) => (
        <Words key={y.name}>
          {say.yarn(y.name, units.yarn(y.metres.value * 1000), units.weight(y.grams.value))}
        </Words>
      ))}
      {needs.eyes.map((e) => (
        <Words key={`${e.mm}/${e.washerMm}`}>{say.eyes(String(e.mm), e.count)}</Words>
      ))}
      {needs.hardware.map((h) => (
        <Words key={`${h.is}/${h.mm}`}>{say.hardware(h.is, String(h.mm), h.count)}</Words>
      ))}
      {needs.fill.map((f) => (
        <Words key={f.of}>{say.fill(f.of, units.weight(f.grams.value))}</Words>
      ))}
      {cost ? (
        <Words fontWeight="600">
          {materialWords.cost(decimals(cost.sum, 2))}
          {cost.without > 0 ? `; ${materialWords.costWithout(cost.without)}` : ''}
        </Words>
      ) : (
        <Quiet>{say.noPrices}</Quiet>
      )}
    </View>
  );
}
