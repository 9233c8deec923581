import {
  autocompletion,
  type Completion,
  type CompletionContext,
  type CompletionResult,
} from '@codemirror/autocomplete';
import { knownWords } from '@hoppla/core/notation';
import { readingContext } from './reading';
import { screenWords as say } from '../../../words';

/** Words of the craft and names of other parts, while a word is typed. Enter stays a new line until a word is chosen with the arrows. */
export const craftCompletion = autocompletion({
  override: [complete],
  selectOnOpen: false,
  icons: false,
  maxRenderedOptions: 8,
});

function complete(context: CompletionContext): CompletionResult | null {
  const word = context.matchBefore(/[a-z][a-z ]*/i);
  const typed = context.matchBefore(/[a-z]+/i);
  if (!typed || (typed.text.length < 2 && !context.explicit) || !word) return null;
  const line = context.state.doc.lineAt(context.pos);
  // Titles and notes are the maker's own words.
  if (line.number === 1 || /^\s*(--|#)/.test(line.text)) return null;
  const { terms, parts } = context.state.facet(readingContext);
  const options: Completion[] = [
    ...knownWords(terms).map((label) => ({ label, detail: say.parts.craftWords[label] ?? undefined })),
    ...[
      'BLO',
      'FLO',
      'in ring',
      'sl st to join',
      'change to',
      'in the free front loops of R',
      'fold, sc through both',
      'fasten off, leave 30 cm',
      'stuff firmly',
    ].map((label) => ({ label })),
    ...parts
      .filter(Boolean)
      .map((name) => ({ label: `${name.toLowerCase()} over `, detail: say.parts.caught })),
  ];
  return { from: typed.from, options, validFor: /^[a-z]*$/i };
}
