import '@expo/metro-runtime';
// Knows how a chunk is fetched: before it, nothing can be loaded later.
import 'expo';
import { chosenLanguage, speakChosen } from './src/words/spoken';

/** Metro's: fetches a chunk and runs nothing of it. */
declare const __prefetchImport: (module: string) => void;

/** What Metro loads a chunk with, by its path. */
const bundler = globalThis as typeof globalThis & { __loadBundleAsync: (paths: string) => Promise<unknown> };
const load = bundler.__loadBundleAsync;
/**
 * A chunk that needs what stations share names both, parted by a comma (`scripts/first-page.mjs`). One comes after the other: a module that is
 * there before what it needs would be broken for good.
 */
bundler.__loadBundleAsync = async (paths) => {
  for (const path of paths.split(',')) await load(path);
};

// Who opens a toy's address, or comes back to the Bench, needs the stations next: they come while the rest begins. Who is here for the first time waits for nothing.
if (location.pathname !== '/') __prefetchImport('./src/stations/frame/ToyFrame');
else if (navigator.serviceWorker?.controller) __prefetchImport('./src/stations/bench/Shelf');

/** Everything else: it takes its words when it is loaded, so the language comes first. */
const begin = (): void => {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  require('expo-router/entry');
};

if (chosenLanguage() === 'en') begin();
else void speakChosen().then(begin);
