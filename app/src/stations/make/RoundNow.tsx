import Check from 'lucide-react-native/icons/check';
import { useState } from 'react';
import { View } from 'react-native';
import { Text } from '../../theme/tamagui';
import { mainRepeat, printItems, takeUp } from '@hoppla/core/notation';
import { countsNow, movesMarker, stepWords } from '@hoppla/core/plan';
import { tickWithin, type Tick } from '@hoppla/core/record';
import { slotSteps, slotWords, type PartModel, type SlotStep } from '@hoppla/core/model';
import { Num, PlainButton, Press, Quiet, Title, Words } from '../../controls';
import { note } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { Notes } from './Notes';
import { StitchRow } from './StitchRow';

const say = screenWords.make;

/** The round that is worked now, with its repeats to tick. */
export function RoundNow({
  tick: t,
  part,
  within,
  made,
}: {
  tick: Tick;
  part: PartModel;
  within: number;
  /** stitches of it that are made */
  made: number;
}) {
  const { model } = useToy();
  const items = part.reading.rounds[t.round!.reading].items;
  const repeat = mainRepeat(items, part.terms);
  const slots = slotSteps(model, t.step, t.round!.round);
  const whole = repeat ? repeat.words : printItems(items, part.terms);
  const written = slots.length > 0 ? slotWords(slots[Math.min(within, slots.length - 1)]) : whole;
  return (
    <>
      <Written words={written} count={t.round!.count} />
      {t.round!.begun > 0 ? (
        <Words fontWeight="600">{say.begun(t.round!.begun, t.round!.count)}</Words>
      ) : null}
      {slots.length > 0 ? (
        <Slots tick={t} steps={slots} within={within} whole={printItems(items, part.terms)} />
      ) : null}
      {repeat && slots.length === 0 ? <Repeats tick={t} times={repeat.times} within={within} /> : null}
      {t.step.kind === 'rounds' && t.step.ticks[0]?.key === t.key ? (
        <Notes notes={stepWords(t.step, model).notes} />
      ) : null}
      <Reminder tick={t} part={part} />
      <StitchRow tick={t} part={part} made={made} />
      <TakeUp key={t.key} tick={t} part={part} />
    </>
  );
}

/** The round as it is worked, and how many stitches it comes to. */
function Written({ words, count }: { words: string; count: number }) {
  const c = usePalette();
  const { short } = useRoom();
  const small = short || words.length > 18;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'flex-start', gap: 10 }}>
      <Text
        role="heading"
        aria-level={2}
        flex={1}
        minWidth={0}
        fontFamily="$heading"
        fontWeight="800"
        color={c.ink}
        fontSize={small ? 30 : 46}
        lineHeight={small ? 36 : 50}
        letterSpacing={-1.4}
      >
        {words}
      </Text>
      <View style={{ alignItems: 'flex-end' }}>
        <Num fontSize={46} lineHeight={50} letterSpacing={-3.2}>
          {String(count)}
        </Num>
        <Quiet>{say.stitches}</Quiet>
      </View>
    </View>
  );
}

/** What the hand does when the round is done: the marker goes up, and the stitches are counted where a fault would hide. */
function Reminder({ tick: t, part }: { tick: Tick; part: PartModel }) {
  const { model } = useToy();
  const { round, count } = t.round!;
  const told = [
    ...(countsNow(model, part, round) ? [say.countNow(count)] : []),
    ...(movesMarker(part, round) ? [say.markerUp] : []),
  ];
  return told.length === 0 ? null : <Quiet>{told.join(' ')}</Quiet>;
}

/** A join round clamp by clamp: the one that is worked now stands large above, the whole round below. */
function Slots({
  tick: t,
  steps,
  within,
  whole,
}: {
  tick: Tick;
  steps: readonly SlotStep[];
  within: number;
  whole: string;
}) {
  return (
    <>
      <Dots
        tick={t}
        times={steps.length}
        within={within}
        title={say.slots(steps.length, Math.min(within + 1, steps.length))}
      />
      <Quiet>{whole}</Quiet>
    </>
  );
}

/** The repeats of a round, to tick one by one. */
const Repeats = ({ times, within, ...rest }: { tick: Tick; times: number; within: number }) => (
  <Dots times={times} within={within} title={say.times(times, Math.min(within + 1, times))} {...rest} />
);

/** Steps within a round, to tick one by one. */
function Dots({
  tick: t,
  times,
  within,
  title,
}: {
  tick: Tick;
  times: number;
  within: number;
  title: string;
}) {
  const c = usePalette();
  return (
    <>
      <Title>{title}</Title>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {Array.from({ length: times }, (_, k) => {
          const done = k < within;
          const now = k === within;
          return (
            <Press
              key={k}
              label={say.repeat(k + 1)}
              chosen={done}
              onPress={() => note(tickWithin(t, done && k === within - 1 ? k : k + 1))}
              style={{
                width: 46,
                height: 46,
                borderRadius: 23,
                alignItems: 'center',
                backgroundColor: done ? c.ink : now ? c.tape : c.paper,
                borderWidth: now ? 3 : 1.5,
                borderColor: now ? c.ink : done ? c.ink : c.edge,
              }}
            >
              {done ? (
                <Check color={c.paper} size={26} strokeWidth={3} />
              ) : (
                <Num fontSize={17} lineHeight={22} color={now ? c.tapeInk : c.ink2}>
                  {String(k + 1)}
                </Num>
              )}
            </Press>
          );
        })}
      </View>
    </>
  );
}

/** The hands have another count than the text: what to work differently in this round. */
function TakeUp({ tick: t, part }: { tick: Tick; part: PartModel }) {
  const [more, setMore] = useState(0);
  const round = part.reading.rounds[t.round!.reading];
  if (round.offered === 0) return null;
  const found = more === 0 ? null : takeUp(round.items, round.offered, more, part.terms);
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.tooMany} onPress={() => setMore(more === 1 ? 0 : 1)} />
        <PlainButton label={say.tooFew} onPress={() => setMore(more === -1 ? 0 : -1)} />
      </View>
      {more === 0 ? null : (
        <Words aria-live="polite" fontWeight="600">
          {found?.sentence ?? say.takeUpNone}
        </Words>
      )}
    </View>
  );
}
