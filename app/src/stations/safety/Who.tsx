import { useState } from 'react';
import { View } from 'react-native';
import { profileOf, REGIONS } from '@hoppla/core/safety';
import { changeSafety, changeSettings, type AgeGroup } from '@hoppla/core/toy';
import { safetyWords } from '@hoppla/core/words';
import { Choice, PlainButton, Quiet, Title } from '../../controls';
import { edit } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords as words } from '../../words';

const say = words.safety;
const AGES: AgeGroup[] = [
  'under 18 months',
  '18 to 36 months',
  '3 years and over',
  'accessory',
  'display only',
];
const WASHED = { yes: true, no: false, 'not said': null } as const;

const washedAs = (washable: boolean | null) =>
  (Object.keys(WASHED) as (keyof typeof WASHED)[]).find((k) => WASHED[k] === washable)!;

/** What is said already, in one line, and the way to change it. */
function Said({ onOpen }: { onOpen: () => void }) {
  const { toy } = useToy();
  const { age, region } = toy.settings;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 12 }}>
      <View style={{ flex: 1, minWidth: 0 }}>
        <Title role="heading" aria-level={2}>
          {say.forWhom(safetyWords.ages[age])}
        </Title>
        <Quiet>{say.said(say.regions[region], say.washedIs[washedAs(toy.safety.washable)])}</Quiet>
      </View>
      <PlainButton label={say.change} spoken={say.changeWho} onPress={onOpen} />
    </View>
  );
}

/** The ages, one of them chosen. */
function Ages() {
  const { toy } = useToy();
  const { age } = toy.settings;
  return (
    <View role="radiogroup" aria-label={say.who} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {AGES.map((one) => (
        <PlainButton
          key={one}
          label={safetyWords.ages[one]}
          chosen={age === one}
          grow
          onPress={() =>
            edit(`${say.who} ${safetyWords.ages[one]}`, { station: 'safety' }, (t) =>
              changeSettings(t, { age: one }),
            )
          }
        />
      ))}
    </View>
  );
}

/** Who it is for, where it is given, and whether it is washed. */
export function Who({ onRules }: { onRules: () => void }) {
  const { toy } = useToy();
  const { age, region } = toy.settings;
  const [open, setOpen] = useState(false);
  const profile = profileOf(toy);
  // Once it is said it is one line: what matters then are the points.
  if (age !== 'unknown' && !open) return <Said onOpen={() => setOpen(true)} />;
  return (
    <View style={{ gap: 14 }}>
      <Title role="heading" aria-level={2}>
        {say.who}
      </Title>
      <Ages />
      <Choice
        label={say.where}
        options={REGIONS.map((id) => ({ id, label: say.regions[id] }))}
        chosen={region}
        onChoose={(id) => edit(say.where, { station: 'safety' }, (t) => changeSettings(t, { region: id }))}
      />
      <Quiet>{`${profile.source}, ${profile.year}`}</Quiet>
      {region === 'own' ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.rules} onPress={onRules} />
        </View>
      ) : null}
      <Choice
        label={say.washable}
        options={(['yes', 'no', 'not said'] as const).map((id) => ({ id, label: say.washing[id] }))}
        chosen={washedAs(toy.safety.washable)}
        onChoose={(id) =>
          edit(say.washable, { station: 'safety' }, (t) => changeSafety(t, { washable: WASHED[id] }))
        }
      />
      {open ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.done} onPress={() => setOpen(false)} />
        </View>
      ) : null}
    </View>
  );
}
