import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/**
 * Closes a sheet by Escape while something is typed in it: fields of text keep their keys to themselves, so that the sheet would never hear of
 * it. Put the reference on anything in the sheet; one that lies over another closes alone.
 */
export function useEscape(onClose: () => void): RefObject<View | null> {
  const inside = useRef<View | null>(null);
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    const look = (event: KeyboardEvent) => {
      const sheet = (inside.current as unknown as HTMLElement | null)?.closest('[role=dialog]');
      const at = event.target;
      const typing = at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement;
      if (event.key !== 'Escape' || event.isComposing || !typing || !sheet?.contains(at)) return;
      event.preventDefault();
      close.current();
    };
    window.addEventListener('keydown', look, true);
    return () => window.removeEventListener('keydown', look, true);
  }, []);
  return inside;
}
