import { usePathname, useRouter } from 'expo-router';
import { useEffect } from 'react';
import { View } from 'react-native';
import { MainAction, Title, Words } from '../../controls';
import { usePalette } from '../../theme';
import { screenWords as say } from '../../words';

/** An address that Hoppla does not know: it says so, and leads back. */
export function NotFound() {
  const c = usePalette();
  const router = useRouter();
  const path = usePathname();
  useEffect(() => {
    document.title = `${say.frame.lost}, ${say.app}`;
  }, []);
  return (
    <View
      role="main"
      style={{
        flex: 1,
        backgroundColor: c.mat,
        alignItems: 'center',
        justifyContent: 'center',
        padding: 24,
        gap: 16,
      }}
    >
      <Title role="heading" aria-level={1} color={c.matInk}>
        {say.frame.lost}
      </Title>
      <Words color={c.matInk} backgroundColor={c.mat} textAlign="center" maxWidth={480}>
        {say.frame.lostHow(path)}
      </Words>
      <View style={{ flexDirection: 'row', alignSelf: 'stretch', maxWidth: 420, marginHorizontal: 'auto' }}>
        <MainAction label={say.frame.toBench} onPress={() => router.replace('/')} />
      </View>
    </View>
  );
}
