import type { Loose } from './loose';

/** Version 18 knows which making of the toy a piece is. Before, nobody said. */
export function to18(file: Loose): Loose {
  const pieces = ((file.pieces ?? []) as Loose[]).map((piece) => ({ ...piece, making: null }));
  return { ...file, schema: 18, toy: { ...(file.toy as Loose), schema: 18 }, pieces };
}
