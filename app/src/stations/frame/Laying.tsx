import { View } from 'react-native';
import { Title } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** The mat before anything stands on it. */
export function Laying() {
  const c = usePalette();
  return (
    <View
      style={{ flex: 1, backgroundColor: c.mat, alignItems: 'center', justifyContent: 'center', padding: 24 }}
    >
      <Title color={c.matInk} textAlign="center">
        {say.loading}
      </Title>
    </View>
  );
}
