import { defaultKeymap } from '@codemirror/commands';
import { Annotation, Compartment, EditorState } from '@codemirror/state';
import { EditorView, highlightActiveLine, keymap } from '@codemirror/view';
import { useEffect, useImperativeHandle, useRef, type Ref } from 'react';
import { useColorScheme } from 'react-native';
import { changeBetween, type TextChange } from '@hoppla/core/notation';
import { usePalette } from '../../theme';
import { caretInSight } from './editor/inSight';
import { countGutter } from './editor/countGutter';
import { kinds } from './editor/kinds';
import { look } from './editor/look';
import { host, problems, type Host } from './editor/problems';
import { liveReading, readingContext, type ReadingContext } from './editor/reading';
import { craftCompletion } from './editor/words';
import { screenWords as say } from '../../words';

/** What the craft keys and the screen do to the editor. */
export interface EditorHandle {
  /** Writes words at the caret; `|` in them is where the caret stands afterwards, a selection goes there. */
  write: (words: string) => void;
  /** Begins the next round on a line of its own. */
  nextRound: () => void;
  /** Changes the number before the caret. */
  count: (by: number) => void;
  /** Writes what the line makes behind it. */
  writeCount: () => void;
  /** Moves the caret to a line. */
  goTo: (line: number) => void;
  focus: () => void;
}

export interface RoundsEditorProps {
  text: string;
  context: ReadingContext;
  writing: boolean;
  host: Host;
  /** changes in order; each refers to the text after the one before */
  onChange: (changes: TextChange[]) => void;
  onCaret: (line: number, focused: boolean) => void;
  ref: Ref<EditorHandle>;
}

const External = Annotation.define<boolean>();

