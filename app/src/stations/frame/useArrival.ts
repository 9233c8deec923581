import { useGlobalSearchParams, usePathname } from 'expo-router';
import { useEffect, useRef } from 'react';
import { useDevice } from '../../documents';
import { stationOf } from '../stations';
import { screenWords } from '../../words';
import { useToy } from './useToy';

const say = screenWords.frame;

/** Whoever comes to a station: the window is called by it, the heading has the focus (after a change, not on a first visit), and the place is remembered. */
export function useArrival(): void {
  const { toy } = useToy();
  const { ready, went, ways, told } = useDevice();
  const { part } = useGlobalSearchParams<{ part?: string }>();
  const id = usePathname().split('/').pop();
  const station = stationOf(id);
  const words = station?.words ?? '';
  const before = useRef<string | null>(null);
  useEffect(() => {
    document.title = words ? say.title(toy.name, words, screenWords.app) : screenWords.app;
  }, [toy.name, words]);
  useEffect(() => {
    if (before.current !== null && before.current !== words)
      document.querySelector<HTMLElement>('[role=heading][aria-level="1"], h1')?.focus();
    before.current = words;
  }, [words]);
  useEffect(() => {
    if (!ready || !station || !id) return;
    if (!ways.known.includes(id)) told({ known: [...ways.known, id] });
    went(toy.id, { station: id, part: part ?? null, at: new Date().toISOString() });
    // Only coming there counts, not what changes meanwhile.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [ready, toy.id, id, part]);
}
