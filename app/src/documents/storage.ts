import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { exportFile } from '@hoppla/core/files';
import { keptFile, SCHEMA, type ToyFile } from '@hoppla/core/toy';
import { journals, strikeOut } from './journal';
import { alone } from './writer';
import { screenWords } from '../words';

const store = createAsyncStorage('hoppla');
const KEPT_REVISIONS = 5;
/** A store that does not answer in this time is said to be silent. */
const ANSWER_MS = 10_000;
/** Less room than this many times what is written is no room. */
const ROOM = 2;

/** What is kept about a toy without opening it. A toy of a newer version is kept as it came. */
export interface Head {
  id: string;
  revision: number;
  name: string;
  schema: number;
  /** when it was last kept, ISO 8601; null where an older Hoppla kept it */
  changed: string | null;
}

/** A toy on the bench. `file` is null for toys of a newer version, and for those of which no revision can be read. */
export interface Shelved {
  head: Head;
  file: ToyFile | null;
  raw: string;
  /** no revision of it can be read */
  damaged?: boolean;
}

/** What went wrong while keeping a toy. */
export type Trouble = 'full' | 'broken' | 'silent' | 'closed';

/** Something that went wrong while keeping a toy, already in words. */
export class StorageTrouble extends Error {
  readonly sentence: string;
  constructor(readonly trouble: Trouble) {
    super(screenWords.storage[trouble]);
    this.sentence = this.message;
    this.name = 'StorageTrouble';
  }
}

/** The toy that is kept is not the one that a change was made from: another window has written, or deleted, meanwhile. */
export class Overtaken extends Error {
  constructor(readonly now: Head | null) {
    super(screenWords.storage.overtaken);
    this.name = 'Overtaken';
  }
}

const headKey = (id: string) => `head:${id}`;
const revisionKey = (id: string, n: number) => `rev:${id}:${n}`;

/** How browsers say that the way to the store is gone, as after it was cleared: it is found again by loading the page anew. */
const CLOSED =
  /connection is clos|connection to indexed ?d(?:atabase|b) server|did not allow mutations|InvalidState/i;

/** What a fault of the store means. A full one does not always say so by name: then the browser is asked how much room there is. */
async function troubleOf(error: unknown, length: number): Promise<StorageTrouble> {
  if (error instanceof StorageTrouble) return error;
  const said = String(error instanceof Error ? `${error.name} ${error.message}` : error);
  if (/quota|full|space|disk/i.test(said)) return new StorageTrouble('full');
  if (CLOSED.test(said)) return new StorageTrouble('closed');
  const room = await navigator.storage?.estimate?.().catch(() => null);
  const full = room?.quota !== undefined && room.quota - (room.usage ?? 0) < ROOM * length;
  return new StorageTrouble(full ? 'full' : 'broken');
}

/** Asks the store; what goes wrong, and no answer, is said in words. @throws StorageTrouble */
async function asked<T>(work: () => Promise<T>, length = 0): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  try {
    return await Promise.race([
      work(),
      new Promise<never>((_, reject) => {
        timer = setTimeout(() => reject(new StorageTrouble('silent')), ANSWER_MS);
      }),
    ]);
  } catch (error) {
    throw error instanceof Overtaken ? error : await troubleOf(error, length);
  } finally {
    clearTimeout(timer);
  }
}

async function headOf(id: string): Promise<Head | null> {
  const raw = await store.getItem(headKey(id));
  return raw === null ? null : readHead(raw);
}

/** A head as it was kept; null when it is none. */
function readHead(raw: string): Head | null {
  try {
    const head = JSON.parse(raw) as Partial<Head> | null;
    const sound = head && typeof head.id === 'string' && Number.isSafeInteger(head.revision);
    return sound
      ? {
          id: head.id!,
          revision: head.revision!,
          name: String(head.name ?? ''),
          schema: Number.isSafeInteger(head.schema) ? head.schema! : 0,
          changed: typeof head.changed === 'string' ? head.changed : null,
        }
      : null;
  } catch {
    return null;
  }
}

let wished = false;

/** Asks the browser once not to clear this store by itself; it may say no. */
function wishToStay(): void {
  if (wished) return;
  wished = true;
  navigator.storage?.persist?.().catch(() => undefined);
}

/**
 * Keeps a file after the revision it was made from (`null`: there must be none yet): a new revision and then the head in
 * one transaction; the last five revisions stay. Head and revision are looked at while no other window may write.
 * @throws StorageTrouble, Overtaken
 */
