import type { ReactNode } from 'react';
import { Pressable, type StyleProp, type ViewStyle } from 'react-native';

interface PressProps {
  /** spoken name; left out when the words inside say it all */
  label?: string;
  onPress: () => void;
  children: ReactNode;
  style?: StyleProp<ViewStyle>;
  disabled?: boolean;
  /** for choices: whether this one is chosen */
  chosen?: boolean;
  role?: 'button' | 'link' | 'radio' | 'tab' | 'switch';
  testID?: string;
}

/** Anything that is pressed: at least 44 px, with a name, usable by keyboard. */
export function Press({
  label,
  onPress,
  children,
  style,
  disabled,
  chosen,
  role = 'button',
  testID,
}: PressProps) {
  const state =
    role === 'button'
      ? chosen === undefined
        ? {}
        : { 'aria-pressed': chosen }
      : role === 'radio' || role === 'switch'
        ? { 'aria-checked': chosen ?? false }
        : role === 'tab'
          ? { 'aria-selected': chosen ?? false }
          : chosen
            ? { 'aria-current': 'page' as const }
            : {};
  return (
    <Pressable
      role={role}
      aria-label={label}
      disabled={disabled}
      onPress={onPress}
      testID={testID}
      style={[
        { minHeight: 44, minWidth: 44, justifyContent: 'center' },
        disabled ? { opacity: 0.45 } : null,
        style,
      ]}
      {...state}
    >
      {children}
    </Pressable>
  );
}
