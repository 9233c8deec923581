import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { read } from './index';

const GUIDE = readFileSync(resolve(__dirname, '../../../docs/notation.md'), 'utf8');
const rows = [...GUIDE.matchAll(/^\| (`.*`) \|(?: (\d+) \|)? (\d+) \|$/gm)].flatMap(
  ([, forms, into, makes]) =>
    [...forms.matchAll(/`([^`]+)`/g)].map((m) => [m[1], into ? Number(into) : null, Number(makes)] as const),
);

describe('the guide for makers', () => {
  it('has an example for every form', () => expect(rows.length).toBeGreaterThan(60));
  it.each(rows)('“%s” into %s makes %s', (form, into, makes) => {
    const text = into === null ? `R1: ${form}` : `R1: ${into} sc in ring\nR2: ${form}`;
    const [part] = read(text, { terms: 'us' }).parts;
    expect(part.problems.filter((p) => p.severity === 'error')).toEqual([]);
    expect(part.rounds.at(-1)!.made).toBe(makes);
  });
  it('shows a part that adds up', () =>
    expect(read(/```\n([\s\S]*?)```/.exec(GUIDE)![1]).parts[0].problems).toEqual([]));
});
