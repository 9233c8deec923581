import Svg, { Path } from 'react-native-svg';
import { View } from 'react-native';
import { Text } from '../theme/tamagui';
import { usePalette } from '../theme';
import { lined, sized } from '../theme/textSize';
import { Press } from './Press';

/** The one main action of a screen: yellow tape with ticks along its foot, verb first. */
export function MainAction({
  label,
  onPress,
  disabled,
  tall,
}: {
  label: string;
  onPress: () => void;
  disabled?: boolean;
  tall?: boolean;
}) {
  const c = usePalette();
  return (
    <Press
      label={label}
      onPress={onPress}
      disabled={disabled}
      style={{
        backgroundColor: c.tape,
        borderRadius: 6,
        minHeight: tall ? 88 : 54,
        overflow: 'hidden',
        alignItems: 'center',
        flexGrow: 1,
        flexShrink: 1,
        minWidth: 0,
      }}
    >
      <Text
        fontFamily="$heading"
        fontSize={sized(tall ? 26 : 18)}
        lineHeight={tall ? lined(32, 26) : lined(24, 18)}
        fontWeight={tall ? '800' : '700'}
        color={c.tapeInk}
        paddingHorizontal={16}
        textAlign="center"
      >
        {label}
      </Text>
      <View style={{ position: 'absolute', left: 0, right: 0, bottom: 0, height: 9 }} aria-hidden>
        <Svg width={1400} height={9}>
          <Path d={ruler(1400, 9)} stroke={c.tapeInk} strokeOpacity={0.55} strokeWidth={1} fill="none" />
        </Svg>
      </View>
    </Press>
  );
}

/** Ticks every 10 px, longer every fifth. */
function ruler(width: number, height: number): string {
  let d = '';
  for (let x = 4, k = 0; x < width; x += 10, k++) d += `M${x} ${height}V${k % 5 === 0 ? 2 : 5}`;
  return d;
}

/** Any other button: plain ground and an edge. With `chosen` it is one choice of a group. */
export function PlainButton({
  label,
  spoken = label,
  onPress,
  disabled,
  danger,
  chosen,
  grow,
}: {
  label: string;
  /** what a screen reader says, where the label alone says too little */
  spoken?: string;
  onPress: () => void;
  disabled?: boolean;
  danger?: boolean;
  chosen?: boolean;
  grow?: boolean;
}) {
  const c = usePalette();
  return (
    <Press
      label={spoken}
      role={chosen === undefined ? 'button' : 'radio'}
      onPress={onPress}
      disabled={disabled}
      chosen={chosen}
      style={{
        backgroundColor: c.raise,
        borderColor: chosen ? c.ink : c.edge,
        borderWidth: chosen ? 2.5 : 1.5,
        borderRadius: 6,
        paddingHorizontal: 14,
        paddingVertical: 9,
        alignItems: 'center',
        flexGrow: grow ? 1 : 0,
        maxWidth: '100%',
      }}
    >
      <PlainText label={label} chosen={chosen} danger={danger} />
    </Press>
  );
}

function PlainText({
  label,
  chosen,
  danger,
}: {
  label: string;
  chosen: boolean | undefined;
  danger: boolean | undefined;
}) {
  const c = usePalette();
  return (
    <Text
      fontFamily="$body"
      fontSize={sized(16)}
      lineHeight={lined(20, 16)}
      fontWeight="600"
      color={danger ? c.coralInk : c.ink}
      textAlign="center"
    >
      {chosen ? '✓ ' : ''}
      {label}
    </Text>
  );
}
