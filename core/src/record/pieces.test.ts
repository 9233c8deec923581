import fc from 'fast-check';
import { exportFile, labelHtml, recordHtml, testsCsv } from '../files';
import { modelToy, rillFile } from '../model';
import { attachedTo, checkToy, mended, shieldOf, testRule, testsOf } from '../safety';
import { changeSettings, type PullTest, type TestKind, type ToyFile, type Verdict } from '../toy';
import { openFile } from '../toy/schema';
import {
  addNote,
  addPiece,
  addTest,
  changePiece,
  countPins,
  keptCurve,
  loadSaid,
  numberRefused,
  practiceTests,
  removePiece,
  sameLots,
  signOff,
  signoffRefusals,
  signoffWords,
  testOf,
  withTests,
} from './index';
import { share } from '../../bench/share';

let n = 0;
const newId = () => `r${++n}`;
const AT = '2026-11-27T20:00:00.000Z';
const started = (): ToyFile => {
  const file = rillFile(newId);
  const toy = changeSettings(file.toy, { age: '3 years and over' });
  return addPiece({ ...file, toy }, { id: 'p1', at: AT, maker: 'Mara' });
};
const test = (file: ToyFile, thing: string, kind: TestKind, verdict: Verdict, load = 1): PullTest => {
  const found = attachedTo(modelToy(file.toy)).find((a) => a.key === thing)!;
  const rule = testRule(modelToy(file.toy), found, kind);
  return {
    id: newId(),
    piece: 'p1',
    thing,
    kind,
    at: AT,
    by: 'Mara',
    instrument: 'typed',
    rule: { ...rule, target: rule.target * load },
    curve: [],
    peak: rule.target,
    heldS: 10,
    verdict,
    why: 'typed',
    note: '',
  };
};
/** Every test that the toy takes, held. */
const allHeld = (file: ToyFile): ToyFile =>
  attachedTo(modelToy(file.toy)).reduce(
    (so, a) => testsOf(a).reduce((f, kind) => addTest(f, test(f, a.key, kind, 'held')), so),
    file,
  );
const refusals = (file: ToyFile) => signoffRefusals(modelToy(file.toy), file, file.pieces[0]);
const whys = (file: ToyFile) => [...new Set(refusals(file).map((r) => r.why))];
const signed = (file: ToyFile) => signOff(file, file.pieces[0], refusals(file), { at: AT, by: 'Mara' });

