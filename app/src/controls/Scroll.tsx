import { ScrollView, type ScrollViewProps } from 'react-native';

/** Paper that scrolls: fills its place, and can be scrolled by keyboard even when nothing in it can be pressed. */
export function Scroll({ style, ...rest }: ScrollViewProps) {
  return <ScrollView {...rest} {...({ tabIndex: 0 } as object)} style={[{ flex: 1 }, style]} />;
}
