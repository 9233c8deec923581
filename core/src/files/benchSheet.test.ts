import { dappleFile, rillFile, rubyFile } from '../model';
import { newFile, newToy } from '../toy';
import { benchHtml, notOnPaper, onPaper } from './index';

let made = 0;
const newId = () => `id${++made}`;

/** What a drawing shows of the world, mm, and how large it is on paper, mm. */
const drawn = (html: string) =>
  [...html.matchAll(/<svg width="([\d.]+)mm" height="[\d.]+mm" viewBox="[-\d.]+ [-\d.]+ ([\d.]+) /g)].map(
    ([, paper, world]) => Number(paper) / Number(world),
  );

it('every toy of the bench is on paper by its name, all at one scale; what cannot be read is told', () => {
  const files = [rillFile(newId), dappleFile(newId), rubyFile(newId)];
  const named = files[0].toy;
  const odd = { ...files[0], toy: { ...named, name: '<b>Rill & co</b>', collection: 'Shore' } };
  const html = benchHtml(
    [
      ...files.slice(1).map(onPaper),
      onPaper(odd),
      onPaper(newFile(newToy('Empty', newId))),
      notOnPaper('Damaged'),
    ],
    'Sun 29 Nov',
  );
  for (const words of [
    'Dapple',
    'Ruby',
    '&lt;b&gt;Rill &amp; co&lt;/b&gt;',
    'Shore',
    'Empty',
    'Printed Sun 29 Nov',
  ])
    expect(html).toContain(words);
  expect(html).toMatch(/Damaged<\/b><br>cannot be read here/);
  const scales = drawn(html);
  expect(scales).toHaveLength(3);
  scales.forEach((scale) => expect(scale).toBeCloseTo(scales[0], 2));
  expect(Number(/Drawn at (\d+) %/.exec(html)![1])).toBeCloseTo(100 * scales[0], -0.5);
  expect(html).not.toMatch(/<script|https?:|src=/);
});

it('a bench of nothing is a page without toys', () =>
  expect(benchHtml([], 'today')).toContain('<h1>All toys</h1>'));
