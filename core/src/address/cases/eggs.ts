import { buildFabric } from '../../fabric';
import { formOf, type PartForm } from '../../form';
import { gaugeOf } from '../../gauge';
import { read } from '../../notation';

export const BALL =
  'R1: 6 sc in ring\nR2: inc x6\nR3: (sc, inc) x6\nR4: (2 sc, inc) x6\nR5: (3 sc, inc) x6\nR6-12: sc around\nR13: (3 sc, dec) x6\nR14: (2 sc, dec) x6\nR15: (sc, dec) x6\nclose';

export const EGG =
  'R1: 5 sc in ring\nR2: inc x5\nR3: (sc, inc) x5\nR4: sc around\nR5: (2 sc, inc) x5\nR6-8: sc around\nR9: (3 sc, inc) x5\nR10-14: sc around\nR15: (3 sc, dec) x5\nR16: (2 sc, dec) x5';

export const form = (
  text: string,
  {
    hand = 'right',
    lean = -0.25,
    joined = false,
    inside = false,
  }: { hand?: 'right' | 'left'; lean?: number; joined?: boolean; inside?: boolean } = {},
): PartForm => {
  const written = joined ? text.replace(/^(R\d+: .*)$/gm, '$1, sl st to join') : text;
  const part = read(written, { terms: 'us' }).parts[0];
  return formOf(
    buildFabric(
      part,
      written.split('\n').map((_, i) => `m${i}`),
    ),
    gaugeOf({ hookMm: 3, stitchMm: 5, roundMm: 4.5, leanStitches: lean, hand, yarnUnder: false }),
    { fill: 'medium', wrongSideOut: inside },
  );
};
