import { useSyncExternalStore } from 'react';
import { openToyNow, watch, type OpenToy } from './openToy';

/** The open toy, in React. */
export const useOpenToy = (): OpenToy => useSyncExternalStore(watch, openToyNow, openToyNow);

/** What stations draw of it. */
type DrawnToy = Pick<OpenToy, 'file' | 'settled' | 'writing'>;
let drawn: DrawnToy = openToyNow();

function drawnNow(): DrawnToy {
  const { file, settled, writing } = openToyNow();
  if (drawn.file !== file || drawn.settled !== settled || drawn.writing !== writing)
    drawn = { file, settled, writing };
  return drawn;
}

/** The same for a station: that a change is kept, a moment after it was made, draws none of it anew. */
export const useDrawnToy = (): DrawnToy => useSyncExternalStore(watch, drawnNow, drawnNow);
