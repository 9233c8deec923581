import { View } from 'react-native';
import { holeTag, pairTag } from '@hoppla/core/address';
import {
  adviceOn,
  adviceSentence,
  betterHoles,
  directionsOfHead,
  faceDirection,
  retentionSentence,
  schoolsOf,
  withBetterHoles,
  wordsContext,
  type EyePair,
  type EyesAt,
  reachSentence,
  type Head,
} from '@hoppla/core/feature';
import type { PartModel } from '@hoppla/core/model';
import { faceWords, type UnitWords } from '@hoppla/core/words';
import { PlainButton, Quiet, Words } from '../../controls';
import { change } from './change';
import { screenWords as words } from '../../words';

const say = words.face;

interface AdviceProps {
  part: PartModel;
  head: Head;
  eyes: EyePair;
  at: EyesAt;
  units: UnitWords;
}

/** What is worth a look about the pair, each with its number; better holes, when there are some; and the same places in other words. */
export function AdviceList({ part, head, eyes, at, units }: AdviceProps) {
  const n = (x: number | null) => (x === null ? say.none_ : `R${x}`);
  const { window, retention, spacing } = at;
  return (
    <View style={{ gap: 6 }}>
      {eyes.making === 'safety eye' ? (
        <>
          <Quiet>
            {window.known
              ? `${say.window(n(window.first), n(window.lastComfortable), n(window.lastPossible))}. ${reachSentence(window, units) ?? ''}`
              : faceWords.windowNotKnown}
          </Quiet>
          <Quiet
            fontWeight={retention.band === 3 ? '400' : '700'}
          >{`${faceWords.retention} ${retentionSentence(retention)}.`}</Quiet>
        </>
      ) : null}
      <Quiet>{`${say.angle(spacing.angleDeg.toFixed(0))}, ${say.level(units.fine(at.levelErrorMm))}.`}</Quiet>
      {eyes.pair.linked ? (
        <Better part={part} head={head} eyes={eyes} at={at} units={units} />
      ) : (
        <Quiet>{say.onPurpose}</Quiet>
      )}
      {adviceOn(head, eyes, at).map((a) => {
        const sentence = adviceSentence(a, at, units);
        return <Quiet key={sentence}>{`${sentence[0].toUpperCase()}${sentence.slice(1)}.`}</Quiet>;
      })}
      <Words fontWeight="600" marginTop={4}>
        {say.words}
      </Words>
      {schoolsOf(wordsContext(head, eyes.pair.centre.by, eyes), at).map((s) => (
        <Quiet key={s.id}>{s.words}</Quiet>
      ))}
    </View>
  );
}

/** The holes that make the pair more even, when there are some. */
function Better({ part, head, eyes, at, units }: AdviceProps) {
  const own = directionsOfHead(head, faceDirection(head, eyes.pair.centre.by, at.round, eyes.washerMm));
  const better = betterHoles(part.form, own, at);
  if (!better) return null;
  const both = better.moved[0] && better.moved[1];
  const post = better.moved[0] ? 0 : 1;
  const label = both
    ? say.takePair(pairTag(better.names))
    : say.takeBetter(`${holeTag(better.names[post]).rounds} | ${holeTag(better.names[post]).stitches}`);
  return (
    <View style={{ gap: 6 }}>
      <Quiet>{say.better(units.fine(better.after.mirrorMm), units.fine(better.before.mirrorMm))}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton
          label={label}
          onPress={() => change(label, part, withBetterHoles(head, eyes, at, better))}
        />
      </View>
    </View>
  );
}
