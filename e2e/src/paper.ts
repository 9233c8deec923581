import { inflateSync } from 'node:zlib';

interface PaperLine {
  colour: string;
  mm: number;
}

/** A stroked path of corners, in points of the page. */
interface PaperPath {
  colour: string;
  points: { x: number; y: number }[];
}

const MM = 25.4 / 72;
const far = (a: { x: number; y: number }, b: { x: number; y: number }) =>
  MM * Math.hypot(b.x - a.x, b.y - a.y);

/** Straight strokes of a PDF with their colour and true length. */
export const linesIn = (pdf: Buffer): PaperLine[] =>
  pathsIn(pdf).flatMap(({ colour, points }) =>
    points.length === 2 ? [{ colour, mm: far(points[0], points[1]) }] : [],
  );

/** How long all strokes of a colour are together, mm. */
export const lengthIn = (pdf: Buffer, colour: string): number =>
  pathsIn(pdf)
    .filter((p) => p.colour === colour)
    .reduce((sum, { points }) => sum + points.slice(1).reduce((mm, p, i) => mm + far(points[i], p), 0), 0);

/** Width and height of every outline of a colour, mm. */
export const boxesIn = (pdf: Buffer, colour: string): [number, number][] =>
  pathsIn(pdf)
    .filter((p) => p.colour === colour && p.points.length > 2)
    .map(({ points }) => {
      const of = (k: 'x' | 'y') =>
        Math.max(...points.map((p) => p[k])) - Math.min(...points.map((p) => p[k]));
      return [MM * of('x'), MM * of('y')];
    });

/** The streams of a PDF that draw paths, unpacked. */
function drawingsIn(pdf: Buffer): string[] {
  const raw = pdf.toString('latin1');
  return [...raw.matchAll(/stream\r?\n/g)].flatMap((m) => {
    const from = m.index + m[0].length;
    try {
      const text = inflateSync(pdf.subarray(from, raw.indexOf('endstream', from))).toString('latin1');
      return / (re|m|l)\s/.test(text) ? [text] : [];
    } catch {
      return [];
    }
  });
}

/** Strokes of a PDF in straight pieces: the page's own operators, followed through its transformations. */
function pathsIn(pdf: Buffer): PaperPath[] {
  const found: PaperPath[] = [];
  for (const text of drawingsIn(pdf)) {
    type M = [number, number, number, number, number, number];
    let ctm: M = [1, 0, 0, 1, 0, 0];
    const stack: { ctm: M; colour: string }[] = [];
    let colour = '';
    let path: { x: number; y: number }[] = [];
    let n: number[] = [];
    const at = (x: number, y: number) => ({
      x: ctm[0] * x + ctm[2] * y + ctm[4],
      y: ctm[1] * x + ctm[3] * y + ctm[5],
    });
    for (const token of text.split(/\s+/)) {
      if (/^[-+.\d]/.test(token)) {
        n.push(Number(token));
        continue;
      }
      if (token === 'q') stack.push({ ctm, colour });
      else if (token === 'Q') ({ ctm, colour } = stack.pop() ?? { ctm, colour });
      else if (token === 'cm') {
        const [a, b, c, d, e, f] = n;
        ctm = [
          ctm[0] * a + ctm[2] * b,
          ctm[1] * a + ctm[3] * b,
          ctm[0] * c + ctm[2] * d,
          ctm[1] * c + ctm[3] * d,
          ctm[0] * e + ctm[2] * f + ctm[4],
          ctm[1] * e + ctm[3] * f + ctm[5],
        ];
      } else if (token === 'RG' || token === 'SC' || token === 'SCN')
        colour = n
          .slice(0, 3)
          .map((c) => Math.round(c * 255))
          .join(',');
      else if (token === 'm') path = [at(n[0], n[1])];
      else if (token === 'l') path.push(at(n[0], n[1]));
      else if (token === 'S' || token === 's') {
        if (path.length > 1) found.push({ colour, points: path });
        path = [];
      } else if (token === 'n' || token === 'f') path = [];
      n = [];
    }
  }
  return found;
}
