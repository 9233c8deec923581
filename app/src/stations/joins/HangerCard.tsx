import { View } from 'react-native';
import { holeTag } from '@hoppla/core/address';
import { HANGERS, HELD_BY, type Hanger } from '@hoppla/core/feature';
import { modelOf, type HangerState, type ToyModel } from '@hoppla/core/model';
import { surfaceWords } from '@hoppla/core/words';
import { Choice, Nudge, ProblemLine, Quiet, Tag, Title, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { SpotNudges } from './SpotNudges';
import { changeWork } from './work';

const say = words.surface;

const HOW = {
  'starting tail': surfaceWords.hangTail,
  'loop of chain': surfaceWords.hangLoop,
  'sewn in': surfaceWords.hangSewn,
};

/** A ring, a clip or a bell: how large, what holds it, until when it can be fastened. */
export function HangerCard({ state, model }: { state: HangerState; model: ToyModel }) {
  const { feature, fault, name, loopMm, window } = state;
  const { units } = useToy();
  const what = surfaceWords.hangerIs[feature.is];
  return (
    <>
      <Title role="heading" aria-level={2}>
        {say.lineOn(upper(what), modelOf(model, feature.part).name)}
      </Title>
      {fault ? (
        <ProblemLine
          where={upper(what)}
          sentence={fault === 'homeless' ? surfaceWords.hangerHomeless(what) : surfaceWords.noLoop(what)}
          severity="error"
        />
      ) : null}
      {loopMm === null ? null : <Title>{say.loop(units.length(loopMm))}</Title>}
      {name ? (
        <View style={{ flexDirection: 'row' }}>
          <Tag {...holeTag(name)} />
        </View>
      ) : null}
      {window ? (
        <Words>
          {window.known ? say.until(window.lastComfortable, window.lastPossible) : say.untilNotKnown}
        </Words>
      ) : null}
      <Quiet>{HOW[feature.by]}</Quiet>
      <Choice
        label={say.what}
        options={HANGERS.map((id) => ({ id, label: surfaceWords.hangerIs[id] }))}
        chosen={feature.is}
        onChoose={(is) => changeWork(say.what, { ...feature, is })}
      />
      <Choice
        label={say.heldBy}
        options={HELD_BY.map((id) => ({ id, label: surfaceWords.by[id] }))}
        chosen={feature.by}
        onChoose={(by) => changeWork(say.heldBy, { ...feature, by })}
      />
      {feature.by === 'loop of chain' ? <Loop feature={feature} model={model} /> : null}
      <Size feature={feature} />
      <SpotNudges
        model={model}
        spot={feature}
        onMove={(place) => changeWork(say.moves, { ...feature, place })}
      />
    </>
  );
}

const upper = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

const OWN = 'own';

/** A loop of so many chains, or a chain that is a part of the toy. */
function Loop({ feature, model }: { feature: Hanger; model: ToyModel }) {
  const chains = model.parts.filter((p) => p.fabric.shape === 'cord');
  const { loop } = feature;
  const chain = 'chain' in loop ? loop.chain : null;
  return (
    <>
      {chains.length > 0 ? (
        <Choice
          label={say.loopIs}
          options={[
            ...chains.map((p) => ({ id: p.part.id, label: p.name })),
            { id: OWN, label: say.loopOwn },
          ]}
          chosen={'part' in loop ? loop.part : OWN}
          onChoose={(id) =>
            changeWork(say.loopIs, { ...feature, loop: id === OWN ? { chain: 20 } : { part: id } })
          }
        />
      ) : null}
      {chain === null ? null : (
        <View style={{ flexDirection: 'row', gap: 8 }}>
          {[-1, 1].map((by) => (
            <Nudge
              key={by}
              direction={by < 0 ? say.chainFewer : say.chainMore}
              arrow={by < 0 ? '−' : '+'}
              result={`ch ${chain + by}`}
              disabled={chain + by < 1}
              repeats
              onPress={() => changeWork(say.loopIs, { ...feature, loop: { chain: chain + by } })}
            />
          ))}
        </View>
      )}
    </>
  );
}

function Size({ feature }: { feature: Hanger }) {
  const { units } = useToy();
  return (
    <View style={{ flexDirection: 'row', gap: 8 }}>
      {[-1, 1].map((by) => (
        <Nudge
          key={by}
          direction={by < 0 ? say.smaller : say.larger}
          arrow={by < 0 ? '−' : '+'}
          result={units.length(feature.mm + by)}
          disabled={feature.mm + by < 3}
          repeats
          onPress={() => changeWork(say.larger, { ...feature, mm: feature.mm + by })}
        />
      ))}
    </View>
  );
}
