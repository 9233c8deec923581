import { useState } from 'react';
import { View } from 'react-native';
import { copyName, modelOf, type ToyModel } from '@hoppla/core/model';
import {
  bestQuestion,
  doneBefore,
  makeNow,
  stitchWithin,
  tickAt,
  untick,
  whereItIs,
  type Answer,
  type Counted,
  type Progress,
  type Tick,
} from '@hoppla/core/record';
import { Choice, Field, numberTyped, PlainButton, Sheet, Title, Words } from '../../controls';
import { note } from '../../documents';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';

const say = screenWords.make;
const NUMBERS = ['rounds', 'made', 'left', 'edge'] as const;
/** As many places as are shown at once. */
const SHOWN = 6;
const ANY = 'any';

type Typed = Record<(typeof NUMBERS)[number], string>;
interface Asked {
  part: string;
  from: Counted['from'];
  last: Counted['last'];
  typed: Typed;
}

const countedOf = ({ part, from, last, typed }: Asked): Counted => ({
  part: part === ANY ? null : part,
  from,
  last,
  ...(Object.fromEntries(NUMBERS.map((n) => [n, numberTyped(typed[n])])) as Pick<
    Counted,
    (typeof NUMBERS)[number]
  >),
});

/** Where the piece in the hand is, from what can be counted on it. */
export function WhereSheet({
  ticks,
  progress,
  here,
  onClose,
}: {
  ticks: readonly Tick[];
  progress: Progress;
  /** the part that is made now */
  here: string;
  onClose: () => void;
}) {
  const { model } = useToy();
  const [asked, setAsked] = useState<Asked>({
    part: here === '' ? ANY : here,
    from: 'start',
    last: null,
    typed: { rounds: '', made: '', left: '', edge: '' },
  });
  const counted = countedOf(asked);
  const said = NUMBERS.some((n) => counted[n] !== null) || counted.last !== null;
  const answers = said ? whereItIs(model, counted) : [];
  return (
    <Sheet title={say.where} onClose={onClose}>
      {said ? (
        <Answers counted={counted} answers={answers} ticks={ticks} progress={progress} onClose={onClose} />
      ) : (
        <Words>{say.whereHow}</Words>
      )}
      <Facts asked={asked} change={(to) => setAsked({ ...asked, ...to })} model={model} />
    </Sheet>
  );
}

/** What is counted. */
function Facts({
  asked,
  change,
  model,
}: {
  asked: Asked;
  change: (to: Partial<Asked>) => void;
  model: ToyModel;
}) {
  return (
    <>
      {model.parts.length > 1 ? (
        <Choice
          label={say.wherePart}
          options={[
            ...model.parts.map((p) => ({ id: p.part.id, label: p.name })),
            { id: ANY, label: say.anyPart },
          ]}
          chosen={asked.part}
          onChoose={(part) => change({ part })}
        />
      ) : null}
      <Numbers typed={asked.typed} change={(typed) => change({ typed })} />
      <Choice
        label={say.whereFrom}
        options={(['start', 'ridge'] as const).map((id) => ({ id, label: say.whereFroms[id] }))}
        chosen={asked.from}
        onChoose={(from) => change({ from })}
      />
      <Choice
        label={say.whereLast}
        options={(['one in one', 'increase', 'decrease'] as const).map((id) => ({
          id,
          label: say.whereLasts[id],
        }))}
        chosen={asked.last}
        onChoose={(last) => change({ last: asked.last === last ? null : last })}
      />
    </>
  );
}

/** What is counted in figures. */
function Numbers({ typed, change }: { typed: Typed; change: (typed: Typed) => void }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
      {NUMBERS.map((n) => (
        <View key={n} style={{ flexGrow: 1, flexBasis: 120 }}>
          <Field
            label={say.whereCounts[n]}
            value={typed[n]}
            onChange={(words) => change({ ...typed, [n]: words })}
            numeric
          />
        </View>
      ))}
    </View>
  );
}

/** The places that fit, and what to count next where there are several. */
function Answers({
  counted,
  answers,
  ticks,
  progress,
  onClose,
}: {
  counted: Counted;
  answers: readonly Answer[];
  ticks: readonly Tick[];
  progress: Progress;
  onClose: () => void;
}) {
  const { model } = useToy();
  const next = bestQuestion(model, counted, answers);
  return (
    <View style={{ gap: 10 }}>
      <Title role="heading" aria-level={3} aria-live="polite">
        {headOf(answers.length)}
      </Title>
      {next ? <Words>{say.whereAsk[next]}</Words> : null}
      {answers.slice(0, SHOWN).map((a) => (
        <Place key={`${a.part}/${a.round}/${a.made}`} {...{ answer: a, ticks, progress, onClose }} />
      ))}
    </View>
  );
}

function headOf(n: number): string {
  if (n === 0) return say.whereNone;
  if (n === 1) return say.whereOne;
  return n > SHOWN ? say.whereMany(n) : say.whereFew(n);
}

/** One place, and going on from it: on which copy, where there are several. */
function Place({
  answer,
  ticks,
  progress,
  onClose,
}: {
  answer: Answer;
  ticks: readonly Tick[];
  progress: Progress;
  onClose: () => void;
}) {
  const { model, writing } = useToy();
  const part = modelOf(model, answer.part);
  const go = (copy: string) => {
    const tick = tickAt(ticks, answer, copy);
    if (!tick) return;
    const later = ticks
      .slice(ticks.indexOf(tick))
      .filter((t) => t.step.copy === copy && t.key in progress.done);
    note(
      ...later.map(untick),
      ...doneBefore(ticks, progress, tick),
      makeNow(tick),
      ...(answer.made > 0 ? [stitchWithin(tick, answer.made)] : []),
    );
    onClose();
  };
  return (
    <View style={{ gap: 6 }}>
      <Words fontWeight="600">{placeWords(model, answer)}</Words>
      {answer.off ? <Words>{say.whereOff(say.whereCounts[answer.off.what], answer.off.by)}</Words> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {part.copies.map((copy) => (
          <PlainButton
            key={copy.id}
            disabled={!writing}
            label={part.copies.length > 1 ? `${say.goOnHere}: ${copyName(part, copy.id)}` : say.goOnHere}
            onPress={() => go(copy.id)}
          />
        ))}
      </View>
    </View>
  );
}

function placeWords(model: ToyModel, { part: id, round, made }: Answer): string {
  const part = modelOf(model, id);
  const at = part.fabric.rounds[round];
  return at ? say.wherePlace(part.name, at.label, made, at.count) : say.whereDone(part.name);
}
