import { holeTag } from '@hoppla/core/address';
import type { JoinSite, Join } from '@hoppla/core/join';
import { type ToyModel } from '@hoppla/core/model';
import { Press, Tag, Words } from '../../controls';
import { usePalette } from '../../theme';
import { namesOf } from './JoinCard';
import { screenWords as words } from '../../words';

const say = words.joins;

export function JoinRow({
  model,
  join,
  sites,
  chosen,
  onPress,
}: {
  model: ToyModel;
  join: Join;
  sites: readonly JoinSite[];
  chosen: boolean;
  onPress: () => void;
}) {
  const c = usePalette();
  const { guest, host } = namesOf(model, join);
  const faulty = !sites[0] || model.joinFaults.some((f) => f.join.id === join.id);
  return (
    <Press
      chosen={chosen}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        gap: 8,
        minHeight: 46,
        paddingHorizontal: 8,
        borderBottomWidth: 1,
        borderBottomColor: c.line,
        backgroundColor: chosen ? c.sunk : 'transparent',
        borderLeftWidth: 6,
        borderLeftColor: chosen ? c.tape : 'transparent',
      }}
    >
      <Words flex={1}>{say.title(join.twin ? say.pair(guest) : guest, host)}</Words>
      {faulty ? (
        <Words color={c.coralInk} fontWeight="600">
          {say.notJoined}
        </Words>
      ) : (
        <Tag rounds={sites[0].name ? holeTag(sites[0].name).rounds : say.atEnd} />
      )}
    </Press>
  );
}
