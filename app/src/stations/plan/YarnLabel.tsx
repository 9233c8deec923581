import { useState } from 'react';
import { View } from 'react-native';
import { sayYarn, type Yarn } from '@hoppla/core/toy';
import { yarnOfLine, type MaterialLine } from '@hoppla/core/plan';
import { Choice, Field, numberTyped, PlainButton, Words } from '../../controls';
import { edit, useDevice } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.plan;

/** What a yarn's label says, and what the hands know of it. */
export function YarnLabel({ line }: { line: MaterialLine }) {
  const { toy } = useToy();
  const yarn = yarnOfLine(toy, line);
  const change = (said: Partial<Yarn>) =>
    edit(say.yarnSaid(line.name), { station: 'plan' }, (so) => sayYarn(so, yarn, said));
  return (
    <View style={{ gap: 12, paddingVertical: 6 }}>
      <FromShelf
        onTake={({ name, colour, ball, hardToSee, sheds }) =>
          change({ name, colour, ball, hardToSee, sheds })
        }
      />
      <Ball key={JSON.stringify(yarn.ball)} ball={yarn.ball} onSay={(ball) => change({ ball })} />
      <Known label={say.hardToSee} known={yarn.hardToSee} onSay={(hardToSee) => change({ hardToSee })} />
      <Known label={say.sheds} known={yarn.sheds} onSay={(sheds) => change({ sheds })} />
    </View>
  );
}

/** Yarns at home that this one may be. */
function FromShelf({ onTake }: { onTake: (yarn: Yarn) => void }) {
  const { shelf } = useDevice().maker;
  if (shelf.length === 0) return null;
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{words.maker.fromShelf}</Words>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {shelf.map((yarn) => (
          <PlainButton key={yarn.slot} label={yarn.name} onPress={() => onTake(yarn)} />
        ))}
      </View>
    </View>
  );
}

/** Grams and metres of a ball: one says nothing without the other. Both empty take it back. */
function Ball({ ball, onSay }: { ball: Yarn['ball']; onSay: (ball: Yarn['ball']) => void }) {
  const { units } = useToy();
  const shown = (n: number | undefined) => (n === undefined ? '' : String(Math.round(n * 100) / 100));
  const [grams, setGrams] = useState(shown(ball ? ball.grams / units.oneG : undefined));
  const [metres, setMetres] = useState(shown(ball ? ball.metres / units.oneM : undefined));
  const done = () => {
    const [g, m] = [numberTyped(grams), numberTyped(metres)];
    if (g && m) onSay({ grams: g * units.oneG, metres: m * units.oneM });
    else if (grams.trim() === '' && metres.trim() === '') onSay(null);
  };
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 12 }}>
      <Field
        label={say.ballGrams}
        value={grams}
        onChange={setGrams}
        onDone={done}
        unit={units.weightOf}
        numeric
      />
      <Field
        label={say.ballMetres}
        value={metres}
        onChange={setMetres}
        onDone={done}
        unit={units.yarnOf}
        numeric
      />
      <PlainButton label={say.noteBall} onPress={done} />
    </View>
  );
}

/** Yes, no, or nobody has said it. */
function Known({
  label,
  known,
  onSay,
}: {
  label: string;
  known: boolean | null;
  onSay: (known: boolean | null) => void;
}) {
  const ids = ['yes', 'no', 'not said'] as const;
  const as = { yes: true, no: false, 'not said': null };
  return (
    <Choice
      label={label}
      options={ids.map((id) => ({ id, label: say.known[id] }))}
      chosen={ids.find((id) => as[id] === known) ?? null}
      onChoose={(id) => onSay(as[id])}
    />
  );
}
