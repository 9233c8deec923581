import { useState } from 'react';
import { View } from 'react-native';
import { BOUNDS, isWithin, TIME } from '@hoppla/core/figures';
import { screenWords } from '../words';
import { Amount } from './Amount';
import { ProblemLine } from './ProblemLine';
import { Quiet } from './type';

const say = screenWords.maker;

/** How many single crochets a maker works in a minute; null where nobody counted. */
export function PaceField({
  value,
  onSay,
}: {
  value: number | null;
  onSay: (aMinute: number | null) => void;
}) {
  const [refused, setRefused] = useState(false);
  const take = (aMinute: number | null): boolean => {
    const fine = aMinute === null || isWithin('aMinute', aMinute);
    setRefused(!fine);
    if (fine) onSay(aMinute);
    return fine;
  };
  return (
    <View style={{ gap: 6 }}>
      <Amount label={say.pace} unit="" value={value} note={say.note} onSay={take} />
      {refused ? (
        <ProblemLine where={say.pace} sentence={say.paceNot(...BOUNDS.aMinute)} severity="error" />
      ) : null}
      {value === null ? (
        <Quiet>{say.paceHow(TIME.stitchesAMinute.value, TIME.stitchesAMinuteSmall.value)}</Quiet>
      ) : null}
    </View>
  );
}
