import { keptFile, reapplied, SCHEMA, type Deed, type Focus, type Toy, type ToyFile } from '@hoppla/core/toy';
import { exportFile } from '@hoppla/core/files';
import { screenWords } from '../words';
import { noteDown, notedAfter, strikeOut } from './journal';
import { NOTHING_OPEN, reduced, type Happened, type OpenToy, type Session } from './session';
import { pressNow } from './presses';
import { keep, Overtaken, StorageTrouble, take } from './storage';
import { askToWrite, listen, tellKept, type Writer } from './writer';

export type { OpenToy } from './session';

/** What is open, and the handles that its effects hold. */
let now: Session = NOTHING_OPEN;
const held: {
  writer: Writer | null;
  stopListening: (() => void) | null;
  saving: Promise<void> | null;
  /** the store can only be asked again by a page that is loaded anew */
  closed: boolean;
  /** the revision that is on its way into the storage */
  keeping: number | null;
  settling: ReturnType<typeof setTimeout> | null;
  /** how long the last model took, ms */
  modelMs: number;
} = {
  writer: null,
  stopListening: null,
  saving: null,
  closed: false,
  keeping: null,
  settling: null,
  modelMs: 0,
};
const watchers = new Set<() => void>();

/** A model that takes longer than this is not worked out between two keys. */
const LIGHT_MS = 10;
/** A heavy model is worked out when the typing has paused so long, and longer the longer it takes. */
const SETTLE_MS = { least: 350, most: 4000, perModel: 2 };

/** Told how long the last model took, ms. */
export function modelTook(ms: number): void {
  held.modelMs = ms;
}

/** Lets something happen: the reducer answers, and what is drawn follows at once or when the typing pauses. */
function happen(event: Happened): void {
  const before = now;
  now = reduced(now, event);
  if (now === before) return;
  if (now.file !== before.file) settle();
  watchers.forEach((w) => w());
}

function settle(): void {
  if (held.settling) clearTimeout(held.settling);
  held.settling = null;
  const another = now.settled?.id !== now.file?.toy.id;
  if (!now.typed || held.modelMs < LIGHT_MS || another) now = reduced(now, { what: 'settled' });
  else {
    const wait = Math.min(SETTLE_MS.most, Math.max(SETTLE_MS.least, SETTLE_MS.perModel * held.modelMs));
    held.settling = setTimeout(() => happen({ what: 'settled' }), wait);
  }
}

/** The open toy as it is now, outside React. */
export const openToyNow = (): OpenToy => now;

/** Hears of everything that happens; answers how to stop. */
export const watch = (heard: () => void) => (watchers.add(heard), () => void watchers.delete(heard));

/** Opens a toy; it becomes the writer if no other window is. */
export async function openToy(id: string): Promise<void> {
  if (now.id === id && now.state !== 'missing') return;
  await closeToy();
  happen({ what: 'opening', id });
  held.stopListening = listen(id, {
    kept: () => void follow(id),
    gone: () => now.id === id && now.state === 'open' && happen({ what: 'gone elsewhere' }),
    handOver: () => void handOver(id),
  });
  const asked = await askToWrite(id, false, () => loseWriter(id));
  if (now.id !== id) return asked.release();
  held.writer = asked;
  happen({ what: 'writer', writing: asked.writing });
  await reload(id);
}

/** Closes the open toy after its last change is kept. */
export async function closeToy(): Promise<void> {
  await held.saving;
  held.stopListening?.();
  held.stopListening = null;
  held.writer?.release();
  held.writer = null;
  happen({ what: 'closed' });
}

/** Takes over the writing from another window. */
export async function editHere(): Promise<void> {
  const { id } = now;
  if (!id || now.writing) return;
  held.writer = await askToWrite(id, true, () => loseWriter(id));
  await reload(id);
  happen({ what: 'writer', writing: held.writer.writing });
  // What the other window had only noted down is kept now that this one writes.
  if (!now.kept) save();
}

async function reload(id: string): Promise<void> {
  try {
    const found = await take(id);
    if (now.id === id) readIn(id, found);
  } catch (error) {
    const noted = keptFile(notedAfter(id, 0) ?? '');
    // The store does not answer; what was typed last can still be looked at and downloaded.
    const trouble = error instanceof StorageTrouble ? error.sentence : screenWords.storage.reading;
    happen(noted ? { what: 'store silent', file: noted, trouble } : { what: 'missing', trouble });
  }
}

/** What was kept, and what was noted since; a note that cannot be read is no reason to lock a toy that can. */
function readIn(id: string, found: Awaited<ReturnType<typeof take>>): void {
  const revision = found?.head.revision ?? null;
  const raw = held.writer?.writing || !found ? notedAfter(id, revision ?? 0) : null;
  const noted = raw === null ? null : keptFile(raw);
  if (raw !== null && !noted) strikeOut(id);
  if (!found && !noted) return happen({ what: 'missing', trouble: screenWords.storage.gone });
  const unreadable = found && (found.damaged ? !noted : !found.file);
  if (unreadable) {
    const trouble = found.damaged
      ? screenWords.storage.damaged
      : screenWords.storage.newer(found.head.schema);
    held.writer?.release();
    held.writer = null;
    return happen({ what: 'unreadable', raw: found.raw, revision: found.head.revision, trouble });
  }
  const base = found?.file ?? null;
  happen({ what: 'read', file: (noted ?? base)!, base, revision, fromJournal: noted !== null });
  if (noted) save();
}

