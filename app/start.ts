import '@expo/metro-runtime';
// Knows how a chunk is fetched: before it, nothing can be loaded later.
import 'expo';
import { chosenLanguage, speakChosen } from './src/words/spoken';

/** Metro's: fetches a chunk and runs nothing of it. */
declare const __prefetchImport: (module: string) => void;

/** What Metro loads a chunk with, by its path. */
const bundler = globalThis as typeof globalThis & { __loadBundleAsync: (paths: string) => Promise<unknown> };
const load = bundler.__loadBundleAsync;
/** Fetches a script that is run a little later. */
function fetchEarly(path: string): void {
  document.head.append(
    Object.assign(document.createElement('link'), { rel: 'preload', as: 'script', href: path }),
  );
}
/**
 * A chunk that needs what stations share names both, parted by a comma (`scripts/first-page.mjs`). Both are fetched at once, but run one after
 * the other: a module that is there before what it needs would be broken for good.
 */
bundler.__loadBundleAsync = async (paths) => {
  const [first, ...others] = paths.split(',');
  const begun = load(first);
  others.forEach(fetchEarly);
  await begun;
  for (const path of others) await load(path);
};

// Who comes back, or to a toy, needs the stations next: they come while the rest begins. Who is here for the first time waits for nothing.
if (navigator.serviceWorker?.controller || location.pathname !== '/')
  __prefetchImport('./src/app/toy/[id]/_layout');

/** Everything else: it takes its words when it is loaded, so the language comes first. */
const begin = (): void => {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  require('expo-router/entry');
};

if (chosenLanguage() === 'en') begin();
else void speakChosen().then(begin);
