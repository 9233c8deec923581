import { useEffect } from 'react';

/** Bars of a browser come and go; what takes more than this from the page is a keyboard, px. */
const LEAST_PX = 120;

/** Keeps the whole app above a keyboard that lies over the page instead of making it smaller. */
export function useAboveKeyboard(): void {
  useEffect(() => {
    const seen = window.visualViewport;
    const root = document.getElementById('root');
    if (!seen || !root) return undefined;
    const fit = () => {
      // Who has magnified the page sees a part of it: that is no keyboard.
      const over = seen.scale === 1 && window.innerHeight - seen.height > LEAST_PX;
      root.style.height = over ? `${seen.height}px` : '';
      root.style.marginTop = over ? `${seen.offsetTop}px` : '';
    };
    seen.addEventListener('resize', fit);
    seen.addEventListener('scroll', fit);
    return () => {
      seen.removeEventListener('resize', fit);
      seen.removeEventListener('scroll', fit);
    };
  }, []);
}
