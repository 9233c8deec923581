import { View } from 'react-native';
import { MainAction, PlainButton, Title } from '../../controls';
import { downloadToy, openToyNow } from '../../documents';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** Shown when a screen breaks: the toy can still be taken away. */
export function Broken({ onBack }: { onBack: () => void }) {
  const c = usePalette();
  const { file } = openToyNow();
  return (
    <View
      role="main"
      style={{
        flex: 1,
        backgroundColor: c.paper,
        alignItems: 'center',
        justifyContent: 'center',
        padding: 24,
        gap: 16,
      }}
    >
      <Title role="heading" aria-level={1} textAlign="center">
        {say.storage.crashed}
      </Title>
      {file ? <MainAction label={say.storage.download} onPress={() => downloadToy(file)} /> : null}
      <PlainButton
        label={say.storage.back}
        onPress={() => {
          window.history.replaceState(null, '', '/');
          onBack();
        }}
      />
    </View>
  );
}
