import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { deflateSync } from 'node:zlib';

// Each call starts the program anew, on a machine that may be busy.
jest.setTimeout(60_000);

const folder = mkdtempSync(join(tmpdir(), 'hoppla-pdfs-'));
const kept = (name: string, bytes: string): string => {
  const path = join(folder, name);
  writeFileSync(path, bytes, 'latin1');
  return path;
};

/** A PDF of one page with lines of words at their places, written by hand from the format's own grammar. */
function pdf(lines: readonly { x: number; y: number; words: string }[]): string {
  const drawn = lines
    .map(({ x, y, words }) => `BT /F1 11 Tf ${x} ${y} Td (${words.replace(/[()\\]/g, '\\$&')}) Tj ET`)
    .join('\n');
  const objects = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 595 842] /Contents 4 0 R /Resources << /Font << /F1 5 0 R >> >> >>',
    `<< /Length ${drawn.length} >>\nstream\n${drawn}\nendstream`,
    '<< /Type /Font /Subtype /Type1 /BaseFont /Helvetica >>',
  ];
  let out = '%PDF-1.4\n';
  const at = objects.map((object, i) => {
    const from = out.length;
    out += `${i + 1} 0 obj\n${object}\nendobj\n`;
    return from;
  });
  const table = at.map((from) => `${String(from).padStart(10, '0')} 00000 n \n`).join('');
  return `${out}xref\n0 6\n0000000000 65535 f \n${table}trailer\n<< /Size 6 /Root 1 0 R >>\nstartxref\n${out.length}\n%%EOF\n`;
}

const column = (x: number, words: readonly string[]) =>
  words.map((w, i) => ({ x, y: 780 - 16 * i, words: w }));
const HEAD = ['Head', 'R1: 6 sc in ring (6)', 'R2: inc x6 (12)', 'R3: sc around (12)', 'Fasten off.'];
const EAR = ['Ear (2x)', 'R1: 5 sc in ring (5)', 'R2: inc x5 (10)', 'Do not stuff.', 'Fasten off.'];

const BIN = resolve(__dirname, '../bin/hoppla.mjs');

/** One call of the program itself: what reads a PDF is loaded only there. */
function hoppla(...argv: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, [BIN, ...argv], { encoding: 'utf8' });
  return { status, stdout, stderr };
}

interface Told {
  parts: { name: string; make: number; rounds: { made: number }[] }[];
}
const partsOf = (stdout: string) =>
  (JSON.parse(stdout) as Told).parts.map((p) => [p.name, p.make, p.rounds.map((r) => r.made)]);

describe('the words of a PDF', () => {
  it('are a page of rounds', () => {
    const { status, stdout } = hoppla('read', '--json', kept('head.pdf', pdf(column(60, HEAD))));
    expect([status, partsOf(stdout)]).toEqual([0, [['Head', 1, [6, 12, 12]]]]);
  });

  it('in two columns are read one column after the other', () => {
    const path = kept('columns.pdf', pdf([...column(60, HEAD), ...column(330, EAR)]));
    expect(partsOf(hoppla('read', '--json', path).stdout)).toEqual([
      ['Head', 1, [6, 12, 12]],
      ['Ear', 2, [5, 10]],
    ]);
  });

  it('of a page of pictures are none, and that is said', () => {
    const { status, stderr } = hoppla('read', kept('empty.pdf', pdf([])));
    expect([status, stderr]).toEqual([2, expect.stringMatching(/empty\.pdf.*picture/is)]);
  });

  it('that is damaged are refused in a sentence, without a stack', () => {
    const { status, stderr } = hoppla('read', kept('cut.pdf', pdf(column(60, HEAD)).slice(0, 40)));
    expect(status).toBe(2);
    expect(stderr).toContain('cut.pdf');
    expect(stderr).not.toMatch(/\n\s+at /);
  });

  it('that little of a file would become gigabytes of is left alone, and that is said', () => {
    const packed = deflateSync(Buffer.alloc(60_000_000, ' '), { level: 9 }).toString('latin1');
    const content = `4 0 obj\n<< /Length ${packed.length} /Filter /FlateDecode >>\nstream\n${packed}\nendstream\nendobj`;
    const path = kept(
      'small.pdf',
      pdf([]).replace(/4 0 obj[^]*?endobj/, () => content),
    );
    const { status, stderr } = hoppla('read', path);
    expect([status, stderr]).toEqual([2, expect.stringMatching(/small\.pdf.*unpack to far more/is)]);
  });
});
