import type { ToyModel } from '../model';
import { attachedTo, checkToy, testRule, testsOf, type Attached, type ToldPoint } from '../safety';
import { recordWords as say } from '../words';
import { loadSaid } from './loadSaid';
import type { PieceMade, PullTest, TestKind, ToyFile } from '../toy';

/** Why a piece is not signed off, as data. */
export type SignoffRefusal =
  | { why: 'no maker' }
  | { why: 'pins out'; count: number }
  | { why: 'stop'; point: ToldPoint }
  | { why: 'test missing'; thing: Attached; kind: TestKind }
  | { why: 'let go'; thing: Attached; kind: TestKind }
  | { why: 'spent' }
  | { why: 'put aside' }
  | { why: 'complaint' };

/** What of a file tells of tests. */
export type Tests = Pick<ToyFile, 'pullTests'>;

/** The last test of one kind on a thing that was judged, on any piece of this design; null where there is none. */
export function lastTest({ pullTests }: Tests, thing: string, kind: TestKind): PullTest | null {
  const tests = pullTests.filter((t) => t.thing === thing && t.kind === kind && t.verdict !== 'not judged');
  return tests.at(-1) ?? null;
}

/** Whether a thing has held every test that it takes, the last time it was tried. A test with a smaller load than is asked now tells nothing. */
export function testOf(
  file: Tests,
  thing: Attached,
  kind: TestKind,
  target: number,
): 'held' | 'let go' | 'missing' {
  const last = lastTest(file, thing.key, kind);
  if (!last) return 'missing';
  if (last.verdict === 'let go') return 'let go';
  return last.rule.target >= target - 1e-9 ? 'held' : 'missing';
}

/**
 * Everything that keeps a piece from being signed off: needles and pins that are out, stops, tests that are missing or were not held, a piece that
 * was pulled to its limit, a complaint after which nothing was repaired. Tests count for the design: the piece that was tried is not given to a child.
 */
export function signoffRefusals(model: ToyModel, file: ToyFile, piece: PieceMade): SignoffRefusal[] {
  const out = piece.pinsOut - piece.pinsIn;
  const tests = attachedTo(model).flatMap((thing) =>
    testsOf(thing).flatMap((kind): SignoffRefusal[] => {
      const found = testOf(file, thing, kind, testRule(model, thing, kind).target);
      if (found === 'held') return [];
      return [{ why: found === 'let go' ? 'let go' : 'test missing', thing, kind }];
    }),
  );
  const lastOf = (what: string) => piece.notes.reduce((at, n, i) => (n.what === what ? i : at), -1);
  return [
    ...(piece.maker.trim() === '' ? [{ why: 'no maker' } as const] : []),
    ...(piece.spent ? [{ why: 'spent' } as const] : []),
    ...(piece.rejected !== null ? [{ why: 'put aside' } as const] : []),
    ...(out > 0 ? [{ why: 'pins out', count: out } as const] : []),
    ...checkToy(model)
      .filter((p) => p.weight === 'stop')
      .map((point): SignoffRefusal => ({ why: 'stop', point })),
    ...tests,
    ...(lastOf('complaint') > lastOf('repaired') ? [{ why: 'complaint' } as const] : []),
  ];
}

/** Tests that count as held though they were read from the simulation: practice, which tells nothing of a toy. */
export const practiceTests = (model: ToyModel, file: Tests): { thing: Attached; kind: TestKind }[] =>
  attachedTo(model).flatMap((thing) =>
    testsOf(thing)
      .filter((kind) => {
        const last = lastTest(file, thing.key, kind);
        return last?.instrument === 'simulated' && last.verdict === 'held';
      })
      .map((kind) => ({ thing, kind })),
  );

/** Signs a piece off; null with a refusal standing. */
export function signOff(
  file: ToyFile,
  piece: PieceMade,
  refusals: readonly SignoffRefusal[],
  signed: NonNullable<PieceMade['signedOff']>,
): ToyFile | null {
  if (refusals.length > 0) return null;
  return { ...file, pieces: file.pieces.map((p) => (p.id === piece.id ? { ...p, signedOff: signed } : p)) };
}

/** The check that a thing belongs to once it let go. */
const CHECK_OF: Readonly<Record<Attached['is'], ToldPoint['check']>> = {
  eyes: 1,
  nose: 1,
  patch: 3,
  seam: 4,
  caught: 4,
  limb: 5,
  strands: 6,
  hanger: 11,
};

/** What let go in its last test: a stop, until it was held. */
const letGo = (thing: Attached, kind: TestKind, { peak }: PullTest): ToldPoint => ({
  id: `let go:${thing.key}:${kind}`,
  check: CHECK_OF[thing.is],
  weight: 'stop',
  part: thing.part,
  title: say.letGo(say.things[thing.is](thing.name), loadSaid(peak, kind)),
  reason: say.letGoReason,
  mend: say.letGoMend,
  tests: thing.key,
  answered: null,
  settled: false,
});

/** Points with what the tests tell: what waits for a test is settled once every test of it was held; what let go in its last one is a stop. */
export function withTests(points: readonly ToldPoint[], model: ToyModel, file: Tests): ToldPoint[] {
  const all = attachedTo(model);
  const stateOf = (thing: Attached, kind: TestKind) =>
    testOf(file, thing, kind, testRule(model, thing, kind).target);
  const heldBy = (thing: Attached) => testsOf(thing).every((kind) => stateOf(thing, kind) === 'held');
  const things = (tests: string) =>
    tests === 'seams'
      ? all.filter((t) => t.is === 'seam' || t.is === 'caught')
      : all.filter((t) => t.key === tests);
  const broken = all.flatMap((thing) =>
    testsOf(thing).flatMap((kind) => {
      const last = lastTest(file, thing.key, kind);
      return last?.verdict === 'let go' ? [letGo(thing, kind, last)] : [];
    }),
  );
  const told = points.map((p): ToldPoint => {
    if (!p.tests || p.weight === 'stop') return p;
    const waits = things(p.tests);
    return waits.length > 0 && waits.every(heldBy) ? { ...p, settled: true, tested: true } : p;
  });
  return [...broken, ...told];
}
