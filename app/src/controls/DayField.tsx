import { View } from 'react-native';
import { FAMILY, usePalette } from '../theme';
import { sized } from '../theme/textSize';
import { Words } from './type';

/** A day, `YYYY-MM-DD`, chosen from the browser's own calendar or typed; empty while there is none. */
export function DayField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (day: string) => void;
}) {
  const c = usePalette();
  return (
    <View style={{ flexGrow: 1, flexShrink: 1, minWidth: 140, gap: 4 }}>
      <Words fontWeight="600" aria-hidden>
        {label}
      </Words>
      <input
        type="date"
        aria-label={label}
        value={value}
        onChange={(e) => onChange(e.target.value)}
        style={{
          minHeight: 52,
          padding: '0 12px',
          boxSizing: 'border-box',
          width: '100%',
          borderRadius: 6,
          border: `1.5px solid ${c.edge}`,
          background: c.raise,
          color: c.ink,
          colorScheme: 'light dark',
          fontFamily: FAMILY.number,
          fontSize: sized(17),
        }}
      />
    </View>
  );
}
