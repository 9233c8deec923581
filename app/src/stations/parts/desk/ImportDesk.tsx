import { useDeferredValue, useMemo, useState } from 'react';
import { ScrollView, TextInput, View } from 'react-native';
import { MainAction, PlainButton, Quiet, Title, Toggle, Words } from '../../../controls';
import { chooseText, textOfFile, useDraft, type Draft } from '../../../documents';
import { FAMILY, usePalette } from '../../../theme';
import { screenWords as say } from '../../../words';
import { DeskLines } from './DeskLines';
import { deskReading, type DeskReading } from './reading';

interface ImportDeskProps {
  toy: string;
  /** beside each other on a wide screen */
  wide: boolean;
  /** `eyes`: those that the page names are placed, too */
  onAdd: (draft: Draft, eyes: boolean) => void;
}

/** The import desk: a page goes in, every line says what it became, one button makes parts of it. */
export function ImportDesk({ toy, wide, onAdd }: ImportDeskProps) {
  const { draft, kept, change, drop } = useDraft(toy);
  const [eyes, setEyes] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const slow = useDeferredValue(draft);
  const found = useMemo(() => (slow.text.trim() ? deskReading(slow) : null), [slow]);
  const openFile = async () => {
    const file = await chosenPage();
    setRefused(file && file.text === null ? file.name : null);
    if (file && file.text !== null) change({ text: file.text, as: {} });
  };
  const add = () => {
    onAdd(draft, eyes);
    drop();
  };
  const mean = (line: number, meaning: Draft['as'][number] | null) => {
    const { [line]: _, ...others } = draft.as;
    change({ ...draft, as: meaning ? { ...others, [line]: meaning } : others });
  };
  return (
    <View style={{ flex: 1, minHeight: 0, gap: 10 }}>
      <View style={{ flex: 1, minHeight: 0, flexDirection: wide ? 'row' : 'column', gap: wide ? 20 : 10 }}>
        <PageField
          draft={draft}
          small={!wide && found !== null}
          onType={(text) => {
            setRefused(null);
            change({ text, as: keptMeanings(draft, text) });
          }}
        />
        {found ? (
          <Became found={found} draft={draft} eyes={eyes} onEyes={setEyes} onMean={mean} />
        ) : (
          <Waiting wide={wide} refused={refused} onOpen={() => void openFile()} />
        )}
      </View>
      <Quiet aria-live="polite" fontSize={14}>
        {kept ? say.desk.draftKept : ' '}
      </Quiet>
      <View style={{ flexDirection: 'row' }}>
        <MainAction
          label={say.parts.addThese(found?.parts ?? 0)}
          disabled={!found || found.parts === 0}
          onPress={add}
        />
      </View>
    </View>
  );
}

/** A file that the maker chooses, as a page; null when none was chosen, its text null when it is no page. */
async function chosenPage(): Promise<{ name: string; text: string | null } | null> {
  const file = await chooseText('.txt,.md,.html,.htm,text/plain,text/html,text/markdown');
  return file && { name: file.name, text: textOfFile(file.name, file.raw) };
}

/** Before there is a page: what can be pasted, and a file to open. */
function Waiting({ wide, refused, onOpen }: { wide: boolean; refused: string | null; onOpen: () => void }) {
  return (
    <View style={{ flex: wide ? 1 : undefined, gap: 10 }}>
      <Quiet>{say.desk.nothing}</Quiet>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.desk.open} onPress={onOpen} />
      </View>
      {refused === null ? null : <Words aria-live="polite">{say.desk.notText(refused)}</Words>}
    </View>
  );
}

/** Lines that are still what they were keep the meaning that the maker gave them. */
function keptMeanings({ text, as }: Draft, now: string): Draft['as'] {
  const [before, after] = [text.split('\n'), now.split('\n')];
  return Object.fromEntries(
    Object.entries(as).flatMap(([line, is]) => {
      const words = before[Number(line) - 1];
      const shift = [0, after.length - before.length].find((by) => after[Number(line) - 1 + by] === words);
      return shift === undefined ? [] : [[Number(line) + shift, is]];
    }),
  );
}

