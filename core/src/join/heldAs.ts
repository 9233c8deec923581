import { onBody, resolve, type Place } from '../address';
import { exitsOf } from './exits';
import { holeAt } from './hole';
import type { StoredJoin } from './kinds';
import type { Piece } from './piece';
import { usuallyPierced } from './threaded';
import { newJoin } from './usual';

/** A place with the host's width behind it: as it was said, or on the side at half its height. */
function sidePlace(host: Piece, at: Place): Place {
  const fits = onBody(resolve(host.form, at)) !== null && exitsOf(host, at, null) !== null;
  return fits ? at : holeAt(host, { turnDeg: 90, height: 0.6 });
}

/**
 * The same guest at the same place held another way. `other` is the copy that hangs on the other side of a yarn: the twin, else a
 * free one; null when there is none.
 */
export function heldAs(
  join: StoredJoin,
  kind: StoredJoin['kind'],
  host: Piece,
  guest: Piece,
  other: string | null,
): StoredJoin {
  if (join.kind === kind) return join;
  const { id, guest: of } = join;
  if (kind === 'sewn')
    return newJoin({
      id,
      guest: of,
      at: join.at,
      hang: join.hang,
      twin: join.kind === 'threaded' && join.twin ? { copy: join.twin.copy, at: null } : null,
    });
  const at = sidePlace(host, join.at);
  const hang = at === join.at ? join.hang : null;
  return kind === 'through'
    ? { kind, id, guest: of, at, out: null, hang, shiftMm: 0 }
    : {
        kind,
        id,
        guest: of,
        at,
        twin: other === null ? null : { copy: other },
        hang,
        pierced: usuallyPierced(guest),
        poseDeg: 0,
      };
}
