import { useMemo, type RefObject } from 'react';
import { ScrollView, View } from 'react-native';
import { Text } from '../../theme/tamagui';
import {
  gatherRange,
  unfoldRange,
  WORD_OF,
  type LineReading,
  type Rewriting,
  type Terms,
} from '@hoppla/core/notation';
import { Press } from '../../controls';
import { usePalette } from '../../theme';
import type { EditorHandle } from './RoundsEditor';
import { screenWords as say } from '../../words';

export interface CraftKeysProps {
  editor: RefObject<EditorHandle | null>;
  terms: Terms;
  text: string;
  /** the line with the caret */
  line: LineReading | undefined;
  /** where the next fault is */
  fault: { line: number; label: string } | null;
  wide: boolean;
  onRewrite: (title: string, rewriting: Rewriting) => void;
  /** tapping stitches instead of writing them */
  onTap: () => void;
}

interface Key {
  label: string;
  name?: string;
  run: () => void;
}

/** The keys in their order, in the words of the part's terms. */
function keysOf(editor: CraftKeysProps['editor'], terms: CraftKeysProps['terms'], onTap: () => void): Key[] {
  const sc = WORD_OF[terms].sc;
  const write = (words: string) => () => editor.current?.write(words);
  return [
    { label: say.working.key, name: say.working.keyName, run: onTap },
    { label: say.parts.keyNext, run: () => editor.current?.nextRound() },
    { label: sc, run: write(sc) },
    { label: 'inc', run: write('inc') },
    { label: 'dec', run: write('dec') },
    { label: say.parts.keyBrackets, run: write('(|)') },
    { label: 'x6', run: write('x6') },
    { label: '−1', name: `−1: ${say.parts.keyLess}`, run: () => editor.current?.count(-1) },
    { label: '+1', name: `+1: ${say.parts.keyMore}`, run: () => editor.current?.count(1) },
    { label: say.parts.keyCount, run: () => editor.current?.writeCount() },
    { label: `${sc} around`, run: write(`${sc} around`) },
    { label: 'in ring', run: write(`6 ${sc} in ring`) },
    { label: 'BLO', run: write('BLO: ') },
    { label: 'sl st', run: write('sl st') },
    { label: 'close', run: write('close') },
  ];
}

/** Keys for what a phone's keyboard makes hard to type. They leave the caret in the text. */
export function CraftKeys({ editor, terms, text, line, fault, wide, onRewrite, onTap }: CraftKeysProps) {
  const c = usePalette();
  const keys = keysOf(editor, terms, onTap);
  const rewritings = useMemo(() => rewritingsOf(text, line, terms), [text, line, terms]);
  return (
    // Pressing a key must not take the focus, and with it the phone's keyboard, from the text.
    <View
      role="toolbar"
      aria-label={say.parts.keys}
      onPointerDown={(e) => e.preventDefault()}
      {...({ onMouseDown: (e: Event) => e.preventDefault() } as object)}
      style={{ backgroundColor: c.sunk, borderTopWidth: 1, borderTopColor: c.line }}
    >
      <ScrollView
        horizontal
        keyboardShouldPersistTaps="always"
        showsHorizontalScrollIndicator={false}
        contentContainerStyle={
          wide ? { padding: 8, gap: 8, flexWrap: 'wrap', width: '100%' } : { padding: 8, gap: 8 }
        }
      >
        {fault ? (
          <KeyCap
            label={`! ${fault.label}`}
            name={`! ${fault.label}: ${say.parts.nextFault}`}
            run={() => editor.current?.goTo(fault.line)}
            wrong
          />
        ) : null}
        {rewritings.map(({ title, rewriting }) => (
          <KeyCap key={title} label={title} run={() => onRewrite(title, rewriting)} />
        ))}
        {keys.map((key) => (
          <KeyCap key={key.label} {...key} />
        ))}
      </ScrollView>
    </View>
  );
}

function KeyCap({ label, name, run, wrong }: Key & { wrong?: boolean }) {
  const c = usePalette();
  return (
    <Press
      label={name}
      onPress={run}
      style={{
        height: 46,
        minWidth: 54,
        paddingHorizontal: 12,
        borderRadius: 6,
        borderWidth: 1.5,
        borderColor: wrong ? c.coralInk : c.edge,
        backgroundColor: wrong ? c.coralWash : c.raise,
        alignItems: 'center',
      }}
    >
      <Text
        fontFamily="$body"
        fontSize={17}
        lineHeight={22}
        fontWeight="600"
        color={wrong ? c.coralInk : c.ink}
      >
        {label}
      </Text>
    </Press>
  );
}

/** Ways to write the caret's line that leave the fabric as it is. */
function rewritingsOf(
  text: string,
  line: LineReading | undefined,
  terms: Terms,
): { title: string; rewriting: Rewriting }[] {
  if (line?.node.type !== 'round' || !line.node.label) return [];
  const { first, last } = line.node.label;
  const apart = last > first ? unfoldRange(text, line.line, { terms }) : null;
  const together = gatherRange(text, line.line, { terms });
  return [
    ...(apart ? [{ title: say.parts.unfold(`R${first}`, `R${last}`), rewriting: apart }] : []),
    ...(together ? [{ title: say.parts.gather, rewriting: together }] : []),
  ];
}
