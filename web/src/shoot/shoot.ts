import { create } from "zustand";
import { Refusal, Unreachable } from "../api/ask";
import { noteFailure } from "../api/connection";
import { shoots } from "../api/shoots";
import type { Shoot, StoredShoot } from "../api/types";
import { withValueAt } from "../set/paths";
import { tell } from "../ui/notices";

/** Rest after the last change before it is saved. */
const REST_MS = 700;
const MOST_STEPS = 100;

/** What became of the last change. */
export type Saving = "saved" | "waiting" | "refused" | "unreachable" | "overtaken";

type ShootState = {
  id: string | null;
  version: number;
  shoot: Shoot | null;
  past: Shoot[];
  future: Shoot[];
  saving: Saving;
  /** Why it was not saved, and by which field. */
  problem: { field: string; detail: string } | null;
  failed: string | null;
};

const NOTHING: ShootState = {
  id: null,
  version: 0,
  shoot: null,
  past: [],
  future: [],
  saving: "saved",
  problem: null,
  failed: null,
};

/** The shoot on this page. What is changed is saved by itself after a moment's rest. */
export const useShoot = create<ShootState>(() => NOTHING);

let timer: ReturnType<typeof setTimeout> | undefined;

export async function openShoot(id: string): Promise<void> {
  useShoot.setState({ ...NOTHING, id });
  try {
    const stored = await shoots.get(id);
    if (useShoot.getState().id !== id) return;
    put(stored);
    takeUp(id);
  } catch (error) {
    noteFailure(error);
    const failed = error instanceof Refusal ? error.problem.detail : (error as Error).message;
    if (useShoot.getState().id === id) useShoot.setState({ failed });
  }
}

function put({ version, shoot }: StoredShoot): void {
  useShoot.setState({ version, shoot, saving: "saved", problem: null, failed: null });
}

type Draft = { version: number; shoot: Shoot };

const draftKey = (id: string) => `zephyrdune:shoot-draft:${id}`;

/** What is not saved yet outlasts the page. */
function keepDraft(): void {
  const { id, version, shoot } = useShoot.getState();
  try {
    if (id) localStorage.setItem(draftKey(id), JSON.stringify({ version, shoot }));
  } catch {
    // without storage it lasts as long as the page
  }
}

function dropDraft(id: string): void {
  try {
    localStorage.removeItem(draftKey(id));
  } catch {
    // there is none then
  }
}

function draftOf(id: string): Draft | null {
  try {
    return JSON.parse(localStorage.getItem(draftKey(id)) ?? "null") as Draft | null;
  } catch {
    return null;
  }
}

/** Goes on with what was not saved; what was changed elsewhere since is not overwritten unasked. */
function takeUp(id: string): void {
  const draft = draftOf(id);
  if (!draft) return;
  if (draft.version === useShoot.getState().version) {
    changeTo(draft.shoot);
    return;
  }
  tell("This shoot was changed elsewhere after you had changed it here", {
    action: { label: "Take mine", run: () => changeTo(draft.shoot) },
  });
}

/** Another shoot in place of the one there is: one step to undo. */
export function changeTo(next: Shoot): void {
  const { shoot, past } = useShoot.getState();
  if (!shoot || next === shoot) return;
  useShoot.setState({ shoot: next, past: [...past, shoot].slice(-MOST_STEPS), future: [] });
  saveSoon();
}

export function change(path: string, value: unknown): void {
  const { shoot } = useShoot.getState();
  if (shoot) changeTo(withValueAt(shoot, path, value));
}

export function undo(): void {
  const { shoot, past, future } = useShoot.getState();
  const before = past.at(-1);
  if (!shoot || !before) return;
  useShoot.setState({ shoot: before, past: past.slice(0, -1), future: [shoot, ...future] });
  saveSoon();
}

export function redo(): void {
  const { shoot, past, future } = useShoot.getState();
  const [next, ...rest] = future;
  if (!shoot || !next) return;
  useShoot.setState({ shoot: next, past: [...past, shoot], future: rest });
  saveSoon();
}

function saveSoon(): void {
  clearTimeout(timer);
  useShoot.setState({ saving: "waiting" });
  keepDraft();
  timer = setTimeout(() => void save(), REST_MS);
}

/** Saves what is there; what was changed meanwhile is saved after it. */
export async function save(): Promise<void> {
  clearTimeout(timer);
  const { id, version, shoot } = useShoot.getState();
  if (!id || !shoot) return;
  try {
    const stored = await shoots.save(id, version, shoot);
    if (useShoot.getState().id !== id) return;
    const same = useShoot.getState().shoot === shoot;
    useShoot.setState({ version: stored.version, problem: null, ...(same && { saving: "saved" }) });
    if (same) dropDraft(id);
    else saveSoon();
  } catch (error) {
    if (useShoot.getState().id !== id) return;
    noteFailure(error);
    if (error instanceof Refusal && error.problem.status === 409) overtaken(id);
    else if (error instanceof Refusal) {
      const first = error.problem.errors?.[0];
      const problem = { field: first?.field ?? "", detail: first?.detail ?? error.problem.detail };
      useShoot.setState({ saving: "refused", problem });
    } else if (error instanceof Unreachable) {
      useShoot.setState({ saving: "unreachable" });
      timer = setTimeout(() => void save(), 3000);
    } else throw error;
  }
}

/** Somebody else saved it: both are kept until this one says which is meant. */
function overtaken(id: string): void {
  useShoot.setState({ saving: "overtaken" });
  tell("This shoot was changed elsewhere too", {
    tone: "alarm",
    action: {
      label: "Keep mine",
      run: async () => {
        const stored = await shoots.get(id);
        useShoot.setState({ version: stored.version });
        await save();
      },
    },
  });
}
