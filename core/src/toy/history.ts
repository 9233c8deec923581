import type { Toy } from './types';

/** Where the screen should look after an edit is done or undone. */
export interface Focus {
  /** the id of a station, which the core does not know */
  station: string;
  part?: string;
  feature?: string;
  join?: string;
}

/** A named change of the design that can be done and undone (decision 10): what its fields held before and hold after. */
export interface Edit {
  name: string;
  focus: Focus;
  before: Partial<Toy>;
  after: Partial<Toy>;
  /** edits with the same key that follow each other before a pause are one */
  gather: string | null;
}

/** Makes an edit from the toy before and after: both ways put back exactly the fields that changed. */
export function editBetween(
  name: string,
  focus: Focus,
  before: Toy,
  after: Toy,
  gather: string | null = null,
): Edit {
  const keys = (Object.keys(after) as (keyof Toy)[]).filter((k) => before[k] !== after[k]);
  const held = (toy: Toy): Partial<Toy> => Object.fromEntries(keys.map((k) => [k, toy[k]]));
  return { name, focus, before: held(before), after: held(after), gather };
}

export interface History {
  past: readonly Edit[];
  future: readonly Edit[];
}

export const EMPTY_HISTORY: History = { past: [], future: [] };
/** More than an evening's edits; a year of them would keep every text that ever was. */
const MOST_EDITS = 10_000;

/** Notes an edit; `gathering` joins it to the last one when their keys agree. */
export function record(history: History, edit: Edit, gathering: boolean): History {
  const last = history.past[history.past.length - 1];
  if (gathering && last && edit.gather !== null && last.gather === edit.gather) {
    const joined: Edit = {
      ...edit,
      before: { ...edit.before, ...last.before },
      after: { ...last.after, ...edit.after },
    };
    return { past: [...history.past.slice(0, -1), joined], future: [] };
  }
  return { past: [...history.past, edit].slice(-MOST_EDITS), future: [] };
}

/** Takes the last edit back; `null` when there is none. */
export function undo(history: History, toy: Toy): { history: History; toy: Toy; edit: Edit } | null {
  const edit = history.past[history.past.length - 1];
  if (!edit) return null;
  return {
    history: { past: history.past.slice(0, -1), future: [edit, ...history.future] },
    toy: { ...toy, ...edit.before },
    edit,
  };
}

/** Does the last undone edit again; `null` when there is none. */
export function redo(history: History, toy: Toy): { history: History; toy: Toy; edit: Edit } | null {
  const edit = history.future[0];
  if (!edit) return null;
  return {
    history: { past: [...history.past, edit], future: history.future.slice(1) },
    toy: { ...toy, ...edit.after },
    edit,
  };
}
