import { useEffect, useRef, useState } from 'react';
import { language } from '@hoppla/core/words';
import { useDevice } from '../../documents';

/** Keys that tick and keys that go back: of a keyboard, a foot pedal, the buttons of a headset. */
const TICKS: readonly string[] = [' ', 'ArrowRight', 'PageDown', 'MediaTrackNext', 'MediaPlayPause'];
const BACK: readonly string[] = ['ArrowLeft', 'PageUp', 'MediaTrackPrevious'];

function wayOf(key: string): 'tick' | 'back' | null {
  if (TICKS.includes(key)) return 'tick';
  return BACK.includes(key) ? 'back' : null;
}

/** What takes keys for itself: fields, the toy, choices; and the space bar everything that is pressed. */
const TAKES_KEYS =
  'input, textarea, [contenteditable="true"], [role="application"], [role="radio"], [role="slider"]';
const TAKES_SPACE = 'button, a, [role="button"], [role="switch"]';

/** Where a key means something else: in a field, on the toy, under a sheet; the space bar on a button. */
function isTaken(target: EventTarget | null, key: string): boolean {
  if (document.querySelector('[role="dialog"]')) return true;
  if (!(target instanceof HTMLElement)) return false;
  if (target.closest(TAKES_KEYS)) return true;
  return key === ' ' && target.closest(TAKES_SPACE) !== null;
}

/** Ticks and goes back by keys that come from anywhere on the page. */
export function useTickKeys(tick: () => void, back: () => void): void {
  const latest = useRef({ tick, back });
  useEffect(() => {
    latest.current = { tick, back };
  });
  useEffect(() => {
    const heard = (event: KeyboardEvent) => {
      const way = wayOf(event.key);
      if (way === null || event.repeat || event.ctrlKey || event.metaKey || event.altKey) return;
      if (isTaken(event.target, event.key)) return;
      event.preventDefault();
      latest.current[way]();
    };
    window.addEventListener('keydown', heard);
    return () => window.removeEventListener('keydown', heard);
  }, []);
}

/** Keeps the screen awake while it is shown; whether this browser does. */
export function useAwake(): boolean {
  const [awake, setAwake] = useState(false);
  useEffect(() => {
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const ask = async () => {
      if (!('wakeLock' in navigator) || document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (gone) void lock.release();
        else setAwake(true);
        lock.addEventListener('release', () => !gone && setAwake(false));
      } catch {
        setAwake(false);
      }
    };
    void ask();
    // It is let go whenever the page is hidden, and is asked for again.
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      void lock?.release();
    };
  }, []);
  return awake;
}

/** A voice of this machine, which needs no network; null where there is none. */
function ownVoice(): SpeechSynthesisVoice | null {
  if (!('speechSynthesis' in window)) return null;
  const own = window.speechSynthesis.getVoices().filter((v) => v.localService);
  return own.find((v) => v.lang.startsWith(language())) ?? own[0] ?? null;
}

/** The same, looked for again when the browser has found its voices. */
export function useOwnVoice(): SpeechSynthesisVoice | null {
  const [voice, setVoice] = useState(ownVoice);
  useEffect(() => {
    if (!('speechSynthesis' in window)) return;
    const found = () => setVoice(ownVoice());
    window.speechSynthesis.addEventListener?.('voiceschanged', found);
    return () => window.speechSynthesis.removeEventListener?.('voiceschanged', found);
  }, []);
  return voice;
}

/** Says what is to be done now, once, when it changes and the maker wants it. */
export function useSpoken(words: string): void {
  const { table } = useDevice();
  const voice = useOwnVoice();
  useEffect(() => {
    if (!voice || !table.spoken) return;
    const said = new SpeechSynthesisUtterance(words);
    said.voice = voice;
    window.speechSynthesis.cancel();
    window.speechSynthesis.speak(said);
    return () => window.speechSynthesis.cancel();
  }, [words, voice, table.spoken]);
}
