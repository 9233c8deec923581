import type { Plan } from '../plan';
import { openTicks, progressOf, ticksOf } from '../record';
import type { Batch, PieceMade, ToyFile } from '../toy';
import { piecesOf } from './batch';
import { stageOf, STAGES } from './stages';

/** The piece of a batch that is this making of the toy; null where it is none. */
export const pieceOfMaking = ({ pieces }: Pick<ToyFile, 'pieces'>, making: number): PieceMade | null =>
  pieces.find((p) => p.making === making && p.rejected === null) ?? null;

/** The next piece of a batch at which nothing is done, and that is no making yet. */
export const freePiece = (file: Pick<ToyFile, 'pieces'>, batch: Batch): PieceMade | null =>
  piecesOf(file, batch.id).find((p) => p.making === null && Object.keys(p.stages).length === 0) ?? null;

/** A piece is this making of the toy from now on, and no other one is; or it is none, with null. */
export const setMaking = (file: ToyFile, piece: string, making: number | null): ToyFile => ({
  ...file,
  pieces: file.pieces.map((p) => {
    if (p.id === piece) return { ...p, making };
    return making !== null && p.making === making ? { ...p, making: null } : p;
  }),
});

/** The piece that is made now with its stages as the log tells them: those of which every step is done, `at` when that was seen first. The same file where nothing is another. */
export function followed(file: ToyFile, plan: Plan, at: string): ToyFile {
  const progress = progressOf(file.log);
  const piece = pieceOfMaking(file, progress.making);
  if (!piece) return file;
  const ticks = ticksOf(plan);
  const open = new Set(openTicks(ticks, progress).map((t) => stageOf(t.step)));
  const planned = new Set(ticks.map((t) => stageOf(t.step)));
  const done = STAGES.filter((id) => planned.has(id) && !open.has(id));
  const stages = Object.fromEntries(done.map((id) => [id, piece.stages[id] ?? at]));
  if (Object.keys(stages).join() === STAGES.filter((id) => id in piece.stages).join()) return file;
  return { ...file, pieces: file.pieces.map((p) => (p === piece ? { ...p, stages } : p)) };
}
