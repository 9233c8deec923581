import { wrap, type Remote } from 'comlink';

/** A file that is not read after so long is not going to be: it is damaged, or far too large. ms */
const LONGEST_MS = 60_000;

/** The name of the error by which a file is refused before it is unpacked: few bytes can become gigabytes. */
export const TOO_LARGE = 'FileTooLarge';

export const tooLarge = (): Error => Object.assign(new Error('unpacks to too much'), { name: TOO_LARGE });

/** Ended by the maker, or because it took too long. */
export class Stopped extends Error {
  constructor(readonly why: 'stopped' | 'long') {
    super(why);
  }
}

/** Fails as soon as the maker does not wait any longer, even if that was before. */
export const whenStopped = (signal?: AbortSignal): Promise<never> =>
  new Promise((_, reject) => {
    const stop = () => reject(new Stopped('stopped'));
    if (signal?.aborted) stop();
    signal?.addEventListener('abort', stop);
  });

/** Runs a reader in a worker of its own, which ends with it: when it is done, fails, takes too long, or is no longer wanted. */
export async function away<T, Found>(
  worker: Worker,
  run: (reader: Remote<T>) => Promise<Found>,
  signal?: AbortSignal,
): Promise<Found> {
  let limit: ReturnType<typeof setTimeout> | undefined;
  try {
    return await Promise.race([
      run(wrap<T>(worker)),
      whenStopped(signal),
      new Promise<never>((_, reject) => {
        limit = setTimeout(() => reject(new Stopped('long')), LONGEST_MS);
        worker.addEventListener('error', () => reject(new Error('the reader broke')));
      }),
    ]);
  } finally {
    clearTimeout(limit);
    worker.terminate();
  }
}