export async function keep(file: ToyFile, after: number | null): Promise<Head> {
  return keepRaw(
    { id: file.toy.id, name: file.toy.name, schema: SCHEMA, changed: now() },
    exportFile(file),
    after,
  );
}

const now = (): string => new Date().toISOString();

/** Keeps a text as it is, with the time of its last change, for what comes from elsewhere. @throws StorageTrouble, Overtaken */
export async function keepRaw(of: Omit<Head, 'revision'>, raw: string, after: number | null): Promise<Head> {
  return asked(
    () =>
      alone(of.id, async () => {
        const there = await headOf(of.id);
        if ((there?.revision ?? null) !== after) throw new Overtaken(there);
        return write({ ...of, revision: (after ?? 0) + 1 }, raw);
      }),
    raw.length,
  );
}

async function write(head: Head, raw: string): Promise<Head> {
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
  wishToStay();
  return head;
}

/** Changes a toy as it is now, whoever wrote it last. @throws StorageTrouble, Overtaken when it is gone or of a newer version */
export async function changeKept(id: string, change: (file: ToyFile) => ToyFile): Promise<Head> {
  return asked(() =>
    alone(id, async () => {
      const there = await headOf(id);
      const newest = there && (await fetch(there));
      if (!newest?.file) throw new Overtaken(there);
      const file = change(newest.file);
      return write(
        {
          ...newest.head,
          name: file.toy.name,
          schema: SCHEMA,
          changed: now(),
          revision: newest.head.revision + 1,
        },
        exportFile(file),
      );
    }),
  );
}

/** Every toy of this browser, by name; those too of which only the journal knows. A toy whose newest revision is damaged is given by the newest whole one. @throws StorageTrouble */
export async function shelf(): Promise<Shelved[]> {
  return asked(async () => {
    const keys = (await store.getAllKeys()).filter((k) => k.startsWith('head:'));
    const raws = await store.getMany(keys);
    const heads = keys.map(
      (key) =>
        readHead(raws[key] ?? '') ?? {
          id: key.slice('head:'.length),
          revision: 0,
          name: '',
          schema: 0,
          changed: null,
        },
    );
    const found = await Promise.all(heads.map(fetch));
    const known = new Set(heads.map((h) => h.id));
    return [
      ...found,
      ...journals()
        .filter((j) => !known.has(j.id))
        .flatMap(fromJournal),
    ].sort((a, b) => a.head.name.localeCompare(b.head.name) || a.head.id.localeCompare(b.head.id));
  });
}

/** A toy that the store has lost and the journal still holds. */
function fromJournal({ id, raw }: { id: string; raw: string }): Shelved[] {
  const file = keptFile(raw);
  const head = { id, revision: 0, name: file?.toy.name ?? '', schema: SCHEMA, changed: null };
  return file ? [{ head, file, raw }] : [];
}

/** One toy; null when this browser does not have it. @throws StorageTrouble */
export async function take(id: string): Promise<Shelved | null> {
  return asked(async () => {
    const head = await headOf(id);
    return head ? await fetch(head) : null;
  });
}

/** What was read last of each toy: the same text gives the same toy, and what was worked out of it is known. */
const lastRead = new Map<string, { raw: string; file: ToyFile }>();

function readOnce(id: string, raw: string): ToyFile | null {
  const known = lastRead.get(id);
  if (known?.raw === raw) return known.file;
  const file = keptFile(raw);
  if (file) lastRead.set(id, { raw, file });
  return file;
}

/** The newest revision of a toy that can be read; what cannot be read at all is given as damaged, with its text. */
async function fetch(head: Head): Promise<Shelved> {
  let text = '';
  for (let n = head.revision; n > Math.max(0, head.revision - 2 * KEPT_REVISIONS); n--) {
    const raw = await store.getItem(revisionKey(head.id, n));
    if (!raw) continue;
    text ||= raw;
    if (head.schema > SCHEMA) return { head, raw, file: null };
    const file = readOnce(head.id, raw);
    if (file) return { head, raw, file };
  }
  return { head, raw: text, file: null, damaged: true };
}

/** Takes a toy off the bench as it is now, and gives it, so that it can be put back. @throws StorageTrouble */
export async function discard(toy: Shelved): Promise<Shelved> {
  const { id } = toy.head;
  return asked(() =>
    alone(id, async () => {
      const there = await headOf(id);
      const newest = there ? await fetch(there) : toy;
      const revisions = Array.from({ length: 2 * KEPT_REVISIONS }, (_, k) =>
        revisionKey(id, newest.head.revision - k),
      );
      await store.removeMany([headKey(id), ...revisions]);
      strikeOut(id);
      return newest.damaged ? toy : newest;
    }),
  );
}
