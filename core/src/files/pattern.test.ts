import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { openFile } from '../toy/schema';
import { dappleFile, modelToy, rillFile, rubyFile } from '../model';
import { read } from '../notation';
import { kindOf, planOf, stepWords } from '../plan';
import { ticksOf } from '../record';
import type { ToyFile } from '../toy';
import { safetyWords } from '../words';
import { patternMd, patternSections, sheetHtml, signsOf } from './index';

let n = 0;
const DEMO = [rillFile, dappleFile, rubyFile].map((make) => make(() => `p${++n}`));
const named = DEMO.map((f) => [f.toy.name, f] as const);
const many = (text: string, part: string): number => text.split(part).length - 1;

describe.each(named)('the pattern of %s', (_, file: ToyFile) => {
  const model = modelToy(file.toy);
  const sections = patternSections(model);
  const rows = sections.flatMap((s) => s.rows);
  const html = sheetHtml(model);
  it('has every round of every copy once, as a box to tick, in the order of the plan', () => {
    const boxes = rows.reduce((sum, r) => sum + (r.is === 'rounds' ? r.rounds * r.copies.length : 0), 0);
    // A round with a pause inside it is ticked before and after it.
    expect(boxes).toBe(ticksOf(planOf(model)).filter((t) => t.round).length);
    const whole = ticksOf(planOf(model)).length;
    expect(
      many(html, '<i class="box"></i>') -
        many(html.slice(0, html.indexOf('class="part')), '<i class="box"></i>'),
    ).toBe(whole);
  });
  it('has every other step once: pauses, joins, ends', () => {
    const { steps } = planOf(model);
    const titles = new Set(
      steps
        .filter((s) => s.kind !== 'rounds')
        .map((s) => JSON.stringify([s.kind, s.part, s.about, s.kind === 'sew' ? s.copy : ''])),
    );
    expect(rows.filter((r) => r.is === 'step')).toHaveLength(titles.size);
    for (const s of steps.filter((x) => x.kind === 'sew'))
      expect(rows.some((r) => r.is === 'step' && r.title === stepWords(s, model).title)).toBe(true);
    const rests = steps.filter((s) => kindOf(s.kind).rests);
    if (rests.length > 0) expect(rows.some((r) => r.is === 'step' && r.rests)).toBe(true);
  });
  it('keeps the maker’s own words: every round is written as in the text, every note is there', () => {
    for (const part of model.parts) {
      const flat = rows.map((r) => (r.is === 'step' ? '' : r.words)).join('\n');
      for (const line of part.reading.lines)
        if (line.node.type === 'note')
          expect(flat).toContain(
            part.part.text
              .split('\n')
              [line.line - 1].trim()
              .replace(/^--\s*|\s*--$/g, ''),
          );
    }
  });
  it('says the caution once', () => expect(many(html, safetyWords.caution.slice(0, 40))).toBe(1));
  it('as Markdown has the same rounds and steps', () => {
    const md = patternMd(model);
    expect(many(md, '- [ ] ')).toBe(rows.filter((r) => r.is !== 'own').length);
    for (const s of sections) expect(md).toContain(`## ${s.title.replace('×', '×')}`);
  });
});

it('in the other terms every round says the same, and only stitch words change', () => {
  const model = modelToy(DEMO[0].toy);
  const [us, uk] = (['us', 'uk'] as const).map((t) =>
    patternSections(model, t).flatMap((s) => s.rows.flatMap((r) => (r.is === 'rounds' ? [r.words] : []))),
  );
  expect(uk).toHaveLength(us.length);
  expect(uk).not.toEqual(us);
  for (const [k, words] of us.entries()) {
    const made = (text: string, terms: 'us' | 'uk') =>
      read(`P\nR1: 60 ${terms === 'us' ? 'sc' : 'dc'} in ring\nR2: ${text.replace(/\(\d+\)$/, '')}`, {
        terms,
      }).parts[0].rounds[1]?.eaten;
    expect(made(uk[k], 'uk')).toBe(made(words, 'us'));
  }
  expect(signsOf(model, 'uk').find(([sign]) => sign === 'dc')![1]).toBe('double crochet');
  expect(signsOf(model, 'us').find(([sign]) => sign === 'sc')![1]).toBe('single crochet');
});

it('in the other terms no step speaks the old ones: the frill of the snail is worked in treble in UK, in double in US terms', () => {
  const model = modelToy(DEMO[1].toy);
  const frill = (terms: 'us' | 'uk') =>
    patternSections(model, terms)
      .flatMap((s) => s.rows)
      .flatMap((r) => (r.is === 'step' && /front loops/.test(r.title) ? [r.detail] : []))
      .join();
  expect([frill('uk'), frill('us')].map((words) => /3 (tr|dc)/.exec(words)?.[1])).toEqual(['tr', 'dc']);
  const us = sheetHtml(model, { terms: 'us' });
  expect(us).toContain('US terms');
  expect(us).not.toMatch(/\b(?:htr|dtr)\b|3 tr\b/);
  const signs = signsOf(model, 'us').map(([sign]) => sign);
  expect(signs).toEqual(expect.arrayContaining(['sc', 'dc', 'sl st', 'ch']));
  expect(signs).not.toContain('tr');
});

it('no detail and no note of any copy is lost: whiskers drawn through, fins on a yarn', () => {
  const raw = readFileSync(resolve(__dirname, '../toy/fixtures/toy-v8.json'), 'utf8');
  const opened = openFile(raw);
  if (opened.state !== 'open') throw new Error('not open');
  const model = modelToy(opened.file.toy);
  const rows = patternSections(model).flatMap((s) => s.rows.flatMap((r) => (r.is === 'step' ? [r] : [])));
  for (const step of planOf(model).steps.filter((s) => s.kind !== 'rounds')) {
    const [alone, together] = [stepWords(step, model), stepWords(step, model, true)];
    expect(rows.some((r) => r.detail === alone.detail || r.detail === together.detail)).toBe(true);
    for (const note of alone.notes) expect(rows.some((r) => r.notes.includes(note))).toBe(true);
  }
});

it('a part that is taken up again has a second section, and none before what it catches is made', () => {
  const model = modelToy(DEMO[1].toy);
  const titles = patternSections(model).map((s) => s.title);
  expect(new Set(titles).size).toBe(titles.length);
  const order = planOf(model).steps;
  const first = (id: string) => order.findIndex((s) => s.part === id);
  const ids = model.parts.map((p) => p.part.id).sort((a, b) => first(a) - first(b));
  const firsts = ids.map((id) =>
    titles.findIndex((t) => t.startsWith(model.parts.find((p) => p.part.id === id)!.name)),
  );
  expect(firsts).toEqual([...firsts].sort((a, b) => a - b));
});
