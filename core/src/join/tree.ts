import { add, surfacePoint } from '../form';
import type { JoinFault } from '../words';
import type { Join } from './kinds';
import { faultOf, guestsOf, sitesOf } from './kinds';
import { endKey, endsTaken } from './sewnEnds';
import { pieceKey, stand, type OfPiece, type Piece, type Placed } from './piece';
import type { AnySite } from './site';
import { move } from './space';

/** A join that cannot be made as it is written. */
export interface FaultyJoin {
  join: Join;
  fault: JoinFault;
}

/** The joins of which host and guests are there, in order, each guest once; and what is wrong with the others. */
function sound(pieces: readonly Piece[], joins: readonly Join[]): { good: Join[]; faults: FaultyJoin[] } {
  const there = new Set(pieces.map(pieceKey));
  const parts = new Set(pieces.map((p) => p.part));
  const held = new Set<string>();
  const faults: FaultyJoin[] = [];
  const find = new Map(pieces.map((p) => [pieceKey(p), p]));
  const ends = new Set<string>();
  const endFault = (join: Join): JoinFault | null =>
    endsTaken(join, (of) => find.get(pieceKey(of))).some((end) => ends.has(endKey(end))) ? 'end taken' : null;
  const good = joins.filter((join) => {
    const all = [join.at as OfPiece, ...guestsOf(join)];
    const gone = all.find((p) => !there.has(pieceKey(p)));
    const fault: JoinFault | null = gone
      ? parts.has(gone.part)
        ? 'copy gone'
        : 'no rounds'
      : guestsOf(join).some((g) => held.has(pieceKey(g)))
        ? 'sewn twice'
        : endFault(join);
    if (fault) faults.push({ join, fault });
    else {
      for (const g of guestsOf(join)) held.add(pieceKey(g));
      for (const end of endsTaken(join, (of) => find.get(pieceKey(of)))) ends.add(endKey(end));
    }
    return (
      fault === null ||
      (fault === 'copy gone' && there.has(pieceKey(join.at)) && there.has(pieceKey(join.guest)))
    );
  });
  return { good, faults };
}

/** The whole toy put together: every piece placed, every join where it stands, what nothing holds, and what cannot be. */
export interface Assembly {
  placed: Placed[];
  loose: Piece[];
  sites: ReadonlyMap<Join, readonly AnySite[]>;
  faults: FaultyJoin[];
}

/**
 * The whole toy: every piece placed by the trees of joins, each tree beside the one before. Pieces that no join reaches
 * are loose; what cannot be joined as it is written is left out and told. A circle of joins is opened at its first.
 */
export function assemble(pieces: readonly Piece[], joins: readonly Join[]): Assembly {
  const { good, faults } = sound(pieces, joins);
  const growth = new Growth(pieces, good, faults);
  const held = new Set(good.flatMap((j) => guestsOf(j).map(pieceKey)));
  const hosts = new Set(good.map((j) => pieceKey(j.at)));
  const trees = pieces
    .filter((p) => hosts.has(pieceKey(p)) && !held.has(pieceKey(p)))
    .map((root) => growth.from(root));
  while (growth.waiting.length > 0) trees.push(growth.from(growth.piece(growth.waiting[0].at)!));
  const beside = sideBySide(trees.filter((t) => t.length > 1));
  const shown = new Set(beside.map(pieceKey));
  return {
    placed: beside,
    loose: pieces.filter((p) => !shown.has(pieceKey(p))),
    sites: growth.sites,
    faults,
  };
}

/** Trees of joins as they grow: what is placed, where every join stands, and which joins still wait for their host. */
class Growth {
  readonly sites = new Map<Join, readonly AnySite[]>();
  private readonly byKey: Map<string, Piece>;
  private readonly placed = new Set<string>();

  constructor(
    pieces: readonly Piece[],
    public waiting: readonly Join[],
    private readonly faults: FaultyJoin[],
  ) {
    this.byKey = new Map(pieces.map((p) => [pieceKey(p), p]));
  }

  piece = (of: OfPiece): Piece | undefined => this.byKey.get(pieceKey(of));

  /** The tree of a piece that stands by itself. */
  from(root: Piece): Placed[] {
    const tree = [stand(root)];
    this.placed.add(pieceKey(root));
    for (let before = -1; this.waiting.length !== before;) {
      before = this.waiting.length;
      this.waiting = this.waiting.filter((join) => {
        const host = tree.find((p) => pieceKey(p) === pieceKey(join.at));
        if (host) tree.push(...this.guests(join, host));
        return !host;
      });
    }
    return tree;
  }

  /** The guests of a join on a host that is placed. */
  private guests(join: Join, host: Placed): Placed[] {
    const guest = this.piece(join.guest)!;
    const sites = sitesOf(join, host, guest);
    if (sites.length === 0) this.faults.push({ join, fault: faultOf(join, host, guest) ?? 'homeless' });
    const made = sites.flatMap((site) => {
      const piece = this.piece({ part: join.guest.part, copy: site.copy });
      if (!piece) return [];
      if (this.placed.has(pieceKey(piece))) {
        this.faults.push({ join, fault: 'circle' });
        return [];
      }
      this.placed.add(pieceKey(piece));
      return [{ site, piece: { ...piece, placement: site.placement } }];
    });
    this.sites.set(
      join,
      made.map((m) => m.site),
    );
    return made.map((m) => m.piece);
  }
}

/** Room between trees of joins that hold nothing of each other, mm. */
const APART_MM = 12;
const AROUND = 12;

/** Trees in a row, the first where it stands. */
function sideBySide(trees: readonly Placed[][]): Placed[] {
  if (trees.length < 2) return trees.flat();
  let right = -Infinity;
  return trees.flatMap((tree) => {
    const xs = tree.flatMap((p) =>
      Array.from(
        { length: p.form.r.length * AROUND },
        (_, k) =>
          move(
            p.placement,
            surfacePoint(p.form, (2 * Math.PI * (k % AROUND)) / AROUND, Math.floor(k / AROUND)),
          )[0],
      ),
    );
    const by = right === -Infinity ? 0 : right + APART_MM - Math.min(...xs);
    right = Math.max(...xs) + by;
    return by === 0
      ? tree
      : tree.map((p) => ({ ...p, placement: { ...p.placement, shift: add(p.placement.shift, [by, 0, 0]) } }));
  });
}
