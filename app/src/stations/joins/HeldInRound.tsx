import { View } from 'react-native';
import { clampedOf, sameClamp, type CaughtSite, type Clamped, type ClampSaid } from '@hoppla/core/join';
import { copyName, modelOf, type ToyModel } from '@hoppla/core/model';
import { setClamp } from '@hoppla/core/toy';
import { Choice, Nudge, Toggle } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.joins;

const LEAN_STEP_DEG = 15;
const MOST_LEAN_DEG = 75;

const SIDES = ['usual', 'over'] as const;
const TAILS = ['unsaid', 'inside', 'outside'] as const;

/** How the chosen clamp holds its part: which side looks up, which way it points, which copy it is, where its ends go. */
export function HeldInRound({ site, model }: { site: CaughtSite; model: ToyModel }) {
  const { join } = site;
  const { held, clamp } = join;
  const guest = modelOf(model, join.guest.part);
  const put = (change: Partial<Clamped>, copy?: string) => {
    const before = model.toy.clamps.find((c) => sameClamp(c, clamp));
    const said: ClampSaid = {
      ...clamp,
      copy: copy ?? before?.copy ?? null,
      ...clampedOf({ ...held, ...change }),
    };
    edit(
      say.clampHeld,
      { station: 'joins', join: join.id },
      (toy) => setClamp(toy, said),
      `clamp:${join.id}:${Object.keys(change).join()}`,
    );
  };
  return (
    <>
      <Choice
        label={say.clampSide}
        options={SIDES.map((id) => ({ id, label: say.clampSides[site.looks][id] }))}
        chosen={held.over ? 'over' : 'usual'}
        onChoose={(id) => put({ over: id === 'over' })}
      />
      <Leans site={site} put={put} />
      <Toggle label={say.clampInside} on={held.inside} onChange={(inside) => put({ inside })} />
      {guest.copies.length > 1 ? (
        <Choice
          label={say.clampCopy}
          options={guest.copies.map((c) => ({ id: c.id, label: copyName(guest, c.id) }))}
          chosen={join.guest.copy}
          onChoose={(copy) => put({}, copy)}
        />
      ) : null}
      <Choice
        label={say.clampTail}
        options={TAILS.map((id) => ({ id, label: say.clampTails[id] }))}
        chosen={held.tail ?? 'unsaid'}
        onChoose={(id) => put({ tail: id === 'unsaid' ? null : id })}
      />
    </>
  );
}

/** Small steps of how it leans and, where its edge runs round, how far the edge is turned on. */
function Leans({ site, put }: { site: CaughtSite; put: (change: Partial<Clamped>) => void }) {
  const { writing } = useToy();
  const { held } = site.join;
  const steps: { name: string; arrow: string; result: string; change: Partial<Clamped>; ends?: boolean }[] = [
    ...[-LEAN_STEP_DEG, LEAN_STEP_DEG].map((by) => {
      const tiltDeg = held.tiltDeg + by;
      const way = say.clampLeans[site.looks][by > 0 ? 'on' : 'back'];
      return {
        name: way.name,
        arrow: way.arrow,
        result: `${tiltDeg}°`,
        change: { tiltDeg },
        ends: Math.abs(tiltDeg) > MOST_LEAN_DEG,
      };
    }),
    ...(site.layers === 2
      ? [-1, 1].map((by) => ({
          name: by > 0 ? say.clampOn : say.clampBack,
          arrow: by > 0 ? '↷' : '↶',
          result: String(held.shift + by),
          change: { shift: held.shift + by },
        }))
      : []),
  ];
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {steps.map((s) => (
        <Nudge
          key={s.name}
          direction={s.name}
          arrow={s.arrow}
          result={s.ends ? words.surface.noFurther : s.result}
          disabled={!writing || s.ends}
          basis="40%"
          repeats
          onPress={() => put(s.change)}
        />
      ))}
    </View>
  );
}
