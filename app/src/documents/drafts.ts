import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { useCallback, useEffect, useRef, useState } from 'react';
import { LINE_MEANINGS, type LineMeaning } from '@hoppla/core/notation';

/** A page on the import desk that is not a toy yet: its text, and what the maker says that lines are. */
export interface Draft {
  text: string;
  as: Readonly<Record<number, LineMeaning>>;
}

const store = createAsyncStorage('hoppla-drafts');
const NOTHING: Draft = { text: '', as: {} };
/** Typing is kept when it rests so long, ms. */
const REST_MS = 250;

/** Keeps a page for a toy's desk. */
export const keepDraft = (toy: string, draft: Draft): Promise<void> =>
  draft.text === '' ? store.removeItem(toy) : store.setItem(toy, JSON.stringify(draft));

/** Whether a page lies on a toy's desk. */
export const hasDraft = async (toy: string): Promise<boolean> => (await store.getItem(toy)) !== null;

/** A draft as it was kept; whatever is none is left out. */
function draftIn(raw: string | null): Draft {
  try {
    const { text, as } = JSON.parse(raw ?? '{}') as Partial<Draft>;
    if (typeof text !== 'string') return NOTHING;
    const said = Object.entries(as ?? {}).filter(([, is]) => LINE_MEANINGS.includes(is));
    return { text, as: Object.fromEntries(said) };
  } catch {
    return NOTHING;
  }
}

/** The page on a toy's desk. It is kept as it is typed: another tab, a reload or a tap outside loses nothing. `kept` once it is. */
export function useDraft(toy: string): {
  draft: Draft;
  kept: boolean;
  change: (draft: Draft) => void;
  drop: () => void;
} {
  const [draft, setDraft] = useState(NOTHING);
  const [kept, setKept] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const latest = useRef<Draft | null>(null);
  useEffect(() => {
    let gone = false;
    void store.getItem(toy).then((raw) => {
      // What was typed meanwhile is newer.
      if (!gone && latest.current === null) setDraft(draftIn(raw));
    });
    return () => {
      gone = true;
      clearTimeout(timer.current);
      if (latest.current) void keepDraft(toy, latest.current);
    };
  }, [toy]);
  const change = useCallback(
    (now: Draft) => {
      latest.current = now;
      setDraft(now);
      setKept(false);
      clearTimeout(timer.current);
      timer.current = setTimeout(
        () => void keepDraft(toy, now).then(() => latest.current === now && setKept(now.text !== '')),
        REST_MS,
      );
    },
    [toy],
  );
  const drop = useCallback(() => {
    clearTimeout(timer.current);
    latest.current = NOTHING;
    setDraft(NOTHING);
    void keepDraft(toy, NOTHING);
  }, [toy]);
  return { draft, kept, change, drop };
}
