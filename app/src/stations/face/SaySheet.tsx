import { useState } from 'react';
import { View } from 'react-native';
import {
  LEFT_OPEN,
  nearestWords,
  pairWords,
  questionsIn,
  readPlaceWords,
  roundWords,
  schoolOf,
  tagOf,
  withHabits,
  type Habits,
  type LeftOpen,
  type PlaceContext,
  type PlaceReading,
  pairTag,
} from '@hoppla/core/address';
import {
  pairSaid,
  refusalOf,
  refusalSentence,
  resolveEyes,
  type EyePair,
  type Head,
} from '@hoppla/core/feature';
import { faceWords } from '@hoppla/core/words';
import { Field, MainAction, PlainButton, Press, Quiet, Sheet, Words } from '../../controls';
import { useDevice } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { ReadingPicture } from './ReadingPicture';
import { screenWords as words } from '../../words';
import { TrainerSheet } from '../trainer/TrainerSheet';

const say = words.face;

/** The place of the eyes said in the maker's own words. What the words leave open is shown in pictures, once; the maker's way of counting is remembered. What cannot be is answered with the nearest that can. */
export function SaySheet({
  head,
  context,
  eyes,
  onPlace,
  onClose,
}: {
  head: Head;
  context: PlaceContext;
  eyes: EyePair;
  onPlace: (eyes: EyePair) => void;
  onClose: () => void;
}) {
  const c = usePalette();
  const { units, model } = useToy();
  const { habits, countsAs } = useDevice();
  const [typed, setTyped] = useState('');
  const [chosen, setChosen] = useState(0);
  const [answers, setAnswers] = useState<Habits>({});
  const [learning, setLearning] = useState(false);
  const read = readPlaceWords(typed, context);
  const nearest = typed.trim() === '' || read.readings.length ? null : nearestWords(typed, context);
  const pairs = (nearest?.read ?? read).readings.filter((r) => r.said.what === 'pair');
  const known = { ...habits, ...answers };
  const left = withHabits(pairs, known);
  const told = questionsIn(pairs).filter((q) => known[q] && pairs.length > left.length);
  // One question at a time; what no habit can answer is a plain choice.
  const question = questionsIn(left)[0] ?? null;
  const options = question
    ? left.filter((r, i) => left.findIndex((o) => schoolOf(question, o) === schoolOf(question, r)) === i)
    : left;
  const reading = question ? null : (left[Math.min(chosen, left.length - 1)] ?? null);
  const wish = reading?.said.what === 'pair' ? pairSaid(head, eyes, reading.said, reading.along) : null;
  const at = wish && resolveEyes(head, wish);
  const refusal = wish && at && at.state !== 'homeless' ? refusalOf(head, wish, at) : null;
  const placed = refusal ? refusal.nearest : wish;
  const there = placed && resolveEyes(head, placed);
  const tag = there && there.state !== 'homeless' ? pairTag(there.names) : '';
  const fault =
    typed.trim() === '' ? null : read.problem ? read.problem.sentence : pairs.length ? null : say.onePlace;
  const place = () => {
    if (!placed) return;
    if (Object.keys(answers).length) countsAs(known);
    onPlace(placed);
  };
  const forget = () => {
    const without = (all: Habits): Habits =>
      Object.fromEntries(Object.entries(all).filter(([about]) => !told.includes(about as LeftOpen)));
    setAnswers(without(answers));
    countsAs(without(habits));
  };
  return (
    <Sheet
      title={say.sayTitle}
      onClose={onClose}
      foot={
        <MainAction
          label={
            question
              ? say.chooseReading
              : !placed
                ? say.sayFirst
                : refusal
                  ? faceWords.nearest(tag)
                  : say.placeThem(tag.split(' |')[0])
          }
          disabled={!placed}
          onPress={place}
        />
      }
    >
      <Field
        label={say.sayLabel}
        value={typed}
        onChange={(text) => (setTyped(text), setChosen(0), setAnswers({}))}
        onDone={place}
        placeholder={say.sayHint}
        most={200}
      />
      {typed.trim() === '' ? (
        <>
          <Quiet>{say.sayHow}</Quiet>
          <PlainButton label={words.trainer.title} onPress={() => setLearning(true)} />
        </>
      ) : null}
      {learning ? <TrainerSheet model={model} onClose={() => setLearning(false)} /> : null}
      {fault ? (
        <Words role="alert" color={c.coralInk}>
          {fault}
        </Words>
      ) : null}
      {nearest ? <Words fontWeight="600">{`${say.nearest}: ${nearest.phrase}`}</Words> : null}
      {refusal && wish && at && at.state !== 'homeless' ? (
        <Words
          role="alert"
          color={c.coralInk}
        >{`${refusalSentence(refusal, wish, at, units)} ${refusal.nearest ? '' : `${faceWords.noNearest}.`}`}</Words>
      ) : null}
      {told.length > 0 && left[0] ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 10 }}>
          <Words flexShrink={1}>
            {faceWords.habit(told.map((q) => schoolWords(context, left[0], q)).join('; '))}
          </Words>
          <PlainButton label={say.askAgain} onPress={forget} />
        </View>
      ) : null}
      {question ? (
        <Words fontWeight="600">{faceWords.questions[question]}</Words>
      ) : left.length > 1 ? (
        <Words fontWeight="600">{say.whichReading}</Words>
      ) : null}
      <View role="radiogroup" aria-label={say.whichReading} style={{ gap: 8 }}>
        {options.map((r, i) => (
          <Reading
            key={tagOf(context, r.said)}
            context={context}
            reading={r}
            about={question}
            chosen={r === reading}
            onPress={() =>
              question ? setAnswers({ ...answers, [question]: schoolOf(question, r) }) : setChosen(i)
            }
          />
        ))}
      </View>
    </Sheet>
  );
}

