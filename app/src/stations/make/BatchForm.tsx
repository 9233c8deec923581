import { own } from '@hoppla/core/own';
import { useState } from 'react';
import { View } from 'react-native';
import { sizeOfBatch } from '@hoppla/core/batch';
import { planOf, materialsOf } from '@hoppla/core/plan';
import type { Batch, ColourWay } from '@hoppla/core/toy';
import { DayField, Field, MainAction, numberTyped, PlainButton, Title, Words } from '../../controls';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.batch;
/** More pieces than this are told apart in several batches. */
const MOST_PIECES = 500;
const NO_HOURS = [0, 0, 0, 0, 0, 0, 0];

/** A batch before anything of it is said: from today on, no hours yet. */
export const newBatch = (id: string, today: string): Batch => ({
  id,
  name: '',
  ways: [{ name: '', count: 0, yarns: {} }],
  from: today,
  hours: NO_HOURS,
  off: [],
  due: null,
});

/** What is said of a batch: how many pieces in which colours, and when there is time for them. */
export function BatchForm({ begun, onKeep }: { begun: Batch; onKeep: (batch: Batch) => void }) {
  const { writing } = useToy();
  const [batch, setBatch] = useState(begun);
  const change = (to: Partial<Batch>) => setBatch({ ...batch, ...to });
  const n = sizeOfBatch(batch);
  const wrong = howMany(n);
  return (
    <View style={{ gap: 14 }}>
      <Field
        label={say.name}
        value={batch.name}
        onChange={(name) => change({ name })}
        placeholder={say.namePlaceholder}
      />
      <Ways ways={batch.ways} onChange={(ways) => change({ ways })} />
      <Hours hours={batch.hours} onChange={(hours) => change({ hours })} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <DayField
          label={say.from}
          value={batch.from}
          onChange={(from) => change({ from: from || begun.from })}
        />
        <DayField label={say.due} value={batch.due ?? ''} onChange={(due) => change({ due: due || null })} />
      </View>
      <Off off={batch.off} onChange={(off) => change({ off })} />
      {wrong ? <Words role="status">{wrong}</Words> : null}
      <View style={{ flexDirection: 'row' }}>
        <MainAction label={say.keep} disabled={wrong !== null || !writing} onPress={() => onKeep(batch)} />
      </View>
    </View>
  );
}

/** Why so many pieces cannot be planned; null where they can. */
function howMany(n: number): string | null {
  if (n === 0) return say.noPieces;
  return n > MOST_PIECES ? say.tooMany(MOST_PIECES) : null;
}

/** How many pieces, by their colours. */
function Ways({
  ways,
  onChange,
}: {
  ways: readonly ColourWay[];
  onChange: (ways: readonly ColourWay[]) => void;
}) {
  const set = (k: number, to: Partial<ColourWay>) =>
    onChange(ways.map((w, i) => (i === k ? { ...w, ...to } : w)));
  return (
    <View style={{ gap: 10 }}>
      {ways.map((way, k) => (
        <Way
          key={k}
          way={way}
          no={k + 1}
          only={ways.length === 1}
          onSay={(to) => set(k, to)}
          onDrop={() => onChange(ways.filter((_, i) => i !== k))}
        />
      ))}
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={say.addWay}
          onPress={() => onChange([...ways, { name: String(ways.length + 1), count: 0, yarns: {} }])}
        />
      </View>
    </View>
  );
}

/** Pieces in one set of colours; the first is made as the toy is. */
function Way({
  way,
  no,
  only,
  onSay,
  onDrop,
}: {
  way: ColourWay;
  no: number;
  only: boolean;
  onSay: (to: Partial<ColourWay>) => void;
  onDrop: () => void;
}) {
  const { model } = useToy();
  const yarns = materialsOf(model, planOf(model)).yarns.map((y) => y.name);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        <Count label={say.count} value={way.count} onChange={(count) => onSay({ count })} />
        {only ? null : (
          <Field
            label={say.wayName}
            value={way.name}
            onChange={(name) => onSay({ name })}
            placeholder={say.wayNamePlaceholder}
          />
        )}
      </View>
      {no > 1 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12, alignItems: 'flex-end' }}>
          {yarns.map((yarn) => (
            <Field
              key={yarn}
              label={say.yarnInstead(yarn)}
              value={own(way.yarns, yarn) ?? ''}
              onChange={(name) => onSay({ yarns: { ...way.yarns, [yarn]: name } })}
            />
          ))}
          <PlainButton label={say.dropWay(way.name || String(no))} onPress={onDrop} />
        </View>
      ) : null}
    </View>
  );
}

/** A whole number that is typed. */
function Count({ label, value, onChange }: { label: string; value: number; onChange: (n: number) => void }) {
  const [typed, setTyped] = useState(value === 0 ? '' : String(value));
  return (
    <Field
      label={label}
      value={typed}
      onChange={(words) => (setTyped(words), onChange(Math.round(numberTyped(words) ?? 0)))}
      numeric
    />
  );
}

/** Hours of work, day by day of the week. */
function Hours({ hours, onChange }: { hours: readonly number[]; onChange: (hours: number[]) => void }) {
  const [typed, setTyped] = useState(hours.map((h) => (h === 0 ? '' : String(h))));
  const set = (k: number, words: string) => {
    setTyped(typed.map((t, i) => (i === k ? words : t)));
    onChange(hours.map((h, i) => (i === k ? Math.min(24, numberTyped(words) ?? 0) : h)));
  };
  return (
    <View style={{ gap: 6 }}>
      <Title role="heading" aria-level={3}>
        {say.hours}
      </Title>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {say.days.map((day, k) => (
          <View key={day} style={{ flexBasis: 66, flexGrow: 1 }}>
            <Field label={day} value={typed[k]} onChange={(words) => set(k, words)} numeric narrow />
          </View>
        ))}
      </View>
    </View>
  );
}

/** Days on which nothing is made. */
function Off({ off, onChange }: { off: readonly string[]; onChange: (off: string[]) => void }) {
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {off.map((day) => (
          <PlainButton
            key={day}
            label={`${day} ✕`}
            spoken={`${day} ✕, ${say.dropOff(day)}`}
            onPress={() => onChange(off.filter((d) => d !== day))}
          />
        ))}
      </View>
      <DayField
        label={off.length === 0 ? say.off : say.addOff}
        value=""
        onChange={(day) => (day && !off.includes(day) ? onChange([...off, day].sort()) : undefined)}
      />
    </View>
  );
}
