import type { TableSet } from "../api/types";
import starter from "./starter.json";

/**
 * Work that is not saved yet, kept in the browser: for this tab, so that a reload goes on where it was, and for any
 * later tab, so that a closed one loses nothing.
 */
export type Draft = {
  /** The saved version that the work started from. */
  version: number;
  saved: TableSet;
  set: TableSet;
  past: TableSet[];
  future: TableSet[];
};

const key = (id: string) => `zephyrdune:draft:${id}`;

/** A draft of an older version of sets waits for {@link upgradeDraft}. */
const VERSION = starter.version;

function parse(text: string | null): Draft | null {
  if (!text) return null;
  try {
    const draft = JSON.parse(text) as Draft;
    return draft.set && draft.saved && Array.isArray(draft.past) && Array.isArray(draft.future)
      ? draft
      : null;
  } catch {
    return null;
  }
}

function found(id: string): Draft | null {
  return parse(sessionStorage.getItem(key(id))) ?? parse(localStorage.getItem(key(id)));
}

export function readDraft(id: string): Draft | null {
  const draft = found(id);
  return draft?.set.version === VERSION ? draft : null;
}

/** Brings a draft that an older version of the program kept up to date; its undo steps are left behind. */
export async function upgradeDraft(
  id: string,
  upgraded: (set: TableSet) => Promise<TableSet>,
): Promise<void> {
  const draft = found(id);
  if (!draft || draft.set.version === VERSION) return;
  const [set, saved] = await Promise.all([upgraded(draft.set), upgraded(draft.saved)]);
  keepDraft(id, { ...draft, set, saved, past: [], future: [] });
}

export function keepDraft(id: string, draft: Draft): void {
  const text = JSON.stringify(draft);
  for (const storage of [sessionStorage, localStorage]) {
    try {
      storage.setItem(key(id), text);
    } catch {
      // a full or forbidden storage: the work is still on the screen, and saving still works
    }
  }
}

export function dropDraft(id: string): void {
  sessionStorage.removeItem(key(id));
  localStorage.removeItem(key(id));
}
