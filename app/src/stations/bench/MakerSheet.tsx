import { useState } from 'react';
import { View } from 'react-native';
import { BOUNDS, isWithin, type HookSystem } from '@hoppla/core/figures';
import { REGIONS } from '@hoppla/core/safety';
import {
  language,
  LANGUAGES,
  safetyWords,
  unitWords,
  type Language,
  type UnitWords,
} from '@hoppla/core/words';
import { Amount, Choice, PaceField, PlainButton, ProblemLine, Quiet, Sheet } from '../../controls';
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
      <HoleField mm={maker.ownSmallestMm} units={units} onSay={(ownSmallestMm) => works({ ownSmallestMm })} />
      <PaceField value={maker.stitchesAMinute} onSay={(stitchesAMinute) => works({ stitchesAMinute })} />
      <YarnShelf />
    </Sheet>
  );
}

/** The smallest hole that its maker still works through; one that no hand has stays typed, and is said. */
function HoleField({
  mm,
  units,
  onSay,
}: {
  mm: number | null;
  units: UnitWords;
  onSay: (mm: number | null) => void;
}) {
  const [refused, setRefused] = useState(false);
  const take = (typed: number | null): boolean => {
    const said = typed === null ? null : typed * units.oneMm;
    const fine = said === null || isWithin('ownHoleMm', said);
    setRefused(!fine);
    if (fine) onSay(said);
    return fine;
  };
  const [least, most] = BOUNDS.ownHoleMm;
  return (
    <View style={{ gap: 6 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 8 }}>
        <Amount
          label={say.hole}
          unit={units.of}
          value={mm === null ? null : mm / units.oneMm}
          note={say.note}
          onSay={take}
        />
        {mm === null ? null : <PlainButton label={say.holeNone} onPress={() => take(null)} />}
      </View>
      {refused ? (
        <ProblemLine
          where={say.hole}
          sentence={say.holeNot(units.bare(least), units.length(most))}
          severity="error"
        />
      ) : null}
    </View>
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
