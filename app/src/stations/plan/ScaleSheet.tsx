import { useState } from 'react';
import { View } from 'react-native';
import { SCALE_STEP_G } from '@hoppla/core/figures';
import { Field, MainAction, Num, numberTyped, PlainButton, Quiet, Sheet, Words } from '../../controls';
import { weighed } from '../../instruments';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;

/** The bag of filling on the kitchen scale, before and after: what it lost has gone into the part. */
export function ScaleSheet({ onUse, onClose }: { onUse: (grams: number) => void; onClose: () => void }) {
  const { units } = useToy();
  const [before, setBefore] = useState<number | null>(null);
  const [after, setAfter] = useState<number | null>(null);
  const lost = before === null || after === null ? null : before - after;
  return (
    <Sheet
      title={say.scale}
      onClose={onClose}
      foot={
        <MainAction
          label={say.useWeight}
          disabled={lost === null || lost <= 0}
          onPress={() => {
            if (lost !== null && lost > 0) onUse(lost);
            onClose();
          }}
        />
      }
    >
      <Quiet>{say.scaleHow}</Quiet>
      <Weighing label={say.bagBefore} onRead={setBefore} read={before} />
      <Weighing label={say.bagAfter} onRead={setAfter} read={after} />
      {lost === null ? null : (
        <View>
          <Num fontSize={34} lineHeight={40}>
            {lost > 0 ? units.weight(lost) : say.notLighter}
          </Num>
          <Quiet>{say.scaleRange(units.weight(SCALE_STEP_G.value))}</Quiet>
        </View>
      )}
    </Sheet>
  );
}

/** One weighing: what lies on the simulated scale, and what it shows. */
function Weighing({
  label,
  read,
  onRead,
}: {
  label: string;
  read: number | null;
  onRead: (grams: number) => void;
}) {
  const { units } = useToy();
  const [typed, setTyped] = useState('');
  const [trouble, setTrouble] = useState(false);
  const on = numberTyped(typed);
  const go = () => {
    if (on === null) return;
    setTrouble(false);
    weighed(on * units.oneG).then(onRead, () => setTrouble(true));
  };
  return (
    <View style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Field label={label} value={typed} onChange={setTyped} onDone={go} unit={units.weightOf} numeric />
        <PlainButton
          label={say.readScale}
          spoken={`${say.readScale}: ${label}`}
          disabled={on === null}
          onPress={go}
        />
      </View>
      {trouble ? <Words role="alert">{say.noScale}</Words> : null}
      {read === null ? null : <Num fontSize={20}>{say.scaleShows(units.weight(read))}</Num>}
    </View>
  );
}
