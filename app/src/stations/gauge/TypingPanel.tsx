import { View } from 'react-native';
import { type PartModel, expected, type Measured, type Said } from '@hoppla/core/model';
import { numberSaid, type UnitWords } from '@hoppla/core/words';
import { Choice, Field, Words } from '../../controls';
import { usePalette } from '../../theme';
import { faultWords } from './said';
import { screenWords as words } from '../../words';

const say = words.gauge;

/** Of a whole part what is measured, of wandering to which side; else nothing to choose. */
function WhatOf({ measured, onChange }: { measured: Measured; onChange: (measured: Measured) => void }) {
  if (measured.way === 'part')
    return (
      <Choice
        label={say.which}
        options={(['both', 'width', 'girth', 'height'] as const).map((id) => ({
          id,
          label: say.measures[id],
        }))}
        chosen={measured.on}
        onChoose={(on) => onChange({ ...measured, on, typed: '', typedHeight: '' })}
      />
    );
  if (measured.way !== 'wander') return null;
  return (
    <Choice
      label={say.side}
      options={(['left', 'right'] as const).map((id) => ({ id, label: say[id] }))}
      chosen={measured.side}
      onChoose={(side) => onChange({ ...measured, side })}
    />
  );
}

interface TypingProps {
  measured: Measured;
  said: Said;
  part: PartModel;
  units: UnitWords;
  onChange: (measured: Measured) => void;
  onUse: () => void;
}

/** What was measured, to be typed. */
export function Typing({ measured, said, part, units, onChange, onUse }: TypingProps) {
  const c = usePalette();
  const of = measured.way === 'part' ? measured.on : measured.way;
  const usual = expected(measured, part);
  return (
    <View style={{ gap: 10 }}>
      <WhatOf measured={measured} onChange={onChange} />
      <Field
        label={say.field[of === 'both' ? 'width' : of]}
        value={measured.typed}
        numeric
        placeholder={measured.way === 'wander' ? numberSaid(Math.round(usual * 10) / 10) : units.bare(usual)}
        unit={measured.way === 'wander' ? undefined : units.of}
        onChange={(typed) => onChange({ ...measured, typed })}
        onDone={onUse}
        most={20}
      />
      {of === 'both' ? (
        <Field
          label={say.field.height}
          value={measured.typedHeight}
          numeric
          placeholder={units.bare(part.form.heightMm)}
          unit={units.of}
          onChange={(typedHeight) => onChange({ ...measured, typedHeight })}
          onDone={onUse}
          most={20}
        />
      ) : null}
      {said.state === 'fault' ? (
        <Words role="alert" color={c.coralInk}>
          {faultWords(said, units)}
        </Words>
      ) : null}
    </View>
  );
}