/** The rounds as text: counts beside the lines, problems and offers below them. One history with the app: the editor has none of its own. */
export default function RoundsEditor({
  text,
  context,
  writing,
  host: does,
  onChange,
  onCaret,
  ref,
}: RoundsEditorProps) {
  const c = usePalette();
  const dark = useColorScheme() === 'dark';
  const place = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const parts = useRef({
    theme: new Compartment(),
    context: new Compartment(),
    writing: new Compartment(),
    host: new Compartment(),
  });
  const latest = useRef({ text, context, writing, does, onChange, onCaret });
  useEffect(() => {
    latest.current = { text, context, writing, does, onChange, onCaret };
  });
  useEffect(() => {
    const { theme, context: reads, writing: writes, host: hosts } = parts.current;
    const now = latest.current;
    const made = new EditorView({
      parent: place.current!,
      state: EditorState.create({
        doc: now.text,
        extensions: [
          reads.of(readingContext.of(now.context)),
          hosts.of(host.of(now.does)),
          writes.of(writable(now.writing)),
          theme.of(look(c, dark)),
          liveReading,
          countGutter,
          kinds,
          problems,
          craftCompletion,
          caretInSight,
          keymap.of(defaultKeymap),
          EditorView.lineWrapping,
          highlightActiveLine(),
          EditorView.contentAttributes.of({
            'aria-label': say.parts.rounds,
            autocapitalize: 'none',
            autocorrect: 'off',
            spellcheck: 'false',
            'data-gramm': 'false',
          }),
          EditorView.updateListener.of((update) => {
            if (update.docChanged && !update.transactions.some((tr) => tr.annotation(External))) {
              const changes: TextChange[] = [];
              // Later changes first, so that each stands in the text as it is then.
              update.changes.iterChanges((from, to, _a, _b, insert) =>
                changes.unshift({ from, to, insert: insert.toString() }),
              );
              latest.current.onChange(changes);
            }
            if (update.selectionSet || update.docChanged || update.focusChanged)
              latest.current.onCaret(
                update.state.doc.lineAt(update.state.selection.main.head).number,
                update.view.hasFocus,
              );
          }),
        ],
      }),
    });
    view.current = made;
    return () => {
      made.destroy();
      view.current = null;
    };
    // The editor is made once for a part; what changes afterwards goes through its compartments.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  useEffect(
    () => view.current?.dispatch({ effects: parts.current.theme.reconfigure(look(c, dark)) }),
    [c, dark],
  );
  useEffect(
    () => view.current?.dispatch({ effects: parts.current.context.reconfigure(readingContext.of(context)) }),
    [context],
  );
  useEffect(
    () => view.current?.dispatch({ effects: parts.current.writing.reconfigure(writable(writing)) }),
    [writing],
  );
  useEffect(() => view.current?.dispatch({ effects: parts.current.host.reconfigure(host.of(does)) }), [does]);
  useEffect(() => {
    const now = view.current?.state.doc.toString();
    if (now === undefined || now === text) return;
    const { from, to, insert } = changeBetween(now, text);
    view.current!.dispatch({ changes: { from, to, insert }, annotations: External.of(true) });
  }, [text]);
  useImperativeHandle(ref, () => handleOf(view));
  return <div ref={place} style={{ width: '100%' }} />;
}

const writable = (writing: boolean) => [EditorState.readOnly.of(!writing), EditorView.editable.of(writing)];

function handleOf(ref: { current: EditorView | null }): EditorHandle {
  const withView = (run: (view: EditorView) => void) => () => ref.current && run(ref.current);
  return {
    write: (words) => withView((view) => write(view, words))(),
    nextRound: withView(nextRound),
    count: (by) => withView((view) => count(view, by))(),
    writeCount: withView(writeCount),
    goTo: (line) =>
      withView((view) => {
        const at = view.state.doc.line(Math.min(line, view.state.doc.lines)).to;
        view.dispatch({ selection: { anchor: at }, effects: EditorView.scrollIntoView(at, { y: 'center' }) });
        view.focus();
      })(),
    focus: withView((view) => view.focus()),
  };
}

/** Words need a comma or a space before them, as a maker would write it. */
function write(view: EditorView, words: string): void {
  const { main } = view.state.selection;
  const before = view.state.doc.sliceString(view.state.doc.lineAt(main.from).from, main.from);
  const selected = view.state.doc.sliceString(main.from, main.to);
  const lead =
    /^[,x)]/.test(words) || before.trim() === '' || /[([]\s*$/.test(before)
      ? ''
      : /[:,\d]\s*$/.test(before) || (/^[(]?\d/.test(words) && /,\s*$/.test(before))
        ? ' '
        : ', ';
  const gap = /\s$/.test(before) && lead === ' ' ? '' : /^x\d/.test(words) ? ' ' : lead;
  const [head, tail = ''] = words.includes('|') ? words.split('|') : [words];
  const insert = `${gap}${head}${words.includes('|') ? selected : ''}${tail}`;
  const caret = main.from + gap.length + head.length + (words.includes('|') ? selected.length : 0);
  view.dispatch({
    changes: { from: main.from, to: main.to, insert },
    selection: { anchor: caret },
    scrollIntoView: true,
    userEvent: 'input',
  });
  view.focus();
}

function nextRound(view: EditorView): void {
  const { part } = view.state.field(liveReading);
  const line = view.state.doc.lineAt(view.state.selection.main.head);
  const above = (part?.rounds ?? []).filter(
    (r) => r.line <= line.number && r.kind !== 'layer' && r.kind !== 'fold',
  );
  const row = above.length > 0 && above[above.length - 1].kind === 'row';
  const label = `${row ? 'Row ' : 'R'}${(above[above.length - 1]?.number ?? 0) + 1}: `;
  const empty = line.text.trim() === '';
  const insert = empty ? label : `\n${label}`;
  const at = empty ? line.from : line.to;
  view.dispatch({
    changes: { from: at, to: empty ? line.to : at, insert },
    selection: { anchor: at + insert.length },
    scrollIntoView: true,
    userEvent: 'input',
  });
  view.focus();
}

/** Changes the number before the caret; the number of a label is not a count. */
function count(view: EditorView, by: number): void {
  const { head } = view.state.selection.main;
  const line = view.state.doc.lineAt(head);
  const node = view.state.field(liveReading).lines[line.number]?.node;
  const body = node?.type === 'round' && node.label ? node.label.span.to : 0;
  const before = [...line.text.slice(0, head - line.from).matchAll(/\d+/g)].filter((m) => m.index >= body);
  const last = before[before.length - 1];
  if (!last) return;
  const from = line.from + last.index;
  view.dispatch({
    changes: { from, to: from + last[0].length, insert: String(Math.max(1, Number(last[0]) + by)) },
    userEvent: 'input',
  });
  view.focus();
}

/** Writes what the line makes behind it, or instead of what it says. */
function writeCount(view: EditorView): void {
  const line = view.state.doc.lineAt(view.state.selection.main.head);
  const live = view.state.field(liveReading);
  const here = live.lines[line.number];
  const made = here && here.rounds[1] > here.rounds[0] ? live.part!.rounds[here.rounds[1] - 1].made : null;
  if (made === null || here?.node.type !== 'round') return;
  const { stated } = here.node;
  const change = stated
    ? { from: here.from + stated.span.from, to: here.from + stated.span.to, insert: String(made) }
    : { from: line.to, insert: ` (${made})` };
  view.dispatch({ changes: change, scrollIntoView: true, userEvent: 'input' });
  view.dispatch({ selection: { anchor: view.state.doc.line(line.number).to } });
  view.focus();
}
