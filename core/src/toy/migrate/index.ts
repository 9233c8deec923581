import { SCHEMA, type ToyFile } from '../types';
import type { Loose } from './loose';
import { to10 } from './to10';
import { to11 } from './to11';
import { to12 } from './to12';
import { to13 } from './to13';
import { to14 } from './to14';
import { to15 } from './to15';
import { to16 } from './to16';
import { to17 } from './to17';
import { to18 } from './to18';
import { to19 } from './to19';
import { to2 } from './to2';
import { to3 } from './to3';
import { to4 } from './to4';
import { to5 } from './to5';
import { to6 } from './to6';
import { to7 } from './to7';
import { to8 } from './to8';
import { to9 } from './to9';

/** What each older version lacks, by the version it leads to: frozen steps over literals. Every released version stays readable (decisions 12 and 44). */
const STEPS: Record<number, (file: Loose) => Loose> = {
  2: to2,
  3: to3,
  4: to4,
  5: to5,
  6: to6,
  7: to7,
  8: to8,
  9: to9,
  10: to10,
  11: to11,
  12: to12,
  13: to13,
  14: to14,
  15: to15,
  16: to16,
  17: to17,
  18: to18,
  19: to19,
};

/** A file of this or an older version as one of this version. The shape is checked elsewhere; what is not a toy comes back as it is. */
export function migrated(file: unknown): unknown {
  let now = file as Loose;
  if (!now || typeof now !== 'object' || !Number.isSafeInteger(now.schema)) return file;
  for (let version = (now.schema as number) + 1; version <= SCHEMA; version++) {
    const toy = now.toy as Loose | undefined;
    if (!toy || !Array.isArray(toy.parts)) return file;
    const step = STEPS[version];
    if (!step) return file;
    now = step(now);
  }
  return now;
}

/** Lists and records that everything else leans on; the full schema is looked at on import. */
function hasShape(file: Loose): boolean {
  const toy = file.toy as Loose | undefined;
  const lists = ['parts', 'features', 'joins', 'clamps', 'palette', 'gauges'];
  return (
    file.schema === SCHEMA &&
    typeof toy === 'object' &&
    toy !== null &&
    typeof toy.id === 'string' &&
    typeof toy.name === 'string' &&
    lists.every((list) => Array.isArray(toy[list])) &&
    (toy.gauges as unknown[]).length > 0 &&
    typeof toy.settings === 'object' &&
    toy.settings !== null &&
    (toy.parts as Loose[]).every(
      (p) =>
        typeof p?.id === 'string' &&
        typeof p.text === 'string' &&
        Array.isArray(p.marks) &&
        Array.isArray(p.copies),
    ) &&
    Array.isArray(file.log)
  );
}

/** A file that this program once kept itself, as one of this version; null when it cannot be read as one. */
export function keptFile(raw: string): ToyFile | null {
  try {
    const file = migrated(JSON.parse(raw)) as Loose;
    return file && typeof file === 'object' && hasShape(file) ? (file as unknown as ToyFile) : null;
  } catch {
    return null;
  }
}
