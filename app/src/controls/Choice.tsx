import { View } from 'react-native';
import { PlainButton } from './MainAction';
import { Words } from './type';

/** One of a few, side by side, with a name. */
export function Choice<T extends string>({
  label,
  options,
  chosen,
  onChoose,
  grow,
}: {
  label: string;
  options: readonly { id: T; label: string }[];
  chosen: T | null;
  onChoose: (id: T) => void;
  grow?: boolean;
}) {
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{label}</Words>
      <View role="radiogroup" aria-label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {options.map((o) => (
          <PlainButton
            key={o.id}
            label={o.label}
            chosen={o.id === chosen}
            grow={grow}
            onPress={() => onChoose(o.id)}
          />
        ))}
      </View>
    </View>
  );
}
