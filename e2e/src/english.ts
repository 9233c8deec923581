import type { Page } from '@playwright/test';
import { bundle, dist } from '../../scripts/bundle.mjs';

type Sentence = string | ((...of: unknown[]) => unknown);
/** Something that no page says: it stands for whatever a sentence is handed. */
const HANDED = '\u241f';
/** Sentences with fewer letters of their own are said in many languages. */
const LEAST_LETTERS = 4;

/** A place counted from an edge, whose words depend on which edge. */
const FROM_AN_EDGE = /^between the .+ round from the .*edge/;

const letters = (words: string): number => (words.match(/\p{L}/gu) ?? []).length;

function patternOf(sentence: Sentence): string | null {
  try {
    const said = typeof sentence === 'string' ? sentence : sentence(...Array<string>(8).fill(HANDED));
    if (typeof said !== 'string' || /undefined|NaN/.test(said)) return null;
    const own = said.split(HANDED);
    if (letters(own.join('')) < LEAST_LETTERS) return null;
    return `^${own.map((words) => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')).join('.+')}$`;
  } catch {
    return null;
  }
}

/** What Hoppla says in English and otherwise in German, and what it leaves in English on purpose: places as they are typed. */
async function patternsOf(): Promise<Record<'english' | 'left', RegExp[]>> {
  const entries = {
    'words-core.mjs': 'core/src/words/german/index.ts',
    'words-screens.mjs': 'app/src/words/index.ts',
    'words-german.mjs': 'app/src/words/german/index.ts',
    'words-cases.mjs': 'core/src/words/cases/index.ts',
  };
  for (const [name, entry] of Object.entries(entries)) await bundle(entry, name);
  const [core, screens, german, cases] = await Promise.all(
    Object.keys(entries).map((name) => import(dist(name).href)),
  );
  const sentences = (of: object): (readonly [string, Sentence])[] => cases.sentencesIn(of);
  const found: Record<'english' | 'left' | 'german', Set<string>> = {
    english: new Set(),
    left: new Set(),
    german: new Set(),
  };
  const add = (to: keyof typeof found, sentence: Sentence) => {
    const pattern = patternOf(sentence);
    if (pattern) found[to].add(pattern);
  };
  for (const [own, other] of [...core.germanOfCore, [screens.screenWords, german.germanOfScreens]]) {
    const said = new Set(sentences(other).map(([path]) => path));
    sentences(other).forEach(([, it]) => add('german', it));
    sentences(own).forEach(([path, it]) => add(said.has(path) ? 'english' : 'left', it));
  }
  const patterns = (of: Set<string>) => [...of].map((pattern) => new RegExp(pattern));
  return {
    english: patterns(new Set([...found.english].filter((it) => !found.german.has(it)))),
    left: [...patterns(found.left), FROM_AN_EDGE],
  };
}

let known: ReturnType<typeof patternsOf> | null = null;

/** Everything that a page shows or has spoken and that is one of Hoppla's English sentences. */
export async function englishOn(page: Page): Promise<string[]> {
  known ??= patternsOf();
  const { english, left } = await known;
  const shown = await page.evaluate(() => {
    const found = new Set<string>();
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_ALL);
    for (let node: Node | null = walk.currentNode; node; node = walk.nextNode()) {
      if (node.nodeType === Node.TEXT_NODE) found.add(node.textContent!.trim());
      else if (node instanceof Element)
        for (const name of ['aria-label', 'aria-roledescription', 'placeholder', 'title', 'alt'])
          found.add(node.getAttribute(name)?.trim() ?? '');
    }
    return [...found];
  });
  return shown.filter((words) => english.some((p) => p.test(words)) && !left.some((p) => p.test(words)));
}
