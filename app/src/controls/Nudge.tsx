import { View, type DimensionValue } from 'react-native';
import { usePalette } from '../theme';
import { Press, useHeld } from './Press';
import { LittleRoom } from './LittleRoom';
import { Num, Words } from './type';

/** One small step: says the direction and the result, never plus or minus alone. */
export function Nudge({
  direction,
  arrow,
  result,
  onPress,
  disabled,
  basis,
  repeats,
}: {
  direction: string;
  arrow: string;
  result: string;
  onPress: () => void;
  disabled?: boolean;
  basis?: DimensionValue;
  /** held down, it goes on */
  repeats?: boolean;
}) {
  const c = usePalette();
  const held = useHeld(onPress, repeats === true && !disabled);
  return (
    <Press
      onPress={onPress}
      held={held}
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
      <LittleRoom>
        <Step direction={direction} arrow={arrow} />
        <Num fontSize={15} lineHeight={20}>
          {result}
        </Num>
      </LittleRoom>
    </Press>
  );
}

/** Which way it goes. */
function Step({ direction, arrow }: { direction: string; arrow: string }) {
  const c = usePalette();
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 4 }}>
      <Words fontSize={15} lineHeight={19} color={c.ink2} aria-hidden>
        {arrow}
      </Words>
      <Words fontSize={15} lineHeight={19} color={c.ink2}>
        {direction}
      </Words>
    </View>
  );
}
