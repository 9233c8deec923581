import { useEffect, useRef, useState } from 'react';
import { judge, type Judged, type PullRule } from '@hoppla/core/safety';
import { screenWords as words } from '../../words';
import { serial, simulated, type Instrument } from '../../instruments';

const say = words.safety;

/** A run under way. */
interface Run {
  curve: [number, number][];
  instrument: Instrument | null;
  over: boolean;
  /** when it was drawn last, ms, and what the gauge's clock said at its first reading, s */
  drawn: number;
  start: number;
}

/** A run as it stands. */
export interface Pull {
  phase: 'ready' | 'pulling' | 'ended';
  curve: readonly (readonly [number, number])[];
  judged: Judged | null;
  /** the connection was lost in it */
  broken: boolean;
  trouble: string | null;
}

const READY: Pull = { phase: 'ready', curve: [], judged: null, broken: false, trouble: null };
/** Redrawn so often, ms. */
const DRAW_MS = 100;
/** A load this small, as a share of the target, is rest; a run ends when it lasted so long. */
const REST = { share: 0.06, seconds: 1 };
const SPARE_S = 25;

export type Source = 'simulated' | 'serial';

/** One guided run: opens the gauge, gathers readings until the load is gone, the connection is lost or it is stopped, and judges. */
export function usePull(rule: PullRule): {
  pull: Pull;
  start: (source: Source, control: Record<string, unknown>) => void;
  stop: () => void;
  reset: () => void;
} {
  const [pull, setPull] = useState<Pull>(READY);
  const run = useRef<Run | null>(null);
  useEffect(() => () => void (run.current && close(run.current)), []);
  const end = (broken: boolean) => {
    const now = run.current;
    if (!now || now.over) return;
    close(now);
    const judged = judge(now.curve, rule, broken);
    setPull({ phase: 'ended', curve: now.curve, judged, broken, trouble: null });
  };
  const heard = (t: number, value: number) => {
    const now = run.current;
    if (!now || now.over) return;
    gather(now, t, value);
    if (isOver(now.curve, rule)) return end(false);
    if (performance.now() - now.drawn < DRAW_MS) return;
    now.drawn = performance.now();
    setPull({ ...READY, phase: 'pulling', curve: [...now.curve] });
  };
  const start = (source: Source, control: Record<string, unknown>) => {
    const now: Run = { curve: [], instrument: null, over: false, drawn: 0, start: 0 };
    run.current = now;
    setPull({ ...READY, phase: 'pulling' });
    openAndBegin(now, source, control, { onReading: heard, onEnd: () => end(true) }).catch(() => {
      close(now);
      setPull({ ...READY, trouble: source === 'serial' ? say.noSerial : say.noServer });
    });
  };
  return { pull, start, stop: () => end(false), reset: () => setPull(READY) };
}

/** Ends a run; nothing more is heard of it. */
function close(run: Run): void {
  run.over = true;
  run.instrument?.close();
}

function gather(run: Run, t: number, value: number): void {
  if (run.curve.length === 0) run.start = t;
  run.curve.push([t - run.start, value]);
}

async function openAndBegin(
  run: Run,
  source: Source,
  control: Record<string, unknown>,
  heard: Parameters<typeof simulated>[0],
): Promise<void> {
  const instrument = await (source === 'serial' ? serial : simulated)(heard);
  run.instrument = instrument;
  if (run.over) instrument.close();
  else await instrument.begin(control);
}

/** Whether the load came, and has been gone for a while; or it lasts longer than any run. */
function isOver(curve: readonly [number, number][], { target, riseS, holdS }: PullRule): boolean {
  const [now] = curve[curve.length - 1];
  if (now > riseS + holdS + SPARE_S) return true;
  const last = curve.findLastIndex(([, n]) => n > REST.share * target);
  return last >= 0 && now - curve[last][0] > REST.seconds && curve.some(([, n]) => n > 0.12 * target);
}