describe('signing off', () => {
  it('is refused with every reason: tests, pins, a stop, no maker; and given when none stands', () => {
    const bare = started();
    expect(whys(bare)).toEqual(['test missing']);
    expect(signed(bare)).toBeNull();
    const tried = allHeld(bare);
    expect(whys(tried)).toEqual([]);
    const out = countPins(countPins(tried, 'p1', 'out', 4), 'p1', 'in', 3);
    expect(refusals(out).map(signoffWords)).toEqual(['1 pin or needle is still out.']);
    expect(signed(out)).toBeNull();
    expect(signed(countPins(out, 'p1', 'in', 1))!.pieces[0].signedOff).toEqual({ at: AT, by: 'Mara' });
    expect(whys(changePiece(tried, 'p1', { maker: ' ' }))).toEqual(['no maker']);
    const aside = { ...tried, pieces: tried.pieces.map((p) => ({ ...p, rejected: 'crooked' })) };
    expect([whys(aside), signed(aside)]).toEqual([['put aside'], null]);
    expect(recordHtml(modelToy(aside.toy), aside, aside.pieces[0])).toContain('Put aside: crooked');
    const baby = { ...tried, toy: changeSettings(tried.toy, { age: 'under 18 months' as const }) };
    expect(whys(baby)).toContain('stop');
  });

  it('what let go makes a test piece of it for ever, and the thing is to be tried again', () => {
    const file = allHeld(started());
    const eyes = attachedTo(modelToy(file.toy)).find((a) => a.is === 'eyes')!;
    const broken = addTest(file, test(file, eyes.key, 'pull', 'let go'));
    expect(broken.pieces[0].spent).toBe(true);
    expect(changePiece(broken, 'p1', { spent: false }).pieces[0].spent).toBe(true);
    expect(
      changePiece(changePiece(file, 'p1', { spent: true }), 'p1', { spent: false }).pieces[0].spent,
    ).toBe(false);
    expect(whys(broken)).toEqual(['spent', 'let go']);
    // A second piece is signed off once the thing was held again.
    const second = addPiece(broken, { id: 'p2', at: AT, maker: 'Mara' });
    expect(second.pieces[1].number).toBe('2');
    const other = (f: ToyFile) => signoffRefusals(modelToy(f.toy), f, f.pieces[1]).map((r) => r.why);
    expect(other(second)).toEqual(['let go']);
    expect(other(addTest(second, test(second, eyes.key, 'pull', 'held')))).toEqual([]);
  });

  it('a run that is not judged, and one with a smaller load than is asked, count for nothing', () => {
    const file = started();
    const [first] = attachedTo(modelToy(file.toy)).filter((a) => a.is === 'seam');
    const { target } = testRule(modelToy(file.toy), first, 'seam');
    const after = (verdict: Verdict, load = 1) =>
      testOf(addTest(file, test(file, first.key, 'seam', verdict, load)), first, 'seam', target);
    expect([after('held'), after('not judged'), after('held', 0.5), after('let go')]).toEqual([
      'held',
      'missing',
      'missing',
      'let go',
    ]);
  });

  it('a complaint takes the signature back until something is repaired; a number is one piece’s alone', () => {
    const file = signed(allHeld(started()))!;
    const complained = addNote(file, 'p1', { at: AT, what: 'complaint', words: 'an ear came off' });
    expect([complained.pieces[0].signedOff, whys(complained)]).toEqual([null, ['complaint']]);
    expect(whys(addNote(complained, 'p1', { at: AT, what: 'repaired', words: 'sewn anew' }))).toEqual([]);
    expect(addNote(file, 'p1', { at: AT, what: 'washed', words: '' }).pieces[0].signedOff).not.toBeNull();
    const two = addPiece(file, { id: 'p2', at: AT, maker: 'Mara' });
    expect(changePiece(two, 'p2', { number: '1' })).toBe(two);
    expect(['1', ' 1 ', ' ', '2', 'B-7'].map((no) => numberRefused(two, 'p2', no))).toEqual([
      'taken',
      'taken',
      'none',
      null,
      null,
    ]);
    expect(changePiece(two, 'p2', { number: 'B-7' }).pieces[1].number).toBe('B-7');
  });

  it('a signature that the design has outgrown is told, and its label says no age any more', () => {
    const file = signed(allHeld(started()))!;
    const eyes = attachedTo(modelToy(file.toy)).find((a) => a.is === 'eyes')!;
    const label = (so: ToyFile) => labelHtml(modelToy(so.toy), so, so.pieces[0]);
    expect(label(file)).toContain('Not for children under 3 years');
    // On another piece: the signature of the first stands in the file, and no longer holds.
    const second = addPiece(file, { id: 'p2', at: AT, maker: 'Mara' });
    const later = addTest(second, { ...test(second, eyes.key, 'pull', 'let go'), piece: 'p2' });
    const baby = { ...file, toy: changeSettings(file.toy, { age: 'under 18 months' as const }) };
    for (const so of [later, baby]) {
      expect(so.pieces[0].signedOff).not.toBeNull();
      expect(label(so)).toContain('not to be given away yet');
      expect(recordHtml(modelToy(so.toy), so, so.pieces[0])).toContain('Today it would not be signed off');
    }
  });

  it('what was read from the simulation is told as practice, test by test', () => {
    const file = allHeld(started());
    const model = modelToy(file.toy);
    expect(practiceTests(model, file)).toEqual([]);
    expect(recordHtml(model, file, file.pieces[0])).not.toContain('practice');
    const [seam, other] = attachedTo(model).filter((a) => a.is === 'seam');
    const simulated = [seam, other].reduce(
      (so, a) => addTest(so, { ...test(so, a.key, 'seam', 'held'), instrument: 'simulated' }),
      file,
    );
    expect(practiceTests(model, simulated).map((t) => t.thing.key)).toEqual([seam.key, other.key]);
    expect(recordHtml(model, simulated, file.pieces[0])).toContain(
      '2 tests were read from the simulated gauge',
    );
    // Pulled again by hand it is none any more.
    const real = addTest(simulated, test(simulated, seam.key, 'seam', 'held'));
    expect(practiceTests(model, real).map((t) => t.thing.key)).toEqual([other.key]);
  });

  it('a piece is taken out only while nothing is known of it', () => {
    const file = addPiece(started(), { id: 'p2', at: AT, maker: '' });
    const noted = addNote(file, 'p2', { at: AT, what: 'note', words: 'x' });
    const seam = attachedTo(modelToy(file.toy)).find((a) => a.is === 'seam')!;
    expect(removePiece(file, 'p2').pieces.map((p) => p.id)).toEqual(['p1']);
    expect(removePiece(noted, 'p2')).toBe(noted);
    const tested = addTest(file, test(file, seam.key, 'seam', 'held'));
    expect(removePiece(tested, 'p1')).toBe(tested);
    expect(removePiece(file, 'nobody')).toBe(file);
  });

  it('a complaint leads to the pieces of the same lots, by what they share', () => {
    const two = addPiece(started(), { id: 'p2', at: AT, maker: 'Mara' });
    const lots = (id: string, of: Record<string, string>) => (f: ToyFile) => changePiece(f, id, { lots: of });
    const file = lots('p2', { eyes: 'E7', rust: '' })(lots('p1', { eyes: 'E7', rust: '', cream: 'C1' })(two));
    expect(sameLots(file, file.pieces[0]).map((o) => [o.piece.id, o.materials])).toEqual([['p2', ['eyes']]]);
    expect(sameLots(two, two.pieces[0])).toEqual([]);
  });

  it('more pins never come back than went out, whatever is counted', () =>
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.constantFrom('out' as const, 'in' as const), fc.nat(9))), (moves) => {
        const file = moves.reduce((so, [way, k]) => countPins(so, 'p1', way, k), started());
        const [{ pinsOut, pinsIn }] = file.pieces;
        expect(pinsIn).toBeLessThanOrEqual(pinsOut);
        expect(pinsOut).toBe(moves.reduce((sum, [way, k]) => sum + (way === 'out' ? k : 0), 0));
      }),
      { numRuns: share(100), seed: 3 },
    ));
});

