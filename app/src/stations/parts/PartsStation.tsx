import { type Toy } from '@hoppla/core/toy';
import { useRef, useState, type RefObject } from 'react';
import { View } from 'react-native';
import { read, splitLines } from '@hoppla/core/notation';
import { addParts, changePart, changeTerms, removePart, rewritePart } from '@hoppla/core/toy';
import { workingOf } from '@hoppla/core/record';
import { acceptEyes, acceptNeedle, type PartModel } from '@hoppla/core/model';
import { PlainButton, Quiet, Scroll, Words } from '../../controls';
import { edit, isNewName, newId, openToyNow, type Draft } from '../../documents';
import { usePalette } from '../../theme';
import { useRoom } from '../frame/useRoom';
import { useToy } from '../frame/useToy';
import { MatAndStrip, sizesIn } from './MatAndStrip';
import { BeginOnHook } from './BeginOnHook';
import { ImportDesk } from './desk/ImportDesk';
import { InTheRow } from './InTheRow';
import { CraftKeys } from './CraftKeys';
import { LittleRead, nextFault, rewriteHere, Rounds, useLiveText, type LiveText } from './Rounds';
import type { EditorHandle } from './RoundsEditor';
import { screenWords as say } from '../../words';
import { PartSize } from './PartSize';
import { WorkAndWrite } from './WorkAndWrite';

/** Parts: do my rounds add up, and what shape is this? */
export function PartsStation() {
  const c = usePalette();
  const room = useRoom();
  const { wide } = room;
  const { part, model, toy, writing, choosePart } = useToy();
  const [adding, setAdding] = useState(false);
  const [tapping, setTapping] = useState(false);
  const [caret, setCaret] = useState(1);
  const editor = useRef<EditorHandle | null>(null);
  const live = useLiveText(part);
  const add = (draft: Draft, eyes: boolean) => {
    const known = new Set(model.parts.map((p) => p.part.id));
    edit(say.parts.add, { station: 'parts' }, (toy) => takenFrom(draft, eyes, toy));
    setAdding(false);
    const first = openToyNow().file?.toy.parts.find((p) => !known.has(p.id));
    // Of a new toy nothing is chosen yet: each station opens on the part that it is about.
    if (first && known.size > 0) choosePart(first.id);
  };
  if (!part || adding) {
    return (
      <Desk
        toy={toy.id}
        wide={wide}
        onClose={part ? () => setAdding(false) : null}
        onAdd={add}
        onBegin={(text) => (add({ text, as: {} }, false), setTapping(true))}
      />
    );
  }
  const { paperWidth } = sizesIn(room);
  const underWay = tapping ? (workingOf(part)?.line ?? null) : null;
  return (
    <View style={{ flex: 1, flexDirection: wide ? 'row' : 'column' }}>
      <MatAndStrip part={part} underWay={underWay} onAdd={writing ? () => setAdding(true) : null} />
      <View style={{ flex: wide ? undefined : 1, width: paperWidth, minHeight: 0, backgroundColor: c.paper }}>
        <Scroll keyboardShouldPersistTaps="handled">
          <LittleRead part={part} live={live} />
          <Rounds key={part.part.id} part={part} live={live} editor={editor} onCaret={setCaret} />
          <PartSettings part={part} onAdd={() => setAdding(true)} />
        </Scroll>
        {writing ? <Hands {...{ part, live, caret, editor, tapping, setTapping }} /> : null}
      </View>
    </View>
  );
}

/** How rounds come into the text: keys for what is hard to type, or stitches that are tapped. */
function Hands({
  part,
  live,
  caret,
  editor,
  tapping,
  setTapping,
}: {
  part: PartModel;
  live: LiveText;
  caret: number;
  editor: RefObject<EditorHandle | null>;
  tapping: boolean;
  setTapping: (tapping: boolean) => void;
}) {
  const { wide } = useRoom();
  const { toy } = useToy();
  if (tapping) return <WorkAndWrite part={part} onClose={() => setTapping(false)} />;
  return (
    <CraftKeys
      editor={editor}
      terms={toy.settings.terms}
      text={live.text}
      line={live.reading?.lines.find((l) => l.line === caret)}
      fault={nextFault(live, caret)}
      wide={wide}
      onRewrite={(title, rewriting) => rewriteHere(part, title, rewriting)}
      onTap={() => setTapping(true)}
    />
  );
}

