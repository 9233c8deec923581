import Check from 'lucide-react-native/icons/check';
import { View } from 'react-native';
import type { PartModel } from '@hoppla/core/model';
import { printItems } from '@hoppla/core/notation';
import { stepWords } from '@hoppla/core/plan';
import type { Tick } from '@hoppla/core/record';
import { Num, Words } from '../../controls';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.make;

/** The step before or after the one that is made now, in a line. */
export function Neighbour({
  tick: t,
  done,
  changed,
  part,
}: {
  tick: Tick;
  done?: boolean;
  changed?: boolean;
  part: PartModel | null;
}) {
  const c = usePalette();
  const { model: whole } = useToy();
  const items = t.round && part?.part.id === t.step.part ? part.reading.rounds[t.round.reading]?.items : null;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <Num color={c.ink2} minWidth={40}>
        {t.round ? t.round.label : say.then}
      </Num>
      <Words flex={1} color={c.ink2} numberOfLines={2}>
        {t.round && items && part ? printItems(items, part.terms) : stepWords(t.step, whole).title}
      </Words>
      {changed ? <Words color={c.coralInk}>{say.changed}</Words> : null}
      {t.round ? (
        <Num color={c.ink2} fontSize={16}>
          {String(t.round.count)}
        </Num>
      ) : null}
      {done ? <Check color={c.ink2} size={22} strokeWidth={2.4} aria-label={say.done} /> : null}
    </View>
  );
}
