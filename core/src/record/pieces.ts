import { own } from '../own';
import type { PieceMade, PieceNote, PullTest, ToyFile } from '../toy';

const withPiece = (file: ToyFile, id: string, change: (piece: PieceMade) => PieceMade): ToyFile => ({
  ...file,
  pieces: file.pieces.map((p) => (p.id === id ? change(p) : p)),
});

/** A new piece with the next number that is free. */
export function addPiece(file: ToyFile, { id, at, maker }: Pick<PieceMade, 'id' | 'at' | 'maker'>): ToyFile {
  const taken = new Set(file.pieces.map((p) => p.number));
  let n = file.pieces.length + 1;
  while (taken.has(String(n))) n++;
  const piece: PieceMade = {
    id,
    number: String(n),
    at,
    maker,
    lots: {},
    batch: null,
    way: '',
    stages: {},
    making: null,
    rejected: null,
    pinsOut: 0,
    pinsIn: 0,
    notes: [],
    spent: false,
    signedOff: null,
  };
  return { ...file, pieces: [...file.pieces, piece] };
}

/** Why a piece cannot have this number: it is none, or another piece has it. */
export type PieceNumberRefused = 'none' | 'taken';
export function numberRefused({ pieces }: ToyFile, id: string, number: string): PieceNumberRefused | null {
  if (number.trim() === '') return 'none';
  return pieces.some((p) => p.id !== id && p.number === number.trim()) ? 'taken' : null;
}

/** Changes what is written of a piece. What is changed after it was signed off takes the signature back. A number that another piece has is not taken. */
export function changePiece(
  file: ToyFile,
  id: string,
  change: Partial<Pick<PieceMade, 'number' | 'maker' | 'lots' | 'spent' | 'pinsOut' | 'pinsIn'>>,
): ToyFile {
  if (change.number !== undefined && numberRefused(file, id, change.number)) return file;
  // What let go stays a test piece, whatever is said.
  const broken = file.pullTests.some((t) => t.piece === id && t.verdict === 'let go');
  return withPiece(file, id, (p) => ({
    ...p,
    ...change,
    spent: broken || (change.spent ?? p.spent),
    signedOff: null,
  }));
}

/** Takes a piece out again that nothing was noted of; one with tests or a story stays. */
export function removePiece(file: ToyFile, id: string): ToyFile {
  const piece = file.pieces.find((p) => p.id === id);
  const known = file.pullTests.some((t) => t.piece === id) || (piece?.notes.length ?? 0) > 0;
  return known || !piece ? file : { ...file, pieces: file.pieces.filter((p) => p !== piece) };
}

/** Pieces that share a lot with this one, and which materials they share: where a complaint about it may come up again. */
export function sameLots(
  { pieces }: ToyFile,
  { id, lots }: PieceMade,
): { piece: PieceMade; materials: string[] }[] {
  return pieces.flatMap((piece) => {
    const materials = Object.keys(lots).filter(
      (key) => lots[key] !== '' && own(piece.lots, key) === lots[key],
    );
    return piece.id === id || materials.length === 0 ? [] : [{ piece, materials }];
  });
}

/** Pins and needles taken out or counted back in. More than are out cannot come back. */
export function countPins(file: ToyFile, id: string, way: 'out' | 'in', n: number): ToyFile {
  return withPiece(file, id, (p) => ({
    ...p,
    signedOff: null,
    pinsOut: way === 'out' ? p.pinsOut + n : p.pinsOut,
    pinsIn: way === 'in' ? Math.min(p.pinsOut, p.pinsIn + n) : p.pinsIn,
  }));
}

/** Washed, repaired, a complaint or a remark. A repair or a complaint takes the signature back. */
export const addNote = (file: ToyFile, id: string, note: PieceNote): ToyFile =>
  withPiece(file, id, (p) => ({
    ...p,
    notes: [...p.notes, note],
    signedOff: note.what === 'repaired' || note.what === 'complaint' ? null : p.signedOff,
  }));

/** A test of a piece. What let go has made a test piece of it for ever; a signature that it had is taken back. */
export const addTest = (file: ToyFile, test: PullTest): ToyFile => ({
  ...withPiece(file, test.piece, (p) =>
    test.verdict === 'let go' ? { ...p, spent: true, signedOff: null } : p,
  ),
  pullTests: [...file.pullTests, test],
});

/** As many readings as are kept of a run; of longer ones the largest and the smallest of each stretch, so that no peak is lost. */
const MOST_KEPT = 800;

/** A curve as it is kept. */
export function keptCurve(curve: PullTest['curve']): PullTest['curve'] {
  if (curve.length <= MOST_KEPT) return curve;
  const each = Math.ceil((2 * curve.length) / MOST_KEPT);
  const kept: (readonly [number, number])[] = [];
  for (let i = 0; i < curve.length; i += each) {
    const part = curve.slice(i, i + each);
    const low = part.reduce((a, b) => (b[1] < a[1] ? b : a));
    const high = part.reduce((a, b) => (b[1] > a[1] ? b : a));
    kept.push(...part.filter((reading) => reading === low || reading === high));
  }
  return kept;
}
