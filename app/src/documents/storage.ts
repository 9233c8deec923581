import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { screenWords } from '@hoppla/core/words';
import { exportFile } from '@hoppla/core/files';
import { strikeOut } from './journal';
import { migratedFile, SCHEMA, type ToyFile } from '@hoppla/core/toy';

const store = createAsyncStorage('hoppla');
const KEPT_REVISIONS = 5;

/** What is kept about a toy without opening it. A toy of a newer version is kept as it came. */
export interface Head {
  id: string;
  revision: number;
  name: string;
  schema: number;
}

/** A toy on the bench. `file` is null for toys of a newer version. */
export interface Shelved {
  head: Head;
  file: ToyFile | null;
  raw: string;
}

/** Something that went wrong while keeping a toy, already in words. */
export class StorageTrouble extends Error {
  constructor(
    readonly sentence: string,
    readonly full: boolean,
  ) {
    super(sentence);
    this.name = 'StorageTrouble';
  }
}

const headKey = (id: string) => `head:${id}`;
const revisionKey = (id: string, n: number) => `rev:${id}:${n}`;

function trouble(error: unknown): StorageTrouble {
  const full = /quota|full|space/i.test(
    String(error instanceof Error ? `${error.name} ${error.message}` : error),
  );
  return new StorageTrouble(full ? screenWords.storage.full : screenWords.storage.broken, full);
}

/** Keeps a file: a new revision and then the head in one transaction; the last five revisions stay. @throws StorageTrouble */
export async function keep(file: ToyFile, revision: number): Promise<Head> {
  return keepRaw({ id: file.toy.id, revision, name: file.toy.name, schema: SCHEMA }, exportFile(file));
}

/** Keeps a text as it is, for toys of a newer version. @throws StorageTrouble */
export async function keepRaw(head: Head, raw: string): Promise<Head> {
  try {
    await store.setMany({
      [revisionKey(head.id, head.revision)]: raw,
      [headKey(head.id)]: JSON.stringify(head),
    });
    // Clearing up in fives halves the work of keeping every key.
    if (head.revision % KEPT_REVISIONS === 0)
      await store.removeMany(
        Array.from({ length: KEPT_REVISIONS }, (_, k) =>
          revisionKey(head.id, head.revision - KEPT_REVISIONS - k),
        ),
      );
    return head;
  } catch (error) {
    throw trouble(error);
  }
}

/** Every toy of this browser, by name. A toy whose newest revision is damaged is given by the newest whole one. @throws StorageTrouble */
export async function shelf(): Promise<Shelved[]> {
  try {
    const keys = (await store.getAllKeys()).filter((k) => k.startsWith('head:'));
    const heads = Object.values(await store.getMany(keys)).flatMap((raw) =>
      raw ? [JSON.parse(raw) as Head] : [],
    );
    const found = await Promise.all(heads.map((h) => fetch(h)));
    return found
      .filter((s): s is Shelved => s !== null)
      .sort((a, b) => a.head.name.localeCompare(b.head.name) || a.head.id.localeCompare(b.head.id));
  } catch (error) {
    throw trouble(error);
  }
}

/** One toy; null when this browser does not have it. @throws StorageTrouble */
export async function take(id: string): Promise<Shelved | null> {
  try {
    const raw = await store.getItem(headKey(id));
    return raw ? await fetch(JSON.parse(raw) as Head) : null;
  } catch (error) {
    throw trouble(error);
  }
}

async function fetch(head: Head): Promise<Shelved | null> {
  for (let n = head.revision; n > Math.max(0, head.revision - KEPT_REVISIONS); n--) {
    const raw = await store.getItem(revisionKey(head.id, n));
    if (!raw) continue;
    try {
      return { head, raw, file: head.schema > SCHEMA ? null : migratedFile(raw) };
    } catch {
      // A damaged revision: the one before is tried.
    }
  }
  return null;
}

/** Takes a toy off the bench. @throws StorageTrouble */
export async function discard(head: Head): Promise<void> {
  try {
    const revisions = Array.from({ length: 2 * KEPT_REVISIONS }, (_, k) =>
      revisionKey(head.id, head.revision - k),
    );
    await store.removeMany([headKey(head.id), ...revisions]);
    strikeOut(head.id);
  } catch (error) {
    throw trouble(error);
  }
}
