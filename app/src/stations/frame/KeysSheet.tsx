import { View } from 'react-native';
import { Num, Quiet, Sheet, Words } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords } from '../../words';

const say = screenWords.frame;

/** The short list of keys. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  const c = usePalette();
  return (
    <Sheet title={say.keys} onClose={onClose}>
      <Quiet>{say.keysHow}</Quiet>
      {say.keyList.map(([key, does]) => (
        <View
          key={key}
          style={{
            flexDirection: 'row',
            flexWrap: 'wrap',
            gap: 12,
            alignItems: 'baseline',
            borderTopWidth: 1,
            borderTopColor: c.line,
            paddingVertical: 8,
          }}
        >
          <View style={{ width: 190 }}>
            <Num>{key}</Num>
          </View>
          <Words flex={1} minWidth={140}>
            {does}
          </Words>
        </View>
      ))}
    </Sheet>
  );
}
