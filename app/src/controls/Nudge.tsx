import { View, type DimensionValue } from 'react-native';
import { usePalette } from '../theme';
import { Press } from './Press';
import { Num, Words } from './type';

/** One small step: says the direction and the result, never plus or minus alone. */
export function Nudge({
  direction,
  arrow,
  result,
  onPress,
  disabled,
  basis,
}: {
  direction: string;
  arrow: string;
  result: string;
  onPress: () => void;
  disabled?: boolean;
  basis?: DimensionValue;
}) {
  const c = usePalette();
  return (
    <Press
      onPress={onPress}
      disabled={disabled}
      style={{
        flexGrow: 1,
        flexShrink: 1,
        flexBasis: basis ?? 0,
        minWidth: 68,
        minHeight: 56,
        backgroundColor: c.raise,
        borderColor: c.edge,
        borderWidth: 1.5,
        borderRadius: 6,
        alignItems: 'center',
        paddingVertical: 5,
        paddingHorizontal: 2,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 4 }}>
        <Words fontSize={15} lineHeight={19} color={c.ink2} aria-hidden>
          {arrow}
        </Words>
        <Words fontSize={15} lineHeight={19} color={c.ink2}>
          {direction}
        </Words>
      </View>
      <Num fontSize={15} lineHeight={20}>
        {result}
      </Num>
    </Press>
  );
}
