import { useSyncExternalStore } from 'react';
import {
  EMPTY_HISTORY,
  editBetween,
  keptFile,
  reapplied,
  record,
  redo,
  undo,
  type Focus,
  type History,
  type Toy,
  type Deed,
  type ToyFile,
} from '@hoppla/core/toy';
import { modelToy, type ToyModel } from '@hoppla/core/model';
import { exportFile } from '@hoppla/core/files';
import { withDeed } from '@hoppla/core/record';
import { noteDown, notedAfter, strikeOut } from './journal';
import { keep, Overtaken, StorageTrouble, take } from './storage';
import { askToWrite, listen, tellKept, type Writer } from './writer';
import { screenWords } from '../words';

/** The toy that is open: the only editable copy there is (decision 29). */
export interface OpenToy {
  state: 'none' | 'loading' | 'open' | 'missing' | 'newer';
  id: string | null;
  file: ToyFile | null;
  /** the design that is computed and drawn: the newest, or while a heavy toy is typed the one before the pause */
  settled: Toy | null;
  /** text of a toy made with a newer version */
  raw: string | null;
  history: History;
  writing: boolean;
  /** the last change is kept in the browser */
  kept: boolean;
  trouble: string | null;
  /** this toy was changed or deleted elsewhere, so that it can only be kept as another one */
  overtaken: boolean;
  /** said once after an undo or redo */
  said: string | null;
}

const NONE: OpenToy = {
  state: 'none',
  id: null,
  file: null,
  settled: null,
  raw: null,
  history: EMPTY_HISTORY,
  writing: false,
  kept: true,
  trouble: null,
  overtaken: false,
  said: null,
};
/** Typing that pauses longer than this is a new edit. */
const PAUSE_MS = 1000;

let now: OpenToy = NONE;
/** the revision that is kept, and what stands in it; null when none is kept */
let revision: number | null = 0;
let base: ToyFile | null = null;
let writer: Writer | null = null;
let stopListening: (() => void) | null = null;
let lastEditAt = 0;
let modelMs = 0;
let settling: ReturnType<typeof setTimeout> | null = null;
let saving: Promise<void> | null = null;
const watchers = new Set<() => void>();

/** A model that takes longer than this is not worked out between two keys. */
const LIGHT_MS = 10;
/** A heavy model is worked out when the typing has paused so long, and longer the longer it takes. */
const SETTLE_MS = { least: 350, most: 4000, perModel: 2 };

/** The whole toy worked out; remembers how long it took. */
export function modelNow(toy: Toy): ToyModel {
  const began = performance.now();
  const model = modelToy(toy);
  const took = performance.now() - began;
  // What was worked out before is answered at once and tells nothing.
  if (took > 0.5) modelMs = took;
  return model;
}

function set(change: Partial<OpenToy>): void {
  now = { ...now, ...change };
  if (change.file !== undefined) settle(change.file, change.history !== undefined && lastTyped);
  watchers.forEach((w) => w());
}

let lastTyped = false;

function settle(file: ToyFile | null, typed: boolean): void {
  if (settling) clearTimeout(settling);
  settling = null;
  if (!typed || modelMs < LIGHT_MS || !now.settled || now.settled.id !== file?.toy.id)
    now = { ...now, settled: file?.toy ?? null };
  else
    settling = setTimeout(
      () => set({ settled: now.file?.toy ?? null }),
      Math.min(SETTLE_MS.most, Math.max(SETTLE_MS.least, SETTLE_MS.perModel * modelMs)),
    );
}

/** The open toy as it is now, outside React. */
export const openToyNow = (): OpenToy => now;

/** The open toy, in React. */
export function useOpenToy(): OpenToy {
  return useSyncExternalStore((w) => (watchers.add(w), () => watchers.delete(w)), openToyNow, openToyNow);
}

/** Opens a toy; it becomes the writer if no other window is. */
export async function openToy(id: string): Promise<void> {
  if (now.id === id && now.state !== 'missing') return;
  await closeToy();
  set({ ...NONE, state: 'loading', id });
  stopListening = listen(id, {
    kept: () => void follow(id),
    gone: () => lost(id),
    handOver: () => void handOver(id),
  });
  const asked = await askToWrite(id, false, () => loseWriter(id));
  if (now.id !== id) return asked.release();
  writer = asked;
  set({ writing: asked.writing });
  await reload(id);
}

/** Closes the open toy after its last change is kept. */
export async function closeToy(): Promise<void> {
  await saving;
  stopListening?.();
  stopListening = null;
  writer?.release();
  writer = null;
  set(NONE);
}

/** Takes over the writing from another window. */
export async function editHere(): Promise<void> {
  const { id } = now;
  if (!id || now.writing) return;
  writer = await askToWrite(id, true, () => loseWriter(id));
  await reload(id);
  set({ writing: writer.writing });
}

