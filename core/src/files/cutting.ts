import { discMm, outlineOf, sizeSaid, type Flat, type OnPart, type Patch, type Retention } from '../feature';
import { patches, type Patched, type ToyModel } from '../model';
import { inSentence, language, patchWords, unitWords } from '../words';
import { BAR_MM, barAt, f, INK, MEASURED_COLOURS, svg } from './faceDrawing';
import { escaped } from './escaped';

const say = patchWords.cut;

/** A piece to cut or to crochet: its outline with holes for posts, mm to the toy's left and up from its middle, and how many of it. */
export interface CutPiece {
  outline: readonly Flat[];
  holes: readonly { at: Flat; mm: number }[];
  label: (n: number) => string;
  count: number;
}

/** Room between the margins of A4 and of Letter, mm. */
export const PAGE = { wide: 180, tall: 230 } as const;
const GAP_MM = 8;
const LABEL_MM = 6;

const roundPiece = (mm: number, holeMm: number, label: CutPiece['label'], count: number): CutPiece => ({
  outline: outlineOf({ shape: 'circle', widthMm: mm, heightMm: mm, path: null, turnDeg: 0 }),
  holes: holeMm > 0 ? [{ at: [0, 0], mm: holeMm }] : [],
  label,
  count,
});

/** Everything that is cut for a toy, or for one of its parts: felt under eyes and noses, discs inside, patches; as many as all copies need. */
export function piecesToCut(model: ToyModel, partId?: string): CutPiece[] {
  const units = unitWords(model.toy.settings.units);
  const copiesOf = ({ part, copy }: OnPart): number =>
    copy === null ? (model.parts.find((p) => p.part.id === part)?.part.copies.length ?? 1) : 1;
  const mine = (on: OnPart) => partId === undefined || on.part === partId;
  const fixed = [
    ...model.eyes.map(({ eyes, state }) => ({
      it: eyes,
      state,
      each: 2,
      plastic: eyes.making === 'safety eye',
    })),
    ...model.noses.map(({ nose, state }) => ({
      it: nose,
      state: state as { state: string; retention?: Retention },
      each: 1,
      plastic: nose.making === 'safety nose',
    })),
  ].filter(({ it }) => mine(it));
  const rounds = fixed.flatMap(({ it, state, each, plastic }): CutPiece[] => {
    const n = each * copiesOf(it);
    const what = it.kind === 'eyes' ? 'eyes' : 'nose';
    const holeMm = plastic ? it.postMm : 0;
    const disc = plastic && 'retention' in state && state.retention ? discMm(it, state.retention.band) : null;
    return [
      ...(it.felt
        ? [roundPiece(it.felt.mm, holeMm, labelled(say.under(what), units.length(it.felt.mm)), n)]
        : []),
      ...(disc === null ? [] : [roundPiece(disc, holeMm, labelled(say.disc, units.length(disc)), n)]),
    ];
  });
  const laid = patches(model)
    .filter(({ feature, fault }) => mine(feature) && !fault)
    .flatMap((p) => piecesOfPatch(p, copiesOf(p.feature), sizeSaid(p.feature, units)));
  return [...rounds, ...laid];
}

const labelled =
  (what: string, size: string, make: Patch['of'] = 'felt'): CutPiece['label'] =>
  (n) =>
    make === 'felt' ? say.label(n, what, size) : say.make(n, what, size);

/** The different pieces of a patch: those that are the same outline with the same holes are one, so many times. */
function piecesOfPatch({ feature, sides }: Patched, copies: number, size: string): CutPiece[] {
  const found = new Map<string, CutPiece>();
  for (const side of sides)
    for (const { flat, holes } of side.pieces) {
      const mirrored = side.side === 'twin' && !isEven(flat);
      const key = JSON.stringify([
        mirrored,
        holes.map((h) => [...h.at.map((mm) => Math.round(2 * mm)), h.mm]),
      ]);
      const label = labelled(inSentence.name(feature.name), size, feature.of);
      const same = found.get(key);
      found.set(
        key,
        same ? { ...same, count: same.count + copies } : { outline: flat, holes, label, count: copies },
      );
    }
  return [...found.values()];
}

/** Whether an outline is its own mirror image, so that either side of the felt will do. */
const isEven = (outline: readonly Flat[]): boolean =>
  outline.every(([x, y]) => outline.some(([u, v]) => Math.hypot(x + u, y - v) < 0.5));

interface OnPage {
  piece: CutPiece;
  left: number;
  top: number;
  wide: number;
  tall: number;
}

const boxOf = ({ outline }: CutPiece) => {
  const [xs, ys] = [outline.map((p) => p[0]), outline.map((p) => p[1])];
  return {
    left: Math.min(...xs),
    top: Math.max(...ys),
    wide: Math.max(...xs) - Math.min(...xs),
    tall: Math.max(...ys) - Math.min(...ys),
  };
};

