import { modelToy, rubyFile } from '../model';
import { planOf } from '../plan';
import { paceOf, tick, ticksOf, untick, withDeed, type Tick } from '../record';
import type { ToyFile } from '../toy';
import {
  followed,
  freePiece,
  pieceOfMaking,
  piecesOf,
  reject,
  removeBatch,
  setBatch,
  setMaking,
  stageOnNext,
  stagesOf,
} from './index';
import { WEEK } from './cases';

let n = 0;
const newId = () => `m${++n}`;
const AT = '2026-11-28T10:00:00.000Z';
const made = { newId, at: AT };

describe('a piece of a batch that is made step by step', () => {
  const file = setBatch(rubyFile(newId), WEEK, made);
  const plan = planOf(modelToy(file.toy));
  const ticks = ticksOf(plan);
  const [first, second] = piecesOf(file, 'market');
  const bound = setMaking(file, first.id, 1);
  const ticked = (so: ToyFile, ...list: readonly Tick[]): ToyFile =>
    followed({ ...so, log: list.reduce((log, t) => withDeed(log, tick(t), AT), so.log) }, plan, AT);
  const stagesIn = (so: ToyFile, id: string) => Object.keys(so.pieces.find((p) => p.id === id)!.stages);

  it('its stages follow the log: done with their last step, open again when it is taken back', () => {
    const rounds = ticks.filter((t) => t.step.kind === 'rounds');
    const most = ticked(bound, ...rounds.slice(0, -1));
    expect(stagesIn(most, first.id)).toEqual([]);
    expect(most).toEqual({ ...bound, log: most.log });
    const all = ticked(most, rounds.at(-1)!);
    // The signs of the craft that lie in the rounds are behind the hand by then.
    expect(stagesIn(all, first.id)).toContain('rounds');
    const back = followed({ ...all, log: withDeed(all.log, untick(rounds[3]), AT) }, plan, AT);
    expect(stagesIn(back, first.id)).not.toContain('rounds');
    const whole = ticked(bound, ...ticks);
    expect(stagesIn(whole, first.id).sort()).toEqual(
      stagesOf(plan, paceOf(plan, []))
        .map((s) => s.id)
        .sort(),
    );
    expect(followed(whole, plan, '2031-01-01T00:00:00.000Z')).toBe(whole);
  });

  it('one making is one piece; the others, and a piece put aside, are let alone', () => {
    expect(pieceOfMaking(setMaking(bound, second.id, 1), 1)!.id).toBe(second.id);
    expect(setMaking(bound, second.id, 1).pieces.filter((p) => p.making === 1)).toHaveLength(1);
    expect([freePiece(file, WEEK)!.id, freePiece(bound, WEEK)!.id]).toEqual([first.id, second.id]);
    // One more done by the way is the next piece that is not made step by step.
    expect(stagesIn(stageOnNext(bound, 'market', 'rounds', AT), second.id)).toEqual(['rounds']);
    const aside = reject(bound, first.id, 'torn', made);
    expect([pieceOfMaking(aside, 1), followed(aside, plan, AT)]).toEqual([null, aside]);
    // Another one is begun: its steps are not the first one's.
    const another = { ...bound, log: withDeed(bound.log, { what: 'another' }, AT) };
    expect(ticked(another, ...ticks).pieces).toEqual(another.pieces);
    // A piece that is at the table does not go when fewer are wanted.
    const fewer = setBatch(bound, { ...WEEK, ways: [{ name: 'rust', count: 1, yarns: {} }] }, made);
    expect(piecesOf(fewer, 'market').map((p) => p.id)).toEqual([first.id]);
    // A batch that is given up has no piece at the table.
    expect(pieceOfMaking(removeBatch(ticked(bound, ...ticks), 'market'), 1)).toBeNull();
  });
});
