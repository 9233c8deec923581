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
          <Words>{say.hangs(hangsMm > 0 ? units.length(hangsMm) : null, units.yarn(yarnM * 1000))}</Words>
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

/** What of a patch is changed in steps: by how much, and how far. mm and degrees where it is a length or an angle. */
const SIZES = {
  rounds: { by: 1, least: 1, most: 400 },
  halfDeg: { by: 15, least: 0, most: 180 },
  everyStitch: { by: 1, least: 1, most: 99 },
  everyRound: { by: 1, least: 1, most: 99 },
  together: { by: 1, least: 1, most: 50 },
  cutMm: { by: 10, least: 10, most: 2000 },
} as const;

type Size = keyof typeof SIZES;

/** Rounds, width, how close together, how long. */
function Sizes({ state: { feature } }: { state: StrandState }) {
  const { units } = useToy();
  const shown = (size: Size, value: number): string => {
    if (size === 'cutMm') return units.length(value);
    return size === 'halfDeg' ? `${value}°` : String(value);
  };
  return (
    <View style={{ gap: 8 }}>
      {(Object.keys(SIZES) as Size[]).map((size) => (
        <View key={size} style={{ flexDirection: 'row', gap: 8 }}>
          {[-1, 1].map((way) => {
            const { by, least, most } = SIZES[size];
            const value = feature[size] + way * by;
            const able = value >= least && value <= most;
            const name = say.sizes[size][way < 0 ? 'less' : 'more'];
            return (
              <Nudge
                key={way}
                direction={name}
                arrow={way < 0 ? '−' : '+'}
                result={able ? shown(size, value) : say.noFurther}
                disabled={!able}
                repeats
                onPress={() => changeWork(name, { ...feature, [size]: value })}
              />
            );
          })}
        </View>
      ))}
    </View>
  );
}
