import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Dialog } from '../theme/tamagui';
import { usePalette } from '../theme';
import { lined, sized } from '../theme/textSize';
import { PlainButton } from './MainAction';
import { screenWords as say } from '../words';
import { useEscape } from './useEscape';
import { useGiveFocusBack } from './useGiveFocusBack';

/** A sheet of paper over the screen, for whatever must be settled first; it is there while it is rendered. Escape and a tap outside close it. */
export function Sheet({
  title,
  onClose,
  children,
  foot,
}: {
  title: string;
  onClose: () => void;
  children: ReactNode;
  foot?: ReactNode;
}) {
  const c = usePalette();
  useGiveFocusBack();
  return (
    <Dialog modal open onOpenChange={(now: boolean) => (now ? undefined : onClose())}>
      <Dialog.Portal>
        <Dialog.Overlay key="overlay" backgroundColor={c.matDeep} opacity={0.72} />
        <Dialog.Content
          key="content"
          aria-describedby={undefined}
          backgroundColor={c.paper}
          borderRadius={0}
          padding={0}
          width="100%"
          maxWidth={560}
          maxHeight="88%"
          borderTopWidth={6}
          borderTopColor={c.tape}
          elevation={0}
        >
          <SheetHead title={title} onClose={onClose} />
          {/* Can be scrolled by keyboard even when nothing in it can be pressed. */}
          <ScrollView
            {...({ tabIndex: 0 } as object)}
            style={{ flexShrink: 1 }}
            contentContainerStyle={{ padding: 16, gap: 12 }}
          >
            {children}
          </ScrollView>
          {foot ? (
            <View style={{ padding: 16, borderTopWidth: 1, borderTopColor: c.line, flexDirection: 'row' }}>
              {foot}
            </View>
          ) : null}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog>
  );
}

/** The title, and the way out. */
function SheetHead({ title, onClose }: { title: string; onClose: () => void }) {
  const c = usePalette();
  const inside = useEscape(onClose);
  return (
    <View
      ref={inside}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        justifyContent: 'space-between',
        paddingLeft: 16,
        paddingRight: 10,
        paddingVertical: 8,
        gap: 8,
        borderBottomWidth: 1,
        borderBottomColor: c.line,
      }}
    >
      <Dialog.Title
        fontFamily="$heading"
        fontSize={sized(19)}
        lineHeight={lined(24, 19)}
        fontWeight="700"
        color={c.ink}
        flex={1}
      >
        {title}
      </Dialog.Title>
      <PlainButton label={say.close} onPress={onClose} />
    </View>
  );
}
