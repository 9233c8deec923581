import Check from 'lucide-react-native/icons/check';
import { View } from 'react-native';
import { Text } from '../../theme/tamagui';
import { stepCheckWords, stepWords, type PostsCheck } from '@hoppla/core/plan';
import { check, uncheck, type Tick } from '@hoppla/core/record';
import { Press, Quiet, Words } from '../../controls';
import { note } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { Notes } from './Notes';

const say = screenWords.make;

/** A step that is not rounds, with what is looked at before it is ticked. */
export function StepNow({ tick: t, open }: { tick: Tick; open: readonly PostsCheck[] }) {
  const c = usePalette();
  const { model } = useToy();
  const words = stepWords(t.step, model);
  const checks = t.step.kind === 'eyes' ? t.step.checks : [];
  return (
    <View style={{ gap: 8 }}>
      <Text
        role="heading"
        aria-level={2}
        fontFamily="$heading"
        fontWeight="800"
        fontSize={30}
        lineHeight={35}
        letterSpacing={-0.8}
        color={c.ink}
      >
        {words.title}
      </Text>
      <Words fontSize={18} lineHeight={25}>
        {words.detail}
      </Words>
      <Notes notes={words.notes} />
      {checks.length ? (
        <Words fontWeight="600" marginTop={4}>
          {say.before}
        </Words>
      ) : null}
      {checks.map((one) => (
        <CheckRow key={one.id} tick={t} one={one} done={!open.includes(one)} next={one === open[0]} />
      ))}
      <Quiet>{words.reason}</Quiet>
    </View>
  );
}

/** One look before anything is final, to tick. */
function CheckRow({
  tick: t,
  one,
  done,
  next,
}: {
  tick: Tick;
  one: PostsCheck;
  done: boolean;
  next: boolean;
}) {
  const c = usePalette();
  const { model } = useToy();
  return (
    <Press
      role="switch"
      label={stepCheckWords(t.step, one, model)}
      chosen={done}
      onPress={() => note(done ? uncheck(t, one.id) : check(t, one))}
      style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'flex-start', gap: 10 }}
    >
      <View
        style={{
          width: 26,
          height: 26,
          borderRadius: 3,
          borderWidth: 2,
          borderColor: c.ink,
          backgroundColor: done ? c.ink : c.paper,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        {done ? <Check color={c.paper} size={20} strokeWidth={3} /> : null}
      </View>
      <Words flexShrink={1} color={done ? c.ink2 : c.ink} fontWeight={next ? '700' : '400'}>
        {stepCheckWords(t.step, one, model)}
      </Words>
    </Press>
  );
}
