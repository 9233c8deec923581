import { useState } from 'react';
import { View } from 'react-native';
import { Field, MainAction } from '../../controls';
import { screenWords as say } from '../../words';

/** A field for the toy's name. */
export function Rename({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const [text, setText] = useState(name);
  const next = text.trim();
  const can = next !== '' && next !== name;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <Field
        label={say.bench.name}
        value={text}
        onChange={setText}
        onDone={() => can && onRename(next)}
        hideLabel
      />
      <MainAction label={say.bench.rename} disabled={!can} onPress={() => onRename(next)} />
    </View>
  );
}
