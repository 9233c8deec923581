import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { testRule, type Attached, type Judged, type PullRule } from '@hoppla/core/safety';
import { addPiece, addTest, keptCurve, loadSaid, thingName } from '@hoppla/core/record';
import type { PullTest, TestKind, ToyFile } from '@hoppla/core/toy';
import { decimals, recordWords } from '@hoppla/core/words';
import {
  Choice,
  Field,
  MainAction,
  Num,
  numberTyped,
  PlainButton,
  Quiet,
  Sheet,
  Words,
} from '../../controls';
import { keepRecord, newId } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';
import { CurveMat } from './CurveMat';
import { hasSerial } from '../../instruments';
import { Outcome } from './Outcome';
import { Simulation, type Simulated } from './Simulation';
import { TypedTest } from './TypedTest';
import { usePull, type Pull } from './usePull';

const say = words.safety;
const INSTRUMENTS: readonly PullTest['instrument'][] = ['simulated', 'serial', 'typed'];

/** What is chosen before a run. */
interface Setup {
  piece: string;
  instrument: PullTest['instrument'];
  simulation: Simulated;
  note: string;
}

/** One test of one thing: on which piece, read by what, guided, with its curve and its verdict. Each run is logged, judged or not. */
export function PullBench({
  thing,
  kind,
  onClose,
}: {
  thing: Attached;
  kind: TestKind;
  onClose: () => void;
}) {
  const { model, file } = useToy();
  const rule = testRule(model, thing, kind);
  const [setup, setSetup] = useState<Setup>(() => firstSetup(file));
  const { pull, start, stop, reset } = usePull(rule);
  const change = (to: Partial<Setup>) => setSetup((now) => ({ ...now, ...to }));
  const log = (judged: Came, curve: Pull['curve']) => {
    const piece = logTest({ thing: thing.key, kind, rule, setup, judged, curve });
    change({ piece, note: '' });
  };
  const go = () => {
    if (setup.instrument !== 'typed') start(setup.instrument, controlOf(setup.simulation, rule));
  };
  const typed = setup.instrument === 'typed';
  return (
    <Sheet
      title={titleOf(thing, kind)}
      onClose={() => leave(pull, { stop, log, onClose })}
      foot={<Foot pull={pull} typed={typed} go={go} stop={stop} log={log} again={reset} onClose={onClose} />}
    >
      {typed ? null : <Live pull={pull} rule={rule} kind={kind} />}
      {pull.phase === 'ended' && pull.judged ? (
        <>
          <Outcome judged={pull.judged} kind={kind} />
          <Field label={say.remark} value={setup.note} onChange={(note) => change({ note })} most={300} />
        </>
      ) : null}
      {pull.phase === 'ready' ? (
        <Choices setup={setup} change={change} kind={kind} trouble={pull.trouble}>
          <TypedTest
            kind={kind}
            rule={rule}
            note={setup.note}
            setNote={(note) => change({ note })}
            onLog={(judged) => (log(judged, []), onClose())}
          />
        </Choices>
      ) : null}
    </Sheet>
  );
}

/** No run is lost by closing: one under way ends first, one that came out is logged. */
function leave(
  { phase, judged, curve }: Pull,
  to: { stop: () => void; log: (judged: Judged, curve: Pull['curve']) => void; onClose: () => void },
): void {
  if (phase === 'pulling') return to.stop();
  if (judged) to.log(judged, curve);
  to.onClose();
}

/** What is tried; a seam says itself how. */
const titleOf = (thing: Attached, kind: TestKind): string =>
  kind === 'seam' ? say.benchSeam(thingName(thing)) : say.bench(recordWords.kinds[kind], thingName(thing));

/** How a run came out, as it is logged. */
type Came = Pick<PullTest, 'peak' | 'heldS' | 'verdict' | 'why'>;

const firstSetup = (file: ToyFile): Setup => ({
  piece: file.pieces.find((p) => !p.signedOff)?.id ?? NEW,
  instrument: 'simulated',
  simulation: { happen: 'holds', atN: '' },
  note: '',
});

/** What the simulation is told. */
function controlOf({ happen, atN }: Simulated, { target, riseS, holdS }: PullRule): Record<string, unknown> {
  const at = numberTyped(atN);
  return { happen, target, riseS, holdS, ...(happen === 'lets go' && at ? { atN: at } : {}) };
}

