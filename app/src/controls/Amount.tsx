import { useState } from 'react';
import { View } from 'react-native';
import { numberSaid } from '@hoppla/core/words';
import { Field } from './Field';
import { PlainButton } from './MainAction';

/** Longer figures are a slip of the pen: no stitch, gram or millimetre of a toy is counted so far. */
const MOST_TYPED = 1e6;

/** A number as it is typed, figures with a point or a decimal comma, up to a million; null for what is none that can be taken. */
export function numberTyped(typed: string): number | null {
  const words = typed.trim().replace(',', '.');
  const number = Number(words);
  return /^(?=.*\d)\d*\.?\d*$/.test(words) && number <= MOST_TYPED ? number : null;
}

/** A number that is typed; empty takes it back. What is no number stays typed and changes nothing. */
export function Amount({
  label,
  unit,
  value,
  note,
  onSay,
}: {
  label: string;
  unit: string;
  value: number | null;
  /** the button that takes it */
  note: string;
  /** false where it is a number that cannot be: it stays typed */
  onSay: (value: number | null) => boolean | void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const done = () => {
    if (typed === null) return;
    const number = numberTyped(typed);
    if (number === null && typed.trim() !== '') return;
    if (onSay(number) !== false) setTyped(null);
  };
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'flex-end',
        gap: 8,
        flexGrow: 1,
        // A basis would be a height where it stands in a column.
        minWidth: 280,
        maxWidth: '100%',
      }}
    >
      <Field
        label={label}
        value={typed ?? (value === null ? '' : numberSaid(Math.round(value * 100) / 100))}
        onChange={setTyped}
        onDone={done}
        unit={unit}
        numeric
      />
      <PlainButton label={note} onPress={done} />
    </View>
  );
}
