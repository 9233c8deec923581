import { newFile, rename } from '../toy';
import { modelToy, rill } from '../model';
import { safetyWords } from '../words';
import { exportFile, fileName, planText, sheetHtml } from './index';

let n = 0;
const toy = rill(() => `i${++n}`);

describe('sheet', () => {
  const html = sheetHtml(modelToy(toy));
  it('carries the caution, every part, every place and nothing that runs or loads', () => {
    expect(html.match(new RegExp(safetyWords.caution.slice(0, 40), 'g'))!.length).toBeGreaterThanOrEqual(1);
    for (const word of ['Snout', 'Ear 2', 'R10·11 | 15·16', 'assumed gauge', '@page'])
      expect(html).toContain(word);
    expect(html).not.toMatch(/<script|https?:|src=/);
  });
  it('prints what people type as it is', () => {
    expect(sheetHtml(modelToy(rename(toy, '<b>A & "B"</b>')))).toContain(
      '&lt;b&gt;A &amp; &quot;B&quot;&lt;/b&gt;',
    );
    expect(planText(modelToy(toy))).toContain(safetyWords.caution);
  });
});

describe('toy file', () => {
  it('gives the same bytes whatever the order of fields', () => {
    const file = newFile(toy);
    const turned = { ...Object.fromEntries(Object.entries(file).reverse()) } as typeof file;
    expect(exportFile(turned)).toBe(exportFile(file));
  });
  it('has a name that every system takes', () =>
    expect([fileName('Änne / 2', 'json'), fileName('...', 'html')]).toEqual(['anne-2.json', 'toy.html']));
});
