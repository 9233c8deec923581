import { useEffect, useState } from 'react';
import type { Placed } from '@hoppla/core/join';
import { modelToy, type ToyModel } from '@hoppla/core/model';
import { boundsOf, layOut, roomOf } from '@hoppla/core/picture';
import type { ToyFile } from '@hoppla/core/toy';
import type { Shelved } from '../../documents';

/** A toy laid out on the floor, with its bounds. */
export interface Laid extends ReturnType<typeof boundsOf> {
  model: ToyModel;
  placed: readonly Placed[];
}

/** What is known of a toy by now: `empty` has nothing to stand there, `broken` cannot be worked out, `coming` will be. */
export type Standing = Laid | 'empty' | 'broken' | 'coming';

const known = new WeakMap<ToyFile, Laid | 'empty' | 'broken'>();
/** So long at a time, ms: a finger is answered in between. */
const SLICE_MS = 24;

/** A toy laid out for the bench; one that cannot be worked out must not take the others with it. */
function laidOut({ toy }: ToyFile): Laid | 'empty' | 'broken' {
  if (toy.parts.length === 0) return 'empty';
  try {
    const model = modelToy(toy);
    const placed = layOut(model, true);
    return placed.length ? { model, placed, ...roomOf(model, placed) } : 'empty';
  } catch {
    return 'broken';
  }
}

const standing = ({ file, damaged }: Shelved): Standing => {
  if (!file) return damaged ? 'broken' : 'empty';
  return known.get(file) ?? 'coming';
};

const whenIdle = (work: () => void): (() => void) => {
  // Some browsers have no idle time to give.
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(work, 1);
    return () => clearTimeout(timer);
  }
  const asked = requestIdleCallback(work, { timeout: 200 });
  return () => cancelIdleCallback(asked);
};

/** Toys as far as they are worked out; the rest follows while nobody waits. Only what is asked for is worked out, once. */
export function useLaidOut(toys: readonly Shelved[]): Standing[] {
  const [now, setNow] = useState<{ toys: readonly Shelved[]; standing: Standing[] }>(() => ({
    toys,
    standing: toys.map(standing),
  }));
  const shown = sameToys(now.toys, toys) ? now.standing : toys.map(standing);
  const coming = shown.includes('coming');
  useEffect(() => {
    if (!coming) return;
    return whenIdle(() => {
      const until = performance.now() + SLICE_MS;
      for (const { file } of toys) {
        if (!file || known.has(file)) continue;
        known.set(file, laidOut(file));
        if (performance.now() > until) break;
      }
      setNow({ toys, standing: toys.map(standing) });
    });
  }, [coming, toys, now]);
  return shown;
}

const sameToys = (a: readonly Shelved[], b: readonly Shelved[]): boolean =>
  a.length === b.length && a.every((toy, i) => toy.file === b[i].file && toy.head.id === b[i].head.id);