/** Logs a test, on a new piece where that is chosen; gives the piece. */
function logTest({
  thing,
  kind,
  rule,
  setup,
  judged,
  curve,
}: {
  thing: string;
  kind: TestKind;
  rule: PullRule;
  setup: Setup;
  judged: Came;
  curve: Pull['curve'];
}): string {
  const at = new Date().toISOString();
  const id = setup.piece === NEW ? newId() : setup.piece;
  keepRecord((so) => {
    const { peak, heldS, verdict, why } = judged;
    const by = so.pieces.find((p) => p.id === id)?.maker ?? lastMaker(so);
    const file = setup.piece === NEW ? addPiece(so, { id, at, maker: lastMaker(so) }) : so;
    return addTest(file, {
      id: newId(),
      piece: id,
      thing,
      kind,
      at,
      by,
      instrument: setup.instrument,
      rule,
      curve: keptCurve(curve),
      peak,
      heldS: Math.max(0, heldS),
      verdict,
      why,
      note: setup.note.trim(),
    });
  });
  return id;
}

/** On which piece, read by what, and what the simulation does. */
function Choices({
  setup,
  change,
  kind,
  trouble,
  children,
}: {
  setup: Setup;
  change: (to: Partial<Setup>) => void;
  kind: TestKind;
  trouble: string | null;
  /** for what is read by hand */
  children: ReactNode;
}) {
  const { file } = useToy();
  const { instrument } = setup;
  return (
    <>
      {trouble ? <Words role="alert">{trouble}</Words> : null}
      <Pieces file={file} piece={setup.piece} choose={(piece) => change({ piece })} />
      <Choice
        label={say.instrument}
        options={INSTRUMENTS.map((id) => ({ id, label: say.instruments[id] }))}
        chosen={instrument}
        onChoose={(id) => change({ instrument: id })}
      />
      {instrument === 'simulated' ? (
        <Simulation kind={kind} said={setup.simulation} say={(simulation) => change({ simulation })} />
      ) : null}
      {instrument === 'serial' && !hasSerial() ? <Quiet role="alert">{say.noSerial}</Quiet> : null}
      {instrument === 'typed' ? children : null}
    </>
  );
}

const NEW = '';
const lastMaker = ({ pieces }: ToyFile): string => pieces.at(-1)?.maker ?? '';

/** Which piece is tried. */
function Pieces({ file, piece, choose }: { file: ToyFile; piece: string; choose: (id: string) => void }) {
  return (
    <Choice
      label={say.onPiece}
      options={[
        ...file.pieces.filter((p) => !p.signedOff).map((p) => ({ id: p.id, label: say.pieceNo(p.number) })),
        { id: NEW, label: say.newPiece },
      ]}
      chosen={piece}
      onChoose={choose}
    />
  );
}

/** What is to be done now, the load, and its curve. */
function Live({ pull, rule, kind }: { pull: Pull; rule: PullRule; kind: TestKind }) {
  const load = pull.curve.at(-1)?.[1] ?? 0;
  const reached = pull.curve.find(([, n]) => n >= rule.target)?.[0];
  const seconds = reached === undefined ? 0 : (pull.curve.at(-1)?.[0] ?? 0) - reached;
  const step = stepNow(pull, { reached, seconds, rule, kind });
  return (
    <View style={{ gap: 8 }}>
      {pull.phase === 'ended' ? null : (
        <Words fontWeight="600" aria-live="polite">
          {step}
        </Words>
      )}
      <CurveMat curve={pull.curve} rule={rule} />
      {pull.phase === 'pulling' ? (
        <View style={{ gap: 2, minHeight: 76 }}>
          <Num fontSize={40} lineHeight={46} numberOfLines={1}>
            {loadSaid(Math.max(0, load), kind)}
          </Num>
          {seconds > 0 ? <Num fontSize={20}>{say.heldFor(decimals(seconds, 1))}</Num> : null}
        </View>
      ) : null}
    </View>
  );
}

/** What is to be done now. */
function stepNow(
  { phase }: Pull,
  {
    reached,
    seconds,
    rule,
    kind,
  }: { reached: number | undefined; seconds: number; rule: PullRule; kind: TestKind },
): string {
  const target = loadSaid(rule.target, kind);
  if (phase === 'ready') return say.steps.clamp;
  if (reached === undefined) return say.steps.rise(target, String(rule.riseS));
  return seconds < rule.holdS ? say.steps.hold(target, String(rule.holdS)) : say.steps.down;
}

/** Pull, stop, log. */
function Foot({
  pull,
  typed,
  go,
  stop,
  log,
  again,
  onClose,
}: {
  pull: Pull;
  typed: boolean;
  go: () => void;
  stop: () => void;
  log: (judged: Judged, curve: Pull['curve']) => void;
  again: () => void;
  onClose: () => void;
}) {
  if (typed) return null;
  if (pull.phase === 'ready') return <MainAction label={say.pull} onPress={go} />;
  if (pull.phase === 'pulling') return <MainAction label={say.stop} onPress={stop} />;
  const keep = (then: () => void) => () => {
    log(pull.judged!, pull.curve);
    then();
  };
  return (
    <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap', flexGrow: 1 }}>
      <MainAction label={say.logIt} onPress={keep(onClose)} />
      <PlainButton label={say.again} onPress={keep(again)} />
    </View>
  );
}
