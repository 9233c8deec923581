import { holeTag } from '@hoppla/core/address';
import { guestsOf, type AnySite, type Join } from '@hoppla/core/join';
import { isAbout, meetingsOf, modelOf, type ToyModel } from '@hoppla/core/model';
import { Tag } from '../../controls';
import { namesOf } from './change';
import { ListRow } from '../frame/ListRow';
import { screenWords as words } from '../../words';

const say = words.joins;

/** One join in the list of its host: what is sewn on, and where. */
export function JoinRow({
  model,
  join,
  sites,
  onPress,
}: {
  model: ToyModel;
  join: Join;
  sites: readonly AnySite[];
  onPress: () => void;
}) {
  const { guest } = namesOf(model, join);
  const faulty = !sites[0] || model.joinFaults.some((f) => f.join.id === join.id);
  const toLookAt =
    meetingsOf(model).some((m) => isAbout(m, join.id)) || model.unfollowed.some((u) => u.join.id === join.id);
  return (
    <ListRow
      name={`${toLookAt ? '! ' : ''}${guestsOf(join).length > 1 ? say.pair(guest) : guest}`}
      tag={faulty ? null : <Tag {...whereOf(model, sites[0])} />}
      missing={say.notJoined}
      onPress={onPress}
    />
  );
}

/** Its hole, the first of two where it runs through; at an end how it is sewn. */
function whereOf(model: ToyModel, site: AnySite): { rounds: string; stitches: string } {
  if ('exits' in site) return holeTag(site.exits.first.name);
  if (site.how === 'caught') {
    const { label } = modelOf(model, site.join.at.part).fabric.rounds[site.round];
    return { rounds: label, stitches: say.caughtOver(site.join.over) };
  }
  return site.name
    ? holeTag(site.name)
    : { rounds: say.how[site.how], stitches: words.face.st(site.guestEdge) };
}
