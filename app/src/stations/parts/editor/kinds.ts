import { RangeSetBuilder } from '@codemirror/state';
import {
  Decoration,
  ViewPlugin,
  type DecorationSet,
  type EditorView,
  type ViewUpdate,
} from '@codemirror/view';
import type { Item, LineReading } from '@hoppla/core/notation';
import { liveReading } from './reading';

const mark = (name: string) => Decoration.mark({ class: `hop-${name}` });
const MARKS = {
  label: mark('label'),
  inc: mark('inc'),
  dec: mark('dec'),
  start: mark('start'),
  sign: mark('sign'),
  clamp: mark('clamp'),
  stated: mark('stated'),
  layer: mark('layer'),
  skip: mark('skip'),
};
const LINES = {
  heading: Decoration.line({ class: 'hop-heading' }),
  note: Decoration.line({ class: 'hop-note' }),
  step: Decoration.line({ class: 'hop-step' }),
  wrong: Decoration.line({ class: 'hop-wrong' }),
};

interface Marked {
  from: number;
  to: number;
  what: keyof typeof MARKS;
}

/** Words by kind: shape and weight tell an increase from a decrease before colour does. Only lines that are seen are dressed. */
export const kinds = ViewPlugin.fromClass(
  class {
    decorations: DecorationSet;
    constructor(view: EditorView) {
      this.decorations = dress(view);
    }
    update(update: ViewUpdate): void {
      if (
        update.docChanged ||
        update.viewportChanged ||
        update.startState.field(liveReading) !== update.state.field(liveReading)
      )
        this.decorations = dress(update.view);
    }
  },
  { decorations: (plugin) => plugin.decorations },
);

function dress(view: EditorView): DecorationSet {
  const live = view.state.field(liveReading);
  const builder = new RangeSetBuilder<Decoration>();
  for (const { from, to } of view.visibleRanges) {
    let last = 0;
    for (let at = from; at <= to;) {
      const docLine = view.state.doc.lineAt(at);
      const line = live.lines[docLine.number];
      if (line) {
        const kind = lineKind(line);
        if (kind) builder.add(docLine.from, docLine.from, LINES[kind]);
        for (const m of marksOf(line)) {
          const a = Math.max(line.from + m.from, last);
          const b = Math.min(line.from + m.to, view.state.doc.length);
          if (b > a) builder.add(a, b, MARKS[m.what]);
          last = Math.max(last, b);
        }
      }
      at = docLine.to + 1;
    }
  }
  return builder.finish();
}

function lineKind(line: LineReading): keyof typeof LINES | null {
  if (line.problems.some((p) => p.severity === 'error')) return 'wrong';
  const { type } = line.node;
  return type === 'heading'
    ? 'heading'
    : type === 'note'
      ? 'note'
      : type === 'round' || type === 'continued' || type === 'blank' || type === 'repeat'
        ? null
        : 'step';
}

function marksOf(line: LineReading): Marked[] {
  const { node } = line;
  if (node.type !== 'round') return [];
  const found: Marked[] = [];
  if (node.label) found.push({ ...node.label.span, what: 'label' });
  if (node.layer) found.push({ ...node.layer.span, what: 'layer' });
  const walk = (items: readonly Item[]): void => {
    for (const item of items) {
      if (item.type === 'group' || item.type === 'fan') walk(item.items);
      else if (item.type === 'stitch') {
        if (item.skipped) found.push({ ...item.span, what: 'skip' });
        else if (item.makes > item.eats && item.kind !== 'ch') found.push({ ...item.span, what: 'inc' });
        else if (item.makes < item.eats) found.push({ ...item.span, what: 'dec' });
      } else if (item.type === 'start') found.push({ ...item.span, what: 'start' });
      else if (item.type === 'clamp') found.push({ ...item.span, what: 'clamp' });
      else if (item.type === 'sign') found.push({ ...item.span, what: 'sign' });
    }
  };
  walk(node.items);
  if (node.stated) found.push({ ...node.stated.span, what: 'stated' });
  return found.sort((a, b) => a.from - b.from);
}
