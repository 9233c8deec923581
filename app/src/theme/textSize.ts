import { createContext } from 'react';

/** Size of letters that a browser has as long as nobody asks for another, px. */
const USUAL_PX = 16;
/** Larger than twice is what magnifying the page is for. */
const MOST = 2;
/** Letters that are as large as this need not grow further, px. */
const LARGE_PX = 34;

/** How much larger letters are asked for in the browser's own settings than is usual: 1 to 2. A new one is taken when the page is loaded. */
function asked(): number {
  if (typeof document === 'undefined') return 1;
  const px = parseFloat(getComputedStyle(document.documentElement).fontSize);
  return Number.isFinite(px) ? Math.min(MOST, Math.max(1, px / USUAL_PX)) : 1;
}

export const TEXT_SCALE = asked();

/** How much letters may grow where there is no room for more: on the bars, the tapes and the mat. */
export const TextCap = createContext(MOST);
export const BAR_CAP = 1.2;

/** A size of letters as the browser asks for it, px: what is large already grows less. */
export const sized = (px: number, cap = MOST): number =>
  Math.round(Math.max(px, Math.min(px * Math.min(TEXT_SCALE, cap), LARGE_PX)));

/** The line that letters of a size need, where they usually stand in one of `line`, px. */
export const lined = (line: number, px: number, cap = MOST): number =>
  Math.round((line * sized(px, cap)) / px);
