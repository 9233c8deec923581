import type { ChangedOf, Deed, LogEvent, Part, Toy } from '../toy';

/** Fields of the design, by what a change of them is about; those that the hands do not make are none of it. */
const ABOUT: Partial<Record<keyof Toy, ChangedOf>> = {
  features: 'features',
  joins: 'joins',
  clamps: 'joins',
  palette: 'yarn',
  gauges: 'yarn',
  settings: 'plan',
  plan: 'plan',
};

/** Whether a field is what it was; a list made anew of the same things is. */
const isSame = (before: unknown, after: unknown): boolean =>
  before === after ||
  (Array.isArray(before) &&
    Array.isArray(after) &&
    before.length === after.length &&
    before.every((one, i) => one === after[i]));

/** Whether a text only goes on behind what was there: its last line may be under way. */
function goesOnIn(before: string, after: string): boolean {
  const done = before.slice(0, before.lastIndexOf('\n') + 1);
  return after.startsWith(done) && after.split('\n').length >= before.split('\n').length;
}

/** What an edit changed of a part that was there before. */
function ofPart(before: Part, after: Part): Deed[] {
  const { text, marks, ...rest } = after;
  const fields = Object.keys(rest) as (keyof typeof rest)[];
  const about = (of: ChangedOf): Deed => ({ what: 'changed', of, part: after.id });
  return [
    ...(goesOnIn(before.text, text) ? [] : [about('text')]),
    ...(fields.some((field) => !isSame(before[field], rest[field])) ? [about('part')] : []),
  ];
}

/** What of the design is another after an edit, as deeds: changes of mind. A text that goes on is none: it is written while it is made. */
export function changesOf(before: Toy, after: Toy): Deed[] {
  const changed = (of: ChangedOf): Deed => ({ what: 'changed', of, part: null });
  const named = (Object.keys(ABOUT) as (keyof Toy)[]).filter((field) => !isSame(before[field], after[field]));
  const ids = ({ parts }: Toy) => parts.map((p) => p.id).join();
  const parts = after.parts.flatMap((part) => {
    const was = before.parts.find((p) => p.id === part.id);
    return was && was !== part ? ofPart(was, part) : [];
  });
  return [
    ...parts,
    ...(ids(before) === ids(after) ? [] : [changed('parts')]),
    ...[...new Set(named.map((field) => ABOUT[field]!))].map(changed),
  ];
}

/** Whether something of a toy was made already, so that a change of its design is a change of mind. */
export const isBegun = (log: readonly LogEvent[]): boolean => log.some((event) => event.what === 'done');
