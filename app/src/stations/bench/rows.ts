/** A toy's place on the mat: the middle and width of its slot, and the floor that it stands on, px. */
export interface Spot {
  x: number;
  width: number;
  floor: number;
}

/** Where toys stand on a mat: one scale for all, in as many rows as they need. */
export interface Rows {
  pxPerMm: number;
  spots: readonly Spot[];
  /** px; the mat is scrolled where it is taller than the screen */
  height: number;
  /** the tallest of the first row, px */
  tallest: number;
}

/** So many stand on the mat at once; the list has the others. */
export const MOST_ON_MAT = 12;

/** Room beside a toy in its slot, px. */
const SLOT_PAD = 28;
/** A toy's name and size stand side by side with its button, px. */
const LEAST_SLOT = 168;
/** The ruler at the left, and room at the right, px. */
const LEFT = 34;
const RIGHT = 12;
/** Under a floor stand name and size; above the tallest is some room, px. */
const UNDER = 96;
const ABOVE = 34;
const MOST_PX_PER_MM = 4;
/** A toy that is not worked out yet takes so much room, mm. */
const UNKNOWN_MM = 90;

/** Lays toys (mm; null while they are not known) out on a mat of so many px: in one row where they fit, else in rows from the top. */
export function layRows(
  toys: readonly ({ wide: number; tall: number } | null)[],
  { width, height }: { width: number; height: number },
): Rows {
  const sizes = toys.map((t) => t ?? { wide: UNKNOWN_MM, tall: UNKNOWN_MM });
  const widest = Math.max(UNKNOWN_MM, ...sizes.map((s) => s.wide));
  const tallest = Math.max(UNKNOWN_MM, ...sizes.map((s) => s.tall));
  const room = width - LEFT - RIGHT;
  const slotOf = (wide: number, px: number): number => Math.max(LEAST_SLOT, wide * px + SLOT_PAD);
  const alone = Math.min((height - UNDER - ABOVE) / tallest, (room - SLOT_PAD) / widest, MOST_PX_PER_MM);
  const inOne = sizes.reduce((sum, s) => sum + slotOf(s.wide, alone), 0) <= room;
  const columns = Math.max(1, Math.min(toys.length, Math.floor(room / LEAST_SLOT)));
  const pxPerMm = Math.max(0.2, inOne ? alone : Math.min(alone, (room / columns - SLOT_PAD) / widest));
  const rows: { width: number; tall: number; slots: number[] }[] = [];
  for (const s of sizes) {
    const slot = Math.min(room, slotOf(s.wide, pxPerMm));
    const row = rows[rows.length - 1];
    if (row && row.width + slot <= room) {
      row.width += slot;
      row.tall = Math.max(row.tall, s.tall * pxPerMm);
      row.slots.push(slot);
    } else rows.push({ width: slot, tall: s.tall * pxPerMm, slots: [slot] });
  }
  const needed = rows.reduce((sum, r) => sum + r.tall + ABOVE + UNDER, 0);
  // The room that is left stands above and below the toys alike.
  let top = Math.max(0, (height - needed) / 2);
  const spots: Spot[] = [];
  for (const row of rows) {
    const floor = top + ABOVE + row.tall;
    let x = LEFT;
    for (const slot of row.slots) {
      spots.push({ x: x + slot / 2, width: slot, floor });
      x += slot;
    }
    top = floor + UNDER;
  }
  return { pxPerMm, spots, height: Math.max(height, needed), tallest: rows[0]?.tall ?? 0 };
}
