import { holeTag } from '@hoppla/core/address';
import { guestsOf, type AnySite, type Join } from '@hoppla/core/join';
import { isAbout, meetingsOf, modelOf, type ToyModel } from '@hoppla/core/model';
import { Press, Tag, Words } from '../../controls';
import { usePalette } from '../../theme';
import { namesOf } from './change';
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
  const c = usePalette();
  const { guest } = namesOf(model, join);
  const faulty = !sites[0] || model.joinFaults.some((f) => f.join.id === join.id);
  const toLookAt =
    meetingsOf(model).some((m) => isAbout(m, join.id)) || model.unfollowed.some((u) => u.join.id === join.id);
  return (
    <Press
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 8,
        minHeight: 46,
        borderBottomWidth: 1,
        borderBottomColor: c.line,
      }}
    >
      <Words
        flex={1}
      >{`${toLookAt ? '! ' : ''}${guestsOf(join).length > 1 ? say.pair(guest) : guest}`}</Words>
      {faulty ? (
        <Words color={c.coralInk} fontWeight="600">
          {say.notJoined}
        </Words>
      ) : (
        <Tag {...whereOf(model, sites[0])} />
      )}
    </Press>
  );
}

/** Its hole, the first of two where it runs through; at an end how it is sewn. */
function whereOf(model: ToyModel, site: AnySite): { rounds: string; stitches: string } {
  if ('exits' in site) return holeTag(site.exits.first.name);
  if (site.how === 'caught') {
    const { label } = modelOf(model, site.join.at.part).fabric.rounds[site.round];
    return { rounds: label, stitches: say.caughtOver(site.join.over) };
  }
  return site.name ? holeTag(site.name) : { rounds: say.how[site.how], stitches: `${site.guestEdge} st` };
}
