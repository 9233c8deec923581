import { useEffect, useRef } from 'react';

/** Ctrl P prints the toys of the Bench and not its screen. */
export function usePrintKey(print: () => void): void {
  const latest = useRef(print);
  useEffect(() => {
    latest.current = print;
  });
  useEffect(() => {
    const hear = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'p') return;
      event.preventDefault();
      latest.current();
    };
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, []);
}
