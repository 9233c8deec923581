import { courseOf } from '../address';
import {
  clampedOf,
  holePlace,
  pieceKey,
  sameClamp,
  USUALLY_CLAMPED,
  type CaughtJoin,
  type ClampKey,
  type ClampSaid,
  type OfPiece,
  type Piece,
} from '../join';
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
  onto: boolean;
}

/** The finished edges on which a part is begun, such as legs: each with its stitches of the first round. */
function begunOn(part: PartModel, byName: (name: string) => PartModel | null): Wanted[] {
  const out: Wanted[] = [];
  let at = 0;
  if (part.fabric.start.how !== 'edges') return out;
  for (const item of part.reading.rounds[0].items) {
    if (item.type === 'sign' && item.sign === 'onto' && item.name)
      out.push({
        guest: byName(item.name),
        name: item.name,
        round: 0,
        first: at,
        over: 0,
        whole: true,
        onto: true,
      });
    if (item.type !== 'stitch') continue;
    const made = item.makes * (Number(item.times) || 0);
    at += made;
    if (item.kind !== 'ch' && out.length > 0 && at - made === out[out.length - 1].first)
      out[out.length - 1].over = made;
  }
  return out;
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
    onto: false,
  }));
  const clamps = part.fabric.rounds.flatMap((r, round) =>
    r.clamps.map(({ name, at, over }): Wanted => ({
      guest: byName(name),
      name,
      round,
      first: at,
      over,
      whole: false,
      onto: false,
    })),
  );
  return [...begunOn(part, byName), ...whole, ...clamps].sort(
    (a, b) => a.round - b.round || a.first - b.first,
  );
}

/** Everything that rounds catch, what is wrong with it, and what is said of clamps that no text has. */
export interface Catching {
  joins: CaughtJoin[];
  faults: CaughtFault[];
  unmet: ClampSaid[];
}

/** Copies of parts as rounds take them: the one that was said, if it is still free, else the next that nobody asks for. */
class Copies {
  private readonly taken = new Map<string, string[]>();
  private readonly asked: ReadonlySet<string>;

  constructor(said: readonly ClampSaid[]) {
    this.asked = new Set(said.flatMap((s) => (s.copy === null ? [] : [s.copy])));
  }

  /** The copy that is caught now, null when there is no more; and how many were wanted so far. */
  next(guest: PartModel, wanted: string | null): { copy: string | null; caught: number } {
    const taken = this.taken.get(guest.part.id) ?? [];
    const free = guest.copies.map((c) => c.id).filter((id) => !taken.includes(id));
    const own = wanted !== null && free.includes(wanted) ? wanted : null;
    const copy = own ?? free.find((id) => !this.asked.has(id)) ?? free[0] ?? null;
    this.taken.set(guest.part.id, [...taken, copy ?? '']);
    return { copy, caught: taken.length + 1 };
  }
}

/** Which clamp of its round each is: so many of the same part before it. */
function keysOf(part: PartModel, wanted: readonly Wanted[]): (ClampKey | null)[] {
  return wanted.map(({ guest, round }, k) => {
    if (!guest) return null;
    const before = wanted.slice(0, k).filter((w) => w.guest === guest && w.round === round).length;
    return {
      part: part.part.id,
      course: courseOf(part.fabric, round),
      guest: guest.part.id,
      nth: before,
    };
  });
}

/**
 * Everything that rounds catch, as joins: copies in the order in which they are caught, unless it was said which. A round that
 * catches a copy more than the text makes is told, and that one is left out; a name that no part has is the reader's to tell.
 */
export function catching(
  parts: readonly PartModel[],
  pieces: readonly Piece[],
  said: readonly ClampSaid[],
): Catching {
  const copies = new Copies(said);
  const joins: CaughtJoin[] = [];
  const faults: CaughtFault[] = [];
  const met = new Set<ClampSaid>();
  for (const host of pieces) {
    const part = parts.find((p) => p.part.id === host.part)!;
    const wanted = wantedBy(part, parts);
    const keys = keysOf(part, wanted);
    wanted.forEach(({ guest, name, round, first, over, whole, onto }, k) => {
      const clamp = keys[k];
      if (!guest || !clamp) return;
      const own = said.find((s) => sameClamp(s, clamp));
      if (own) met.add(own);
      const { copy, caught } = copies.next(guest, own?.copy ?? null);
      const of = { part: host.part, copy: host.copy };
      if (copy === null) {
        faults.push({ host: of, round, name, caught, made: guest.copies.length });
        return;
      }
      const { mark, nth } = part.fabric.rounds[round];
      joins.push({
        kind: 'caught',
        id: `caught:${pieceKey(host)}:${mark}:${nth}:${k}`,
        guest: { part: guest.part.id, copy },
        at: holePlace(host, round, Math.round(first + over / 2)),
        hang: null,
        round,
        first,
        over,
        whole,
        onto,
        clamp,
        held: own ? clampedOf(own) : USUALLY_CLAMPED,
      });
    });
  }
  return { joins, faults: mostOf(faults), unmet: said.filter((s) => !met.has(s)) };
}

/** Of several faults of one round and name the last, which counts them all. */
const mostOf = (faults: readonly CaughtFault[]): CaughtFault[] =>
  faults.filter((f, k) => !faults.slice(k + 1).some((g) => g.name === f.name));
