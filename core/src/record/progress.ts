import { kept } from '../kept';
import type { Deed, LogEvent } from '../toy';

/** Where the making stands: the content of each done step when it was done, by stable step key; a check's key is its step's, a slash and its own. */
export interface Progress {
  done: Readonly<Record<string, string | null>>;
  /** what is done of rounds that are begun, by the round's key: several pieces may be on their hooks */
  within: Readonly<Record<string, { repeats: number; stitches: number }>>;
  /** the step that is made now by the maker's own word; null: the first that is not done */
  now: string | null;
  /** stitches that were counted in the edge after a round, by the round's key */
  counted: Readonly<Record<string, number>>;
  /** how wide the piece was after a round, mm, by the round's key */
  acrossMm: Readonly<Record<string, number>>;
  /** how long what was measured on the finished piece is, mm, by the key of what can be measured */
  sizesMm: Readonly<Record<string, number>>;
  /** how long the ends of yarn are that steps left, mm, by the step's key */
  leftMm: Readonly<Record<string, number>>;
  /** which making of the toy this is, from 1, and the one before it */
  making: number;
  before: Progress | null;
}

const BEGUN: Progress = {
  done: {},
  within: {},
  now: null,
  counted: {},
  acrossMm: {},
  sizesMm: {},
  leftMm: {},
  making: 1,
  before: null,
};

/** A check is about its step and ends nothing. */
const isCheck = (key: string): boolean => key.includes('/');

const without = <T>(of: Readonly<Record<string, T>>, gone: (key: string) => boolean): Record<string, T> =>
  Object.fromEntries(Object.entries(of).filter(([key]) => !gone(key)));

const within = (
  now: Progress,
  key: string,
  change: Partial<{ repeats: number; stitches: number }>,
): Progress => ({
  ...now,
  within: { ...now.within, [key]: { ...(now.within[key] ?? { repeats: 0, stitches: 0 }), ...change } },
});

const folded = (now: Progress, deed: Deed): Progress => {
  switch (deed.what) {
    case 'done':
      return {
        ...now,
        done: { ...now.done, [deed.key]: deed.content },
        within: without(now.within, (key) => key === deed.key),
      };
    case 'undone':
      return {
        ...now,
        done: without(now.done, (key) => key === deed.key || key.startsWith(`${deed.key}/`)),
        within: without(now.within, (key) => key === deed.key),
        leftMm: without(now.leftMm, (key) => key === deed.key),
        // What is taken back is made again, wherever the maker had gone on.
        now: now.now === null || isCheck(deed.key) ? now.now : deed.key,
      };
    case 'repeats':
      return within(now, deed.key, { repeats: deed.repeats });
    case 'stitches':
      return within(now, deed.key, { stitches: deed.stitches });
    case 'now':
      return { ...now, now: deed.key };
    case 'counted':
      return { ...now, counted: { ...now.counted, [deed.key]: deed.stitches } };
    case 'measured':
      return { ...now, acrossMm: { ...now.acrossMm, [deed.key]: deed.acrossMm } };
    case 'sized':
      return { ...now, sizesMm: { ...now.sizesMm, [deed.of]: deed.mm } };
    case 'cut':
      return { ...now, leftMm: { ...now.leftMm, [deed.key]: deed.leftMm } };
    case 'noted':
    case 'changed':
      return now;
    case 'another':
      return { ...BEGUN, making: now.making + 1, before: now };
    case 'earlier':
      return now.before ?? now;
  }
};

/** Folds a log, oldest event first. */
export const progressOf = kept((log: readonly LogEvent[]): Progress => log.reduce(folded, BEGUN));
