import { boundsOf, seenAt, standAlone } from '@hoppla/core/picture';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Circle, G, Path } from 'react-native-svg';
import { frameAt, type Polar } from '@hoppla/core/address';
import { turn } from '@hoppla/core/join';
import { modelOf, type ToyModel } from '@hoppla/core/model';
import { gatheredWords, printItems, WORD_OF } from '@hoppla/core/notation';
import {
  increasesIn,
  isRight,
  learned,
  litAt,
  markerAt,
  nextQuestion,
  rowMade,
  type Question,
} from '@hoppla/core/trainer';
import { unitWords } from '@hoppla/core/words';
import {
  Field,
  MainAction,
  Num,
  numberTyped,
  PlainButton,
  Quiet,
  Sheet,
  StitchLine,
  Title,
  Words,
} from '../../controls';
import { useDevice } from '../../documents';
import { Stage, type Hold } from '../../stage';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { screenWords } from '../../words';

const say = screenWords.trainer;

/** Learning to count on the toy itself, one short question after the other. */
export function TrainerSheet({ model, onClose }: { model: ToyModel; onClose: () => void }) {
  const { learner, learns } = useDevice();
  const [question, setQuestion] = useState(() => nextQuestion(model, learner.level, Math.random));
  const [answered, setAnswered] = useState<{ right: boolean } | null>(null);
  if (!question)
    return (
      <Sheet title={say.title} onClose={onClose}>
        <Words>{say.nothing}</Words>
      </Sheet>
    );
  const answer = (numbers: readonly number[]) => {
    const right = isRight(model, question, numbers);
    learns(learned(learner, right));
    setAnswered({ right });
  };
  const next = () => {
    setAnswered(null);
    setQuestion(nextQuestion(model, learner.level, Math.random));
  };
  return (
    <Sheet
      title={say.title}
      onClose={onClose}
      foot={answered ? <MainAction label={say.next} onPress={next} /> : undefined}
    >
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 10 }}>
        {learner.asked > 0 ? <Num fontSize={22}>{say.score(learner.right, learner.asked)}</Num> : null}
        <Quiet>{say.level(learner.level)}</Quiet>
      </View>
      {question.ask === 'missed' ? <OnHook model={model} question={question} /> : null}
      {isLit(question) ? <OnPart model={model} question={question} /> : null}
      <Title role="heading" aria-level={3}>
        {say.asks[question.ask]}
      </Title>
      <Words role="status" fontWeight="700">
        {answered ? told(model, question, answered.right) : ''}
      </Words>
      <Quiet>{say.how[question.ask]}</Quiet>
      <Answering
        key={JSON.stringify(question)}
        model={model}
        question={question}
        done={answered !== null}
        onAnswer={answer}
      />
    </Sheet>
  );
}

/** What the right answer is, and how it is counted. */
function told(model: ToyModel, q: Question, right: boolean): string {
  const head = right ? say.right : say.wrong;
  if (q.ask === 'fault') return `${head} ${say.faultIs(q.lines[q.wrong])}`;
  const part = modelOf(model, q.part);
  const { label } = part.fabric.rounds[q.round];
  if (q.ask === 'stitch') return `${head} ${say.stitchIs(label, q.stitch)}`;
  if (q.ask === 'missed') {
    const { count } = part.fabric.rounds[q.round];
    return `${head} ${say.missedIs(q.missed, label, count - 1, count)}`;
  }
  const n = q.to - q.from - 1;
  return `${head} ${say.betweenIs(n, q.to - q.from, q.to - q.from + 1)}`;
}

/** The numbers that are typed, or the line or the increase that is chosen. */
function Answering({
  model,
  question,
  done,
  onAnswer,
}: {
  model: ToyModel;
  question: Question;
  done: boolean;
  onAnswer: (numbers: readonly number[]) => void;
}) {
  const fields = question.ask === 'stitch' ? [say.round, say.stitch] : [say.apart];
  const [typed, setTyped] = useState(fields.map(() => ''));
  if (question.ask === 'fault')
    return (
      <View style={{ gap: 8 }}>
        {question.lines.map((line, k) => (
          <PlainButton key={line} label={line} disabled={done} onPress={() => onAnswer([k])} />
        ))}
      </View>
    );
  if (question.ask === 'missed')
    return (
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {Array.from({ length: increasesIn(modelOf(model, question.part), question.round) }, (_, k) => (
          <PlainButton key={k} label={String(k + 1)} disabled={done} onPress={() => onAnswer([k + 1])} />
        ))}
      </View>
    );
  const numbers = typed.map(numberTyped);
  const ready = numbers.every((n) => n !== null);
  const go = () => ready && !done && onAnswer(numbers as number[]);
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: 12 }}>
      {fields.map((label, k) => (
        <View key={label} style={{ flexGrow: 1, flexBasis: 110 }}>
          <Field
            label={label}
            value={typed[k]}
            onChange={(words) => setTyped(typed.map((t, i) => (i === k ? words : t)))}
            onDone={go}
            numeric
          />
        </View>
      ))}
      <PlainButton label={say.check} disabled={!ready || done} onPress={go} />
    </View>
  );
}

