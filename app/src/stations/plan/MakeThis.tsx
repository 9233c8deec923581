import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { planOf, type Step } from '@hoppla/core/plan';
import { makeNow, progressOf, ticksOf } from '@hoppla/core/record';
import { PlainButton } from '../../controls';
import { note } from '../../documents';
import { useToy } from '../frame/useToy';
import { hrefOf } from '../stations';
import { screenWords as words } from '../../words';

/** Goes on with this step in Make, whatever stands before it: on the first copy on which it is not done. */
export function MakeThis({ step }: { step: Step }) {
  const router = useRouter();
  const { model, file, toy, writing } = useToy();
  const { done } = progressOf(file.log);
  const tick = ticksOf(planOf(model)).find(
    (t) =>
      t.step.kind === step.kind &&
      t.step.part === step.part &&
      t.step.about === step.about &&
      !(t.key in done),
  );
  if (!tick) return null;
  return (
    <View style={{ flexDirection: 'row', paddingBottom: 8 }}>
      <PlainButton
        label={words.make.makeThis}
        disabled={!writing}
        onPress={() => {
          note(makeNow(tick));
          router.push(hrefOf(toy.id, 'make'));
        }}
      />
    </View>
  );
}
