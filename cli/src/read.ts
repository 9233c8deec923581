import { factsWords, read, type PartReading, type Problem, type Reading } from '@hoppla/core/notation';
import { pageWords } from '@hoppla/core/words';
import { terms, type Answer, type Call } from './call';
import { cliWords as say } from './words';

/** Line and column, from 1, of an offset in a text. */
export function placeIn(text: string, offset: number): { line: number; column: number } {
  const before = text.slice(0, offset);
  return { line: before.split('\n').length, column: offset - before.lastIndexOf('\n') };
}

/** Whether anything in a page is an error. */
export const hasErrors = (reading: Reading): boolean =>
  reading.parts.some((p) => p.problems.some((x) => x.severity === 'error'));

function problemJson(text: string, p: Problem) {
  const at = placeIn(text, p.span.from);
  const mend = p.mends[0];
  const edit = (c: { from: number; to: number; insert: string }) => ({
    ...placeIn(text, c.from),
    endColumn: placeIn(text, c.to).column,
    text: c.insert,
  });
  return {
    line: at.line,
    column: at.column,
    endColumn: placeIn(text, p.span.to).column,
    severity: p.severity,
    code: p.code,
    message: p.message,
    ...(mend ? { mend: { title: mend.title, edits: mend.changes.map(edit) } } : {}),
  };
}

/** How firm a part is said to be filled; `none` where it stays empty, null where nothing is said. */
const fillOf = (part: PartReading): string | null =>
  part.unstuffed && part.stuffedAfter.length === 0 ? 'none' : part.firmness;

const partJson = (text: string, p: PartReading) => ({
  name: p.name,
  make: p.make,
  copies: Array.from({ length: p.make }, (_, k) => ({
    name: String(k + 1),
    colour: p.copyColours?.[k] ?? p.colour,
  })),
  colour: p.colour,
  ringIs: p.ringIs,
  hookMm: p.hookMm,
  fill: fillOf(p),
  joined: 2 * p.rounds.filter((r) => r.joined).length > p.rounds.length,
  end: { how: p.end.how, count: p.end.count, tailMm: p.tailMm },
  // `round` is the nth of `rounds`, from 1; `stitch` null where the round is full.
  pauses: p.pauses,
  stitches: p.stitches,
  rounds: p.rounds.map(({ label, line, offered, eaten, made, stated, carried }) => ({
    label,
    line,
    offered,
    eaten,
    made,
    stated,
    carried,
  })),
  problems: p.problems.map((x) => problemJson(text, x)),
});

const linesJson = (reading: Reading) =>
  reading.page
    .filter((l) => l.as !== 'blank')
    .map(({ line, as, part, facts }) => ({
      line,
      as,
      part: part === null ? null : reading.parts[part].name,
      offer: factsWords(facts) || null,
    }));

/** A page read: counts and problems, what every line is, or all of it for programs. */
export function readCommand(text: string, call: Call): Answer {
  const reading = read(text, { terms: terms(call) });
  const code = hasErrors(reading) ? 1 : 0;
  const { title, materials } = reading;
  if (call.flags.has('--json')) {
    const answer = {
      terms: reading.terms,
      title,
      materials: { hookMm: materials.hook?.mm ?? null, ...materials, hook: undefined },
      parts: reading.parts.map((p) => partJson(text, p)),
      lines: linesJson(reading),
    };
    return { out: `${JSON.stringify(answer, null, 2)}\n`, err: '', code };
  }
  const err = reading.parts
    .flatMap((p) => p.problems)
    .map((x) => {
      const at = placeIn(text, x.span.from);
      return `${at.line}:${at.column}: ${x.severity}: ${x.message}\n`;
    })
    .join('');
  const nothing = text.trim() === '' ? `${say.empty}\n` : '';
  if (call.flags.has('--lines')) return { out: linesText(text, reading), err: err + nothing, code };
  return { out: reading.parts.map(partText).join('\n'), err: err + nothing, code };
}

/** Every line with what it is, beside the text. */
function linesText(text: string, reading: Reading): string {
  const lines = text.split('\n');
  return reading.page
    .filter((l) => l.as !== 'blank')
    .map(({ line, as, facts }) => {
      const said = as === 'unread' ? pageWords.unread : factsWords(facts);
      const kind = pageWords.kinds[as].padEnd(18);
      return `${String(line).padStart(4)}  ${kind}  ${lines[line - 1].trim().slice(0, 100)}${said ? `  [${said}]` : ''}\n`;
    })
    .join('');
}

function partText(p: PartReading): string {
  const unread = p.lines.reduce((n, { node }) => {
    if (node.type === 'round') return n + (node.unread?.length ?? 0);
    return node.type === 'note' && node.unread && node.facts.length === 0 ? n + 1 : n;
  }, 0);
  const rounds = p.rounds.map((r) => `  ${(r.label ?? '').padEnd(5)} ${String(r.made ?? '?').padStart(5)}`);
  return `${p.name || say.unnamed}${p.make > 1 ? ` × ${p.make}` : ''}\n${rounds.join('\n')}\n${unread > 0 ? `  ${say.unread(unread)}\n` : ''}`;
}
