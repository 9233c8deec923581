import { type Plan } from '@hoppla/core/plan';
import { type Tick } from '@hoppla/core/record';
import { type ToyModel } from '@hoppla/core/model';
import { type Toy } from '@hoppla/core/toy';
import { type UnitWords } from '@hoppla/core/words';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { sheetHtml, fileName } from '@hoppla/core/files';
import { lanesOf, planOf, troubleWords } from '@hoppla/core/plan';
import { progressOf, ticksOf, whereAmI } from '@hoppla/core/record';
import { hours } from '@hoppla/core/words';
import { MainAction, PlainButton, ProblemLine, Quiet, ReadingBand, Scroll, Title } from '../../controls';
import { download } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { PlanRow } from './PlanRow';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';

const say = words.plan;

/** Plan: in which order, when do I stop, what do I need? */
export function PlanStation() {
  const c = usePalette();
  const router = useRouter();
  const { width, wide } = useRoom();
  const { model, toy, file, units } = useToy();
  const plan = useMemo(() => planOf(model), [model]);
  const rows = useMemo(() => lanesOf(model, plan), [model, plan]);
  const [why, setWhy] = useState<string | null>(null);
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
  const { totals } = plan;
  return (
    <View style={{ flex: 1, backgroundColor: c.paper }}>
      <Totals totals={totals} units={units} />
      <Scroll
        contentContainerStyle={{ width: '100%', maxWidth: wide ? 860 : undefined, alignSelf: 'center' }}
      >
        {plan.trouble
          .map((t) => troubleWords(t, model))
          .map((sentence) => (
            <ProblemLine key={sentence} where={toy.name} sentence={sentence} severity="warning" />
          ))}
        {rows.rows.map((row) => (
          <PlanRow
            key={row.key}
            row={row}
            lanes={rows.lanes}
            open={why === row.key}
            onPress={() => setWhy(why === row.key ? null : row.key)}
            narrow={width < 380}
          />
        ))}
      </Scroll>
      <PlanFoot wide={wide} toy={toy} model={model} here={here} go={go} />
    </View>
  );
}

/** Paper, and the way to making. */
function PlanFoot({
  wide,
  toy,
  model,
  here,
  go,
}: {
  wide: boolean;
  toy: Toy;
  model: ToyModel;
  here: { at: number; done: number; changed: Tick[] };
  go: (station: 'parts' | 'make') => void;
}) {
  const c = usePalette();
  return (
    <View
      style={{
        padding: 16,
        paddingTop: 8,
        flexDirection: 'row',
        flexWrap: 'wrap',
        gap: 8,
        borderTopWidth: 1,
        borderTopColor: c.line,
        width: '100%',
        maxWidth: wide ? 860 : undefined,
        alignSelf: 'center',
      }}
    >
      <PlainButton
        label={say.save}
        onPress={() => download(fileName(toy.name, 'html'), 'text/html', sheetHtml(model))}
      />
      <MainAction label={here.done > 0 ? say.goOn : say.start} onPress={() => go('make')} />
    </View>
  );
}

/** What the whole toy takes. */
function Totals({ totals, units }: { totals: Plan['totals']; units: UnitWords }) {
  return (
    <ReadingBand
      onMat
      label={say.whole}
      readings={[
        { value: String(totals.pauses), of: say.pauses(totals.pauses) },
        {
          value: units.bareWeight(totals.fillG.value),
          unit: units.weightOf,
          of: say.stuffing,
          range: say.range(units.bareWeight(totals.fillG.low), units.bareWeight(totals.fillG.high)),
        },
        { value: units.bareYarn(totals.tailsMm), unit: units.yarnOf, of: say.tails },
        { value: hours(totals.minutes), unit: 'h', of: say.make },
      ]}
    />
  );
}
