import { exportFile } from '@hoppla/core/files';
import { acceptEyes, acceptNeedle, acceptSewing } from '@hoppla/core/model';
import { factsWords, read } from '@hoppla/core/notation';
import { addParts, changeSettings, newFile, newToy } from '@hoppla/core/toy';
import { pageWords } from '@hoppla/core/words';
import { Misuse, terms, type Answer, type Call } from './call';
import { hasErrors } from './read';
import { cliWords as say } from './words';

/**
 * A whole page as a toy document; what became of each line goes to standard error. Ids are counted, so that the same page
 * gives the same bytes. `--accept` places the eyes that the page names where its words leave one reading, puts on what
 * it asks for by needle where it says so clearly, and sews on the parts whose host and place it names.
 * @throws Misuse for a toy file
 */
export function toyCommand({ file, text }: { file: string; text: string }, call: Call): Answer {
  if (text.trimStart().startsWith('{')) throw new Misuse(say.toyOfPage);
  const told = terms(call);
  const reading = read(text, { terms: told });
  let n = 0;
  const newId = () => `id${++n}`;
  const named = newToy(reading.title ?? (file.replace(/^.*\/|\.[^.]*$/g, '') || say.page), newId);
  const settings = { terms: told ?? reading.terms };
  const made = changeSettings(addParts(changeSettings(named, settings), text, newId), settings);
  const accept = call.flags.has('--accept');
  const accepted = accept ? acceptEyes(made, newId) : { toy: made, taken: [] };
  const stitched = accept ? acceptNeedle(accepted.toy, newId) : { toy: accepted.toy, taken: [], left: [] };
  const sewn = accept ? acceptSewing(stitched.toy, newId) : { toy: stitched.toy, taken: [], left: [] };
  const lines = reading.page
    .filter((l) => l.as !== 'blank')
    .map(({ line, as, part, facts }) => {
      const whose = part === null ? '' : ` (${reading.parts[part].name || say.unnamed})`;
      const offers = factsWords(facts) ? `: ${factsWords(facts)}` : '';
      return `${line}: ${as === 'unread' ? pageWords.unread : pageWords.kinds[as]}${whose}${offers}\n`;
    });
  const eyes = accepted.taken.map(({ part, line, pair }) => {
    const name = reading.parts[accepted.toy.parts.findIndex((p) => p.id === part)]?.name || say.unnamed;
    return `${pair ? say.eyesPlaced(name, pair.eyeMm) : say.eyesOpen(name, line)}\n`;
  });
  const nameOf = (id: string) =>
    reading.parts[stitched.toy.parts.findIndex((p) => p.id === id)]?.name || say.unnamed;
  const stitches = [
    ...stitched.taken.map((o) => say.stitched(nameOf(o.feature.part), o.feature.name, o.line)),
    ...stitched.left.map((o) => say.stitchOpen(nameOf(o.feature.part), o.feature.name, o.line)),
    ...sewn.taken.map((s) => say.sewn(nameOf(s.part), s.words)),
    ...sewn.left.map((s) => say.sewingOpen(nameOf(s.part), s.words)),
  ].map((line) => `${line}\n`);
  return {
    out: exportFile(newFile(sewn.toy)),
    err: [...lines, ...eyes, ...stitches, text.trim() === '' ? `${say.empty}\n` : ''].join(''),
    code: hasErrors(reading) ? 1 : 0,
  };
}
