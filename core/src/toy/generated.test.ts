import fc from 'fast-check';
import { edited, EDITS } from '../files/cases/fuzzedToys';
import { rillFile } from '../model';
import { editBetween, EMPTY_HISTORY, record, redo, undo, type History, type Toy } from './index';
import { share } from '../../bench/share';

let n = 0;
const start = rillFile(() => `e${++n}`).toy;
const ops = fc.array(fc.record({ edit: fc.nat(EDITS.length - 1), k: fc.nat(999) }), {
  minLength: 1,
  maxLength: 14,
});
const RUNS = { numRuns: share(60), seed: 20261126 };

/** A toy and its history after some edits; edits that change nothing are none. */
function walked(list: readonly { edit: number; k: number }[]): { toy: Toy; history: History; seen: Toy[] } {
  let toy = start;
  let history = EMPTY_HISTORY;
  const seen = [toy];
  for (const op of list) {
    const after = edited(toy, op);
    if (after === toy) continue;
    history = record(history, editBetween(`edit ${op.edit}`, { station: 'parts' }, toy, after), false);
    toy = after;
    seen.push(toy);
  }
  return { toy, history, seen };
}

describe('any edits, undone and done again', () => {
  it('undo goes back through every state to the first, byte for byte', () =>
    fc.assert(
      fc.property(ops, (list) => {
        let { toy, history, seen } = walked(list);
        for (const before of seen.slice(0, -1).reverse()) {
          const back = undo(history, toy)!;
          ({ toy, history } = back);
          expect(JSON.stringify(toy)).toBe(JSON.stringify(before));
        }
        expect(undo(history, toy)).toBeNull();
      }),
      RUNS,
    ));
  it('undone to any depth and done again it is the same toy', () =>
    fc.assert(
      fc.property(ops, fc.nat(14), (list, depth) => {
        const end = walked(list);
        let { toy, history } = end;
        let taken = 0;
        for (let k = 0; k < depth; k++) {
          const back = undo(history, toy);
          if (!back) break;
          ({ toy, history } = back);
          taken++;
        }
        for (let k = 0; k < taken; k++) ({ toy, history } = redo(history, toy)!);
        expect(JSON.stringify(toy)).toBe(JSON.stringify(end.toy));
        expect(redo(history, toy)).toBeNull();
      }),
      RUNS,
    ));
  it('an edit never touches what it was given', () =>
    fc.assert(
      fc.property(ops, (list) => {
        let toy = start;
        for (const op of list) {
          const before = JSON.stringify(toy);
          const after = edited(toy, op);
          expect(JSON.stringify(toy)).toBe(before);
          toy = after;
        }
      }),
      { ...RUNS, numRuns: share(60) },
    ));
});
