import { applyPatch, createPatch, type Operation } from "rfc6902";
import { create } from "zustand";
import type { TableSet } from "../api/types";
import starter from "./starter.json";

/**
 * Work that is not saved yet, kept in the browser: for this tab, so that a reload goes on where it was, and for any
 * later tab, so that a closed one loses nothing. It is written a moment after the last change, the saved set whole and every
 * other state by what differs from the one before it (JSON Patch, RFC 6902).
 */
export type Draft = {
  /** The saved version that the work started from. */
  version: number;
  saved: TableSet;
  set: TableSet;
  past: TableSet[];
  future: TableSet[];
};

/** A draft as it is written. */
type Written = {
  version: number;
  saved: TableSet;
  /** The oldest state as it differs from the saved set, and each other as it differs from the one before it. */
  steps: Operation[][];
  /** Which of them is on the table. */
  now: number;
};

const key = (id: string) => `zephyrdune:draft:${id}`;

/** A draft of an older version of sets waits for {@link upgradeDraft}. */
const VERSION = starter.version;

/** Written once nothing has changed for so long. */
const QUIET_MS = 250;

/** While somebody goes on changing things, written at least so often. */
const LONGEST_MS = 2000;

/** Whether the browser could not keep the newest draft. */
export const useDrafts = create<{ failed: boolean }>(() => ({ failed: false }));

let waiting: { id: string; draft: Draft; since: number } | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;

/** Differences that were worked out before: states never change, and most are there again in the next draft. */
const known = new WeakMap<TableSet, { from: TableSet; patch: Operation[] }>();

function patch(from: TableSet, to: TableSet): Operation[] {
  const before = known.get(to);
  if (before?.from === from) return before.patch;
  const found = createPatch(from, to);
  known.set(to, { from, patch: found });
  return found;
}

function patched(from: TableSet, steps: Operation[]): TableSet {
  const to = structuredClone(from);
  if (applyPatch(to, steps).some((error) => error !== null)) throw new Error("not a draft");
  known.set(to, { from, patch: steps });
  return to;
}

function written({ version, saved, set, past, future }: Draft): Written {
  const states = [...past, set, ...future];
  return {
    version,
    saved,
    steps: states.map((state, i) => patch(states[i - 1] ?? saved, state)),
    now: past.length,
  };
}

function read({ version, saved, steps, now }: Written): Draft | null {
  const states: TableSet[] = [];
  for (const step of steps) states.push(patched(states.at(-1) ?? saved, step));
  const set = states[now];
  return set
    ? { version, saved, set, past: states.slice(0, now), future: states.slice(now + 1) }
    : null;
}

function parse(text: string | null): Draft | null {
  if (!text) return null;
  try {
    const found = JSON.parse(text) as Draft | Written;
    if (!found.saved) return null;
    if ("steps" in found) return read(found);
    // as drafts were written before: every state whole
    return found.set && Array.isArray(found.past) && Array.isArray(found.future) ? found : null;
  } catch {
    return null;
  }
}

function found(id: string): Draft | null {
  writeDrafts();
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

/** Keeps a draft, once there is a moment's rest. */
export function keepDraft(id: string, draft: Draft): void {
  if (waiting && waiting.id !== id) writeDrafts();
  waiting = { id, draft, since: waiting?.since ?? Date.now() };
  clearTimeout(timer);
  const left = Math.max(0, waiting.since + LONGEST_MS - Date.now());
  timer = setTimeout(writeDrafts, Math.min(QUIET_MS, left));
}

/** Writes what is waiting to be kept. */
export function writeDrafts(): void {
  clearTimeout(timer);
  if (!waiting) return;
  const { id, draft } = waiting;
  waiting = null;
  const text = JSON.stringify(written(draft));
  const kept = [sessionStorage, localStorage].map((storage) => put(storage, key(id), text));
  useDrafts.setState({ failed: kept.includes(false) });
}

function put(storage: Storage, name: string, text: string): boolean {
  try {
    storage.setItem(name, text);
    return true;
  } catch {
    // full or forbidden
    return false;
  }
}

export function dropDraft(id: string): void {
  if (waiting?.id === id) {
    waiting = null;
    clearTimeout(timer);
  }
  sessionStorage.removeItem(key(id));
  localStorage.removeItem(key(id));
  useDrafts.setState({ failed: false });
}

// a page that is left, closed or put aside may not come back
addEventListener("pagehide", writeDrafts);
document.addEventListener("visibilitychange", writeDrafts);