/** The toy with what a page holds: its parts, its name where the toy has none of its own, its eyes and what is stitched where that is wished. */
function takenFrom({ text, as }: Draft, eyes: boolean, toy: Toy): Toy {
  const title = read(text, { as }).title;
  const unnamed = toy.parts.length === 0 && isNewName(toy.name);
  const named = unnamed && title ? { ...toy, name: title.split(/[,(]| - /)[0].trim() || title } : toy;
  const added = addParts(named, text, newId, as);
  return eyes ? acceptNeedle(acceptEyes(added, newId).toy, newId).toy : added;
}

/** The import desk in the place of the station: while there is no part, or over those that are there. */
function Desk({
  toy,
  wide,
  onClose,
  onAdd,
  onBegin,
}: {
  toy: string;
  wide: boolean;
  onClose: (() => void) | null;
  onAdd: (draft: Draft, eyes: boolean) => void;
  onBegin: (text: string) => void;
}) {
  const c = usePalette();
  return (
    <View style={{ flex: 1, minHeight: 0, backgroundColor: c.paper }}>
      <View
        style={{
          flex: 1,
          minHeight: 0,
          padding: 16,
          gap: 8,
          width: '100%',
          maxWidth: wide ? 1240 : 720,
          alignSelf: 'center',
        }}
      >
        <ImportDesk
          toy={toy}
          wide={wide}
          onClose={onClose}
          onAdd={onAdd}
          instead={<BeginOnHook onBegin={onBegin} />}
        />
      </View>
    </View>
  );
}

/** Loops that the rounds leave free, for what is worked into them later. */
function FreeLoops({ reading }: { reading: PartModel['reading'] }) {
  return (
    <View style={{ gap: 2 }}>
      <Words fontWeight="600">{say.parts.freeLoops}</Words>
      {reading.freeLoops.map((f) => (
        <Quiet key={`${f.round}${f.loop}`}>
          {say.parts.freeOf(
            reading.rounds[f.round].label ?? say.parts.atLine(reading.rounds[f.round].line),
            f.loop,
            f.free,
            f.of,
          )}
        </Quiet>
      ))}
    </View>
  );
}

function PartSettings({ part, onAdd }: { part: PartModel; onAdd: () => void }) {
  const c = usePalette();
  const { toy } = useToy();
  const id = part.part.id;
  return (
    <View style={{ padding: 16, gap: 12, borderTopWidth: 1, borderTopColor: c.line }}>
      {part.others > 0 ? (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 }}>
          <Words>{say.parts.split(part.others)}</Words>
          <PlainButton
            label={say.parts.splitThem}
            onPress={() => edit(say.parts.splitThem, { station: 'parts' }, (toy) => splitPart(toy, part))}
          />
        </View>
      ) : null}
      {part.addsUp ? (
        <Words fontWeight="600">
          {say.parts.allAddUp(
            part.reading.rounds.length,
            say.parts.roundWord[part.fabric.shape],
            part.reading.stitches,
          )}
        </Words>
      ) : null}
      <PartSize part={part} />
      {part.reading.freeLoops.length ? <FreeLoops reading={part.reading} /> : null}
      <Words fontWeight="600">{say.parts.fill}</Words>
      <FillChoice part={part} id={id} />
      <Words fontWeight="600">{say.parts.terms}</Words>
      <TermsChoice toy={toy} id={id} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton label={say.parts.add} onPress={onAdd} grow />
        <InTheRow part={part} />
        <PlainButton
          label={say.parts.remove}
          danger
          onPress={() => edit(say.parts.remove, { station: 'parts' }, (toy) => removePart(toy, id))}
        />
      </View>
    </View>
  );
}

/** In which terms it is written. */
function TermsChoice({ toy, id }: { toy: Toy; id: string }) {
  return (
    <View
      role="radiogroup"
      aria-label={say.parts.terms}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {(['us', 'uk'] as const).map((t) => (
        <PlainButton
          key={t}
          label={say.parts[t]}
          chosen={toy.settings.terms === t}
          onPress={() =>
            edit(say.parts.toTerms(t), { station: 'parts', part: id }, (so) => changeTerms(so, t, newId))
          }
        />
      ))}
    </View>
  );
}

/** How firmly it is filled. */
function FillChoice({ part, id }: { part: PartModel; id: string }) {
  return (
    <View
      role="radiogroup"
      aria-label={say.parts.fill}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {(['empty', 'soft', 'medium', 'firm'] as const).map((f) => (
        <PlainButton
          key={f}
          label={say.parts.fills[f]}
          chosen={part.fill === f}
          onPress={() =>
            edit(`${say.parts.fill}: ${f}`, { station: 'parts', part: id }, (toy) =>
              changePart(toy, id, { fill: f }),
            )
          }
        />
      ))}
    </View>
  );
}

/** Takes the further parts of a text out of it and adds them as parts of their own. */
function splitPart(toy: Parameters<typeof addParts>[0], part: PartModel) {
  const lines = splitLines(part.part.text);
  const cut = lines[part.reading.lastLine]?.from ?? part.part.text.length;
  const rest = part.part.text.slice(cut);
  return addParts(
    rewritePart(toy, part.part.id, part.part.text.slice(0, cut).replace(/\s+$/, ''), newId),
    rest,
    newId,
  );
}
