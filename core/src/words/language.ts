/** Languages in which Hoppla speaks, as each is called by those who speak it. */
export const LANGUAGES = { en: 'English', de: 'Deutsch' } as const;
export type Language = keyof typeof LANGUAGES;

let spoken: Language = 'en';

/** The language that sentences and numbers are printed in now. */
export const language = (): Language => spoken;

/** A catalogue as another language says it: the same sentences, each of the same things. */
export type Said<T> = T extends (...of: infer A) => infer R
  ? (...of: A) => R extends string ? string : R
  : T extends string
    ? string
    : T extends readonly unknown[]
      ? { readonly [K in keyof T]: Said<T[K]> }
      : T extends object
        ? { readonly [K in keyof T]: Said<T[K]> }
        : T;

type Catalogue = Record<string, unknown>;

const isCatalogue = (it: unknown): it is Catalogue =>
  typeof it === 'object' && it !== null && !Array.isArray(it);

/** Puts sentences in the place of a catalogue's own; what is left out stays. Tells `before` what stood there. */
function replace(own: Catalogue, said: Catalogue, before: (() => void)[]): void {
  for (const [key, to] of Object.entries(said)) {
    const was = own[key];
    if (isCatalogue(to) && isCatalogue(was)) replace(was, to, before);
    else {
      before.push(() => (own[key] = was));
      own[key] = to;
    }
  }
}

/**
 * Speaks another language from now on: each pair is a catalogue and how that language says it. Whoever holds a catalogue holds the new
 * sentences; a sentence that was taken out of it before stays, so this is done before anything else is loaded.
 * Returns the way back to what was spoken before.
 */
export function speak(to: Language, pairs: readonly (readonly [object, object])[]): () => void {
  const before: (() => void)[] = [];
  const was = spoken;
  spoken = to;
  for (const [own, said] of pairs) replace(own as Catalogue, said as Catalogue, before);
  return () => {
    before.reverse().forEach((undo) => undo());
    spoken = was;
  };
}
