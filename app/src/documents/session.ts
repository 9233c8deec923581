import {
  EMPTY_HISTORY,
  editBetween,
  record,
  redo,
  undo,
  type Deed,
  type Focus,
  type History,
  type Toy,
  type ToyFile,
} from '@hoppla/core/toy';
import { changesOf, isBegun, withDeed } from '@hoppla/core/record';
import { screenWords } from '../words';

/** The toy that is open: the only editable copy there is (decision 29), and what is known of its keeping. */
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
  /** said once: what was undone or redone, or that this toy was lost and is here again */
  said: string | null;
}

/** What is open, with what only its keeping needs. */
export interface Session extends OpenToy {
  /** the revision that is kept, and what stands in it; null when none is kept */
  revision: number | null;
  base: ToyFile | null;
  /** when the last edit was made, ms; 0 after an undo, so that nothing is gathered across it */
  lastEditAt: number;
  /** the press that made it, see `presses.ts` */
  lastPress: number | null;
  /** the last change was a key in a text */
  typed: boolean;
}

export const NOTHING_OPEN: Session = {
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
  revision: 0,
  base: null,
  lastEditAt: 0,
  lastPress: null,
  typed: false,
};

/** Typing or tapping that pauses longer than this is a new edit. */
const PAUSE_MS = 1000;

/** Everything that can happen to what is open. Times in ms, `at` of a deed ISO 8601. */
export type Happened =
  | { what: 'opening'; id: string }
  | { what: 'closed' }
  | { what: 'writer'; writing: boolean }
  | {
      what: 'read';
      file: ToyFile;
      base: ToyFile | null;
      revision: number | null;
      /** from what was noted, and not from what was kept */
      fromJournal: boolean;
    }
  | { what: 'unreadable'; raw: string; revision: number; trouble: string }
  | { what: 'missing'; trouble: string }
  | { what: 'store silent'; file: ToyFile; trouble: string }
  | {
      what: 'edited';
      name: string;
      focus: Focus;
      toy: Toy;
      gather: string | null;
      at: number;
      press: number;
    }
  | { what: 'done'; deeds: readonly Deed[]; at: string }
  /** pieces, tests, batches and pictures as they are now */
  | { what: 'recorded'; records: Pick<ToyFile, 'pieces' | 'pullTests' | 'batches' | 'photos'> }
  | { what: 'undone' | 'redone'; at: number }
  | { what: 'hushed' }
  | { what: 'kept'; file: ToyFile; revision: number }
  | { what: 'taken up'; file: ToyFile; base: ToyFile; revision: number }
  | { what: 'not kept'; trouble: string; overtaken: boolean }
  | { what: 'gone elsewhere' }
  | { what: 'settled' };

/** A change of the design or of the records is here only while this window writes. */
const mayWrite = (now: Session): now is Session & { file: ToyFile } =>
  now.state === 'open' && now.file !== null && now.writing;

/** The file with another design; once something was made, what changed is noted as a change of mind. `at` in ms. */
function redesigned(file: ToyFile, toy: Toy, at: number): ToyFile {
  const changes = isBegun(file.log) ? changesOf(file.toy, toy) : [];
  const when = new Date(at).toISOString();
  return { ...file, toy, log: changes.reduce((log, deed) => withDeed(log, deed, when), file.log) };
}

function edited(now: Session, e: Extract<Happened, { what: 'edited' }>): Session {
  if (!mayWrite(now) || e.toy === now.file.toy) return now;
  const typed = e.gather?.startsWith('type:') ?? false;
  // What is drawn along without being let go is one edit, however long it rests on the way or the machine takes.
  const soon = Math.abs(e.at - now.lastEditAt) < PAUSE_MS || (!typed && e.press === now.lastPress);
  const change = editBetween(e.name, e.focus, now.file.toy, e.toy, e.gather);
  return {
    ...now,
    file: redesigned(now.file, e.toy, e.at),
    history: record(now.history, change, e.gather !== null && soon),
    said: null,
    kept: false,
    lastEditAt: e.at,
    lastPress: e.press,
    typed,
  };
}

function stepped(now: Session, { what: way, at }: { what: 'undone' | 'redone'; at: number }): Session {
  if (!mayWrite(now)) return now;
  const moved = (way === 'undone' ? undo : redo)(now.history, now.file.toy);
  if (!moved) return now;
  const say = way === 'undone' ? screenWords.undid : screenWords.redid;
  return {
    ...now,
    file: redesigned(now.file, moved.toy, at),
    history: moved.history,
    said: say(moved.edit.name),
    kept: false,
    lastEditAt: 0,
    lastPress: null,
    typed: false,
  };
}

/** The one reducer: what is open after something has happened. Pure; what follows in the browser is done by `openToy.ts`. */
export function reduced(now: Session, e: Happened): Session {
  switch (e.what) {
    case 'opening':
      return { ...NOTHING_OPEN, state: 'loading', id: e.id };
    case 'closed':
      return NOTHING_OPEN;
    case 'writer':
      return { ...now, writing: e.writing };
    case 'read':
      return {
        ...now,
        state: 'open',
        file: e.file,
        base: e.base,
        revision: e.revision,
        history: EMPTY_HISTORY,
        trouble: null,
        // It stays when the toy is kept again a moment later: a maker could not have read it by then.
        said: e.fromJournal && e.base === null ? screenWords.storage.fromJournal : now.said,
        overtaken: false,
        kept: !e.fromJournal,
        typed: false,
      };
    case 'unreadable':
      return {
        ...now,
        state: 'newer',
        raw: e.raw,
        revision: e.revision,
        base: null,
        writing: false,
        trouble: e.trouble,
      };
    case 'missing':
      return { ...now, state: 'missing', trouble: e.trouble };
    case 'store silent':
      return {
        ...now,
        state: 'open',
        file: e.file,
        writing: false,
        history: EMPTY_HISTORY,
        kept: false,
        trouble: e.trouble,
        typed: false,
      };
    case 'edited':
      return edited(now, e);
    case 'done':
      if (!mayWrite(now)) return now;
      return {
        ...now,
        file: {
          ...now.file,
          log: e.deeds.reduce((log, deed) => withDeed(log, deed, e.at), now.file.log),
        },
        said: null,
        kept: false,
        typed: false,
      };
    case 'recorded':
      if (!mayWrite(now)) return now;
      return { ...now, file: { ...now.file, ...e.records }, kept: false, typed: false };
    case 'undone':
    case 'redone':
      return stepped(now, e);
    case 'hushed':
      return { ...now, said: null };
    case 'kept': {
      const newest = now.file === e.file;
      return { ...now, revision: e.revision, base: e.file, ...(newest ? { kept: true, trouble: null } : {}) };
    }
    case 'taken up':
      return { ...now, file: e.file, base: e.base, revision: e.revision, typed: false };
    case 'not kept':
      return { ...now, trouble: e.trouble, overtaken: e.overtaken };
    case 'gone elsewhere':
      return {
        ...now,
        revision: null,
        base: null,
        kept: false,
        overtaken: true,
        trouble: screenWords.storage.goneElsewhere,
      };
    case 'settled':
      return { ...now, settled: now.file?.toy ?? null };
  }
}
