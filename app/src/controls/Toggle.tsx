import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';
import { usePalette } from '../theme';
import { Press } from './Press';
import { Words } from './type';

/** Something that is on or off: a box with its tick, and what it does. */
export function Toggle({
  label,
  on,
  onChange,
  disabled,
}: {
  label: string;
  on: boolean;
  onChange: (on: boolean) => void;
  disabled?: boolean;
}) {
  const c = usePalette();
  return (
    <Press
      label={label}
      role="switch"
      chosen={on}
      disabled={disabled}
      onPress={() => onChange(!on)}
      style={{
        borderWidth: 1.5,
        borderColor: on ? c.ink : c.edge,
        borderRadius: 6,
        backgroundColor: c.raise,
      }}
    >
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 9,
          paddingHorizontal: 12,
          paddingVertical: 9,
        }}
      >
        <Svg width={20} height={20} aria-hidden>
          <Rect x={1} y={1} width={18} height={18} rx={3} fill="none" stroke={c.ink} strokeWidth={1.6} />
          {on ? <Path d="M5 10.5L8.6 14L15.4 6" fill="none" stroke={c.ink} strokeWidth={2.2} /> : null}
        </Svg>
        <Words fontWeight="600" flexShrink={1}>
          {label}
        </Words>
      </View>
    </Press>
  );
}
