import Ellipsis from 'lucide-react-native/icons/ellipsis';
import { View } from 'react-native';
import { Text } from '../../theme/tamagui';
import { Press, Words } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** The house, how many toys stand there, how they are shown, and what else the Bench has. */
export function BenchBar({
  count,
  as,
  onAs,
  onMenu,
}: {
  /** null until they are read */
  count: number | null;
  as: 'mat' | 'list';
  onAs: (as: 'mat' | 'list') => void;
  onMenu: () => void;
}) {
  const c = usePalette();
  return (
    <View
      role="banner"
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 12,
        paddingLeft: 16,
        paddingRight: 8,
        height: 56,
      }}
    >
      <Text
        role="heading"
        aria-level={1}
        fontFamily="$heading"
        fontSize={22}
        lineHeight={28}
        fontWeight="800"
        color={c.matInk}
      >
        {say.app}
      </Text>
      <Words color={c.matInk2} flex={1} numberOfLines={1}>
        {count ? say.bench.count(count) : ''}
      </Words>
      {count !== null && count > 1 ? <Shown as={as} onAs={onAs} /> : null}
      <Press label={say.bench.menu} onPress={onMenu} style={{ alignItems: 'center', width: 48, height: 48 }}>
        <Ellipsis color={c.matInk} size={24} />
      </Press>
    </View>
  );
}

/** On the mat, or as a list. */
const Shown = ({ as, onAs }: { as: 'mat' | 'list'; onAs: (as: 'mat' | 'list') => void }) => (
  <View role="radiogroup" aria-label={say.bench.list} style={{ flexDirection: 'row' }}>
    <As label={say.bench.asMat} chosen={as === 'mat'} onPress={() => onAs('mat')} />
    <As label={say.bench.asList} chosen={as === 'list'} onPress={() => onAs('list')} />
  </View>
);

function As({ label, chosen, onPress }: { label: string; chosen: boolean; onPress: () => void }) {
  const c = usePalette();
  return (
    <Press
      role="radio"
      label={label}
      chosen={chosen}
      onPress={onPress}
      style={{
        paddingHorizontal: 12,
        borderBottomWidth: 3,
        borderBottomColor: chosen ? c.tape : 'transparent',
      }}
    >
      <Words color={chosen ? c.tape : c.matInk2} fontWeight={chosen ? '700' : '400'}>
        {label}
      </Words>
    </Press>
  );
}
