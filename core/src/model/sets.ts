import { nearestPlace, onBody, resolve, senseOf } from '../address';
import { holePlace, ownDirections, type Hang, type Piece, type SewnJoin } from '../join';
import { numberSaid } from '../notation';
import { removeJoin, setJoin, type NewId, type Toy } from '../toy';
import { stretchesOf } from './stretches';
import { modelOf, type ToyModel } from './toy';

/** How the copies of one part stand on their host: at equal turns round it, or so many on each of its stretches. */
export type SetSaid =
  { by: 'round'; n: number } | { by: 'stretch'; each: number; first: number; last: number };

const COUNT = '(\\d+|[a-z]+)';
const ROUND = new RegExp(`^${COUNT} (?:all |evenly )*(?:a?round|round it)(?: it| the [a-z]+)?$`);
const EACH = new RegExp(
  `^${COUNT} (?:per|(?:for|per|on|to|in) (?:each|every|a)) (?:segment|stretch|bump|ball|section)$`,
);
const END = new RegExp(`^(?:and |but )?${COUNT} (?:on|for) the (first|last)(?: [a-z]+)?$`);

/** Reads "6 around", "2 for each segment, 4 on the first"; null where it says something else. Nothing is guessed. */
export function readSet(phrase: string): SetSaid | null {
  const clauses = phrase
    .toLowerCase()
    .replace(/\bn\b/g, '')
    .split(/[,;.]| and (?=\S+ on the )/)
    .map((c) => c.trim().replace(/\s+/g, ' '))
    .filter((c) => c !== '');
  const count = numberSaid;
  const [main, ...more] = clauses;
  const round = main ? ROUND.exec(main) : null;
  if (round) return more.length === 0 && count(round[1]) > 0 ? { by: 'round', n: count(round[1]) } : null;
  const each = main ? EACH.exec(main) : null;
  if (!each || !(count(each[1]) > 0)) return null;
  const said: SetSaid = { by: 'stretch', each: count(each[1]), first: count(each[1]), last: count(each[1]) };
  for (const clause of more) {
    const end = END.exec(clause);
    if (!end || !(count(end[1]) >= 0)) return null;
    said[end[2] as 'first' | 'last'] = count(end[1]);
  }
  return said;
}

/** Where one copy of a set stands: round of its host (an index), degrees from the face to the toy's left. */
interface Spot {
  round: number;
  deg: number;
  hang: Hang;
}

/** A set that cannot be made: of how many it speaks and how many the text makes. */
export interface SetFault {
  asked: number;
  made: number;
}

/**
 * All copies of a join's part set on its host as said; more than the text makes is refused. Copies beyond what is said are
 * taken off. The first keeps its height and its turn; the others hang on it, so that they follow. Null where the join stands nowhere.
 */
export function setOf(model: ToyModel, join: SewnJoin, said: SetSaid, newId: NewId): Toy | SetFault | null {
  const host = model.pieces.find((p) => p.part === join.at.part && p.copy === join.at.copy);
  const found = host && onBody(resolve(host.form, join.at));
  if (!host || !found) return null;
  const { copies } = modelOf(model, join.guest.part);
  const { growsLeft } = senseOf(host.form, ownDirections(host));
  const turned = (growsLeft * (found.polar.angleRad - host.frontRad) * 180) / Math.PI;
  const spots =
    said.by === 'round'
      ? roundSpots(join, host, found.round, turned, said.n)
      : stretchSpots(model, host, turned, said);
  if (spots.length > copies.length) return { asked: spots.length, made: copies.length };
  const before = model.toy.joins.filter((j) => j.guest.part === join.guest.part && j.id !== join.id);
  const cleared = before.reduce((toy, j) => removeJoin(toy, j.id), model.toy);
  return spots.reduce((toy, spot, k) => {
    const own = {
      ...join,
      id: k === 0 ? join.id : newId(),
      guest: { part: join.guest.part, copy: copies[k].id },
      twin: null,
    };
    const first = k === 0 && said.by === 'round';
    return setJoin(toy, first ? own : { ...own, at: placeOf(host, spot, growsLeft), hang: spot.hang });
  }, cleared);
}

function placeOf(host: Piece, { round, deg }: Spot, growsLeft: number) {
  const angleRad = host.frontRad + growsLeft * ((deg * Math.PI) / 180);
  const near = nearestPlace(host.form, { angleRad, row: round }, 'hole');
  return holePlace(host, near?.round ?? round, near?.index ?? 0);
}

/** At equal turns; upright hosts keep them level with the first, others in its round. */
function roundSpots(join: SewnJoin, host: Piece, round: number, turned: number, n: number): Spot[] {
  const upright = Math.abs(ownDirections(host).up[2]) > 0.5;
  return Array.from({ length: n }, (_, k) => {
    const deg = within(turned + (360 * k) / n);
    return {
      round,
      deg,
      hang: {
        height: upright
          ? { by: 'thing', of: join.id, way: 'level', freeRounds: 0 }
          : { by: 'start', rounds: round },
        along: { by: 'face', deg },
      },
    };
  });
}

/** So many on each stretch of the host: in pairs on both sides at the first's turn, an odd one in front or behind; rows of pairs at equal heights. */
function stretchSpots(
  model: ToyModel,
  host: Piece,
  turned: number,
  { each, first, last }: Extract<SetSaid, { by: 'stretch' }>,
): Spot[] {
  const stretches = stretchesOf(modelOf(model, host.part));
  const side = Math.abs(within(turned));
  const middle = side > 90 ? 180 : 0;
  return stretches.flatMap(({ from, to }, k) => {
    const end = k === stretches.length - 1 ? last : each;
    const n = k === 0 ? first : end;
    const rows = Math.ceil(n / 2);
    return Array.from({ length: n }, (_, i): Spot => {
      const row = Math.floor(i / 2);
      const round = Math.max(1, Math.round(from + ((to - from + 1) * (row + 1)) / (rows + 1)));
      const alone = i === n - 1 && n % 2 === 1;
      const deg = alone ? middle : side * (i % 2 === 0 ? 1 : -1);
      return { round, deg, hang: { height: { by: 'start', rounds: round }, along: { by: 'face', deg } } };
    });
  });
}

const within = (deg: number): number => ((((deg + 180) % 360) + 360) % 360) - 180;
