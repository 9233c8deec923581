import { holeTag } from '@hoppla/core/address';
import type { JoinSite, Join } from '@hoppla/core/join';
import { isAbout, meetingsOf, type ToyModel } from '@hoppla/core/model';
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
  sites: readonly JoinSite[];
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
      <Words flex={1}>{`${toLookAt ? '! ' : ''}${join.twin ? say.pair(guest) : guest}`}</Words>
      {faulty ? (
        <Words color={c.coralInk} fontWeight="600">
          {say.notJoined}
        </Words>
      ) : (
        <Tag
          rounds={sites[0].name ? holeTag(sites[0].name).rounds : say.how[sites[0].how]}
          stitches={sites[0].name ? holeTag(sites[0].name).stitches : `${sites[0].guestEdge} st`}
        />
      )}
    </Press>
  );
}
