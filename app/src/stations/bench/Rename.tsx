import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { screenWords as say } from '@hoppla/core/words';
import { MainAction } from '../../controls';
import { FAMILY, usePalette } from '../../theme';

/** A field for the toy's name. */
export function Rename({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const c = usePalette();
  const [text, setText] = useState(name);
  const next = text.trim();
  const can = next !== '' && next !== name;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <TextInput
        aria-label={say.bench.name} value={text} onChangeText={setText} onSubmitEditing={() => can && onRename(next)} maxLength={80}
        style={{ flex: 3, minWidth: 160, minHeight: 54, borderWidth: 1.5, borderColor: c.edge, borderRadius: 6, paddingHorizontal: 12, color: c.ink, backgroundColor: c.raise, fontFamily: `"${FAMILY.text}", sans-serif`, fontSize: 18 }}
      />
      <MainAction label={say.bench.rename} disabled={!can} onPress={() => onRename(next)} />
    </View>
  );
}
