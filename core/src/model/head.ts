import { onBody, resolve, type Spot } from '../address';
import { spotsOf, thingOf, type Feature, type Head, type Thing } from '../feature';
import { kept } from '../kept';
import { otherOf, reachOf, type Join } from '../join';
import type { Toy } from '../toy';
import type { PartModel } from './part';
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
  return headWith(part, toy.settings.ownSmallestMm, guests, others);
}

type Guests = readonly { join: Join; guest: PartModel }[];

const headWith = kept(
  (part: PartModel, ownSmallestMm: number | undefined, guests: Guests, others: readonly Feature[]): Head => ({
    form: part.form,
    ringIs: part.ringIs,
    ownSmallestMm,
    things: [
      ...guests.flatMap(({ join, guest }) => joinedThing(part, join, guest)),
      ...others.flatMap((f) => featureThing(part, f)),
    ],
  }),
  (_, ownSmallestMm, guests, others) => [
    ownSmallestMm,
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
