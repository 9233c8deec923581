import { buildFabric } from '../fabric';
import { formOf, looksOf, type Firmness, type Looks, type Shaping } from '../form';
import type { Gauge } from '../gauge';
import { read, type Terms } from '../notation';
import { mentions, otherTitles, type Toy } from '../toy';
import { shapingOf, type PartModel } from './part';

/** All that the looks of a part follow from, as plain data: what a worker is asked with. */
export interface LooksInput {
  text: string;
  terms: Terms;
  /** titles of the toy's other parts, when the text may name them */
  titles: readonly string[];
  gauge: Gauge;
  fill: Firmness;
  fills: readonly Firmness[] | null;
  wrongSideOut: boolean;
  shaping: Shaping;
}

export function looksInput(toy: Toy, { part, gauge, fabric, fill, form }: PartModel): LooksInput {
  return {
    text: part.text,
    terms: toy.settings.terms,
    titles: mentions(part.text) ? otherTitles(toy, part.id) : [],
    gauge,
    fill,
    fills: form.fills,
    wrongSideOut: part.pose.out === 'wrong side',
    shaping: shapingOf(part.shaping, fabric, gauge),
  };
}

/** The relaxed looks of a part from its plain input; the same input gives the same bytes. */
export function relaxedLooks({ text, terms, titles, gauge, fill, ...options }: LooksInput): Looks {
  const reading = read(text, { terms, parts: [...titles] });
  const fabric = buildFabric(reading.parts[0], []);
  return looksOf(formOf(fabric, gauge, { fill, ...options }), fill, 'relaxed');
}
