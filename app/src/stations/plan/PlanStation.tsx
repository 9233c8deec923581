import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { planOf, type Plan } from '@hoppla/core/plan';
import { paceOf, progressOf, ticksOf, timeOf, whereAmI } from '@hoppla/core/record';
import { hours, type UnitWords } from '@hoppla/core/words';
import { MainAction, Quiet, ReadingBand, Title, type ReadingProps } from '../../controls';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';
import { FillView } from './FillView';
import { NeedsView } from './NeedsView';
import { OrderView } from './OrderView';

const say = words.plan;

/** What of the plan is looked at; each is opened by its number. */
export type PlanView = 'order' | 'fill' | 'needs';

/** Plan: in which order, when do I stop, what do I need? */
export function PlanStation() {
  const c = usePalette();
  const router = useRouter();
  const { wide } = useRoom();
  const { model, toy, file, units } = useToy();
  const plan = useMemo(() => planOf(model), [model]);
  const [view, setView] = useState<PlanView>('order');
  const here = whereAmI(ticksOf(plan), progressOf(file.log));
  const go = (station: 'parts' | 'make') => router.push(hrefOf(toy.id, station));
  if (plan.steps.length === 0) {
    return (
      <View style={{ flex: 1, backgroundColor: c.paper, padding: 24, gap: 12 }}>
        <Title role="heading" aria-level={2}>
          {say.none}
        </Title>
        <Quiet>{say.noneHow}</Quiet>
        <View style={{ flexDirection: 'row' }}>
          <MainAction label={say.toParts} onPress={() => go('parts')} />
        </View>
      </View>
    );
  }
  const views = { order: OrderView, fill: FillView, needs: NeedsView };
  const View_ = views[view];
  const { minutes } = timeOf(plan, paceOf(plan, file.log));
  return (
    <View style={{ flex: 1, backgroundColor: c.paper }}>
      <ReadingBand onMat label={say.whole} readings={readingsOf(plan, { minutes, units, view, setView })} />
      <View_ plan={plan} />
      <View
        style={{
          padding: 16,
          paddingTop: 8,
          flexDirection: 'row',
          borderTopWidth: 1,
          borderTopColor: c.line,
          width: '100%',
          maxWidth: wide ? 860 : undefined,
          alignSelf: 'center',
        }}
      >
        <MainAction label={here.done > 0 ? say.goOn : say.start} onPress={() => go('make')} />
      </View>
    </View>
  );
}

/** What the whole toy takes; a number opens what it stands for. */
function readingsOf(
  { totals }: Plan,
  {
    minutes,
    units,
    view,
    setView,
  }: { minutes: number; units: UnitWords; view: PlanView; setView: (view: PlanView) => void },
): ReadingProps[] {
  const opens = (of: PlanView) => ({ chosen: view === of, onPress: () => setView(of) });
  return [
    {
      value: String(totals.pauses),
      of: say.pauses(totals.pauses),
      range: say.hours(hours(minutes)),
      ...opens('order'),
    },
    {
      value: units.bareWeight(totals.fillG.value),
      unit: units.weightOf,
      of: say.stuffing,
      range: say.range(units.bareWeight(totals.fillG.low), units.bareWeight(totals.fillG.high)),
      ...opens('fill'),
    },
    {
      value: units.bareYarn(totals.tailsMm),
      unit: units.yarnOf,
      of: say.tails,
      range: say.allYarn,
      ...opens('needs'),
    },
  ];
}