/** The part by itself, turned so that the marker and what is lit are seen; it is only looked at, as touching it would tell. */
function OnPart({ model, question }: { model: ToyModel; question: Lit }) {
  const c = usePalette();
  const units = unitWords(model.toy.settings.units);
  const { width, wide } = useRoom();
  const piece = model.pieces.find((p) => p.part === question.part)!;
  const alone = useMemo(() => standAlone(piece), [piece]);
  const toys = useMemo(() => [{ model, placed: [alone] }], [model, alone]);
  const lit = litOf(question).map((stitch) => litAt(piece.form, question.round, stitch));
  const marker = markerAt(piece.form, question.round);
  const size = { width: Math.min(wide ? 520 : width - 84, 520), height: 230 };
  const bounds = boundsOf([alone]);
  // Tipped to the viewer it reaches as far as its longer side.
  const reach = Math.max(10, bounds.right - bounds.left, bounds.bottom - bounds.top);
  const pxPerMm = Math.min((size.width - 30) / reach, (size.height - 20) / reach);
  const rest = {
    x: size.width / 2 - ((bounds.left + bounds.right) / 2) * pxPerMm,
    y: size.height / 2 - ((bounds.top + bounds.bottom) / 2) * pxPerMm,
    pxPerMm,
  };
  return (
    <Stage
      {...size}
      label={say.picture(modelOf(model, question.part).name)}
      toys={toys}
      units={units}
      rest={rest}
      rulers={null}
      hold={facing(alone, [marker, ...lit])}
      setHold={() => undefined}
      still
      bare
      overlay={(projection) => (
        <>
          <Marker {...seenAt(projection, alone, marker)} />
          {lit.map((polar, k) => {
            const { x, y } = seenAt(projection, alone, polar);
            return (
              <G key={k}>
                <Circle cx={x} cy={y} r={9} fill="none" stroke="#0B1D3E" strokeWidth={5} />
                <Circle cx={x} cy={y} r={9} fill="none" stroke={c.tape} strokeWidth={3} />
              </G>
            );
          })}
        </>
      )}
    />
  );
}

/** A question about stitches that are lit on the toy. */
type Lit = Extract<Question, { ask: 'stitch' | 'between' }>;
const isLit = (q: Question): q is Lit => q.ask === 'stitch' || q.ask === 'between';
const litOf = (q: Lit): number[] => (q.ask === 'stitch' ? [q.stitch] : [q.from, q.to]);

/** The round as it is written, and as it came off the hook. */
function OnHook({ model, question }: { model: ToyModel; question: Extract<Question, { ask: 'missed' }> }) {
  const { width, wide } = useRoom();
  const part = modelOf(model, question.part);
  const { label, reading } = part.fabric.rounds[question.round];
  const row = rowMade(part, question);
  const words = row.flatMap((stitch, k) =>
    stitch.shares ? [] : [row[k + 1]?.shares ? 'inc' : WORD_OF[part.terms][stitch.kind]],
  );
  return (
    <View style={{ gap: 8 }}>
      <Num fontSize={20} lineHeight={26}>
        {say.asWritten(label, printItems(part.reading.rounds[reading].items, part.terms))}
      </Num>
      <View role="img" aria-label={say.asMade(gatheredWords(words))}>
        <StitchLine
          row={row}
          now={row.length}
          width={Math.min(wide ? 520 : width - 84, 520)}
          left={part.gauge.hand === 'left'}
        />
      </View>
    </View>
  );
}

/** The marker at the start of the round. */
function Marker({ x, y }: { x: number; y: number }) {
  const c = usePalette();
  return <Path d={`M${x} ${y - 12}V${y + 12}`} stroke={c.coral} strokeWidth={5} strokeLinecap="round" />;
}

/** Held so that these places are seen: the middle of their ways out turned to the viewer. */
function facing(alone: ReturnType<typeof standAlone>, places: readonly Polar[]): Hold {
  const out = places.map((p) => turn(alone.placement, frameAt(alone.form, p).normal));
  const [x, y, z] = [0, 1, 2].map((k) => out.reduce((sum, v) => sum + v[k], 0));
  const flat = Math.hypot(x, z);
  const pitch = Math.max(-1.2, Math.min(1.2, Math.atan2(y, flat)));
  return { yaw: flat < 1e-6 ? 0 : Math.atan2(x, z), pitch, zoom: 1, panX: 0, panY: 0, cut: false };
}