async function reload(id: string): Promise<void> {
  try {
    const found = await take(id);
    if (now.id !== id) return;
    // A note that cannot be read is no reason to lock a toy that can.
    const raw = writer?.writing || !found ? notedAfter(id, found?.head.revision ?? 0) : null;
    const noted = raw === null ? null : keptFile(raw);
    if (raw !== null && !noted) strikeOut(id);
    if (!found && !noted) return set({ state: 'missing', trouble: screenWords.storage.gone });
    revision = found?.head.revision ?? null;
    base = found?.file ?? null;
    if (found?.damaged && !noted)
      return set({ state: 'newer', raw: found.raw, writing: false, trouble: screenWords.storage.damaged });
    if (found && !found.file && !found.damaged)
      return set({
        state: 'newer',
        raw: found.raw,
        writing: false,
        trouble: screenWords.storage.newer(found.head.schema),
      });
    set({
      state: 'open',
      file: noted ?? base,
      history: EMPTY_HISTORY,
      trouble: found ? null : screenWords.storage.fromJournal,
      overtaken: false,
    });
    if (noted) save();
  } catch (error) {
    const noted = keptFile(notedAfter(id, 0) ?? '');
    // The store does not answer; what was typed last can still be looked at and downloaded.
    const sentence = error instanceof StorageTrouble ? error.sentence : screenWords.storage.reading;
    if (noted)
      set({
        state: 'open',
        file: noted,
        writing: false,
        history: EMPTY_HISTORY,
        kept: false,
        trouble: sentence,
      });
    else set({ state: 'missing', trouble: sentence });
  }
}

/** Another window has kept this toy: a window that only follows reads it anew; the writer takes up what it did not know. */
const follow = async (id: string): Promise<void> => {
  if (now.id !== id) return;
  if (!now.writing) return reload(id);
  if (now.kept && !saving) await takeUp(id);
};

/** Another window has deleted this toy. What is here is still here, and can be kept again. */
function lost(id: string): void {
  if (now.id !== id || now.state !== 'open') return;
  revision = null;
  base = null;
  set({ kept: false, overtaken: true, trouble: screenWords.storage.goneElsewhere });
}

/** Does again on the newest kept state what was changed here since the last one; false when that cannot be told. */
async function takeUp(id: string): Promise<boolean> {
  const newest = await take(id);
  if (!newest?.file || !now.file || now.id !== id) return false;
  const both = base ? reapplied(base, now.file, newest.file) : null;
  if (!both) return false;
  revision = newest.head.revision;
  base = newest.file;
  set({ file: both });
  return true;
}

async function handOver(id: string): Promise<void> {
  if (!now.writing || now.id !== id) return;
  await saving;
  loseWriter(id);
}

function loseWriter(id: string): void {
  if (now.id !== id) return;
  writer?.release();
  writer = null;
  set({ writing: false });
}

/** Changes the design by a named edit. Does nothing while this window only follows. */
export function edit(
  name: string,
  focus: Focus,
  change: (toy: Toy) => Toy,
  gather: string | null = null,
): void {
  if (now.state !== 'open' || !now.file || !now.writing) return;
  const before = now.file.toy;
  const after = change(before);
  if (after === before) return;
  const at = Date.now();
  const history = record(
    now.history,
    editBetween(name, focus, before, after, gather),
    gather !== null && at - lastEditAt < PAUSE_MS,
  );
  lastEditAt = at;
  lastTyped = gather?.startsWith('type:') ?? false;
  set({ file: { ...now.file, toy: after }, history, said: null });
  save();
}

/** Notes a deed in the log beside the design; deeds are not in the history (decision 10). */
export function note(deed: Deed): void {
  if (now.state !== 'open' || !now.file || !now.writing) return;
  const log = withDeed(now.file.log, deed, new Date().toISOString());
  set({ file: { ...now.file, log } });
  save();
}

/** Takes back or repeats an edit; answers where to look. */
export function step(way: 'undo' | 'redo'): Focus | null {
  if (!now.file || !now.writing) return null;
  const moved = (way === 'undo' ? undo : redo)(now.history, now.file.toy);
  if (!moved) return null;
  lastEditAt = 0;
  lastTyped = false;
  set({
    file: { ...now.file, toy: moved.toy },
    history: moved.history,
    said: (way === 'undo' ? screenWords.undid : screenWords.redid)(moved.edit.name),
  });
  save();
  return moved.edit.focus;
}

/** Stops saying what was undone. */
export function hush(): void {
  set({ said: null });
}

/** Keeps the newest state; while one write is under way the next waits and then keeps whatever is newest. */
function save(): void {
  set({ kept: false });
  if (now.file) noteDown(now.file.toy.id, revision ?? 0, exportFile(now.file));
  if (now.overtaken) return;
  saving ??= (async () => {
    while (!now.kept && now.file && now.writing) {
      const file = now.file;
      try {
        revision = (await keep(file, revision)).revision;
        base = file;
        if (now.file === file) {
          strikeOut(file.toy.id);
          set({ kept: true, trouble: null });
        }
        tellKept(file.toy.id);
      } catch (error) {
        if (error instanceof Overtaken && (await takeUp(file.toy.id).catch(() => false))) continue;
        set(troubleWith(error));
        break;
      }
    }
    saving = null;
  })();
}

/** What is said when a change could not be kept, and whether it can only be kept as another toy. */
function troubleWith(error: unknown): Pick<OpenToy, 'trouble' | 'overtaken'> {
  if (!(error instanceof Overtaken))
    return {
      trouble: error instanceof StorageTrouble ? error.sentence : screenWords.storage.broken,
      overtaken: false,
    };
  return {
    trouble: error.now ? screenWords.storage.overtaken : screenWords.storage.goneElsewhere,
    overtaken: true,
  };
}

/** Tries again to keep what could not be kept. */
export function saveAgain(): void {
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
    set(troubleWith(error));
    return null;
  }
}