/** Another window has kept this toy: a window that only follows reads it anew; the writer takes up what it did not know. */
const follow = async (id: string): Promise<void> => {
  if (now.id !== id) return;
  if (!now.writing) return reload(id);
  if (!now.kept || held.saving || (await takeUp(id).catch(() => true))) return;
  // What a newer Hoppla wrote cannot be taken up: it is shown as what it is before anything is typed over it.
  const found = await take(id).catch(() => null);
  if (found && !found.file && !found.damaged && now.id === id && now.kept) readIn(id, found);
};

/** Does again on the newest kept state what was changed here since the last one; false when that cannot be told. */
async function takeUp(id: string): Promise<boolean> {
  const newest = await take(id);
  if (!newest?.file || !now.file || now.id !== id) return false;
  const both = now.base ? reapplied(now.base, now.file, newest.file) : null;
  if (!both) return false;
  happen({ what: 'taken up', file: both, base: newest.file, revision: newest.head.revision });
  return true;
}

async function handOver(id: string): Promise<void> {
  if (!now.writing || now.id !== id) return;
  await held.saving;
  loseWriter(id);
}

function loseWriter(id: string): void {
  if (now.id !== id) return;
  held.writer?.release();
  held.writer = null;
  happen({ what: 'writer', writing: false });
}

/** What was changed is noted down at once and kept. */
function changed(event: Happened): boolean {
  const before = now.file;
  happen(event);
  if (now.file === before) return false;
  save();
  return true;
}

/** Changes the design by a named edit. Does nothing while this window only follows. */
export function edit(
  name: string,
  focus: Focus,
  change: (toy: Toy) => Toy,
  gather: string | null = null,
): void {
  if (now.state !== 'open' || !now.file || !now.writing) return;
  const toy = change(now.file.toy);
  changed({ what: 'edited', name, focus, toy, gather, at: Date.now(), press: pressNow() });
}

/** Notes a deed in the log beside the design; deeds are not in the history (decision 10). */
export function note(...deeds: readonly Deed[]): void {
  if (deeds.length > 0) changed({ what: 'done', deeds, at: new Date().toISOString() });
}

/** Changes the records of pieces, their tests, batches and pictures; like deeds they are not in the history (decision 10). */
export function keepRecord(change: (file: ToyFile) => ToyFile): void {
  if (now.state !== 'open' || !now.file || !now.writing) return;
  const { pieces, pullTests, batches, photos } = change(now.file);
  const records = { pieces, pullTests, batches, photos };
  const { file } = now;
  if ((Object.keys(records) as (keyof typeof records)[]).every((list) => records[list] === file[list]))
    return;
  changed({ what: 'recorded', records });
}

/** Takes back or repeats an edit; answers where to look. */
export function step(way: 'undo' | 'redo'): Focus | null {
  const from = way === 'undo' ? now.history.past.at(-1) : now.history.future[0];
  return changed({ what: way === 'undo' ? 'undone' : 'redone', at: Date.now() })
    ? (from?.focus ?? null)
    : null;
}

/** Stops saying what was undone. */
export function hush(): void {
  happen({ what: 'hushed' });
}

/** Keeps the newest state; while one write is under way the next waits and then keeps whatever is newest. */
function save(): void {
  // While one state is being kept, what comes meanwhile is newer than that one as well, whether or not it still gets there.
  if (now.file) noteDown(now.file.toy.id, held.keeping ?? now.revision ?? 0, exportFile(now.file));
  if (now.overtaken) return;
  held.saving ??= (async () => {
    // Nothing may end before it is known to have begun: with nothing to keep it would be under way for ever.
    await null;
    while (!now.kept && now.file && now.writing) {
      const { file } = now;
      try {
        held.keeping = (now.revision ?? 0) + 1;
        const { revision } = await keep(file, now.revision).finally(() => (held.keeping = null));
        if (now.file === file) strikeOut(file.toy.id);
        happen({ what: 'kept', file, revision });
        tellKept(file.toy.id);
      } catch (error) {
        if (error instanceof Overtaken && (await takeUp(file.toy.id).catch(() => false))) continue;
        happen({ what: 'not kept', ...troubleWith(error) });
        break;
      }
    }
    held.saving = null;
  })();
}

/** What is said when a change could not be kept, and whether it can only be kept as another toy. */
function troubleWith(error: unknown): { trouble: string; overtaken: boolean } {
  if (error instanceof Overtaken) {
    const { overtaken, overtakenByNewer, goneElsewhere } = screenWords.storage;
    const there = error.now && (error.now.schema > SCHEMA ? overtakenByNewer : overtaken);
    return { trouble: there ?? goneElsewhere, overtaken: true };
  }
  const { trouble: kind, sentence } = error instanceof StorageTrouble ? error : new StorageTrouble('broken');
  // Loading the page anew helps only where what was typed is noted.
  held.closed = kind === 'closed' && now.id !== null && notedAfter(now.id, 0) !== null;
  if (held.closed) return { trouble: screenWords.storage.closedNoted, overtaken: false };
  return { trouble: kind === 'closed' ? screenWords.storage.broken : sentence, overtaken: false };
}

/** Tries again to keep what could not be kept; loads the page anew where nothing else helps. */
export function saveAgain(): void {
  if (held.closed) return location.reload();
  if (now.file) save();
}

/** Keeps what is here as a toy of its own, when the one it was made from has gone another way; gives its id. */
export async function keepAsCopy(copied: (file: ToyFile) => ToyFile): Promise<string | null> {
  if (!now.file) return null;
  const copy = copied(now.file);
  try {
    await keep(copy, null);
    strikeOut(now.file.toy.id);
    tellKept(copy.toy.id);
    return copy.toy.id;
  } catch (error) {
    happen({ what: 'not kept', ...troubleWith(error) });
    return null;
  }
}
