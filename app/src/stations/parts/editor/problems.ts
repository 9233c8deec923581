import { Facet, RangeSetBuilder, StateField, type EditorState } from '@codemirror/state';
import { Decoration, EditorView, WidgetType, type DecorationSet } from '@codemirror/view';
import type { LineReading, Problem, TextChange } from '@hoppla/core/notation';
import { liveReading } from './reading';

/** A thing that can be done where the text says so: a mend, a placement. */
export interface Deed {
  title: string;
  run: () => void;
}

/** What stands below a line of text. */
export interface Below {
  sentence: string;
  severity: Problem['severity'] | 'offer';
  deeds: Deed[];
}

/** A note's offers, with a sentence on what it does not say. */
export interface Offered {
  sentence: string;
  deeds: Deed[];
}

/** What the screen around the editor does for it. */
export interface Host {
  mend: (title: string, changes: readonly TextChange[]) => void;
  /** what a note about a feature offers, and what it leaves open */
  offers: (line: LineReading) => Offered;
  /** what is said of a note whose placement is there already */
  taken: (line: LineReading) => string | null;
}

export const host = Facet.define<Host, Host>({
  combine: (given) =>
    given[0] ?? { mend: () => undefined, offers: () => ({ sentence: '', deeds: [] }), taken: () => null },
});

const SHOWN = 3;

/** Sentence and buttons below a line. */
export class BelowLine extends WidgetType {
  constructor(readonly below: Below) {
    super();
  }

  override eq(other: BelowLine): boolean {
    const of = (b: Below) => JSON.stringify([b.sentence, b.severity, b.deeds.map((d) => d.title)]);
    return (
      of(this.below) === of(other.below) &&
      this.below.deeds.every((d, i) => d.run === other.below.deeds[i].run)
    );
  }

  override toDOM(): HTMLElement {
    const box = document.createElement('div');
    box.className = `hop-below hop-${this.below.severity}`;
    box.contentEditable = 'false';
    if (this.below.sentence) {
      const words = document.createElement('p');
      words.textContent = this.below.sentence;
      box.append(words);
    }
    const row = document.createElement('div');
    row.className = 'hop-deeds';
    this.below.deeds.slice(0, SHOWN).forEach((deed, i) => {
      const button = document.createElement('button');
      button.type = 'button';
      button.className = i === 0 && this.below.severity === 'error' ? 'hop-main' : 'hop-plain';
      button.textContent = deed.title;
      // The text keeps the caret and the phone its keyboard.
      button.addEventListener('mousedown', (event) => event.preventDefault());
      button.addEventListener('click', deed.run);
      row.append(button);
    });
    if (this.below.deeds.length) box.append(row);
    return box;
  }

  override ignoreEvent(): boolean {
    return true;
  }
}

/** Underlines at every problem; the sentence and its mends below the first fault and the line with the caret. */
export const problems = StateField.define<DecorationSet>({
  create: (state) => decorate(state),
  update: (value, tr) =>
    tr.docChanged ||
    tr.selection ||
    tr.startState.field(liveReading) !== tr.state.field(liveReading) ||
    tr.startState.facet(host) !== tr.state.facet(host)
      ? decorate(tr.state)
      : value,
  provide: (field) => EditorView.decorations.from(field),
});

const UNDER = {
  error: Decoration.mark({ class: 'hop-under-error' }),
  warning: Decoration.mark({ class: 'hop-under-warning' }),
  note: Decoration.mark({ class: 'hop-under-note' }),
};

function decorate(state: EditorState): DecorationSet {
  const { part } = state.field(liveReading);
  const does = state.facet(host);
  const caret = state.doc.lineAt(state.selection.main.head).number;
  const builder = new RangeSetBuilder<Decoration>();
  let first = true;
  for (const line of part?.lines ?? []) {
    const end = Math.min(line.to, state.doc.length);
    const below: Below[] = [];
    let last = line.from;
    for (const p of [...line.problems].sort((a, b) => a.span.from - b.span.from)) {
      const [from, to] = [Math.max(last, p.span.from), Math.min(p.span.to, end)];
      if (to > from) builder.add(from, to, UNDER[p.severity]);
      last = Math.max(last, to);
    }
    const wrong = line.problems.find((p) => p.severity === 'error');
    const here = caret >= line.line && caret <= lineNumberAt(state, end);
    const shown =
      wrong && (first || here)
        ? wrong
        : here
          ? (line.problems.find((p) => p.severity === 'warning') ?? line.problems[0])
          : undefined;
    if (wrong) first = false;
    if (shown)
      below.push({
        sentence: shown.message,
        severity: shown.severity,
        deeds: state.readOnly
          ? []
          : shown.mends.map((m) => ({ title: m.title, run: () => does.mend(m.title, m.changes) })),
      });
    if (line.node.type === 'note' && line.node.feature) {
      const taken = does.taken(line);
      const offered = taken ? { sentence: taken, deeds: [] } : does.offers(line);
      // What is about something else is said where the maker reads it.
      const aside = line.node.feature.what !== 'eyes' && !here;
      if (!aside && (offered.sentence || offered.deeds.length))
        below.push({ ...offered, severity: 'offer', deeds: state.readOnly ? [] : offered.deeds });
    }
    for (const b of below)
      builder.add(end, end, Decoration.widget({ widget: new BelowLine(b), block: true, side: 1 }));
  }
  return builder.finish();
}

const lineNumberAt = (state: EditorState, offset: number): number => state.doc.lineAt(offset).number;
