import { openFile } from '../../toy/schema';
import { documentWords as say } from '../../words';
import { BACKUP_FORMAT, BACKUP_SCHEMA, type Backup, type BenchToy } from '../backup';

// Whoever reads files reads them from here: two doors would draw the checker's library into the first load.
export { openFile };

/** What an imported text turned out to be, if it looks like a backup at all. */
export type OpenedBackup =
  | { state: 'none' }
  | { state: 'refused'; sentence: string }
  | { state: 'open'; made: string; toys: BenchToy[]; refused: { name: string; sentence: string }[] };

/** Reads a backup. A toy in it that cannot be opened is told by its name; the others are there all the same. */
export function readBackup(raw: string): OpenedBackup {
  let said: Partial<Backup>;
  try {
    said = JSON.parse(raw) as Partial<Backup>;
  } catch {
    return { state: 'none' };
  }
  if (said === null || typeof said !== 'object' || said.format !== BACKUP_FORMAT) return { state: 'none' };
  if (!Number.isSafeInteger(said.schema) || said.schema! > BACKUP_SCHEMA)
    return { state: 'refused', sentence: say.backupNewer };
  if (!Array.isArray(said.toys)) return { state: 'refused', sentence: say.backupBroken };
  const toys: BenchToy[] = [];
  const refused: { name: string; sentence: string }[] = [];
  for (const one of said.toys as Partial<Backup['toys'][number]>[]) {
    const name = typeof one?.name === 'string' && one.name !== '' ? one.name : say.backupNameless;
    if (typeof one?.text !== 'string') {
      refused.push({ name, sentence: say.backupBroken });
      continue;
    }
    const opened = openFile(one.text);
    const changed =
      typeof one.changed === 'string' && !Number.isNaN(Date.parse(one.changed)) ? one.changed : null;
    if (opened.state === 'open')
      toys.push({
        id: opened.file.toy.id,
        name: opened.file.toy.name,
        file: opened.file,
        raw: one.text,
        schema: opened.file.schema,
        changed,
      });
    else if (opened.state === 'newer' && typeof one.id === 'string' && one.id !== '')
      toys.push({ id: one.id, name: opened.name, file: null, raw: one.text, schema: opened.schema, changed });
    else refused.push({ name, sentence: opened.state === 'refused' ? opened.sentence : say.backupBroken });
  }
  return { state: 'open', made: typeof said.made === 'string' ? said.made : '', toys, refused };
}