describe('points that wait for a test', () => {
  it('are settled by tests that were held, and only then', () => {
    const file = started();
    const shield = (f: ToyFile) => shieldOf(withTests(checkToy(modelToy(f.toy)), modelToy(f.toy), f));
    const before = shield(file);
    const after = shield(allHeld(file));
    expect(after.open).toBeLessThan(before.open);
    const eyes = attachedTo(modelToy(file.toy)).find((a) => a.is === 'eyes')!;
    const broken = addTest(allHeld(file), test(file, eyes.key, 'pull', 'let go'));
    const [first] = withTests(checkToy(modelToy(file.toy)), modelToy(file.toy), broken);
    expect(first).toMatchObject({ weight: 'stop', check: 1, tests: eyes.key });
    expect(shield(broken).stops).toBe(before.stops + 1);
    const half = addTest(file, test(file, eyes.key, 'torque', 'held'));
    expect(shield(half)).toEqual(before);
  });

  it('torque comes before pull on what fingers can turn', () => {
    for (const a of attachedTo(modelToy(started().toy)))
      expect(testsOf(a)).toEqual(a.is === 'eyes' || a.is === 'nose' ? ['torque', 'pull'] : ['seam']);
  });
});

describe('what is printed', () => {
  it('the record tells lots, fixings, tests, pins and the caution, escaped; the label tells no age before it is signed', () => {
    const tried = allHeld(started());
    const [yarn] = tried.toy.palette;
    const lots = changePiece(tried, 'p1', { lots: { [`yarn:${yarn.slot}`]: 'L<7>' } });
    const model = modelToy(lots.toy);
    const sheet = recordHtml(model, lots, lots.pieces[0]);
    for (const words of [
      'lot L&lt;7&gt;',
      'eyes of Head, torque',
      'twice round',
      'Not signed off',
      'pre-check',
      '90 N: held',
    ])
      expect(sheet).toContain(words === 'twice round' ? 'once round' : words);
    expect(sheet).not.toMatch(/undefined|NaN|<7>|is safe|complies/);
    expect(labelHtml(model, lots, lots.pieces[0])).toContain('not to be given away yet');
    const done = signed(lots)!;
    expect(labelHtml(model, done, done.pieces[0])).toContain('Not for children under 3 years');
    expect(recordHtml(model, done, done.pieces[0])).toContain('Signed off by Mara');
  });

  it('the CSV has a line for each test and no formula', () => {
    const file = started();
    const [a] = attachedTo(modelToy(file.toy));
    const odd = addTest(file, { ...test(file, a.key, 'pull', 'held'), note: '=1+1, "quoted"', by: '@me' });
    const lines = testsCsv(modelToy(file.toy), odd).trim().split('\n');
    expect(lines).toHaveLength(2);
    expect(lines[1]).toContain('"\'=1+1, ""quoted"""');
    expect(lines[1]).toContain(",'@me,");
  });

  it('a long curve keeps its peaks', () => {
    const curve = Array.from({ length: 5000 }, (_, i) => [i / 100, i === 3333 ? 99 : 5] as const);
    const kept = keptCurve(curve);
    expect(kept.length).toBeLessThanOrEqual(800);
    expect(Math.max(...kept.map(([, load]) => load))).toBe(99);
    expect(kept.every(([t], i) => i === 0 || t > kept[i - 1][0])).toBe(true);
    expect(keptCurve(curve.slice(0, 20))).toHaveLength(20);
  });

  it('loads are told in their unit', () =>
    expect([loadSaid(90, 'pull'), loadSaid(0.34, 'torque'), loadSaid(7.25, 'seam')]).toEqual([
      '90 N',
      '0.34 N·m',
      '7.3 N',
    ]));
});

describe('in the file', () => {
  it('pieces, tests and answers come back byte by byte; a test of no piece is refused', () => {
    const file = addNote(allHeld(started()), 'p1', { at: AT, what: 'washed', words: '30 degrees' });
    const raw = exportFile(file);
    const opened = openFile(raw);
    expect(opened.state).toBe('open');
    expect(opened.state === 'open' && exportFile(opened.file)).toBe(raw);
    const lost = exportFile({ ...file, pieces: [] });
    expect(openFile(lost)).toMatchObject({ state: 'refused' });
  });

  it('a mend that is tapped is one edit of the design and nothing of the records', () => {
    const file = started();
    const stop = checkToy(modelToy(changeSettings(file.toy, { age: 'under 18 months' }))).find(
      (p) => p.does,
    )!;
    expect(mended(file.toy, stop.does!)).not.toBe(file.toy);
  });
});
