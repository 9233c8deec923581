import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { changeSettings, setFeature, type Toy } from '../toy';
import { modelToy, rill } from '../model';
import { openFile } from '../toy/schema';
import { faceMapHtml, faceMapSvgs, MEASURED_COLOURS } from './index';

let n = 0;
const toy = rill(() => `i${++n}`);
const V3 = readFileSync(resolve(__dirname, '../toy/fixtures/toy-v3.json'), 'utf8');
const opened = (): Toy => {
  const found = openFile(V3);
  if (found.state !== 'open') throw new Error('not open');
  return found.file.toy;
};
const straightOf = (of: Toy, i = 0) => {
  const { state } = modelToy(of).eyes[i];
  return state.state === 'homeless' ? NaN : state.spacing.straightMm.value;
};

describe('the face map', () => {
  it('is drawn in mm: the bar is 50 and the posts stand as far apart as computed, seen from the front', () => {
    const { svg } = faceMapSvgs(modelToy(toy))[0];
    const [, width, box] = /width="([\d.]+)mm".*?viewBox="0 0 ([\d.]+) /.exec(svg)!;
    expect(width).toBe(box);
    expect(Number(width)).toBeLessThanOrEqual(180);
    const bar = new RegExp(`M([\\d.]+) [\\d.]+H([\\d.]+)" stroke="${MEASURED_COLOURS.bar}"`).exec(svg)!;
    expect(Number(bar[2]) - Number(bar[1])).toBeCloseTo(50, 3);
    const apart = new RegExp(`M([\\d.]+) ([\\d.]+)L([\\d.]+) ([\\d.]+)" stroke="${MEASURED_COLOURS.apart}"`)
      .exec(svg)!
      .slice(1)
      .map(Number);
    expect(Math.hypot(apart[2] - apart[0], apart[3] - apart[1]) / straightOf(toy)).toBeCloseTo(1, 2);
  });
  it('says what to have ready, when, the checks, and prints only the schools that were asked for', () => {
    const model = modelToy(toy);
    const head = model.eyes[0].eyes.part;
    const html = faceMapHtml(model, head)!;
    for (const words of [
      '2 safety eyes of 9 mm (post 4 mm)',
      '2 backing discs of felt, 20 mm',
      'Put in from R11, in comfort until R18, at all until R19',
      'Counted again: 9 stitches between',
      '9 stitches between',
      '8 holes showing between',
      '10 rounds down from the ring',
      'pre-check',
    ])
      expect(html).toContain(words);
    expect(html).not.toMatch(/<script|https?:\/\/(?!www\.w3\.org)|src=/);
    const few = faceMapHtml(model, head, ['from-ring', 'holes-showing'])!;
    expect(few).toContain('10 rounds down from the ring');
    expect(few).not.toContain('between R10 and R11<');
    expect(faceMapHtml(model, model.parts[0].part.id)).toBeNull();
  });
  it('cuts felt in true size, and asks for thread instead of plastic where the eyes are embroidered', () => {
    const felted = opened();
    const eyes = felted.features.find((f) => f.kind === 'eyes')!;
    const html = faceMapHtml(modelToy(felted), eyes.part)!;
    // One template, so many times: felt of 16 mm across with a hole for the post.
    const wide = [...html.matchAll(/data-cut="1" d="([^"]+)"/g)].map(([, d]) => {
      const xs = [...d.matchAll(/[ML]([\d.]+) /g)].map((m) => Number(m[1]));
      return Math.max(...xs) - Math.min(...xs);
    });
    expect(wide[0]).toBeCloseTo(16, 1);
    expect(html).toContain('cut 2: felt under the eyes, 16 mm');
    expect(html).toContain('data-hole="1"');
    expect(html).toContain('Crooked on purpose');
    const sewn = setFeature(felted, { ...eyes, making: 'embroidered' } as typeof eyes);
    const thread = faceMapHtml(modelToy(changeSettings(sewn, { age: 'under 18 months' })), eyes.part)!;
    expect(thread).toContain('thread for 2 eyes');
    // A filled round of 9 mm: pi x 81 / 4 = 63.6 mm of strands a millimetre apart, 2.2 x that and 200 are 340, so 35 cm.
    const rills = toy.features.find((f) => f.kind === 'eyes')!;
    const plain = faceMapHtml(
      modelToy(setFeature(toy, { ...rills, making: 'embroidered' } as typeof rills)),
      rills.part,
    )!;
    expect(plain).toContain('thread for 2 eyes of 9 mm, 35 cm each');
    expect(plain).not.toContain('Plastic eyes and noses');
    expect(thread).not.toContain('safety eyes of');
  });
});
