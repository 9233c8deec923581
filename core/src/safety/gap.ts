import { HIDDEN, KINDS, type Fabric } from '../fabric';
import { GAPS } from '../figures';
import type { PartModel, ToyModel } from '../model';
import { zonesOf } from '../model';

/** What makes a gap. */
export type GapIs = 'plain' | 'tall' | 'chain space' | 'decrease' | 'start';

/** The widest gap of one kind on a part, at its worst (largest), mm, and the round where it is. */
export interface Gap {
  is: GapIs;
  mm: number;
  label: string;
}

/** The widths of stitches that a round leaves open at rest, and why. */
function openIn({ kind, parentFrom, parentTo, back }: Fabric, stitch: number): { is: GapIs; widths: number } {
  const name = KINDS[kind[stitch]];
  if (name === 'ch') return { is: 'chain space', widths: GAPS.chainSpace.value };
  const parents = parentTo[stitch] - parentFrom[stitch];
  if (parents >= 2) {
    const hidden = back[parentFrom[stitch]] === HIDDEN;
    return { is: 'decrease', widths: (hidden ? GAPS.invisibleDecrease : GAPS.decrease).value };
  }
  if (name === 'hdc' || name === 'dc' || name === 'tr') return { is: 'tall', widths: GAPS[name].value };
  return { is: 'plain', widths: GAPS.plain.value };
}

/**
 * The widest gaps of a part, kind by kind: what its stitches leave open at rest, spread by its filling, at the worst end of its gauge and of the
 * figures. Chains that follow one another open as wide as all of them. Null while nobody knows the gauge. Source: `figures`, GAPS, judged.
 */
export function gapsOf(part: PartModel): Gap[] | null {
  const { fabric, gauge } = part;
  if (gauge.stitchSource === 'not known' || fabric.cut) return null;
  const worst = (1 + gauge.stitchRangePercent / 100) * (1 + GAPS.rangePercent.value / 100);
  const fills = zonesOf(part);
  const found = new Map<GapIs, Gap>();
  const note = (is: GapIs, widths: number, index: number) => {
    const fill = fills.find((z) => z.from <= index && index <= z.to)?.fill ?? 'empty';
    const mm = widths * gauge.stitchMm * GAPS.spread[fill].value * worst;
    if (mm > (found.get(is)?.mm ?? 0)) found.set(is, { is, mm, label: fabric.rounds[index].label });
  };
  fabric.rounds.forEach((round, index) => {
    let chains = 0;
    for (let s = round.from; s < round.from + round.count; s++) {
      const { is, widths } = openIn(fabric, s);
      chains = is === 'chain space' ? chains + 1 : 0;
      // A first round of chain is what the next one is worked into.
      if (is !== 'chain space' || index > 0) note(is, Math.max(widths, chains * widths), index);
    }
  });
  if (fabric.start.how === 'ring' && fabric.rounds.length > 0)
    note('start', (GAPS.ringOfSix.value * fabric.rounds[0].count) / 6, 0);
  if (fabric.start.how === 'loop') note('start', fabric.start.chain / Math.PI, 0);
  return [...found.values()];
}

/** From so wide a gap on what a part is filled with shows, mm. */
export const fillShowsMm = (model: ToyModel, part: PartModel): number =>
  GAPS.fillShowsMm[
    zonesOf(part).some((z) => z.fill === 'yarn ends') ? 'yarn ends' : model.toy.settings.fillWith
  ].value;
