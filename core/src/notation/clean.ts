import { printRound } from './printer';
import { read, type ReadOptions } from './read';
import type { PartReading } from './reading';
import type { HeadingNode, LineNode, Terms } from './syntax';

/**
 * Prints a text in the one clean form, in the terms asked: rounds as the printer writes them, equal neighbouring
 * rounds gathered, headings and steps in one wording, notes as they are. Reading it again gives the same fabric.
 */
export function cleanText(text: string, options: ReadOptions & { to?: Terms } = {}): string {
  const reading = read(text, options);
  const to = options.to ?? reading.terms;
  return `${reading.parts.map((p) => cleanPart(p, text, to).join('\n')).join('\n\n')}\n`;
}

interface Printed {
  line: string;
  /** the round without its label, to gather equal ones by */
  body: string | null;
  first: number;
  last: number;
}

function cleanPart(part: PartReading, text: string, to: Terms): string[] {
  const out: Printed[] = [];
  const plain = (line: string): number => out.push({ line, body: null, first: 0, last: 0 });
  for (const { node, from, to: end, rounds } of part.lines) {
    if (node.type === 'round' && node.items.length > 0) {
      const [round, upTo] =
        rounds[1] > rounds[0] ? [part.rounds[rounds[0]], part.rounds[rounds[1] - 1]] : [undefined, undefined];
      const lost = node.items.some((i) => i.type === 'unknown');
      const until = node.items.some((i) => i.type === 'group' && i.until !== undefined);
      // Doubtful repeats are printed as they were settled.
      const settled = round && !until ? { ...node, items: [...round.items] } : node;
      const gathers = round?.label && !node.layer && !node.label?.toTaste && round.kind === 'round' && !until;
      // What could not be read stays as it was written.
      if (lost || node.unclosed || !round) plain(text.slice(from, end).trim());
      else
        gather(out, {
          line: printRound(settled, to),
          body: gathers ? printRound({ ...settled, label: null }, to) : null,
          first: round.number,
          last: upTo!.number,
        });
    } else if (node.type !== 'blank' && node.type !== 'continued')
      plain(lineOf(node, text.slice(from, end).trim()));
  }
  return out.map((p) =>
    p.body === null
      ? p.line
      : `R${p.first}${p.last > p.first ? `-${p.last} (${p.last - p.first + 1} rounds)` : ''}: ${p.body}`,
  );
}

/** Equal rounds that follow each other are one line. A round that only fits its count once is not. */
function gather(out: Printed[], next: Printed): void {
  const before = out[out.length - 1];
  if (before?.body != null && before.body === next.body && next.first === before.last + 1)
    before.last = next.last;
  else out.push(next);
}

function lineOf(node: LineNode, written: string): string {
  switch (node.type) {
    case 'heading':
      return headingLine(node);
    case 'note':
      return /^(--|#|\/\/)/.test(written) ? `-- ${node.text} --` : written;
    default:
      return written;
  }
}

function headingLine(node: HeadingNode): string {
  if (node.option) return `Option "${node.name}":`;
  const told = [
    `${node.make}x`,
    node.mirrored ? 'mirrored' : null,
    node.colour,
    node.hook && (node.hook.mm === null ? node.hook.said : `${node.hook.mm} mm hook`),
    node.yarn,
    node.ringIs ? `ring = ${node.ringIs}` : null,
  ];
  return `${node.name} (${told.filter((t) => t !== null).join(', ')})`;
}
