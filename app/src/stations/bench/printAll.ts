import { benchHtml, notOnPaper, onPaper, type OnPaper } from '@hoppla/core/files';
import { daySaid } from '@hoppla/core/words';
import { printDocument, type Shelved } from '../../documents';
import { screenWords as say } from '../../words';
import type { BenchSaid } from './BenchPaper';
import { nameOf } from './told';

/** All toys on paper, one after the other, so that the screen stays alive meanwhile and tells how far it is. */
export async function printAll(
  toys: readonly Shelved[],
  setSaid: (said: BenchSaid | null) => void,
): Promise<void> {
  const shown: OnPaper[] = [];
  for (const toy of toys) {
    setSaid({ words: say.bench.printing(shown.length + 1, toys.length) });
    await new Promise((next) => setTimeout(next));
    shown.push(toy.file ? onPaper(toy.file) : notOnPaper(nameOf(toy)));
  }
  setSaid(null);
  printDocument(benchHtml(shown, daySaid(new Date().toISOString().slice(0, 10))));
}
