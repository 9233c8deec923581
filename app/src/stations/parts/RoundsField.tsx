import { useMemo, useRef, useState } from 'react';
import { TextInput, View, type NativeSyntheticEvent, type TextInputSelectionChangeEventData } from 'react-native';
import { Text } from 'tamagui';
import { changeBetween } from '@hoppla/core/notation';
import { typeInPart, rewritePart, type PartModel } from '@hoppla/core/toy';
import { screenWords as say } from '@hoppla/core/words';
import { Num } from '../../controls';
import { edit, newId, openToyNow } from '../../documents';
import { FAMILY, usePalette } from '../../theme';
import { useToy } from '../frame/useToy';

const LINE = 30;
const GUTTER = 104;
const PAD = 12;

/**
 * The rounds as text with the count of every line beside it. The rows under the field carry the same words, invisible,
 * so that a wrapped line is as tall as in the field; their bars are half the part's silhouette.
 */
export function RoundsField({ part }: { part: PartModel }) {
  const c = usePalette();
  const { writing } = useToy();
  const caret = useRef<number | null>(null);
  const input = useRef<TextInput>(null);
  const [focused, setFocused] = useState(false);
  const { text } = part.part;
  const font = { fontFamily: `"${FAMILY.text}", sans-serif`, fontSize: 17, lineHeight: LINE } as const;
  const change = (next: string) => {
    const field = input.current as unknown as HTMLTextAreaElement | null;
    const at = field?.selectionStart ?? caret.current ?? next.length;
    const id = part.part.id;
    edit(say.parts.rounds, { station: 'parts', part: id }, (toy) => {
      const before = toy.parts.find((p) => p.id === id)!.text;
      const made = changeBetween(before, next, at);
      const many = made.insert.includes('\n') && before.slice(made.from, made.to).includes('\n');
      return many ? rewritePart(toy, id, next, newId) : typeInPart(toy, id, made, newId);
    }, `type:${id}`);
  };
  const rows = useMemo(() => rowsOf(part), [part]);
  const most = Math.max(1, ...part.reading.rounds.map((r) => r.made ?? r.carried));
  return (
    <View style={{ position: 'relative', borderTopWidth: 1, borderTopColor: c.line }}>
      <View aria-hidden>
        {rows.map((row) => (
          <View key={row.line} style={{ flexDirection: 'row', minHeight: LINE, backgroundColor: row.severity === 'error' ? c.coralWash : row.quiet ? c.paper : c.paper, borderBottomWidth: 0 }}>
            <View style={{ position: 'absolute', right: 0, top: 1, bottom: 1, width: row.count === null ? 0 : 14 + (row.count / most) * (GUTTER - 18), backgroundColor: row.severity === 'error' ? c.coral : c.sunk, opacity: row.severity === 'error' ? 0.4 : 1 }} />
            {row.stated !== null && row.count !== null && row.stated !== row.count ? <View style={{ position: 'absolute', right: 0, top: 1, bottom: 1, width: 14 + (Math.min(row.stated, most * 1.2) / most) * (GUTTER - 18), borderWidth: 1.5, borderColor: c.coralInk, borderStyle: 'dashed' }} /> : null}
            <Text {...font} flex={1} paddingLeft={PAD} color="transparent" whiteSpace="pre-wrap" style={{ overflowWrap: 'break-word' }} textDecorationLine={row.severity === 'error' ? 'underline' : 'none'} textDecorationStyle="solid" textDecorationColor={c.coralInk}>
              {row.text || ' '}
            </Text>
            <View style={{ width: GUTTER, alignItems: 'flex-end', justifyContent: 'flex-start', paddingRight: 10, paddingTop: 4 }}>
              {row.severity || row.count !== null ? (
                <Num fontSize={16} lineHeight={22} color={row.severity === 'error' ? c.coralInk : c.ink}>
                  {`${row.severity === 'error' ? '! ' : ''}${row.count ?? '?'}`}
                </Num>
              ) : null}
            </View>
          </View>
        ))}
      </View>
      <TextInput
        ref={input} aria-label={say.parts.rounds} multiline value={text} onChangeText={change} readOnly={!writing} autoCapitalize="none" autoCorrect={false} spellCheck={false} scrollEnabled={false}
        onFocus={() => setFocused(true)} onBlur={() => setFocused(false)}
        onSelectionChange={(e: NativeSyntheticEvent<TextInputSelectionChangeEventData>) => (caret.current = e.nativeEvent.selection.end)}
        style={{ position: 'absolute', left: 0, top: 0, right: GUTTER, bottom: 0, ...font, paddingLeft: PAD, paddingVertical: 0, paddingRight: 0, color: c.ink, backgroundColor: 'transparent', overflow: 'hidden', outlineStyle: 'none', borderLeftWidth: 0, resize: 'none' } as object}
      />
      {focused ? <View pointerEvents="none" style={{ position: 'absolute', left: 0, top: 0, bottom: 0, width: 3, backgroundColor: c.pin }} /> : null}
      <Text position="absolute" width={1} height={1} overflow="hidden" aria-live="polite" color="transparent">{spoken(part)}</Text>
    </View>
  );
}

/** What a screen reader is told of the counts: the last round and how many faults. */
function spoken(part: PartModel): string {
  if (openToyNow().state !== 'open') return '';
  const last = part.reading.rounds[part.reading.rounds.length - 1];
  const errors = part.problems.filter((p) => p.severity === 'error').length;
  return last ? `${say.parts.made(last.label ?? '', String(last.made ?? '?'))}. ${errors ? say.parts.notYet(errors) : say.parts.addsUp}` : '';
}

interface Row {
  line: number;
  text: string;
  count: number | null;
  stated: number | null;
  severity: 'error' | 'warning' | 'note' | null;
  quiet: boolean;
}

function rowsOf(part: PartModel): Row[] {
  const byLine = new Map(part.reading.lines.map((l) => [l.line, l]));
  return part.part.text.split('\n').map((text, i) => {
    const line = byLine.get(i + 1);
    const last = line && line.rounds[1] > line.rounds[0] ? part.reading.rounds[line.rounds[1] - 1] : null;
    const worst = line?.problems.find((p) => p.severity === 'error') ?? line?.problems[0];
    return { line: i + 1, text, count: last ? last.made : null, stated: last ? last.stated : null, severity: last || worst ? (worst?.severity ?? null) : null, quiet: line?.node.type !== 'round' };
  });
}
