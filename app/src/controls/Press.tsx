import { useCallback, useEffect, useLayoutEffect, useRef, type ReactNode } from 'react';
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
  /** what goes on while it is held down */
  held?: { onLongPress: () => void; onPressOut: () => void };
}

/** Held longer than the first, a step is repeated every so many ms. */
const HELD_MS = { first: 420, every: 110 };

/** One function that runs what was given last: a button is not drawn anew because it would do something else by now. */
function useLatest(run: () => void): () => void {
  const latest = useRef(run);
  useLayoutEffect(() => {
    latest.current = run;
  });
  return useCallback(() => latest.current(), []);
}

/** A step that goes on while it is held down: every time as it is by then. */
export function useHeld(run: () => void, on: boolean): PressProps['held'] {
  const step = useLatest(run);
  const timer = useRef<ReturnType<typeof setInterval> | undefined>(undefined);
  useEffect(() => {
    if (!on) clearInterval(timer.current);
  }, [on]);
  useEffect(() => () => clearInterval(timer.current), []);
  if (!on) return undefined;
  return {
    onLongPress: () => {
      clearInterval(timer.current);
      step();
      timer.current = setInterval(step, HELD_MS.every);
    },
    onPressOut: () => clearInterval(timer.current),
  };
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
  held,
}: PressProps) {
  const press = useLatest(onPress);
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
      onPress={press}
      testID={testID}
      delayLongPress={held ? HELD_MS.first : undefined}
      onLongPress={held?.onLongPress}
      onPressOut={held?.onPressOut}
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
