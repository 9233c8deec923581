import type { ToyFile } from '../toy';
import { exportFile } from './json';

/** A toy as it stands on a bench: as a file, or as the text of one that this version cannot read. */
export interface BenchToy {
  id: string;
  name: string;
  /** null where this version cannot read it: then only the text is there */
  file: ToyFile | null;
  raw: string;
  schema: number;
  /** when it was last changed, ISO 8601; null where nobody noted it */
  changed: string | null;
}

export const BACKUP_FORMAT = 'hoppla bench';
/** The version of the form of a backup; toys in it have versions of their own. */
export const BACKUP_SCHEMA = 1;

/** A backup as it is written. */
export interface Backup {
  format: typeof BACKUP_FORMAT;
  schema: number;
  /** when it was made, ISO 8601 */
  made: string;
  toys: readonly { id: string; name: string; schema: number; changed: string | null; text: string }[];
}

/** A whole bench as one file. Each toy stands in it as the text that its own file would have, to the byte. */
export function backupOf(toys: readonly BenchToy[], made: string): string {
  const backup: Backup = {
    format: BACKUP_FORMAT,
    schema: BACKUP_SCHEMA,
    made,
    toys: toys.map(({ id, name, schema, changed, file, raw }) => ({
      id,
      name,
      schema,
      changed,
      text: file ? exportFile(file) : raw,
    })),
  };
  return `${JSON.stringify(backup, null, 1)}\n`;
}

/** What a toy of a backup is beside the bench: not there, the same to the byte, or another one, and which of both was changed later. */
export type Beside = 'not there' | 'same' | 'older' | 'newer' | 'other';

/** Compares a toy of a backup with the one of the same id on the bench. */
export function besideOf(backed: BenchToy, mine: BenchToy | null): Beside {
  if (!mine) return 'not there';
  const text = (t: BenchToy): string => (t.file ? exportFile(t.file) : t.raw);
  if (text(backed) === text(mine)) return 'same';
  if (backed.changed === null || mine.changed === null || backed.changed === mine.changed) return 'other';
  return Date.parse(backed.changed) < Date.parse(mine.changed) ? 'older' : 'newer';
}
