import { modelToy, type ToyModel } from '@hoppla/core/model';
import { read } from '@hoppla/core/notation';
import { addParts, changeSettings, newToy, type ToyFile } from '@hoppla/core/toy';
import { openFile } from '@hoppla/core/toy/schema';
import { terms, type Answer, type Call } from './call';
import { cliWords as say } from './words';

export type Records = Pick<ToyFile, 'log' | 'pieces' | 'pullTests'>;

/** The model of a toy file, or the answer that says why there is none. */
export function openedToy(text: string): ToyModel | Answer {
  const found = openFile(text);
  if (found.state === 'refused') return { out: '', err: `${found.sentence}\n`, code: 2 };
  if (found.state === 'newer') return { out: '', err: `${say.newer(found.schema)}\n`, code: 2 };
  return modelToy(found.file.toy);
}

/** The model of a toy file or of a page of written parts, or the answer that says why there is none. */
export function opened(text: string, call: Call): ToyModel | Answer {
  if (text.trimStart().startsWith('{')) return openedToy(text);
  let n = 0;
  const newId = () => `id${++n}`;
  const told = terms(call);
  const { title } = read(text, { terms: told });
  const toy = addParts(newToy(title ?? say.page, newId), text, newId);
  return modelToy(told ? changeSettings(toy, { terms: told }) : toy);
}

/** The toy file that a text is; undefined for a page, or a file that does not open. */
export function fileIn(text: string): ToyFile | undefined {
  const found = text.trimStart().startsWith('{') ? openFile(text) : null;
  return found?.state === 'open' ? found.file : undefined;
}

/** What a toy file says was done: its log, its pieces and their tests; nothing where the text is a page, or no file that opens. */
export const recordsIn = (text: string): Records => fileIn(text) ?? { log: [], pieces: [], pullTests: [] };
