import CornerUpLeft from 'lucide-react-native/icons/corner-up-left';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import type { Tick } from '@hoppla/core/record';
import { MainAction, Press, Words } from '../../controls';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { screenWords } from '../../words';

const say = screenWords.make;

/** Back, and the big tick. */
export function Buttons({
  label,
  go,
  back,
  canGo,
  canGoBack,
  before,
}: {
  label: string;
  go: () => void;
  back: () => void;
  canGo: boolean;
  canGoBack: boolean;
  before: Tick | undefined;
}) {
  const c = usePalette();
  const { short } = useRoom();
  const backTo = before || !canGoBack ? say.back : say.earlier;
  return (
    <View style={{ padding: short ? 10 : 16, paddingTop: 8, flexDirection: 'row', gap: 10 }}>
      <Press
        label={backTo}
        disabled={!canGoBack}
        onPress={back}
        style={{
          width: 88,
          minHeight: short ? 64 : 88,
          borderWidth: 1.5,
          borderColor: c.edge,
          borderRadius: 6,
          backgroundColor: c.raise,
          alignItems: 'center',
          gap: 4,
        }}
      >
        <CornerUpLeft color={c.ink} size={26} />
        <Words fontWeight="600" textAlign="center" fontSize={before || !canGoBack ? 16 : 13}>
          {backTo}
        </Words>
      </Press>
      <MainAction tall={!short} disabled={!canGo} label={label} onPress={go} />
    </View>
  );
}

/** What lies on the paper, and a touch anywhere on it ticks, where the maker wants that. Buttons on it stay buttons. */
export function Anywhere({
  on,
  label,
  onPress,
  children,
}: {
  on: boolean;
  label: string;
  onPress: () => void;
  children: ReactNode;
}) {
  if (!on) return <View style={{ gap: 10 }}>{children}</View>;
  return (
    <Pressable
      onPress={onPress}
      style={{ gap: 10, minHeight: 220 }}
      tabIndex={-1}
      aria-label={label}
      role="group"
    >
      {children}
    </Pressable>
  );
}