function PageField({
  draft,
  small,
  onType,
}: {
  draft: Draft;
  small: boolean;
  onType: (text: string) => void;
}) {
  const c = usePalette();
  return (
    <TextInput
      aria-label={say.parts.add}
      multiline
      value={draft.text}
      onChangeText={onType}
      placeholder={say.parts.example}
      autoCapitalize="none"
      autoCorrect={false}
      spellCheck={false}
      style={{
        flex: small ? undefined : 1,
        height: small ? 84 : undefined,
        minHeight: small ? 84 : 200,
        borderWidth: 1.5,
        borderColor: c.edge,
        borderRadius: 6,
        padding: 12,
        color: c.ink,
        backgroundColor: c.raise,
        fontFamily: `"${FAMILY.text}", sans-serif`,
        fontSize: 17,
        lineHeight: 26,
      }}
    />
  );
}

/** What the page holds, and what each of its lines became. */
function Became({
  found,
  draft,
  eyes,
  onEyes,
  onMean,
}: {
  found: DeskReading;
  draft: Draft;
  eyes: boolean;
  onEyes: (eyes: boolean) => void;
  onMean: (line: number, meaning: Draft['as'][number] | null) => void;
}) {
  const c = usePalette();
  const [only, setOnly] = useState(false);
  const faulty = found.lines.filter((l) => l.fault);
  const shown = only && faulty.length > 0 ? faulty : found.lines;
  return (
    <View style={{ flex: 1, minHeight: 0, gap: 4 }}>
      <Holds found={found} />
      <ScrollView
        {...({ tabIndex: 0 } as object)}
        keyboardShouldPersistTaps="handled"
        style={{ flex: 1, borderTopWidth: 2, borderTopColor: c.edge, backgroundColor: c.paper }}
      >
        <View
          style={{
            flexDirection: 'row',
            flexWrap: 'wrap',
            gap: 8,
            paddingVertical: found.eyes || faulty.length ? 8 : 0,
          }}
        >
          {faulty.length > 0 ? <Toggle label={say.desk.look} on={only} onChange={setOnly} /> : null}
          {found.eyes ? <Toggle label={say.desk.eyesTaken} on={eyes} onChange={onEyes} /> : null}
        </View>
        <DeskLines lines={shown} as={draft.as} onMean={onMean} />
      </ScrollView>
    </View>
  );
}

/** How much the page holds, whether it adds up, what it is made with. */
function Holds({ found }: { found: DeskReading }) {
  const c = usePalette();
  return (
    <View aria-live="polite" style={{ gap: 2 }}>
      <Title>{say.desk.found(found.parts, found.rounds)}</Title>
      <Words color={found.faults ? c.coralInk : c.ink} fontWeight="600">
        {found.faults ? say.desk.faults(found.faults) : say.desk.addsUp}
      </Words>
      <Quiet>{factsOf(found).join(' · ')}</Quiet>
    </View>
  );
}

/** `Hook 3.75 mm`, `eyes 10 mm`, `9 lines kept as notes`, `1 line not read`. */
function factsOf({ reading, kept, unread }: DeskReading): string[] {
  const { hook, eyesMm, strands } = reading.materials;
  const part = reading.parts.map((p) => p.hookMm).find((mm) => mm !== null) ?? null;
  const known = hook?.mm ?? part;
  return [
    known === null ? unknownHook(hook) : say.desk.hook(known),
    ...(strands > 1 ? [say.desk.strands(strands)] : []),
    ...(eyesMm.length ? [say.desk.eyes(eyesMm)] : []),
    ...(kept ? [say.desk.kept(kept)] : []),
    unread ? say.desk.unread(unread) : say.desk.allRead,
  ];
}

const unknownHook = (hook: DeskReading['reading']['hook']): string =>
  hook ? say.desk.hookNotKnown(hook.said) : say.desk.noHook;
