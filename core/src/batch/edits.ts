import { addPiece } from '../record';
import type { Batch, PieceMade, ToyFile } from '../toy';
import { piecesOf } from './batch';

/** A file with a batch, new or changed; its pieces follow it: one for each that is wanted, in its colours. */
export function setBatch(file: ToyFile, batch: Batch, made: { newId: () => string; at: string }): ToyFile {
  const known = file.batches.some((b) => b.id === batch.id);
  const batches = known ? file.batches.map((b) => (b.id === batch.id ? batch : b)) : [...file.batches, batch];
  return filledUp({ ...file, batches }, batch, made);
}

/** As many pieces of each colour way as are wanted: what is missing is added; what is too many and not begun is taken out again. */
function filledUp(file: ToyFile, batch: Batch, made: { newId: () => string; at: string }): ToyFile {
  // Colours of one name are one, however often they are said.
  const wanted = new Map<string, number>();
  for (const { name, count } of batch.ways) wanted.set(name, (wanted.get(name) ?? 0) + count);
  return [...wanted].reduce<ToyFile>(
    (so, [way, count]) => {
      const own = piecesOf(so, batch.id).filter((p) => p.way === way);
      const spare = own.filter(isUntouched).slice(0, Math.max(0, own.length - count));
      const trimmed = { ...so, pieces: so.pieces.filter((p) => !spare.includes(p)) };
      return Array.from({ length: Math.max(0, count - own.length) }).reduce<ToyFile>(
        (now) => withPieceOf(now, batch, way, made),
        trimmed,
      );
    },
    { ...file, pieces: file.pieces.filter((p) => p.batch !== batch.id || keeps(batch, p)) },
  );
}

/** A piece of a colour way that the batch has no more goes, unless something was done to it. */
const keeps = (batch: Batch, piece: PieceMade): boolean =>
  batch.ways.some((w) => w.name === piece.way) || !isUntouched(piece);

const isUntouched = (p: PieceMade): boolean =>
  Object.keys(p.stages).length === 0 &&
  p.making === null &&
  p.notes.length === 0 &&
  p.rejected === null &&
  p.signedOff === null &&
  p.pinsOut === 0 &&
  !p.spent &&
  Object.keys(p.lots).length === 0;

function withPieceOf(
  file: ToyFile,
  batch: Batch,
  way: string,
  { newId, at }: { newId: () => string; at: string },
): ToyFile {
  const id = newId();
  const added = addPiece(file, { id, at, maker: file.pieces.at(-1)?.maker ?? '' });
  return {
    ...added,
    pieces: added.pieces.map((p) => (p.id === id ? { ...p, batch: batch.id, way } : p)),
  };
}

/** A batch that is given up: its pieces stay, as pieces by themselves, where something was done to them. */
export const removeBatch = (file: ToyFile, id: string): ToyFile => ({
  ...file,
  batches: file.batches.filter((b) => b.id !== id),
  pieces: file.pieces.flatMap((p) => {
    if (p.batch !== id) return [p];
    return isUntouched(p) ? [] : [{ ...p, batch: null, making: null }];
  }),
});

/** A stage of one piece done at a time, or taken back with null. */
export const setStage = (file: ToyFile, piece: string, stage: string, at: string | null): ToyFile => ({
  ...file,
  pieces: file.pieces.map((p) => {
    if (p.id !== piece) return p;
    const { [stage]: _, ...rest } = p.stages;
    return { ...p, stages: at === null ? rest : { ...rest, [stage]: at } };
  }),
});

/** A stage done on the next piece of the batch that has it not; the same file where all have, or are made step by step. */
export function stageOnNext(file: ToyFile, batch: string, stage: string, at: string): ToyFile {
  const next = piecesOf(file, batch).find((p) => p.making === null && !(stage in p.stages));
  return next ? setStage(file, next.id, stage, at) : file;
}

/** A piece put aside for a reason; another one is made in its place. */
export function reject(
  file: ToyFile,
  piece: string,
  why: string,
  made: { newId: () => string; at: string },
): ToyFile {
  const found = file.pieces.find((p) => p.id === piece);
  const batch = file.batches.find((b) => b.id === found?.batch);
  const put = {
    ...file,
    pieces: file.pieces.map((p) => (p.id === piece ? { ...p, rejected: why, signedOff: null } : p)),
  };
  return batch ? filledUp(put, batch, made) : put;
}
