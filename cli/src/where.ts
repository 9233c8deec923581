import { modelOf, type ToyModel } from '@hoppla/core/model';
import { nameKey } from '@hoppla/core/notation';
import { bestQuestion, whereItIs, type Answer as Place, type Counted } from '@hoppla/core/record';
import { Misuse, type Answer, type Call } from './call';
import { cliWords as say } from './words';

const LASTS = ['one in one', 'increase', 'decrease'] as const;

/** A count of the call; null where it is not given. @throws Misuse */
function count(call: Call, flag: string): number | null {
  const typed = call.flags.get(flag);
  if (typed === undefined) return null;
  const n = Number(typed);
  if (!Number.isInteger(n) || n < 0) throw new Misuse(say.notACount(flag, typed));
  return n;
}

/** What was counted on the piece, as the call says it. @throws Misuse */
function countedIn(model: ToyModel, call: Call): Counted {
  const named = call.flags.get('--part');
  const part = named === undefined ? null : model.parts.find((p) => nameKey(p.name) === nameKey(named));
  if (part === undefined)
    throw new Misuse(
      say.noPart(
        named ?? '',
        model.parts.map((p) => p.name),
      ),
    );
  const ridge = count(call, '--from-ridge');
  const last = call.flags.get('--last');
  const known = LASTS.find((l) => l === last);
  if (last !== undefined && known === undefined) throw new Misuse(say.oneOf('--last', last, LASTS));
  return {
    part: part?.part.id ?? null,
    rounds: ridge ?? count(call, '--rounds'),
    from: ridge === null ? 'start' : 'ridge',
    made: count(call, '--made'),
    left: count(call, '--left'),
    edge: count(call, '--edge'),
    last: known ?? null,
  };
}

/** Where a piece is, from what was counted on it. Exit 1 where no place fits. */
export function whereAnswer(model: ToyModel, call: Call): Answer {
  const counted = countedIn(model, call);
  const places = whereItIs(model, counted);
  const ask = bestQuestion(model, counted, places);
  const code = places.length === 0 ? 1 : 0;
  if (call.flags.has('--json'))
    return {
      out: `${JSON.stringify({ places: places.map((p) => json(model, p)), ask })}\n`,
      err: '',
      code,
    };
  const lines = places.map((p) => textOf(model, p));
  return {
    out: lines.map((l) => `${l}\n`).join(''),
    err: toldBeside(places.length, ask),
    code,
  };
}

/** What is said beside the places: that there is none, or what to count next. */
function toldBeside(places: number, ask: string | null): string {
  if (places === 0) return `${say.nowhere}\n`;
  return ask ? `${say.countNext(ask)}\n` : '';
}

const json = (model: ToyModel, { part, round, made, off }: Place) => {
  const { name, fabric } = modelOf(model, part);
  const at = fabric.rounds[round];
  return { part: name, round: at?.label ?? null, made, of: at?.count ?? null, off };
};

function textOf(model: ToyModel, place: Place): string {
  const { part, round, made, of, off } = json(model, place);
  return say.place({ part, round, made, of, off: off ? `${off.what} ${off.by > 0 ? '+1' : '-1'}` : null });
}
