import { useState } from 'react';
import { FlatList } from 'react-native';
import { usePalette } from '../../../theme';
import { screenWords as say } from '../../../words';
import { DeskItem, type DeskLinesProps } from './DeskLines';

/** The lines of a long page: those that are not seen are not drawn. */
export function LongLines({ lines, ...rest }: DeskLinesProps) {
  const c = usePalette();
  const [chosen, setChosen] = useState<number | null>(null);
  return (
    <FlatList
      {...({ tabIndex: 0, role: 'list' } as object)}
      aria-label={say.desk.lines}
      data={lines}
      extraData={chosen}
      keyExtractor={(line) => String(line.line)}
      renderItem={({ item }) => (
        <DeskItem
          {...rest}
          line={item}
          chosen={item.line === chosen}
          onPress={() => setChosen(item.line === chosen ? null : item.line)}
        />
      )}
      initialNumToRender={16}
      windowSize={5}
      keyboardShouldPersistTaps="handled"
      style={{ flex: 1, borderTopWidth: 2, borderTopColor: c.edge, backgroundColor: c.paper }}
    />
  );
}
