import { useRouter } from 'expo-router';
import { useEffect } from 'react';
import { hrefOf, STATION_IDS, STATIONS } from '../stations';
import type { Open } from './ToyMenu';

/** Whether keys are being typed into something. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(?:INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Ctrl P prints the pattern and not the screen, ? tells the keys, Alt with a number goes to a station or the Bench. */
export function useToyKeys(toy: string, open: (what: Open) => void): void {
  const router = useRouter();
  useEffect(() => {
    const bar = STATION_IDS.filter((s) => STATIONS[s].icon);
    const hear = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && !event.altKey && event.key.toLowerCase() === 'p') {
        event.preventDefault();
        return open('print');
      }
      if (event.key === '?' && !isTyping(event.target)) return open('keys');
      if (!event.altKey || event.ctrlKey || !/^Digit[0-5]$/.test(event.code)) return;
      event.preventDefault();
      const n = Number(event.code.slice(5));
      router.push(n === 0 ? '/' : hrefOf(toy, bar[n - 1]));
    };
    window.addEventListener('keydown', hear);
    return () => window.removeEventListener('keydown', hear);
  }, [toy, open, router]);
}
