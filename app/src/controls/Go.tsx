import { Link, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View, type StyleProp, type ViewStyle } from 'react-native';

interface GoProps {
  /** spoken name; left out when the words inside say it all */
  label?: string;
  to: Href;
  children: ReactNode;
  style?: StyleProp<ViewStyle>;
  /** one is there already */
  here?: boolean;
}

/** Something that goes somewhere: a real link, at least 44 px, for Enter, for a new tab and for a long press. */
export function Go({ label, to, children, style, here }: GoProps) {
  return (
    <Link href={to} push asChild>
      <Pressable
        aria-label={label}
        style={StyleSheet.flatten([{ minHeight: 44, minWidth: 44, justifyContent: 'center' }, style])}
        {...(here ? { 'aria-current': 'page' as const } : {})}
      >
        {children}
      </Pressable>
    </Link>
  );
}

/** Like `Go`, and the page is loaded anew there: from one toy straight to another, as two of them are never open in one page. */
export const GoAnew = ({ to, children }: { to: string; children: ReactNode }) => (
  <View style={{ minHeight: 44, minWidth: 44, justifyContent: 'center' }} {...({ href: to } as object)}>
    {children}
  </View>
);
