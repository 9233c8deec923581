import { LANGUAGES, speak, type Language } from '@hoppla/core/words';
import { screenWords } from './index';

/** Kept beside the stores of toys, because it is needed before anything is loaded that speaks. */
const KEY = 'hoppla-language';

/** The language that was chosen in this browser; English where none was, or where the browser keeps nothing. */
export function chosenLanguage(): Language {
  try {
    const said = localStorage.getItem(KEY) ?? 'en';
    return Object.hasOwn(LANGUAGES, said) ? (said as Language) : 'en';
  } catch {
    return 'en';
  }
}

/** Whether the browser's own first language is one that Hoppla speaks beside English. */
export const offeredLanguage = (): Language | null => {
  const first = navigator.language.slice(0, 2);
  return first !== 'en' && Object.hasOwn(LANGUAGES, first) ? (first as Language) : null;
};

/** Chooses a language and begins anew in it: whatever is drawn or kept in hand already has spoken. False where this browser keeps nothing. */
export function chooseLanguage(to: Language): boolean {
  try {
    localStorage.setItem(KEY, to);
  } catch {
    return false;
  }
  location.reload();
  return true;
}

let missing = false;
/** Whether the words of the chosen language could not be fetched, so that English is spoken. */
export const languageIsMissing = (): boolean => missing;

/** Speaks the chosen language. Where its words cannot be fetched, as without a network, it goes on in English. */
export async function speakChosen(): Promise<void> {
  if (chosenLanguage() !== 'de') return;
  try {
    const [{ germanOfCore }, { germanOfScreens }] = await Promise.all([
      import('@hoppla/core/words/german'),
      import('./german'),
    ]);
    speak('de', [...germanOfCore, [screenWords, germanOfScreens]]);
    document.documentElement.lang = 'de';
  } catch {
    missing = true;
    document.documentElement.lang = 'en';
  }
}
