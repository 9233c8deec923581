import { useState } from 'react';
import { View } from 'react-native';
import type { HookSystem } from '@hoppla/core/figures';
import { REGIONS } from '@hoppla/core/safety';
import { language, LANGUAGES, safetyWords, unitWords, type Language } from '@hoppla/core/words';
import { Amount, Choice, PaceField, PlainButton, Quiet, Sheet } from '../../controls';
import { useDevice, type Maker } from '../../documents';
import { screenWords } from '../../words';
import { chooseLanguage } from '../../words/spoken';
import { YarnShelf } from './YarnShelf';

const say = screenWords.maker;
const AGES = [
  '3 years and over',
  '18 to 36 months',
  'under 18 months',
  'accessory',
  'display only',
  'unknown',
] as const;
const SPOKEN = Object.keys(LANGUAGES) as Language[];
const HOOKS: readonly HookSystem[] = ['mm', 'letter', 'number'];

/** How its maker works: what a new toy begins with. */
export function MakerSheet({ onClose }: { onClose: () => void }) {
  const { maker, works } = useDevice();
  const units = unitWords(maker.units);
  const choice = <K extends keyof Maker & string>(
    field: K,
    label: string,
    ids: readonly (Maker[K] & string)[],
    words: (id: Maker[K] & string) => string,
  ) => (
    <Choice
      label={label}
      options={ids.map((id) => ({ id, label: words(id) }))}
      chosen={maker[field] as Maker[K] & string}
      onChoose={(id) => works({ [field]: id } as Partial<Maker>)}
    />
  );
  return (
    <Sheet title={say.title} onClose={onClose}>
      <Quiet>{say.how}</Quiet>
      <LanguageChoice />
      {choice('hand', say.hand, ['right', 'left'], (id) => say.hands[id])}
      {choice('terms', say.terms, ['us', 'uk'], (id) => say.termsOf[id])}
      {choice('units', say.units, ['mm', 'inch'], (id) => say.unitsOf[id])}
      {choice('hooks', say.hooks, HOOKS, (id) => say.hooksOf[id])}
      {choice('region', say.region, REGIONS, (id) => screenWords.safety.regions[id])}
      {choice('age', say.age, AGES, (id) => safetyWords.ages[id])}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Amount
          label={say.hole}
          unit={units.of}
          value={maker.ownSmallestMm === null ? null : maker.ownSmallestMm / units.oneMm}
          note={say.note}
          onSay={(value) =>
            works({ ownSmallestMm: value !== null && value > 0 ? value * units.oneMm : null })
          }
        />
        {maker.ownSmallestMm === null ? null : (
          <PlainButton label={say.holeNone} onPress={() => works({ ownSmallestMm: null })} />
        )}
      </View>
      <PaceField value={maker.stitchesAMinute} onSay={(stitchesAMinute) => works({ stitchesAMinute })} />
      <YarnShelf />
    </Sheet>
  );
}

/** Which language Hoppla speaks; the page begins anew in it. */
function LanguageChoice() {
  const [refused, setRefused] = useState(false);
  return (
    <View style={{ gap: 6 }}>
      <Choice
        label={say.language}
        options={SPOKEN.map((id) => ({ id, label: LANGUAGES[id] }))}
        chosen={language()}
        onChoose={(id) => setRefused(id !== language() && !chooseLanguage(id))}
      />
      <Quiet>{refused ? say.languageRefused : say.languageHow}</Quiet>
    </View>
  );
}
