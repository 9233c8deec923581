import { useState } from 'react';
import type { PullRule } from '@hoppla/core/safety';
import type { TestKind, Verdict } from '@hoppla/core/toy';
import { Choice, Field, MainAction, numberTyped } from '../../controls';
import { screenWords as words } from '../../words';

const say = words.safety;

/** A test whose reading is typed: held only if it reached the load and was held as long as is asked. */
export function TypedTest({
  kind,
  rule,
  note,
  setNote,
  onLog,
}: {
  kind: TestKind;
  rule: PullRule;
  note: string;
  setNote: (note: string) => void;
  onLog: (judged: { peak: number; heldS: number; verdict: Verdict; why: string }) => void;
}) {
  const [peak, setPeak] = useState('');
  const [held, setHeld] = useState('');
  const [off, setOff] = useState<'no' | 'yes' | null>(null);
  const [load, seconds] = [numberTyped(peak), numberTyped(held)];
  const known = load !== null && off !== null && (off === 'yes' || seconds !== null);
  const log = () => {
    if (load === null || off === null) return;
    const [verdict, why] = off === 'yes' ? LET_GO : heldOf(load, seconds ?? 0, rule);
    onLog({ peak: load, heldS: seconds ?? 0, verdict, why });
  };
  return (
    <>
      <Field
        label={say.typedPeak}
        value={peak}
        onChange={setPeak}
        unit={kind === 'torque' ? 'N·m' : 'N'}
        numeric
      />
      <Field label={say.typedHeld} value={held} onChange={setHeld} unit="s" numeric />
      <Choice
        label={say.typedCame}
        options={(['no', 'yes'] as const).map((id) => ({ id, label: say.typedOff[id] }))}
        chosen={off}
        onChoose={setOff}
      />
      <Field label={say.remark} value={note} onChange={setNote} most={300} />
      <MainAction label={say.logIt} disabled={!known} onPress={log} />
    </>
  );
}

const LET_GO: readonly [Verdict, string] = ['let go', 'let go'];

/** Held only with the load and for as long as is asked. */
function heldOf(load: number, seconds: number, { target, holdS }: PullRule): readonly [Verdict, string] {
  if (load < target) return ['not judged', 'not reached'];
  return seconds < holdS ? ['not judged', 'released early'] : ['held', 'typed'];
}
