import { useDeferredValue, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { MainAction, PlainButton, Quiet, Scroll, Title, Words } from '../../../controls';
import { useComputeAll } from '../../../compute';
import { chooseFile, PAGE_FILES, textOfFile, useDraft, type Draft, type GivenFile } from '../../../documents';
import { screenWords as say } from '../../../words';
import { Became } from './Became';
import { PageField } from './PageField';
import { deskReading, keptMeanings, renamed, withPage, type DeskReading } from './reading';

interface ImportDeskProps {
  toy: string;
  /** beside each other on a wide screen */
  wide: boolean;
  /** null while the toy has no part to go back to */
  onClose: (() => void) | null;
  /** `eyes`: those that the page names are placed, too */
  onAdd: (draft: Draft, eyes: boolean) => void;
  /** another way to begin, while there is no page: its lines need the room */ instead: ReactNode;
}

/** The import desk: a page goes in, every line says what it became, one button makes parts of it. */
export function ImportDesk({ toy, wide, onClose, onAdd, instead }: ImportDeskProps) {
  const { draft, kept, change, drop } = useDraft(toy);
  const [eyes, setEyes] = useState(false);
  const { said, setSaid, openFile, stop } = useOpenedFile(draft, change);
  const found = useDeskReading(useDeferredValue(draft));
  const add = () => {
    onAdd(draft, eyes);
    drop();
  };
  const type = (text: string) => {
    setSaid(null);
    change({ text, as: keptMeanings(draft, text) });
  };
  const mean = (line: number, meaning: Draft['as'][number] | null) => {
    const { [line]: _, ...others } = draft.as;
    change({ ...draft, as: meaning ? { ...others, [line]: meaning } : others });
  };
  const rename = (line: number, from: string, to: string) => change(renamed(draft, line, from, to));
  return (
    <View style={{ flex: 1, minHeight: 0, gap: 10 }}>
      <Head page={found !== null} onClose={onClose} />
      <View style={{ flex: 1, minHeight: 0, flexDirection: wide ? 'row' : 'column', gap: wide ? 20 : 10 }}>
        <PageField draft={draft} small={!wide && found !== null} onType={type} onFile={openFile} />
        {found ? (
          <Became found={found} draft={draft} eyes={eyes} onEyes={setEyes} onMean={mean} onRename={rename} />
        ) : (
          <Waiting onOpen={openFile}>{draft.text.trim() === '' ? instead : null}</Waiting>
        )}
      </View>
      <Quiet aria-live="polite" fontSize={said ? 17 : 14}>
        {said ?? stateOf(draft, found, kept)}
      </Quiet>
      {stop ? <PlainButton label={say.desk.stop} onPress={stop} /> : null}
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

/** What is said below the page: it is being read, or it is kept. */
function stateOf(draft: Draft, found: DeskReading | null, kept: boolean): string {
  if (found === null && draft.text.trim() !== '') return say.desk.reading;
  return kept ? say.desk.draftKept : ' ';
}

/** A page with more letters is read in the worker: it must not hold the typing. */
const LONG = 20_000;

/** What a page becomes; of a long one what it became before, while the worker reads. */
function useDeskReading(draft: Draft): DeskReading | null {
  const long = draft.text.length > LONG;
  const [far] = useComputeAll('page', long ? [{ about: 'desk', input: draft }] : []);
  return useMemo(() => {
    if (draft.text.trim() === '') return null;
    if (!long) return deskReading(draft);
    return far ? deskReading(far.draft, far.reading) : null;
  }, [draft, long, far]);
}

/** Reads a file into the desk, behind what is there already, and says what comes of it. */
function useOpenedFile(draft: Draft, change: (draft: Draft) => void) {
  const [said, setSaid] = useState<string | null>(null);
  // What is typed while a file is read stays, too.
  const latest = useRef(draft);
  useEffect(() => {
    latest.current = draft;
  });
  const [reading, setReading] = useState<AbortController | null>(null);
  const openFile = async ({ name, bytes }: GivenFile): Promise<void> => {
    const now = new AbortController();
    setReading(now);
    setSaid(say.desk.opening(name));
    const page = await textOfFile(name, bytes, { signal: now.signal });
    setReading(null);
    if (page.state === 'stopped') return setSaid(say.desk.stopped(name));
    if (page.state === 'refused') return setSaid(say.desk.refused[page.why](name));
    setSaid(null);
    change(withPage(latest.current, page.text));
  };
  const stop = reading && (() => reading.abort());
  return { said, setSaid, openFile: (file: GivenFile) => void openFile(file), stop };
}

function Head({ page, onClose }: { page: boolean; onClose: (() => void) | null }) {
  const nothing = onClose ? say.parts.add : say.parts.emptyTitle;
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' }}>
      <Title role="heading" aria-level={2}>
        {page ? say.desk.title : nothing}
      </Title>
      {onClose ? <PlainButton label={say.close} onPress={onClose} /> : null}
    </View>
  );
}

/** Before there is a page: what can be pasted, a file to open, and another way to begin. */
function Waiting({ onOpen, children }: { onOpen: (file: GivenFile) => void; children: ReactNode }) {
  const choose = async () => {
    const file = await chooseFile(PAGE_FILES);
    if (file) onOpen(file);
  };
  return (
    <Scroll style={{ flex: 1 }} contentContainerStyle={{ gap: 10 }}>
      <Words>{say.desk.nothing}</Words>
      <View style={{ flexDirection: 'row' }}>
        <PlainButton label={say.desk.open} onPress={() => void choose()} />
      </View>
      <Quiet>{say.desk.kinds}</Quiet>
      {children}
    </Scroll>
  );
}
