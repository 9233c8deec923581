/**
 * What was typed last, written at once, before the storage has had time to keep it. The browser writes this store
 * synchronously, so it outlives a page that crashes while a transaction is under way; see docs/decisions/006.
 */
interface Entry {
  /** revision that the text comes after */
  after: number;
  raw: string;
}

const key = (id: string) => `hoppla-journal:${id}`;

/** Notes the newest state of a toy. A full or missing store is no trouble: the storage itself says so. */
export function noteDown(id: string, after: number, raw: string): void {
  try {
    localStorage.setItem(key(id), JSON.stringify({ after, raw } satisfies Entry));
  } catch {
    // The storage is what keeps the toy; this is only the short while before.
  }
}

/** Strikes the note out once its state is kept. */
export function strikeOut(id: string): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // Nothing was noted then.
  }
}

/** Every note there is: what was typed last of each toy that was not kept since. */
export function journals(): { id: string; raw: string }[] {
  try {
    return Object.keys(localStorage)
      .filter((k) => k.startsWith(key('')))
      .flatMap((k) => {
        const id = k.slice(key('').length);
        const raw = notedAfter(id, 0);
        return raw === null ? [] : [{ id, raw }];
      });
  } catch {
    return [];
  }
}

/** The note that is newer than a revision, or null. */
export function notedAfter(id: string, revision: number): string | null {
  try {
    const raw = localStorage.getItem(key(id));
    const entry = raw ? (JSON.parse(raw) as Entry) : null;
    return entry && typeof entry.raw === 'string' && entry.after >= revision ? entry.raw : null;
  } catch {
    return null;
  }
}
