import { gutter, GutterMarker } from '@codemirror/view';
import { BelowLine } from './problems';
import { countOf, liveReading } from './reading';

const WIDEST = 96;
const LEAST = 16;

/** The count of one line, with a bar whose length is the count: the column of bars is half the part's silhouette. */
class Count extends GutterMarker {
  constructor(
    private readonly made: number | null,
    private readonly stated: number | null,
    private readonly share: number,
    private readonly statedShare: number,
    private readonly severity: string,
  ) {
    super();
    this.elementClass = severity === 'error' ? 'hop-beside-error' : '';
  }

  override elementClass: string;

  override eq(other: Count): boolean {
    return (
      this.made === other.made &&
      this.stated === other.stated &&
      this.share === other.share &&
      this.statedShare === other.statedShare &&
      this.severity === other.severity
    );
  }

  override toDOM(): Node {
    const box = document.createElement('div');
    box.className = `hop-count hop-is-${this.severity}`;
    if (this.made !== null) box.append(bar('hop-bar', this.share));
    if (this.stated !== null && this.stated !== this.made)
      box.append(bar('hop-bar-stated', this.statedShare));
    const words = document.createElement('span');
    words.textContent = `${this.severity === 'error' ? '! ' : ''}${this.made ?? '?'}`;
    box.append(words);
    return box;
  }
}

/** Beside what stands below a line the ground goes on. */
class Ground extends GutterMarker {
  constructor(override readonly elementClass: string) {
    super();
  }
}

const GROUND = { error: new Ground('hop-beside-error'), offer: new Ground('hop-beside-offer') };

function bar(name: string, share: number): HTMLElement {
  const el = document.createElement('i');
  el.className = name;
  el.style.width = `${LEAST + Math.min(1.15, share) * (WIDEST - LEAST)}px`;
  return el;
}

/** The gutter on the right, where the thumb does not hide it. */
export const countGutter = gutter({
  class: 'hop-gutter',
  side: 'after',
  lineMarker(view, line) {
    const live = view.state.field(liveReading);
    const count = countOf(live, view.state.doc.lineAt(line.from).number);
    return (
      count &&
      new Count(
        count.made,
        count.stated,
        (count.made ?? 0) / live.most,
        (count.stated ?? 0) / live.most,
        count.severity ?? 'fine',
      )
    );
  },
  widgetMarker: (_view, widget) =>
    widget instanceof BelowLine ? (GROUND[widget.below.severity as 'error'] ?? null) : null,
  lineMarkerChange: (update) =>
    update.docChanged || update.startState.field(liveReading) !== update.state.field(liveReading),
  initialSpacer: () => new Count(null, null, 0, 0, 'fine'),
});