/** Pieces side by side in rows, a page after the other; and those that are larger than a page. */
function laidOut(pieces: readonly CutPiece[]): { pages: OnPage[][]; large: CutPiece[] } {
  const pages: OnPage[][] = [];
  const large: CutPiece[] = [];
  let [x, y, row] = [0, 0, 0];
  for (const piece of pieces) {
    const { wide, tall } = boxOf(piece);
    const slot = Math.max(wide, labelWide(piece)) + GAP_MM;
    const high = tall + LABEL_MM + GAP_MM;
    if (wide > PAGE.wide || high > PAGE.tall) {
      large.push(piece);
      continue;
    }
    if (pages.length === 0) pages.push([]);
    if (x > 0 && x + slot - GAP_MM > PAGE.wide) [x, y, row] = [0, y + row, 0];
    if (y > 0 && y + high > PAGE.tall) [x, y, row] = (pages.push([]), [0, 0, 0]);
    pages[pages.length - 1].push({ piece, left: x, top: y, wide, tall });
    x += slot;
    row = Math.max(row, high);
  }
  return { pages, large };
}

/** How wide a label is at its size, mm. */
const labelWide = ({ label, count }: CutPiece): number => 1.75 * label(count).length;

function drawn({ piece, left, top, wide, tall }: OnPage): string {
  const box = boxOf(piece);
  const slot = Math.max(wide, labelWide(piece));
  const x = (mm: number) => f(left + (slot - wide) / 2 + mm - box.left);
  const y = (mm: number) => f(top + box.top - mm + 1);
  const path = piece.outline.map(([u, v], i) => `${i ? 'L' : 'M'}${x(u)} ${y(v)}`).join('');
  const holes = piece.holes
    .map(
      ({ at, mm }) =>
        `<circle data-hole="1" cx="${x(at[0])}" cy="${y(at[1])}" r="${f(mm / 2)}" fill="none" stroke="${INK}" stroke-width=".3" stroke-dasharray="1 .8"/>`,
    )
    .join('');
  // An arrow up in the middle, where there is room beside the holes.
  const long = Math.min(5, tall / 3);
  const middle = box.top - tall / 2;
  const arrow = piece.holes.length
    ? ''
    : `<path d="M${x(box.left + wide / 2)} ${y(middle - long / 2)}v${f(-long)}l-1 1.4m1 -1.4l1 1.4" fill="none" stroke="${INK}" stroke-width=".25"/>`;
  return `<path data-cut="1" d="${path}Z" fill="none" stroke="${MEASURED_COLOURS.cut}" stroke-width=".35" stroke-linejoin="round"/>${holes}${arrow}<text x="${f(left + slot / 2)}" y="${f(top + tall + 5)}" font-size="2.8" text-anchor="middle" fill="${INK}">${escaped(piece.label(piece.count))}</text>`;
}

/** Templates in true size, one drawing a page, each with a bar to measure. */
export function templateSvgs(pieces: readonly CutPiece[]): string[] {
  return laidOut(pieces).pages.map((page) => {
    const tall = Math.max(...page.map((p) => p.top + p.tall + LABEL_MM)) + 4;
    return svg(
      PAGE.wide,
      tall + 8,
      `${page.map(drawn).join('')}${barAt(PAGE.wide - BAR_MM - 4, tall + 2)}`,
      say.title,
    );
  });
}

/** Pieces that no page holds, in words. */
export const tooLarge = (pieces: readonly CutPiece[]): string[] =>
  laidOut(pieces).large.map((p) => say.wide(p.label(p.count)));

/** The sheet of everything that is cut for a toy or one of its parts, as an HTML document that prints in true size on A4 and Letter. */
export function cutSheetHtml(model: ToyModel, partId?: string): string {
  const pieces = piecesToCut(model, partId);
  const drawings = templateSvgs(pieces);
  const large = tooLarge(pieces);
  return `<!doctype html>
<html lang="${language()}"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escaped(model.toy.name)}: ${say.title}</title><style>@page{margin:12mm}body{font:10pt/1.35 "Atkinson Hyperlegible Next",Verdana,sans-serif;color:${INK};max-width:186mm;margin:0 auto}@media screen{body{padding:6mm 4mm}}h1{font-size:16pt;margin:0}svg{display:block;margin:3mm 0 0;max-width:none;break-inside:avoid}svg+svg{break-before:page}</style></head>
<body><h1>${escaped(`${model.toy.name}. ${say.title}`)}</h1><p>${pieces.length ? say.how : say.none}</p>
${drawings.join('\n')}
${large.length ? `<ul>${large.map((l) => `<li>${escaped(l)}</li>`).join('')}</ul>` : ''}</body></html>
`;
}
