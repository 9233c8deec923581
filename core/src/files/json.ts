import type { ToyFile } from '../toy';

/**
 * A toy file as text: fields in a fixed order, two spaces, a line end at the end. The same file gives the same bytes,
 * and opening it gives the same file. Format: docs/toy-file.md.
 */
export function exportFile(file: ToyFile): string {
  return `${JSON.stringify(sorted(file), null, 2)}\n`;
}

/** A file name that every system takes: the toy's name in plain letters. */
export function fileName(toyName: string, ending: string): string {
  const plain = toyName
    .normalize('NFKD')
    .replace(/[^\w -]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase();
  return `${plain || 'toy'}.${ending}`;
}

/** Keys in alphabetical order all the way down; lists as they are. */
function sorted(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(sorted);
  if (value === null || typeof value !== 'object') return value;
  const record = value as Record<string, unknown>;
  return Object.fromEntries(
    Object.keys(record)
      .sort()
      .filter((k) => record[k] !== undefined)
      .map((k) => [k, sorted(record[k])]),
  );
}
