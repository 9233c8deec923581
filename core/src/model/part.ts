import { roundOf, type RingIs } from '../address';
import { buildFabric, type Fabric } from '../fabric';
import { formOf, liesFlat, type Firmness, type PartForm, type Shaping } from '../form';
import { gaugeOf, type Gauge } from '../gauge';
import { isFoldedShut } from '../join';
import { kept } from '../kept';
import { emptyPart, read, type PartReading, type Problem, type Terms } from '../notation';
import {
  gaugeSettingsOf,
  mentions,
  otherTitles,
  type Copy,
  type NamedGauge,
  type Part,
  type Toy,
} from '../toy';
import { partNames } from '../words';
import { fillsOf } from './filling';

/** A part read, built and measured. */
export interface PartModel {
  part: Part;
  reading: PartReading;
  /** the terms that the part is read and printed in */
  terms: Terms;
  /** the text holds more than one part */
  others: number;
  name: string;
  gauge: Gauge;
  fabric: Fabric;
  form: PartForm;
  /** what the text says, else what the document does; an open flat piece holds none unless the text fills it */
  fill: Firmness;
  ringIs: RingIs;
  /** copies that the text asks for */
  copies: readonly Copy[];
  problems: readonly Problem[];
  addsUp: boolean;
}

/** Reads, builds and measures one part. A part whose text, gauge and terms did not change is not computed twice. */
export function modelPart(toy: Toy, part: Part): PartModel {
  const named = toy.gauges.find((g) => g.id === part.gauge) ?? toy.gauges[0];
  const titles = mentions(part.text) ? otherTitles(toy, part.id) : [];
  return modelOfPart(part, named, toy.settings.terms, titles);
}

/** Other titles count by their words: a text that may name them is read anew only when they change. */
const modelOfPart = kept(
  (part: Part, named: NamedGauge, terms: Terms, titles: readonly string[]): PartModel => {
    const reading = read(part.text, { terms, parts: [...titles] });
    const first = reading.parts[0] ?? emptyPart();
    const gauge = gaugeOf(gaugeSettingsOf(named, first));
    const fabric = buildFabric(first, part.marks);
    const fill = fillSaid(first, part.fill, fabric, gauge);
    const wrongSideOut = part.pose.out === 'wrong side';
    const options = { fill, wrongSideOut, shaping: shapingOf(part.shaping, fabric, gauge) };
    const model: PartModel = {
      part,
      reading: first,
      terms,
      others: Math.max(0, reading.parts.length - 1),
      name: first.name || partNames.unnamed,
      gauge,
      fabric,
      form: formOf(fabric, gauge, options),
      fill,
      ringIs: (first.ringIs as RingIs | null) ?? part.pose.ringIs,
      copies: part.copies.slice(0, first.make),
      problems: first.problems,
      addsUp: first.rounds.length > 0 && !first.problems.some((p) => p.severity === 'error'),
    };
    const fills = fillsOf(model);
    return fills ? { ...model, form: formOf(fabric, gauge, { ...options, fills }) } : model;
  },
  (_, named, terms, titles) => [JSON.stringify(named), terms, titles.join('\n')],
);

/** How firmly a part is filled: as its text says (decision 2), else as the document does; an open flat piece holds nothing by itself. */
export function fillSaid(reading: PartReading, wanted: Firmness, fabric: Fabric, gauge: Gauge): Firmness {
  if (reading.unstuffed && reading.stuffedAfter.length === 0) return 'empty';
  if (reading.firmness) return reading.firmness;
  if (reading.stuffedAfter.length > 0) return wanted === 'empty' ? 'medium' : wanted;
  return wanted !== 'empty' && liesFlat(fabric, gauge) ? 'empty' : wanted;
}

/** A part's shaping on the fabric as it is now: a rim that is gone leaves the part as worked; a disc that its text folds shut is folded. */
export function shapingOf(shaping: Part['shaping'], fabric: Fabric, gauge: Gauge): Shaping {
  if (shaping.how === 'as worked' && isFoldedShut({ fabric }) && liesFlat(fabric, gauge))
    return { how: 'folded' };
  if (shaping.how !== 'pushed in') return { how: shaping.how };
  const round = roundOf(fabric, shaping.rim);
  return round < 0 ? { how: 'as worked' } : { how: 'pushed in', round };
}

/** "Ear", or "Ear 2" where there are several: how one copy is called. One of several "Arms" is an arm. */
export function copyName(part: PartModel, copyId: string | null): string {
  if (copyId === null) return part.name;
  const i = part.copies.findIndex((c) => c.id === copyId);
  return part.copies.length > 1 ? partNames.one(part.name, i + 1) : part.name;
}
