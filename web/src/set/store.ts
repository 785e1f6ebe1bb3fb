import { create } from "zustand";
import type { StoredSet, TableSet } from "../api/types";
import { type Draft, dropDraft, keepDraft, readDraft } from "./drafts";
import { withEnteredAt } from "./paths";

const MOST_STEPS = 100;

/** Changes to the same field that follow each other this closely are one step to undo. */
const ONE_STEP_MS = 700;

export type Problem = {
  field: string;
  detail: string;
  /** What the field has to become, in its own unit, where that is enough. */
  remedy?: number;
};

type TableState = {
  /** The saved set that is open; none before the first is opened. */
  id: string | null;
  version: number;
  saved: TableSet | null;
  /** The set as it is on the table now. */
  set: TableSet | null;
  /** The newest state that the server found possible; what picture and readings show. */
  possible: TableSet | null;
  /** Why the present state is not possible, when it is not. */
  problem: Problem | null;
  past: TableSet[];
  future: TableSet[];
  lastField: string | null;
  lastChange: number;
  dragging: boolean;

  open: (stored: StoredSet) => void;
  close: () => void;
  change: (path: string, value: unknown) => void;
  replace: (set: TableSet) => void;
  startDrag: () => void;
  /** While dragging: other values for some parts of the set. */
  drag: (parts: Partial<TableSet>) => void;
  endDrag: () => void;
  /** Ends the drag as if it had not been. */
  cancelDrag: () => void;
  undo: () => void;
  redo: () => void;
  accept: (set: TableSet) => void;
  refuse: (set: TableSet, problem: Problem) => void;
  takeBack: () => void;
  markSaved: (stored: StoredSet, sent: TableSet) => void;
};

export const useTable = create<TableState>((put, get) => {
  const step = (set: TableSet, field: string | null) => {
    const { set: before, past, lastField, lastChange, dragging } = get();
    if (!before || set === before) return;
    const now = Date.now();
    const goesOn =
      dragging || (field !== null && field === lastField && now - lastChange < ONE_STEP_MS);
    put({
      set,
      past: goesOn ? past : [...past, before].slice(-MOST_STEPS),
      future: [],
      lastField: field,
      lastChange: now,
    });
  };

  return {
    id: null,
    version: 0,
    saved: null,
    set: null,
    possible: null,
    problem: null,
    past: [],
    future: [],
    lastField: null,
    lastChange: 0,
    dragging: false,

    open: (stored) => {
      const draft = readDraft(stored.id);
      // a draft without changes of its own gives way to what was saved elsewhere since
      const overtaken = draft && draft.version < stored.version && !isChanged(draft);
      const from: Draft = (!overtaken && draft) || {
        ...stored,
        saved: stored.set,
        past: [],
        future: [],
      };
      put({
        id: stored.id,
        version: from.version,
        saved: from.saved,
        set: from.set,
        possible: stored.set,
        problem: null,
        past: from.past,
        future: from.future,
        lastField: null,
        dragging: false,
      });
    },

    close: () => put({ id: null, saved: null, set: null, possible: null, problem: null }),

    change: (path, value) => {
      const { set } = get();
      if (set) step(withEnteredAt(set, path, value), path);
    },

    replace: (set) => step(set, null),

    startDrag: () => {
      const { set, past } = get();
      if (set) put({ dragging: true, past: [...past, set].slice(-MOST_STEPS), lastField: null });
    },

    drag: (parts) => {
      const { set, dragging } = get();
      if (set && dragging) step({ ...set, ...parts }, "drag");
    },

    endDrag: () => {
      const { set, past, problem, possible } = get();
      put({ dragging: false, lastField: null });
      if (set && past.at(-1) === set) put({ past: past.slice(0, -1) });
      // what was dropped where it cannot be goes back to where it last could
      if (problem && possible) put({ set: possible });
    },

    cancelDrag: () => {
      const { set, past, dragging } = get();
      if (!dragging) return;
      put({ dragging: false, lastField: null, set: past.at(-1) ?? set, past: past.slice(0, -1) });
    },

    undo: () => {
      const { set, past, future } = get();
      const before = past.at(-1);
      if (set && before) {
        put({ set: before, past: past.slice(0, -1), future: [set, ...future], lastField: null });
      }
    },

    redo: () => {
      const { set, past, future } = get();
      const [next, ...rest] = future;
      if (set && next) put({ set: next, past: [...past, set], future: rest, lastField: null });
    },

    accept: (set) => {
      if (get().set === set) put({ possible: set, problem: null });
      else if (!get().problem) put({ possible: set });
    },

    refuse: (set, problem) => {
      const { set: now, possible } = get();
      // a saved set may no longer stand: then there is nothing possible yet
      if (now === set) put({ problem, possible: possible === set ? null : possible });
    },

    takeBack: () => {
      const { possible, set, past } = get();
      if (possible && set)
        put({ set: possible, problem: null, past: [...past, set].slice(-MOST_STEPS) });
    },

    markSaved: (stored, sent) => {
      put({ id: stored.id, version: stored.version, saved: sent });
    },
  };
});

/** Whether what is on the table differs from what is saved. */
export function isChanged({ set, saved }: Pick<TableState, "set" | "saved">): boolean {
  return set !== saved && JSON.stringify(set) !== JSON.stringify(saved);
}

useTable.subscribe((now, before) => {
  if (!now.id || !now.set || !now.saved) return;
  if (now.set === before.set && now.saved === before.saved && now.past === before.past) return;
  if (isChanged(now) || now.past.length > 0 || now.future.length > 0) {
    const { id, version, saved, set, past, future } = now;
    keepDraft(id, { version, saved, set, past: past.slice(-30), future: future.slice(0, 30) });
  } else {
    dropDraft(now.id);
  }
});
