import { holePlace, pieceKey, type CaughtJoin, type OfPiece, type Piece } from '../join';
import { nameKey } from '../notation';
import type { PartModel } from './part';

/** A round that catches more of a part than the text makes. */
export interface CaughtFault {
  host: OfPiece;
  /** index of the host's round */
  round: number;
  name: string;
  caught: number;
  made: number;
}

/** "The next round goes through the shell and the last round of the foot together": what is named. */
const TOGETHER =
  /\bnext (?:round|row)\b.*\bthrough\b(.*)\b(?:together|at once)\b|\bnext (?:round|row)\b.*\bjoins\b(.*)/;

/** The parts that a line says the next round goes through as a whole, and the index of that round. */
function wholeRounds(part: PartModel, named: readonly PartModel[]): { round: number; guest: PartModel }[] {
  return part.reading.lines.flatMap((line) => {
    if (line.node.type !== 'note') return [];
    const found = TOGETHER.exec(part.part.text.slice(line.from, line.to).toLowerCase());
    if (!found) return [];
    const round = part.fabric.rounds.findIndex((r) => part.reading.rounds[r.reading].line > line.line);
    const words = (found[1] ?? found[2] ?? '').split(/[^\p{L}\p{N}]+/u).map(nameKey);
    return round < 1
      ? []
      : named.flatMap((guest) =>
          guest !== part && words.includes(nameKey(guest.name)) ? [{ round, guest }] : [],
        );
  });
}

/** What one piece catches, in the order it is worked: of which part, in which round, from which stitch, over how many. */
interface Wanted {
  guest: PartModel | null;
  name: string;
  round: number;
  first: number;
  over: number;
  whole: boolean;
}

function wantedBy(part: PartModel, parts: readonly PartModel[]): Wanted[] {
  const byName = (name: string) => parts.find((p) => p !== part && nameKey(p.name) === nameKey(name)) ?? null;
  const whole = wholeRounds(part, parts).map(({ round, guest }): Wanted => ({
    guest,
    name: guest.name,
    round,
    first: 0,
    over: part.fabric.rounds[round].count,
    whole: true,
  }));
  const clamps = part.fabric.rounds.flatMap((r, round) =>
    r.clamps.map(({ name, at, over }): Wanted => ({
      guest: byName(name),
      name,
      round,
      first: at,
      over,
      whole: false,
    })),
  );
  return [...whole, ...clamps].sort((a, b) => a.round - b.round || a.first - b.first);
}

/**
 * Everything that rounds catch, as joins: copies in the order in which they are caught. A round that catches a copy more than the
 * text makes is told, and that one is left out; a name that no part has is the reader's to tell.
 */
export function catching(
  parts: readonly PartModel[],
  pieces: readonly Piece[],
): { joins: CaughtJoin[]; faults: CaughtFault[] } {
  const used = new Map<string, number>();
  const joins: CaughtJoin[] = [];
  const faults: CaughtFault[] = [];
  for (const host of pieces) {
    const part = parts.find((p) => p.part.id === host.part)!;
    wantedBy(part, parts).forEach(({ guest, name, round, first, over, whole }, k) => {
      if (!guest) return;
      const taken = used.get(guest.part.id) ?? 0;
      used.set(guest.part.id, taken + 1);
      const of = { part: host.part, copy: host.copy };
      const copy = guest.copies[taken];
      if (!copy) {
        faults.push({ host: of, round, name, caught: taken + 1, made: guest.copies.length });
        return;
      }
      const { mark, nth } = part.fabric.rounds[round];
      joins.push({
        kind: 'caught',
        id: `caught:${pieceKey(host)}:${mark}:${nth}:${k}`,
        guest: { part: guest.part.id, copy: copy.id },
        at: holePlace(host, round, Math.round(first + over / 2)),
        hang: null,
        round,
        first,
        over,
        whole,
      });
    });
  }
  return { joins, faults: mostOf(faults) };
}

/** Of several faults of one round and name the last, which counts them all. */
const mostOf = (faults: readonly CaughtFault[]): CaughtFault[] =>
  faults.filter((f, k) => !faults.slice(k + 1).some((g) => g.name === f.name));
