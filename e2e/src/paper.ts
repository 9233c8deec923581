import { inflateSync } from 'node:zlib';

interface PaperLine {
  colour: string;
  mm: number;
}

/** Straight strokes of a PDF with their colour and true length: the page's own operators, followed through its transformations. */
export function linesIn(pdf: Buffer): PaperLine[] {
  const found: PaperLine[] = [];
  const raw = pdf.toString('latin1');
  for (const m of raw.matchAll(/stream\r?\n/g)) {
    const from = m.index + m[0].length;
    const to = raw.indexOf('endstream', from);
    let text: string;
    try {
      text = inflateSync(pdf.subarray(from, to)).toString('latin1');
    } catch {
      continue;
    }
    if (!/ (re|m|l)\s/.test(text)) continue;
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
        if (path.length === 2)
          found.push({ colour, mm: (Math.hypot(path[1].x - path[0].x, path[1].y - path[0].y) * 25.4) / 72 });
        path = [];
      } else if (token === 'n' || token === 'f') path = [];
      n = [];
    }
  }
  return found;
}