/** How a reading counts what was left open, in words. */
function schoolWords(context: PlaceContext, reading: PlaceReading, about: LeftOpen): string {
  if (reading.said.what !== 'pair') return '';
  if (about === 'from the edge')
    return roundWords(context, reading.said).find((s) => s.school === reading.round)?.words ?? '';
  return (
    pairWords(context, reading.said).find(
      (s) => (LEFT_OPEN[about] as readonly string[]).includes(s.school) && s.school === reading.along,
    )?.words ?? ''
  );
}

/** One reading: how it counts, drawn where that is in question, and what it is in the other schools. */
function Reading({
  context,
  reading,
  about,
  chosen,
  onPress,
}: {
  context: PlaceContext;
  reading: PlaceReading;
  about: LeftOpen | null;
  chosen: boolean;
  onPress: () => void;
}) {
  const c = usePalette();
  if (reading.said.what !== 'pair') return null;
  const schools = pairWords(context, reading.said);
  const round = roundWords(context, reading.said);
  const own =
    (about === 'from the edge'
      ? round.find((r) => r.school === reading.round)
      : schools.find((s) => s.school === reading.along)) ?? schools[0];
  const rest = [
    round[0],
    ...round.filter((r) => r.school === reading.round && r !== round[0] && r !== own),
    ...schools.filter(
      (s) => s !== own && ['stitches-between', 'holes-showing', 'mm-straight'].includes(s.school),
    ),
  ];
  return (
    <Press
      role="radio"
      chosen={chosen}
      onPress={onPress}
      style={{
        paddingHorizontal: 12,
        paddingVertical: 8,
        backgroundColor: chosen ? c.sunk : c.raise,
        borderWidth: chosen ? 2.5 : 1.5,
        borderColor: chosen ? c.ink : c.edge,
        borderRadius: 6,
        gap: 4,
      }}
    >
      {about ? <ReadingPicture reading={reading} context={context} about={about} /> : null}
      <Words fontWeight="700">{`${chosen ? '✓ ' : ''}${own.words}`}</Words>
      <Quiet>{rest.map((s) => s.words).join('; ')}</Quiet>
    </Press>
  );
}
