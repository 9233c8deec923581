import { add, surfacePoint } from '../form';
import type { JoinFault } from '../words';
import type { Join } from './kinds';
import { attach, faultOf, guestsOf, sitesOf } from './kinds';
import { pieceKey, stand, type OfPiece, type Piece, type Placed } from './piece';
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
  const good = joins.filter((join) => {
    const all = [join.at as OfPiece, ...guestsOf(join)];
    const gone = all.find((p) => !there.has(pieceKey(p)));
    const fault: JoinFault | null = gone
      ? parts.has(gone.part)
        ? 'copy gone'
        : 'no rounds'
      : guestsOf(join).some((g) => held.has(pieceKey(g)))
        ? 'sewn twice'
        : null;
    if (fault) faults.push({ join, fault });
    else for (const g of guestsOf(join)) held.add(pieceKey(g));
    return (
      fault === null ||
      (fault === 'copy gone' && there.has(pieceKey(join.at)) && there.has(pieceKey(join.guest)))
    );
  });
  return { good, faults };
}

/**
 * The whole toy: every piece placed by the trees of joins, each tree beside the one before. Pieces that no join reaches
 * are loose; what cannot be joined as it is written is left out and told. A circle of joins is opened at its first.
 */
export function assemble(
  pieces: readonly Piece[],
  joins: readonly Join[],
): { placed: Placed[]; loose: Piece[]; faults: FaultyJoin[] } {
  const byKey = new Map(pieces.map((p) => [pieceKey(p), p]));
  const { good, faults } = sound(pieces, joins);
  const held = new Set(good.flatMap((j) => guestsOf(j).map(pieceKey)));
  const placed = new Map<string, Placed>();
  let waiting = [...good];
  const grow = (root: Piece): Placed[] => {
    const tree = [stand(root)];
    placed.set(pieceKey(root), tree[0]);
    for (let before = -1; waiting.length !== before;) {
      before = waiting.length;
      waiting = waiting.filter((join) => {
        const host = tree.find((p) => pieceKey(p) === pieceKey(join.at));
        if (!host) return true;
        const sites = sitesOf(join, host, byKey.get(pieceKey(join.guest))!.form);
        if (sites.length === 0) faults.push({ join, fault: faultOf(join, host) ?? 'homeless' });
        sites.forEach((site, i) => {
          const piece = byKey.get(pieceKey({ part: join.guest.part, copy: site.copy }));
          if (!piece) return;
          if (placed.has(pieceKey(piece))) return void faults.push({ join, fault: 'circle' });
          const put = attach(host, piece, site, i);
          placed.set(pieceKey(piece), put);
          tree.push(put);
        });
        return false;
      });
    }
    return tree;
  };
  const hosts = new Set(good.map((j) => pieceKey(j.at)));
  const trees = pieces.filter((p) => hosts.has(pieceKey(p)) && !held.has(pieceKey(p))).map(grow);
  while (waiting.length > 0) trees.push(grow(byKey.get(pieceKey(waiting[0].at))!));
  const beside = sideBySide(trees.filter((t) => t.length > 1));
  const shown = new Set(beside.map(pieceKey));
  return { placed: beside, loose: pieces.filter((p) => !shown.has(pieceKey(p))), faults };
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
