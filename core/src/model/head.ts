import { onBody, resolve, type RoundSpan, type Spot } from '../address';
import { spotsOf, thingOf, type Feature, type Head, type Thing } from '../feature';
import { kept } from '../kept';
import { otherOf, reachOf, type Join } from '../join';
import type { Toy } from '../toy';
import { bodyRounds } from './bodyRounds';
import type { PartModel } from './part';
import { AS_NARROW, girthOf, stretchesOf } from './stretches';
import { everyJoin, type ToyModel } from './toy';

/** A part as something that gets a face, with what else is on it: parts sewn on, noses, embroidery. */
export const headOf = (model: ToyModel, part: PartModel): Head =>
  headIn(
    model.toy,
    model.parts,
    part,
    everyJoin(model).map((j) => j.join),
  );

const guestsOn = (joins: readonly Join[], parts: readonly PartModel[], part: PartModel) =>
  joins.flatMap((join) => {
    const guest =
      join.at.part === part.part.id ? parts.find((p) => p.part.id === join.guest.part) : undefined;
    return guest ? [{ join, guest }] : [];
  });

/** A head among the parts of a toy. Moving an eye leaves it as it was. */
export function headIn(
  toy: Toy,
  parts: readonly PartModel[],
  part: PartModel,
  joins: readonly Join[] = toy.joins,
): Head {
  const guests = guestsOn(joins, parts, part);
  const others = toy.features.filter((f) => f.kind !== 'eyes' && f.part === part.part.id);
  const eyed = toy.features.some((f) => f.kind === 'eyes' && f.part === part.part.id);
  const sewnOn = joins.some((j) => j.guest.part === part.part.id);
  const muzzle = sewnOn && !eyed && (part.ringIs === 'nose' || part.ringIs === 'mouth');
  return headWith(part, toy.settings.ownSmallestMm, muzzle, guests, others);
}

/** The rounds of a part's head: those of the stretch that is one, without the neck that its shape ends in; of the whole part where none is told apart. */
function headRounds(part: PartModel): RoundSpan {
  const head = stretchesOf(part).find((s) => s.is === 'head');
  if (!head) return { from: 0, to: part.fabric.rounds.length - 1 };
  const { from, to, by } = head;
  if (by === 'maker') return { from, to };
  const girths = Array.from({ length: to - from + 1 }, (_, k) => girthOf(part.form, from + k));
  const widest = from + girths.indexOf(Math.max(...girths));
  const isNeck = (i: number) => girths[i - from] <= AS_NARROW * girths[neck - from];
  const neck = from > 0 ? from : to;
  if (neck === to) {
    const end = girths.findIndex((_, k) => from + k > widest && isNeck(from + k));
    return { from, to: from + end };
  }
  let start = widest - 1;
  while (start > from && !isNeck(start)) start--;
  return { from: Math.max(from, start), to };
}

/** After how many rounds of the part itself its text stuffs it. */
const stuffedAfter = (part: PartModel): number[] =>
  part.reading.stuffedAfter.map((readings) => bodyRounds(part, readings));

type Guests = readonly { join: Join; guest: PartModel }[];

const headWith = kept(
  (
    part: PartModel,
    ownSmallestMm: number | undefined,
    muzzle: boolean,
    guests: Guests,
    others: readonly Feature[],
  ): Head => ({
    form: part.form,
    rounds: headRounds(part),
    stuffedAfter: stuffedAfter(part),
    muzzle,
    ringIs: part.ringIs,
    ownSmallestMm,
    things: [
      ...guests.flatMap(({ join, guest }) => joinedThing(part, join, guest)),
      ...others.flatMap((f) => featureThing(part, f)),
    ],
  }),
  (_, ownSmallestMm, muzzle, guests, others) => [
    ownSmallestMm,
    muzzle,
    ...guests.flatMap(({ join, guest }) => [join, guest]),
    ...others,
  ],
);

function joinedThing(part: PartModel, join: Join, guest: PartModel): Thing[] {
  if (join.at.at === 'edge') return [];
  return thingAt(part, join.at, {
    id: join.id,
    kind: 'part',
    name: guest.name.toLowerCase(),
    twin: otherOf(join) !== null,
    reachMm: Math.max(...Object.values(reachOf(join, guest))),
  });
}

function featureThing(part: PartModel, f: Feature): Thing[] {
  const thing = thingOf(f);
  const [first] = spotsOf(f);
  return thing && first ? thingAt(part, first, { id: f.id, twin: false, ...thing }) : [];
}

function thingAt(
  part: PartModel,
  spot: Spot,
  thing: Pick<Thing, 'id' | 'kind' | 'name' | 'twin' | 'reachMm'>,
): Thing[] {
  const found = onBody(resolve(part.form, spot));
  return found ? [{ ...thing, round: found.round, polar: found.polar }] : [];
}
