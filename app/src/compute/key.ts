import { FORM_VERSION } from '@hoppla/core/form';
import type { TaskName } from './tasks';

/** The key of a result: the task's name, the version of the form, and a hash of the whole input (decision 30). */
export function resultKey(name: TaskName, input: unknown): readonly [string, TaskName, number, string] {
  return ['compute', name, FORM_VERSION, hashOf(JSON.stringify(sorted(input)))];
}

/** Fields in alphabetical order all the way down, so that equal inputs are equal text. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  const record = value as Record<string, unknown>;
  return Object.fromEntries(
    Object.keys(record)
      .sort()
      .map((k) => [k, sorted(record[k])]),
  );
}

/** Two multiplicative hashes of 32 bits beside each other (Fowler, Noll and Vo, with two primes). */
function hashOf(text: string): string {
  let a = 2166136261;
  let b = 40389;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    a = Math.imul(a ^ c, 16777619);
    b = Math.imul(b ^ c, 2654435761);
  }
  return `${(a >>> 0).toString(36)}.${(b >>> 0).toString(36)}.${text.length.toString(36)}`;
}
