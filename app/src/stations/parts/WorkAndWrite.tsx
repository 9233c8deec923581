import { useState } from 'react';
import { View } from 'react-native';
import {
  roundDone,
  sameAgain,
  takenBack,
  tapped,
  workingOf,
  type NotSame,
  type Working,
} from '@hoppla/core/record';
import { rewritePart } from '@hoppla/core/toy';
import { splitLines } from '@hoppla/core/notation';
import type { PartModel } from '@hoppla/core/model';
import { MainAction, Num, PlainButton, Quiet, Scroll, Words } from '../../controls';
import { edit, newId } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import { screenWords } from '../../words';
import { TapMoves } from './TapMoves';

const say = screenWords.working;
/** Below the text, as high as it needs and no higher than there is room. */
const BELOW = { flexShrink: 1, minHeight: 0, borderTopWidth: 1 } as const;

/** Made up on the hook and written meanwhile: each stitch is a tap, the round is gathered, counted and written. */
export function WorkAndWrite({ part, onClose }: { part: PartModel; onClose: () => void }) {
  const c = usePalette();
  const { writing } = useToy();
  const [asked, setAsked] = useState<string | null>(null);
  const now = workingOf(part);
  const write = (text: string | null, gather: string | null) => {
    setAsked(null);
    if (text !== null) rewritten(part.part.id, text, gather);
  };
  const finish = (sure: boolean) => {
    const left = leftOf(now);
    if (left > 0 && !sure) return setAsked(say.leftOver(left));
    write(roundDone(part), null);
  };
  const again = () => {
    const found = sameAgain(part);
    if (found && 'text' in found) write(found.text, null);
    else setAsked(found ? notSameWords(found) : say.notTold);
  };
  return (
    <View
      role="region"
      aria-label={say.title}
      style={{ ...BELOW, borderTopColor: c.line, backgroundColor: c.paper }}
    >
      <Scroll contentContainerStyle={{ padding: 12, gap: 10 }}>
        {now ? <State now={now} line={lineOf(part, now)} /> : <Words>{say.cannot}</Words>}
        <Asked asked={asked} onSure={leftOf(now) > 0 && now?.line ? () => finish(true) : null} />
        <TapMoves
          part={part}
          now={now}
          disabled={!writing || !now}
          onTap={(move, as) => write(tapped(part, move, as), `tap:${now?.number}`)}
        >
          <Foot
            now={now}
            onMain={() => (now?.line ? finish(false) : again())}
            onBack={() => write(takenBack(part), null)}
            onClose={onClose}
          />
        </TapMoves>
      </Scroll>
    </View>
  );
}

const rewritten = (part: string, text: string, gather: string | null) =>
  edit(say.title, { station: 'parts', part }, (so) => rewritePart(so, part, text, newId), gather);

const leftOf = (now: Working | null): number =>
  now === null || now.offered === null ? 0 : now.offered - now.eaten;

const notSameWords = (found: NotSame): string =>
  found.why === 'begun' ? say.begun : say.otherCount(found.takes, found.offered);

/** The round as it is written; the last one that is done while nothing of this one is. */
function lineOf(part: PartModel, { line }: Working): string {
  const { text } = part.part;
  const lines = splitLines(text);
  const at = lines[line === null ? lines.length - 1 : line - 1];
  return at ? text.slice(at.from, at.to) : '';
}

/** The round as far as it is worked. */
function State({ now, line }: { now: Working; line: string }) {
  const c = usePalette();
  const left = leftOf(now);
  return (
    <View
      style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: 12 }}
      aria-live="polite"
    >
      <Num fontSize={28} lineHeight={34}>
        {now.row ? say.row(now.number) : `R${now.number}`}
      </Num>
      <Num fontSize={20} lineHeight={26}>
        {say.made(now.made)}
      </Num>
      {now.offered === null ? null : <Quiet>{left === 0 ? say.full : say.left(left)}</Quiet>}
      <Num fontSize={15} lineHeight={20} color={c.ink2} width="100%">
        {line}
      </Num>
    </View>
  );
}

/** The round is done, or the last one comes once more; one stitch back; to the text. */
function Foot({
  now,
  onMain,
  onBack,
  onClose,
}: {
  now: Working | null;
  onMain: () => void;
  onBack: () => void;
  onClose: () => void;
}) {
  const { writing } = useToy();
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      <MainAction
        label={now?.line ? say.done(now.number, now.row) : say.again}
        disabled={!writing || !now}
        onPress={onMain}
      />
      <PlainButton label={say.back} disabled={!writing || !now?.line} onPress={onBack} />
      <PlainButton label={say.close} onPress={onClose} />
    </View>
  );
}

/** What is asked before a round is done, or why something cannot be. */
function Asked({ asked, onSure }: { asked: string | null; onSure: (() => void) | null }) {
  if (!asked) return null;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
      <Words role="alert" flex={1} fontWeight="600">
        {asked}
      </Words>
      {onSure ? <PlainButton label={say.allTheSame} onPress={onSure} /> : null}
    </View>
  );
}
