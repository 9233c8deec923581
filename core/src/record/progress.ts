import { kept } from '../kept';
import type { Deed, LogEvent } from '../toy';

/** Where the making stands: the content of each done step when it was done, by stable step key; a check's key is its step's, a slash and its own. */
export interface Progress {
  done: Readonly<Record<string, string | null>>;
  /** repeats done within the round being worked */
  within: { key: string; repeats: number } | null;
}

const folded = (progress: Progress, deed: Deed): Progress => {
  switch (deed.what) {
    case 'done':
      return {
        done: { ...progress.done, [deed.key]: deed.content },
        within: deed.key.includes('/') ? progress.within : null,
      };
    case 'undone':
      return {
        done: Object.fromEntries(
          Object.entries(progress.done).filter(
            ([key]) => key !== deed.key && !key.startsWith(`${deed.key}/`),
          ),
        ),
        within: deed.key.includes('/') ? progress.within : null,
      };
    case 'repeats':
      return { ...progress, within: { key: deed.key, repeats: deed.repeats } };
  }
};

/** Folds a log, oldest event first. */
export const progressOf = kept((log: readonly LogEvent[]): Progress =>
  log.reduce(folded, { done: {}, within: null }),
);
