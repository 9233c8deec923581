import type { TestKind } from '@hoppla/core/toy';
import { Choice, Field } from '../../controls';
import { screenWords as words } from '../../words';

const say = words.safety;
type Happens = keyof typeof say.happens;

/** What shall happen in a simulated run. */
export interface Simulated {
  happen: Happens;
  /** the load at which it lets go, as it is typed */
  atN: string;
}

/** What the simulation does, so that the way can be tried without a gauge. */
export function Simulation({
  kind,
  said,
  say: onSay,
}: {
  kind: TestKind;
  said: Simulated;
  say: (said: Simulated) => void;
}) {
  return (
    <>
      <Choice
        label={say.happen}
        options={(Object.keys(say.happens) as Happens[]).map((id) => ({ id, label: say.happens[id] }))}
        chosen={said.happen}
        onChoose={(happen) => onSay({ ...said, happen })}
      />
      {said.happen === 'lets go' ? (
        <Field
          label={say.letsGoAt}
          value={said.atN}
          onChange={(atN) => onSay({ ...said, atN })}
          unit={kind === 'torque' ? 'N·m' : 'N'}
          numeric
        />
      ) : null}
    </>
  );
}
