import { TextInput, View } from 'react-native';
import { FAMILY, usePalette } from '../theme';
import { sized } from '../theme/textSize';
import { Num, Words } from './type';

/** One line to type into, with its name above and its unit behind. */
export function Field({
  label,
  value,
  onChange,
  onDone,
  unit,
  placeholder,
  numeric,
  hideLabel,
  narrow,
  most = 80,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  onDone?: () => void;
  unit?: string;
  placeholder?: string;
  numeric?: boolean;
  hideLabel?: boolean;
  /** for a figure or two, several beside each other */
  narrow?: boolean;
  most?: number;
}) {
  return (
    <View style={{ flexGrow: 3, flexShrink: 1, minWidth: narrow ? 62 : 120, gap: 4 }}>
      {hideLabel ? null : (
        <Words fontWeight="600" aria-hidden>
          {label}
        </Words>
      )}
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <Typed
          label={label}
          value={value}
          onChange={onChange}
          onDone={onDone}
          most={most}
          placeholder={placeholder}
          numeric={numeric}
        />
        {unit ? (
          <Num fontSize={16} lineHeight={20}>
            {unit}
          </Num>
        ) : null}
      </View>
    </View>
  );
}

/** What is typed. */
function Typed({
  label,
  value,
  onChange,
  onDone,
  most,
  placeholder,
  numeric,
}: {
  label: string;
  value: string;
  onChange: (text: string) => void;
  onDone: (() => void) | undefined;
  most: number;
  placeholder: string | undefined;
  numeric: boolean | undefined;
}) {
  const c = usePalette();
  return (
    <TextInput
      aria-label={label}
      value={value}
      onChangeText={onChange}
      onSubmitEditing={onDone}
      maxLength={most}
      placeholder={placeholder}
      placeholderTextColor={c.ink2}
      inputMode={numeric ? 'decimal' : 'text'}
      style={{
        flex: 1,
        minWidth: 60,
        minHeight: 54,
        borderWidth: 1.5,
        borderColor: c.edge,
        borderRadius: 6,
        paddingHorizontal: 12,
        color: c.ink,
        backgroundColor: c.raise,
        fontFamily: numeric ? `"${FAMILY.number}", monospace` : `"${FAMILY.text}", sans-serif`,
        fontSize: sized(numeric ? 22 : 18),
      }}
    />
  );
}
