import Svg, { Path } from 'react-native-svg';
import { halfWidth, type PartForm } from '@hoppla/core/form';
import { slotColours, type PartModel, type ToyModel } from '@hoppla/core/model';
import { bandsOf } from '@hoppla/core/picture';

/** The yarn of each colour slot of a part's first copy, with a space between two. */
export const yarnsOf = (model: ToyModel, { part, copies, fabric }: PartModel): string =>
  slotColours(model, part.id, copies[0]?.id ?? '', fabric.colours).join(' ');

/** Room for the line about it, px. */
const EDGE = 2;

interface OutlineProps {
  form: PartForm;
  /** see `yarnsOf` */
  yarns: string;
  ink: string;
  pxPerMm: number;
  width: number;
  height: number;
}

/** A part from its side, ring up, its rounds in their yarns. */
export function PartOutline({ form, yarns, ink, pxPerMm, width, height }: OutlineProps) {
  const dyes = yarns.split(' ');
  const side = (way: 1 | -1, from: number, to: number) =>
    Array.from(form.r.slice(from, to + 1), (_, k) => {
      const x = width / 2 + way * halfWidth(form, from + k) * pxPerMm;
      return `${x.toFixed(1)} ${(EDGE + form.z[from + k] * pxPerMm).toFixed(1)}`;
    });
  const around = (from: number, to: number) =>
    `M${side(1, from, to).join('L')}L${side(-1, from, to).reverse().join('L')}Z`;
  const last = form.r.length - 1;
  const bands = bandsOf(form.fabric);
  return (
    <Svg width={width} height={height} aria-hidden>
      {bands.map(({ from, to, slot }, k) => (
        <Path key={from} d={around(from, k < bands.length - 1 ? to : last)} fill={dyes[slot] ?? dyes[0]} />
      ))}
      {last > 0 ? (
        <Path d={around(0, last)} fill="none" stroke={ink} strokeWidth={1.2} strokeLinejoin="round" />
      ) : null}
    </Svg>
  );
}
