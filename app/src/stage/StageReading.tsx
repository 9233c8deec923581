import { View } from 'react-native';
import { Num, PlainButton, Quiet, Tag, Words } from '../controls';
import { usePalette } from '../theme';
import type { ReadingWords } from './reading';
import type { PickAction } from './LooseStage';
import { screenWords } from '../words';

const say = screenWords.stage;

interface StageReadingProps {
  words: ReadingWords | null;
  action: PickAction | null;
  measuring: boolean;
  hasFrom: boolean;
  measured: { straight: string; rest: string } | null;
  onEnd: () => void;
  width: number;
}

/** What is under the finger, at the foot of the mat: the round with its count, the stitch or hole as a tag; a measured distance. */
export function StageReading({
  words,
  action,
  measuring,
  hasFrom,
  measured,
  onEnd,
  width,
}: StageReadingProps) {
  return (
    <View style={{ position: 'absolute', left: 0, bottom: 0, maxWidth: width - 4 }} pointerEvents="box-none">
      {measuring ? <Readings measured={measured} hasFrom={hasFrom} onEnd={onEnd} /> : null}
      {words ? <Deeds action={action} words={words} /> : null}
      <View
        role="status"
        aria-live="polite"
        style={{ position: 'absolute', width: 1, height: 1, overflow: 'hidden' }}
      >
        <Words>{`${words?.spoken ?? ''}${measured ? `. ${say.straight(measured.straight)}, ${measured.rest}` : ''}`}</Words>
      </View>
    </View>
  );
}

/** What can be done there. */
function Deeds({ action, words }: { action: PickAction | null; words: ReadingWords }) {
  const c = usePalette();
  return (
    <View
      pointerEvents="box-none"
      style={{
        flexDirection: 'row',
        flexWrap: 'wrap',
        alignItems: 'center',
        columnGap: 10,
        backgroundColor: c.matDeep,
        paddingLeft: 10,
        paddingRight: action ? 2 : 10,
        paddingVertical: action ? 2 : 5,
        alignSelf: 'flex-start',
      }}
    >
      <View pointerEvents="none" style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        {words.piece ? (
          <Words fontSize={14} color={c.matInk}>
            {words.piece}
          </Words>
        ) : null}
        <Num fontSize={17} lineHeight={22} color={c.tape}>
          {words.round}
        </Num>
        <Tag rounds={words.rounds} stitches={words.stitches} />
      </View>
      {action ? <PlainButton label={action.label} onPress={action.run} /> : null}
    </View>
  );
}

/** What was touched, and how far apart. */
function Readings({
  measured,
  hasFrom,
  onEnd,
}: {
  measured: { straight: string; rest: string } | null;
  hasFrom: boolean;
  onEnd: () => void;
}) {
  const c = usePalette();
  return (
    <View
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        gap: 10,
        backgroundColor: c.matDeep,
        paddingLeft: 12,
        paddingRight: 4,
        paddingVertical: 4,
      }}
    >
      <View style={{ flexShrink: 1 }}>
        {measured ? (
          <Num fontSize={22} lineHeight={26} color={c.tape}>
            {say.straight(measured.straight)}
          </Num>
        ) : (
          <Words color={c.matInk}>{hasFrom ? say.measureSecond : say.measureFirst}</Words>
        )}
        {measured?.rest ? (
          <Quiet fontSize={14} lineHeight={18} color={c.matInk2}>
            {measured.rest}
          </Quiet>
        ) : null}
      </View>
      <PlainButton label={say.measureEnd} onPress={onEnd} />
    </View>
  );
}
