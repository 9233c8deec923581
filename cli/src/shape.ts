import { buildFabric } from '@hoppla/core/fabric';
import { FABRIC } from '@hoppla/core/figures';
import {
  fillNeed,
  formOf,
  sizeOf,
  yarnMetres,
  yarnNeed,
  type FillMaterial,
  type Firmness,
  type PartForm,
} from '@hoppla/core/form';
import type { Ranged } from '@hoppla/core/gauge';
import { markText, read } from '@hoppla/core/notation';
import { fillSaid, modelToy, shapingOf } from '@hoppla/core/model';
import { openFile } from '@hoppla/core/toy/schema';
import { unitWords, type UnitWords } from '@hoppla/core/words';
import { firmnessOf, gaugeOfCall, Misuse, terms, type Answer, type Call } from './call';
import { cliWords as say, type ShapeFigures } from './words';

/** A part as `shape` sees it: of a written text with the options of the call, or of a toy file with its own. */
interface Shaped {
  name: string;
  make: number;
  fill: Firmness;
  material: FillMaterial;
  form: PartForm;
}

/** Size, openings, volume and fill of each part of a text or of a toy file. */
export function shapeCommand(text: string, call: Call): Answer {
  const { parts, code } = text.trimStart().startsWith('{') ? shapesOfToy(text) : shapesOfText(text, call);
  if (call.flags.has('--json'))
    return { out: `${JSON.stringify({ parts: parts.map(shapeJson) }, null, 2)}\n`, err: '', code };
  return { out: parts.map((p) => say.shape(shapeFigures(p))).join('\n'), err: '', code };
}

function shapesOfText(text: string, call: Call): { parts: Shaped[]; code: 0 | 1 } {
  const reading = read(text, { terms: terms(call) });
  const { marks } = markText(text, () => 'line');
  const parts = reading.parts.map((p): Shaped => {
    const gauge = gaugeOfCall(call, p);
    const fabric = buildFabric(p, marks);
    const asked = firmnessOf(call);
    const fill = call.flags.has('--fill') ? asked : fillSaid(p, asked, fabric, gauge);
    return {
      name: p.name,
      make: p.make,
      fill,
      material: 'polyester',
      form: formOf(fabric, gauge, { fill, shaping: shapingOf({ how: 'as worked' }, fabric, gauge) }),
    };
  });
  return { parts, code: reading.parts.some((p) => p.problems.some((x) => x.severity === 'error')) ? 1 : 0 };
}

function shapesOfToy(text: string): { parts: Shaped[]; code: 0 | 1 } {
  const opened = openFile(text);
  if (opened.state !== 'open')
    throw new Misuse(opened.state === 'refused' ? opened.sentence : say.newer(opened.schema));
  const model = modelToy(opened.file.toy);
  const parts = model.parts.map((p): Shaped => ({
    name: p.name,
    make: p.copies.length,
    fill: p.fill,
    material: model.toy.settings.fillWith,
    form: p.form,
  }));
  return { parts, code: model.parts.every((p) => p.addsUp) ? 0 : 1 };
}

function shapeJson({ name, fill, material, form }: Shaped) {
  const { gauge, fabric } = form;
  return {
    name,
    stitches: fabric.stitches,
    basis: form.basis,
    widthMm: form.widthMm,
    depthMm: form.depthMm,
    heightMm: form.heightMm,
    volumeCm3: form.volumeCm3,
    innerCm3: form.innerCm3,
    areaCm2: form.areaCm2,
    fillG: fillNeed(form, fill, material).value,
    yarnM: yarnMetres(fabric, gauge),
    gauge: {
      stitchMm: gauge.stitchMm,
      roundMm: gauge.roundMm,
      source: gauge.source,
      hook: gauge.hookBy,
      posts: gauge.postGive,
      stitchRangePercent: gauge.stitchRangePercent,
      roundRangePercent: gauge.roundRangePercent,
    },
    rounds: form.rounds.map(({ label, count, ringMm, pulledMm, radiusMm, heightMm }) => ({
      label,
      count,
      ringMm,
      pulledMm,
      radiusMm,
      heightMm,
    })),
  };
}

/** The last round's opening, at rest and pulled open. */
function openingOf({ rounds, closed }: PartForm, units: UnitWords): ShapeFigures['opening'] {
  const last = rounds.at(-1);
  return last
    ? { label: last.label, rest: units.bare(last.ringMm), pulled: units.bare(last.pulledMm), closed }
    : null;
}

/** What a person wants to know of a part, in words already rounded. */
function shapeFigures({ name, make, fill, material, form }: Shaped): ShapeFigures {
  const units = unitWords('mm');
  const { width, depth, height } = sizeOf(form);
  const range = (r: Ranged) => `${units.bare(r.low)}-${units.bare(r.high)}`;
  const grams = fillNeed(form, fill, material);
  const yarn = yarnNeed(form);
  const widest = form.rounds.reduce(
    (best, r) => (r.radiusMm > best.radiusMm + 0.01 ? r : best),
    form.rounds[0],
  );
  return {
    name: name || say.unnamed,
    make,
    stitches: form.fabric.stitches,
    basis: form.basis,
    empty: form.rounds.length === 0,
    size: [
      units.bare(width.value),
      ...(width.value - depth.value > 1 && form.section === 'ring' ? [units.bare(depth.value)] : []),
      units.bare(height.value),
    ],
    ranges: [range(width), range(height)],
    inner: form.innerCm3,
    fill:
      grams.value > 0
        ? {
            grams: units.weight(grams.value),
            range: `${units.bareWeight(grams.low)}-${units.bareWeight(grams.high)}`,
            firmness: fill,
            material,
          }
        : null,
    yarn: `${yarn.value.toFixed(1)} m`,
    yarnRange: `${yarn.low.toFixed(1)}-${yarn.high.toFixed(1)}`,
    gauge: {
      stitch: form.gauge.stitchMm.toFixed(2),
      round: form.gauge.roundMm.toFixed(2),
      source: form.gauge.source,
      percent: form.gauge.rangePercent.toFixed(0),
    },
    widest: widest && form.section === 'ring' ? widest.label : null,
    opening: form.section === 'ring' ? openingOf(form, units) : null,
    ruffles: rufflesOf(form),
    layers: form.layers.map((l) => ({
      label: form.rounds[Math.max(0, form.fabric.layers[form.layers.indexOf(l)].on)]?.label ?? '',
      across: units.bare(l.widthMm),
      fullness: Math.max(1, ...l.rounds.map((r) => r.fullness)).toFixed(1),
    })),
  };
}

/** Rounds that stand in waves, by name. The last ones of a closed part pucker because they are gathered. */
function rufflesOf({ rounds, closed }: PartForm): string[] {
  return rounds
    .filter(
      (r, i) =>
        (!closed || i < rounds.length - 2) &&
        r.fullness > FABRIC.ruffleFullness &&
        (rounds[i + 1]?.fullness ?? rounds[i - 1]?.fullness ?? 0) > FABRIC.ruffleFullness,
    )
    .map((r) => r.label);
}
