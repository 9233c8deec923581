import { lazy, Suspense, useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import { View } from 'react-native';
import { Text } from '../../theme/tamagui';
import { habitsTold, holeTag, withHabits } from '@hoppla/core/address';
import { noteSentence, pairsOfNote, resolveEyes, type Head } from '@hoppla/core/feature';
import { read, type LineReading, type PartReading, type TextChange } from '@hoppla/core/notation';
import {
  mendPart,
  otherTitles,
  rewritePart,
  rewriteRounds,
  setFeature,
  typeInPart,
  type Toy,
} from '@hoppla/core/toy';
import { headOf, type PartModel } from '@hoppla/core/model';
import { PlainButton, Words } from '../../controls';
import { edit, newId, useDevice, type Device } from '../../documents';
import { usePalette } from '../../theme';
import { useToy } from '../frame/useToy';
import type { Host, Offered } from './editor/problems';
import type { EditorHandle } from './RoundsEditor';
import { screenWords as say } from '../../words';

// CodeMirror's one way in: a chunk of its own.
const RoundsEditor = lazy(() => import('./RoundsEditor'));

/** The text of a part as it is now, and as it reads. */
export interface LiveText {
  text: string;
  reading: PartReading | null;
  lines: number;
  understood: number;
}

/** Reads the newest text, also while the rest of the toy waits for a pause in the typing. */
export function useLiveText(part: PartModel | null): LiveText & { names: string[] } {
  const { toy } = useToy();
  const text = toy.parts.find((p) => p.id === part?.part.id)?.text ?? '';
  const { terms } = toy.settings;
  const named = otherTitles(toy, part?.part.id ?? '').join('\n');
  const names = useMemo(() => (named ? named.split('\n') : []), [named]);
  const reading = useMemo(() => read(text, { terms, parts: names }), [text, terms, names]);
  return {
    text,
    names,
    reading: reading.parts[0] ?? null,
    lines: reading.lines,
    understood: reading.understood,
  };
}

/** What the editor may do and ask. A new host only when the offers may have changed: the widgets of the editor hang on it. */
function useHost(part: PartModel): Host {
  const { toy, model } = useToy();
  const device = useDevice();
  const id = part.part.id;
  const latest = useRef({ part, head: headOf(model, part), device });
  useEffect(() => {
    latest.current = { part, head: headOf(model, part), device };
  });
  const eyes = toy.features
    .flatMap((f) => (f.kind === 'eyes' && f.part === id ? [courseKey(f.pair.course)] : []))
    .join();
  return useMemo<Host>(
    () => ({
      mend: (title, changes) =>
        edit(title, { station: 'parts', part: id }, (t) => mendPart(t, id, changes, newId)),
      offers: (line) => offersOf(latest.current, line),
      taken: (line) => takenBy(latest.current.part, line, eyes.split(',')),
    }),
    // Habits told elsewhere change what a note offers.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [id, eyes, device.habits],
  );
}

/** The editor of one part, wired to the one history. */
export function Rounds({
  part,
  live,
  editor,
  onCaret,
}: {
  part: PartModel;
  live: ReturnType<typeof useLiveText>;
  editor: RefObject<EditorHandle | null>;
  onCaret: (line: number) => void;
}) {
  const c = usePalette();
  const { toy, writing } = useToy();
  const [caret, setCaret] = useState(1);
  const id = part.part.id;
  const { terms } = toy.settings;
  const context = useMemo(() => ({ terms, parts: live.names }), [terms, live.names]);
  const host = useHost(part);
  const change = (changes: TextChange[]) =>
    edit(
      say.parts.rounds,
      { station: 'parts', part: id },
      (t) => changes.reduce((so, one) => typed(so, id, one), t),
      `type:${id}`,
    );
  return (
    <View style={{ borderTopWidth: 1, borderTopColor: c.line }}>
      <Suspense fallback={<Waiting text={live.text} />}>
        <RoundsEditor
          ref={editor}
          text={live.text}
          context={context}
          writing={writing}
          host={host}
          onChange={change}
          onCaret={(line) => (setCaret(line), onCaret(line))}
        />
      </Suspense>
      <Text position="absolute" width={1} height={1} overflow="hidden" aria-live="polite" color="transparent">
        {spoken(live.reading, caret)}
      </Text>
    </View>
  );
}

/** One change of the text; a paste over several lines is compared line by line, so that lines keep their identity. */
function typed(toy: Toy, id: string, change: TextChange): Toy {
  const before = toy.parts.find((p) => p.id === id)!.text;
  const many = change.insert.includes('\n') && before.slice(change.from, change.to).includes('\n');
  return many
    ? rewritePart(toy, id, before.slice(0, change.from) + change.insert + before.slice(change.to), newId)
    : typeInPart(toy, id, change, newId);
}

const between = (rounds: readonly [number, number]): string => `R${rounds[0]}·${rounds[1]}`;

/** What a note comes to: the pairs it may mean, and what it leaves open or why there are none. What it leaves open is read the maker's way once that is known; choosing tells it. */
function offersOf(
  {
    part,
    head,
    device,
  }: {
    part: PartModel;
    head: Head;
    device: Pick<Device, 'habits'> & { countsAs: (habits: Device['habits']) => void };
  },
  line: LineReading,
): Offered {
  if (line.node.type !== 'note' || !line.node.feature || part.fabric.shape !== 'rounds') return NOTHING;
  const { feature } = line.node;
  const offer = pairsOfNote(head, feature, {
    id: newId(),
    part: part.part.id,
    copy: null,
  });
  const found = withHabits(offer.readings, device.habits);
  const which = found.length > 1 ? say.parts.whichOffer : '';
  const deeds = found.map((reading) => {
    const { between: n, along, pair } = reading;
    const at = resolveEyes(head, pair);
    const rounds = at.state === 'homeless' ? '' : holeTag(at.names[0]).rounds;
    const title =
      found.length > 1
        ? say.parts.readings[along](feature.many?.[0] ?? n, n)
        : say.parts.offer(rounds, n, pair.making === 'embroidered', pair.eyeMm);
    return {
      title,
      run: () => {
        if (found.length > 1) device.countsAs({ ...device.habits, ...habitsTold(found, reading) });
        edit(title, { station: 'parts', part: part.part.id, feature: pair.id }, (toy) =>
          setFeature(toy, pair),
        );
      },
    };
  });
  return { sentence: [offer.said ? noteSentence(offer.said) : '', which].filter(Boolean).join(' '), deeds };
}

const NOTHING: Offered = { sentence: '', deeds: [] };

const courseKey = ({ mark, nth }: { mark: string; nth: number }): string => `${mark}.${nth}`;

/** Where the eyes of this part really stand, beside a note that places some; null when there are none. */
function takenBy(part: PartModel, line: LineReading, eyes: readonly string[]): string | null {
  if (line.node.type !== 'note' || line.node.feature?.what !== 'eyes') return null;
  const later = part.fabric.rounds.filter((r) => eyes.includes(courseKey(r))).map((r) => r.number);
  const { rounds } = line.node.feature;
  if (later.length === 0) return null;
  const there = later.map((n) => between([n - 1, n])).join(', ');
  if (!rounds) return say.parts.placed(there);
  return later.includes(rounds[1])
    ? say.parts.placed(between(rounds))
    : say.parts.placedElsewhere(there, between(rounds));
}

/** What a screen reader is told of the line with the caret, and of the whole part. */
function spoken(reading: PartReading | null, caret: number): string {
  if (!reading) return '';
  const line = reading.lines.find((l) => l.line === caret);
  const round = line && line.rounds[1] > line.rounds[0] ? reading.rounds[line.rounds[1] - 1] : null;
  const errors = reading.problems.filter((p) => p.severity === 'error').length;
  const here = round
    ? `${say.parts.saysOf(round.label ?? say.parts.atLine(caret), String(round.made ?? '?'), round.stated === null ? null : String(round.stated))}. `
    : '';
  return `${here}${line?.problems[0]?.message ?? ''} ${errors ? say.parts.notYet(errors) : say.parts.addsUp}`;
}

/** The next line that does not add up, after the caret or from the top. */
export function nextFault(live: LiveText, caret: number): { line: number; label: string } | null {
  const { reading } = live;
  const wrong = reading?.lines.filter((l) => l.problems.some((p) => p.severity === 'error')) ?? [];
  const next = wrong.find((l) => l.line > caret) ?? wrong[0];
  return next
    ? { line: next.line, label: reading!.rounds[next.rounds[0]]?.label ?? say.parts.atLine(next.line) }
    : null;
}

const LITTLE = 0.6;

/** When little of a text could be read: it is kept, and there is a way out. */
export function LittleRead({ part, live }: { part: PartModel; live: LiveText }) {
  const c = usePalette();
  if (live.lines < 3 || live.understood / live.lines >= LITTLE) return null;
  const lost = (live.reading?.lines ?? []).filter(
    (l) => l.node.type === 'round' && !l.node.label && l.problems.some((p) => p.code === 'unknown-word'),
  );
  const id = part.part.id;
  const asNotes = () =>
    edit(say.parts.keepNotes, { station: 'parts', part: id }, (toy) =>
      mendPart(
        toy,
        id,
        lost.map((l) => ({ from: l.from, to: l.from, insert: '-- ' })),
        newId,
      ),
    );
  return (
    <View style={{ padding: 16, gap: 8, backgroundColor: c.sunk }}>
      <Words>{say.parts.little(live.understood, live.lines)}</Words>
      {lost.length ? (
        <View style={{ flexDirection: 'row' }}>
          <PlainButton label={say.parts.keepNotes} onPress={asNotes} />
        </View>
      ) : null}
    </View>
  );
}

/** The words themselves, while the editor is fetched from this browser. */
function Waiting({ text }: { text: string }) {
  return (
    <View aria-busy aria-label={say.parts.laidOut} style={{ padding: 16, minHeight: 240 }}>
      {text
        .split('\n')
        .slice(0, 20)
        .map((line, i) => (
          <Words key={i} lineHeight={42}>
            {line || ' '}
          </Words>
        ))}
    </View>
  );
}

/** Writes the rounds of the caret's line apart or together. */
export const rewriteHere = (
  part: PartModel,
  title: string,
  rewriting: Parameters<typeof rewriteRounds>[2],
): void =>
  edit(title, { station: 'parts', part: part.part.id }, (toy) =>
    rewriteRounds(toy, part.part.id, rewriting, newId),
  );
