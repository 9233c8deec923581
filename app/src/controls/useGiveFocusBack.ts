import { useEffect, useState } from 'react';

/** What had the focus before the first of the sheets that are open, and how many are. */
const held: { opener: HTMLElement | null; open: number } = { opener: null, open: 0 };
/** A sheet that leads to another closes before that one opens, ms. */
const BETWEEN_MS = 60;

/** Gives the focus back to what opened a sheet when the last one is closed, also where one sheet led to another. */
export function useGiveFocusBack(): void {
  // Looked at while it is drawn: afterwards the sheet itself has the focus.
  const [from] = useState(() => document.activeElement as HTMLElement | null);
  useEffect(() => {
    if (from && from !== document.body && !from.closest('[role=dialog]')) held.opener = from;
    held.open++;
    return () => {
      held.open--;
      setTimeout(() => {
        const now = document.activeElement;
        const lost = now === null || now === document.body || now.closest('[role=dialog]') !== null;
        if (held.open === 0 && lost && held.opener?.isConnected) held.opener.focus();
      }, BETWEEN_MS);
    };
  }, [from]);
}
