import type { ToyModel } from '../model';
import { boundsOf, layOut } from '../picture';
import { sheetWords as say, unitWords } from '../words';
import { escaped } from './escaped';
import { toyPicture } from './toyPicture';

/** A card is square, so many units wide and tall. */
export const CARD = 1200;
/** Room for the toy, and where its feet stand. */
const TOY = { mostWide: 920, mostTall: 860, floor: 980 };
/** The mat, its lines and its writing (the house's look). */
const LOOK = { mat: '#12524B', line: '#D5F0E4', ink: '#EEF8F3', ink2: '#B4D8CB', deep: '#0A3430' };
/** Every so many a line of the mat. */
const GRID = 40;

/** A long name is written smaller: it ends before the size begins. */
const letters = (name: string): number =>
  Math.round(Math.max(18, Math.min(64, 1000 / Math.max(1, name.length))));

/** A picture card of a toy for showing, as SVG: the toy on the mat, its name and size. */
export function cardSvg(model: ToyModel): string {
  // As large as it goes: on a card nothing is in true size.
  const toy = toyPicture(model, 'front', { ...TOY, stitches: true, mostScale: Infinity });
  const units = unitWords(model.toy.settings.units);
  const { left, right, top, bottom } = boundsOf(layOut(model, true));
  const whole = model.loose.length === 0 && model.placed.length > 0;
  const lines = Array.from({ length: CARD / GRID - 1 }, (_, k) => (k + 1) * GRID)
    .map((at) => `M${at} 0V${CARD}M0 ${at}H${CARD}`)
    .join('');
  const picture = toy
    ? toy.svg.replace(
        /width="[\d.]+mm" height="[\d.]+mm"/,
        `x="${((CARD - toy.wideMm) / 2).toFixed(1)}" y="${(TOY.floor - toy.tallMm).toFixed(1)}" width="${toy.wideMm.toFixed(1)}" height="${toy.tallMm.toFixed(1)}"`,
      )
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${CARD}" height="${CARD}" viewBox="0 0 ${CARD} ${CARD}"><rect width="${CARD}" height="${CARD}" fill="${LOOK.mat}"/><path d="${lines}" stroke="${LOOK.line}" stroke-opacity=".14" stroke-width="1.5"/><ellipse cx="${CARD / 2}" cy="${TOY.floor}" rx="${((toy?.wideMm ?? 0) * 0.42).toFixed(1)}" ry="16" fill="#041a17" opacity=".35"/>${picture}<rect y="${CARD - 150}" width="${CARD}" height="150" fill="${LOOK.deep}"/><text x="60" y="${CARD - 66}" font-family="'Bricolage Grotesque',Verdana,sans-serif" font-weight="800" font-size="${letters(model.toy.name)}" fill="${LOOK.ink}">${escaped(model.toy.name)}</text><text x="${CARD - 60}" y="${CARD - 68}" text-anchor="end" font-family="'Martian Mono',monospace" font-size="34" fill="${LOOK.ink2}">${whole ? escaped(say.card(units.length(right - left), units.length(bottom - top))) : ''}</text></svg>
`;
}
