import { postTag } from '../address';
import { hookName, MATERIALS } from '../figures';
import type { Ranged } from '../gauge';
import { roundUpEnd } from '../join';
import { modelOf, NO_COLOUR, type ToyModel } from '../model';
import { newYarn, type Toy, type Yarn } from '../toy';
import { decimals, materialWords as say, planWords, surfaceWords, unitWords, type UnitWords } from '../words';
import type { YarnEnds } from './ends';
import type { Materials } from './materials';
import type { YarnNeed } from './yarnNeeds';
import { outsideName } from './naming';

/** One line of the shopping list. */
export interface MaterialLine {
  key: string;
  group: keyof typeof say.groups;
  name: string;
  amount: string;
  notes: readonly string[];
  /** #rrggbb of what has a colour */
  colour: string | null;
}

const line = (
  group: MaterialLine['group'],
  key: string,
  name: string,
  amount: string,
  more: Partial<Pick<MaterialLine, 'notes' | 'colour'>> = {},
): MaterialLine => ({ key, group, name, amount, notes: [], colour: null, ...more });

/** A length of yarn with its range, where that is not the length itself. */
function metresSaid({ value, low, high }: Ranged, units: UnitWords): string {
  const [a, b, c] = [value, low, high].map((m) => units.bareYarn(m * 1000));
  return a === b && a === c ? units.yarn(value * 1000) : say.between(units.yarn(value * 1000), b, c);
}

/** The yarn of the palette that a line of the list is about, or a new one of its colour. */
export function yarnOfLine(toy: Toy, { key, name, colour }: MaterialLine): Yarn {
  const slot = key.slice('yarn:'.length);
  return toy.palette.find((y) => y.slot === slot) ?? { ...newYarn(slot, colour ?? NO_COLOUR), name };
}

function yarnLine(yarn: YarnNeed, units: UnitWords): MaterialLine {
  const notes = [
    say.endsOf(units.yarn(yarn.endsM * 1000)),
    ...(yarn.strands > 1 ? [say.strands(yarn.strands)] : []),
    yarn.balls
      ? say.balls(yarn.balls.count, units.weight(yarn.balls.grams), MATERIALS.spare.value)
      : say.ballNotKnown,
    ...(yarn.have ? [say.enough[yarn.have.enough](units.weight(yarn.have.grams))] : []),
  ];
  const unnamed = yarn.colour ? say.yarnOfColour(yarn.colour) : say.yarnNoName;
  return line(
    'yarn',
    yarn.key,
    yarn.name || unnamed,
    say.yarn(metresSaid(yarn.metres, units), units.weight(yarn.grams.value)),
    { notes, colour: yarn.colour },
  );
}

const weight = ({ value, low, high }: Ranged, units: UnitWords): string =>
  say.between(units.weight(value), units.bareWeight(low), units.bareWeight(high));

function faceLines(m: Materials, units: UnitWords): MaterialLine[] {
  return [
    ...m.eyes.map((e) =>
      line('face', e.key, say.eyes(String(e.mm)), say.eyesLine(e.count, String(e.washerMm))),
    ),
    ...m.noses.map((n) =>
      line(
        'face',
        n.key,
        say.nose(String(n.widthMm), String(n.heightMm)),
        say.eyesLine(n.count, String(n.washerMm)),
      ),
    ),
    ...m.discs.map((d) => line('face', d.key, say.disc(String(d.mm)), say.times(d.count))),
    ...m.felt.map((f) =>
      line(
        'face',
        f.key,
        say.felt(f.colour),
        say.feltPieces(
          f.pieces.map((p) => say.feltPiece(p.count, units.bare(p.widthMm), units.length(p.heightMm))),
          decimals(f.areaCm2, f.areaCm2 < 10 ? 1 : 0),
        ),
        { colour: f.colour },
      ),
    ),
    ...m.floss.map((f) =>
      line('face', f.key, say.floss(f.colour), say.flossLine(units.yarn(f.metres * 1000), f.strands), {
        colour: f.colour,
      }),
    ),
  ];
}

