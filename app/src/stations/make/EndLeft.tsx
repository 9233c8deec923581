import { View } from 'react-native';
import { copyName, modelOf } from '@hoppla/core/model';
import { endLeft, endLine, endOf, type Progress, type Tick } from '@hoppla/core/record';
import { Amount, Quiet, Words } from '../../controls';
import { note } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.diary;

/** How long the end of yarn is that a step left, and whether its work can be done with it; nothing where the step leaves none. */
export function EndLeft({ tick: t, progress }: { tick: Tick; progress: Progress }) {
  const { model, units } = useToy();
  const end = t.round ? null : endOf(t.step);
  if (!end) return null;
  const leftMm = progress.leftMm[t.key];
  const piece = copyName(modelOf(model, t.step.part), t.step.copy);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row' }}>
        <Amount
          key={t.key}
          label={say.endIs(piece)}
          unit={units.of}
          value={leftMm === undefined ? null : leftMm / units.oneMm}
          note={say.endNote}
          onSay={(value) =>
            value !== null && value > 0
              ? note({ what: 'cut', key: t.key, leftMm: value * units.oneMm })
              : undefined
          }
        />
      </View>
      {leftMm === undefined ? <Quiet>{say.endShould(units.length(end.eachMm))}</Quiet> : null}
      <EndSaid tick={t} progress={progress} />
    </View>
  );
}

/** What is said of an end that was left: long enough, tight or too short; nothing where nobody said how long it is. */
export function EndSaid({ tick: t, progress }: { tick: Tick; progress: Progress }) {
  const { model } = useToy();
  const found = endLeft(t.step, progress.leftMm[t.key]);
  return found ? (
    <Words fontWeight="600" role="status">
      {endLine(model, found)}
    </Words>
  ) : null;
}
