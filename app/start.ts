import '@expo/metro-runtime';
// Knows how a chunk is fetched: before it, nothing can be loaded later.
import 'expo';
import { chosenLanguage, speakChosen } from './src/words/spoken';

/** Everything else: it takes its words when it is loaded, so the language comes first. */
const begin = (): void => {
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  require('expo-router/entry');
};

if (chosenLanguage() === 'en') begin();
else void speakChosen().then(begin);