function toolLines(model: ToyModel, { hooksMm, tools }: Materials, units: UnitWords): MaterialLine[] {
  const name = (mm: number) => hookName(mm, model.toy.settings.hooks);
  const assumed = (mm: number) =>
    model.parts.some((p) => p.gauge.hookMm === mm && p.gauge.hookBy === 'assumed');
  return [
    ...hooksMm.map((mm) =>
      line(
        'tools',
        `hook:${mm}`,
        say.hook(name(mm)),
        say.times(1),
        assumed(mm) ? { notes: [say.hookNotKnown] } : {},
      ),
    ),
    line('tools', 'needle', say.needle, say.times(1), {
      notes: [say.needleFor(name(tools.needleForHookMm))],
    }),
    ...(tools.longNeedleMm === null
      ? []
      : [line('tools', 'long needle', say.longNeedle, say.longNeedleFor(units.length(tools.longNeedleMm)))]),
    line('tools', 'markers', say.markers, say.times(tools.markers)),
    ...(tools.pins > 0 ? [line('tools', 'pins', say.pins, say.times(tools.pins))] : []),
    ...(tools.stick ? [line('tools', 'stick', say.stick, say.times(1), { notes: [say.stickFor] })] : []),
    line('tools', 'scissors', say.scissors, say.times(1)),
  ];
}

/** The shopping list, a line a thing, in the maker's own units. */
export function materialLines(model: ToyModel, m: Materials): MaterialLine[] {
  const units = unitWords(model.toy.settings.units);
  const { noPlastic } = model.toy.settings;
  return [
    ...m.yarns.map((y) => yarnLine(y, units)),
    ...faceLines(m, units).map((l) =>
      noPlastic && /^(?:eyes|nose):/.test(l.key) ? { ...l, notes: [...l.notes, say.plasticEyes] } : l,
    ),
    ...m.fill.map((f) =>
      line('fill', f.key, say.fills[f.of], weight(f.grams, units), {
        notes: [
          ...(f.grams.source === 'measured' ? [say.weighed] : []),
          ...(noPlastic && f.of === 'polyester' ? [say.plasticFill] : []),
        ],
      }),
    ),
    ...m.hardware.map((h) =>
      line('other', h.key, say.hardware(surfaceWords.hangerIs[h.is], String(h.mm)), say.times(h.count)),
    ),
    ...m.cores.map((c) =>
      line(
        'other',
        c.key,
        say.core(planWords.cores[c.is]),
        `${c.count} × ${say.coreLine(units.length(c.lengthMm), units.length(c.widthMm))}`,
      ),
    ),
    ...toolLines(model, m, units),
  ];
}

/** An end of yarn in words. */
export interface EndLine {
  /** "Ear 2, starting tail" */
  what: string;
  /** to cut */
  length: string;
  /** what for, where it hangs, what the text says */
  detail: string;
}

export function endLine(end: YarnEnds, model: ToyModel, together: boolean): EndLine {
  const units = unitWords(model.toy.settings.units);
  const part = modelOf(model, end.part);
  const { leaves, textMm, needMm, eachMm } = end;
  const need = roundUpEnd(needMm.value);
  const other = textMm !== null && textMm !== need;
  return {
    what: `${outsideName(part, end.copy, together)}, ${say.end[end.what]}${end.at ? ` ${end.at}` : ''}`,
    length: say.cut(end.count, units.end(eachMm)),
    detail: [
      say.jobs[end.job],
      ...(end.what === 'thread' ? [] : [say.sides[end.side]]),
      ...(other ? [say.needs(units.end(need)), say.textLeaves(units.end(textMm))] : []),
      ...(leaves ? [say.leaves(postTag(leaves))] : []),
    ].join(', '),
  };
}
