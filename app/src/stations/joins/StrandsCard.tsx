import { View } from 'react-native';
import { STRAND_FIXES } from '@hoppla/core/feature';
import { modelOf, type StrandState, type ToyModel } from '@hoppla/core/model';
import { surfaceWords } from '@hoppla/core/words';
import { Choice, Nudge, ProblemLine, Quiet, Title, Toggle, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { SpotNudges, YarnChoice } from './SpotNudges';
import { changeWork } from './work';

const say = words.surface;

/** Hair, a fringe or tassels: how many yarns of what length, how far they hang, and its small steps. */
export function StrandsCard({ state, model }: { state: StrandState; model: ToyModel }) {
  const { feature, fault, yarns, yarnM, rounds, hangsMm } = state;
  const { units, toy } = useToy();
  const sheds = toy.palette.find((y) => y.colour === feature.colour)?.sheds;
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.lineOn(feature.name, modelOf(model, feature.part).name)}
      </Title>
      {fault ? (
        <ProblemLine
          where={feature.name}
          sentence={surfaceWords.strandsHomeless(feature.name)}
          severity="error"
        />
      ) : (
        <>
          <Title>{say.yarns(yarns, units.length(feature.cutMm))}</Title>
          <Words>{say.hangs(units.length(hangsMm), units.yarn(yarnM * 1000))}</Words>
          <Quiet>{say.patch(rounds[0], rounds[1])}</Quiet>
        </>
      )}
      {sheds === false ? null : (
        <ProblemLine
          where={feature.name}
          sentence={sheds ? say.sheds : say.shedsNotKnown}
          severity={sheds ? 'warning' : 'note'}
        />
      )}
      <Sizes state={state} />
      <SpotNudges
        model={model}
        spot={feature}
        onMove={(place) => changeWork(say.moves, { ...feature, place })}
      />
      <Choice
        label={say.fix}
        options={STRAND_FIXES.map((id) => ({ id, label: surfaceWords.fixes[id] }))}
        chosen={feature.fix}
        onChoose={(fix) => changeWork(say.fix, { ...feature, fix })}
      />
      <Toggle
        label={say.beforeClosing}
        on={feature.before === 'closing'}
        onChange={(on) => changeWork(say.beforeClosing, { ...feature, before: on ? 'closing' : 'nothing' })}
      />
      <YarnChoice model={model} work={feature} />
    </>
  );
}

const DEG = 15;
const CUT_MM = 10;

/** Rounds, width, how close together, how long. */
function Sizes({ state: { feature } }: { state: StrandState }) {
  const { units } = useToy();
  const { rounds, halfDeg, everyStitch, everyRound, together, cutMm } = feature;
  const steps = [-1, 1].flatMap((by) =>
    [
      { key: 'rounds' as const, to: rounds + by, shown: String(rounds + by), able: rounds + by >= 1 },
      {
        key: 'halfDeg' as const,
        to: halfDeg + by * DEG,
        shown: `${halfDeg + by * DEG}°`,
        able: halfDeg + by * DEG >= 0 && halfDeg + by * DEG <= 180,
      },
      {
        key: 'everyStitch' as const,
        to: everyStitch + by,
        shown: String(everyStitch + by),
        able: everyStitch + by >= 1,
      },
      {
        key: 'everyRound' as const,
        to: everyRound + by,
        shown: String(everyRound + by),
        able: everyRound + by >= 1,
      },
      {
        key: 'together' as const,
        to: together + by,
        shown: String(together + by),
        able: together + by >= 1 && together + by <= 50,
      },
      {
        key: 'cutMm' as const,
        to: cutMm + by * CUT_MM,
        shown: units.length(cutMm + by * CUT_MM),
        able: cutMm + by * CUT_MM >= 10,
      },
    ].map((s) => ({ ...s, by })),
  );
  const keys = ['rounds', 'halfDeg', 'everyStitch', 'everyRound', 'together', 'cutMm'] as const;
  return (
    <View style={{ gap: 8 }}>
      {keys.map((key) => (
        <View key={key} style={{ flexDirection: 'row', gap: 8 }}>
          {steps
            .filter((s) => s.key === key)
            .map((s) => (
              <Nudge
                key={s.by}
                direction={say.sizes[key][s.by < 0 ? 'less' : 'more']}
                arrow={s.by < 0 ? '−' : '+'}
                result={s.able ? s.shown : words.face.cannot}
                disabled={!s.able}
                repeats
                onPress={() => changeWork(say.sizes[key].more, { ...feature, [key]: s.to })}
              />
            ))}
        </View>
      ))}
    </View>
  );
}
