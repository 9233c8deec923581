import { readdirSync, readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { someOf } from '../../bench/share';
import { modelToy } from '../model';
import { read } from '../notation';
import { addParts, newToy } from './index';

const pages = ['natural', 'pages'].flatMap((folder) => {
  const at = resolve(__dirname, '../notation/cases', folder);
  return readdirSync(at)
    .filter((file) => file.endsWith('.txt'))
    .map((file) => ({ name: file.replace('.txt', ''), text: readFileSync(resolve(at, file), 'utf8') }));
});

/** The lines of a page broken at a width, between words, as text copied out of a printed page is. */
function wrapped(text: string, width: number): string {
  return text
    .split('\n')
    .flatMap((line) => {
      if (line.includes('\t') || /^\s*\|/.test(line)) return [line];
      const out: string[] = [''];
      for (const word of line.split(/(?<=\S) +/)) {
        const now = out[out.length - 1];
        if (now && `${now} ${word}`.length > width) out.push(word);
        else out[out.length - 1] = now ? `${now} ${word}` : word;
      }
      return out;
    })
    .join('\n');
}

/** What a reading comes to: parts, copies, counts, ends and faults. */
const told = (text: string): string =>
  read(text)
    .parts.map(
      (p) =>
        `${p.name} x${p.make}: ${p.rounds.map((r) => r.made).join(' ')}, ${p.end.how}, ${p.problems.filter((x) => x.severity === 'error').length}`,
    )
    .join('\n');

/** Where one broken line of a page cannot be told from two: its only one, a heading of one word below a full line, several rounds in a line that is broken, a word of the legend, or the end of a sentence that nobody expects. */
const NOT_TOLD = new Set([
  'advent-robin 50',
  'advent-robin 55',
  'flat-bear 55',
  'fox-tail 60',
  'fox-tail 65',
  'fox-tail 70',
  '14-oystercatcher 50',
  'bear 55',
  'fox-keyring 55',
  'duckling 60',
  'lobster-pot-cat 60',
  'plover 60',
  'sprats 60',
  'radish 70',
  'gosling-feet 70',
  'toad-prince 80',
  'snake 75',
  'chenille-octopus 75',
  'night-nurse 50',
  'crab-apple 55',
  'trolley-elephant 55',
  'night-nurse 60',
  'mushroom-tutorial 50',
  'rudi-raccoon 50',
  'marjorie-mole 60',
  'march-hare 55',
  'message-bottle 55',
  'tiny-snowman 55',
  'bundle-stork 60',
  'trolley-elephant 60',
  'pim-pear 55',
  'pim-pear 60',
  'hobby-horse 55',
  'molly-manatee 55',
  'snail-mail 50',
  'snail-mail 75',
  'carrot-gnome 60',
  'walter-walrus 50',
  'walter-walrus 55',
  'walter-walrus 65',
  'skerry-gull 50',
  'skerry-gull 55',
  'conference-pear 55',
  'conference-pear 70',
  'sock-monster 60',
  'sock-monster 65',
]);

describe('pages wrapped at a width', () => {
  it.each(someOf([50, 55, 60, 65, 70, 75, 80, 90, 100]))(
    'at %i letters they are read as they were written',
    (width) => {
      const other = pages.filter(({ text }) => told(wrapped(text, width)) !== told(text));
      const named = [...NOT_TOLD].filter((p) => p.endsWith(` ${width}`));
      expect(other.map((p) => `${p.name} ${width}`).sort()).toEqual(named.sort());
    },
  );

  it('the parts that they become read the same by themselves, each line whole', () => {
    let n = 0;
    for (const { text } of someOf(pages)) {
      const broken = wrapped(text, 65);
      const page = read(broken);
      const toy = addParts(
        newToy('T', () => `id${++n}`),
        broken,
        () => `id${++n}`,
      );
      const alone = modelToy(toy).parts.map((p) => p.reading.rounds.map((r) => r.made));
      expect(alone).toEqual(page.parts.map((p) => p.rounds.map((r) => r.made)));
    }
  });

  it('a meaning that is given to a broken line is that of the whole line', () => {
    const page =
      'Body\nR1: 6 sc in ring (6)\nKeep a marker in the first stitch of the round, and move it up in each\nround that you work.\nR2: inc x6 (12)';
    const { page: lines } = read(page, { as: { 3: 'remark' } });
    expect(lines.slice(2, 4).map((l) => [l.as, l.goesOn])).toEqual([
      ['remark', false],
      ['remark', true],
    ]);
  });

  it('pages that were not wrapped keep their lines', () => {
    const lines =
      'Body\nR1: 6 sc in ring (6)\nR2: inc x6 (12)\nstuff\nR3: sc around, and keep the marker in the first of them\nclose';
    expect(read(lines).page.every((l) => !l.goesOn)).toBe(true);
  });
});
