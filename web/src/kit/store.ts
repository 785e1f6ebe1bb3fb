import { create } from "zustand";
import { Refusal } from "../api/ask";
import { api } from "../api/client";
import { noteFailure } from "../api/connection";
import type { Kit, StoredKit } from "../api/types";
import { withEnteredAt } from "../set/paths";
import { tell } from "../ui/notices";
import { merged } from "./merge";

type KitState = {
  /** As it was last saved; none before it was fetched. */
  saved: StoredKit | null;
  /** As it is on the screen. */
  kit: Kit | null;
  /** Why the screen's state is not saved, when it cannot be. */
  problem: { field: string; detail: string } | null;

  fetch: () => Promise<void>;
  change: (path: string, value: unknown) => void;
  replace: (kit: Kit) => void;
};

/** Typing settles for this long before it is saved. */
const SETTLED_MS = 500;

/** A save that failed is tried again after so long. */
const AGAIN_MS = 3000;

let timer: ReturnType<typeof setTimeout> | undefined;

/** What the photographer owns. Every change is saved by itself. */
export const useKit = create<KitState>((put, get) => {
  let saving = false;
  const save = async () => {
    const { kit, saved } = get();
    if (saving || !kit || !saved || kit === saved.kit) return;
    saving = true;
    try {
      const stored = await api.saveKit(saved.version, kit);
      put({ saved: { version: stored.version, kit }, problem: null });
    } catch (error) {
      noteFailure(error);
      if (!(error instanceof Refusal)) {
        timer = setTimeout(() => void save(), AGAIN_MS);
        return;
      }
      if (error.problem.status !== 409) {
        const first = error.problem.errors?.[0];
        put({
          problem: { field: first?.field ?? "", detail: first?.detail ?? error.problem.detail },
        });
        return;
      }
      await joinTheirs(saved.kit);
    } finally {
      saving = false;
    }
    if (get().kit !== get().saved?.kit) later();
  };
  /** The kit was saved elsewhere meanwhile: what was changed here goes on top of that. */
  const joinTheirs = async (before: Kit) => {
    try {
      const theirs = await api.kit();
      const mine = get().kit;
      put({ saved: theirs, kit: mine ? merged(before, mine, theirs.kit) : theirs.kit });
      tell("The kit was changed in another window too; both changes are in it now");
    } catch (error) {
      noteFailure(error);
      timer = setTimeout(() => void save(), AGAIN_MS);
    }
  };
  const later = () => {
    clearTimeout(timer);
    timer = setTimeout(() => void save(), SETTLED_MS);
  };
  return {
    saved: null,
    kit: null,
    problem: null,

    fetch: async () => {
      try {
        const saved = await api.kit();
        put({ saved, kit: saved.kit, problem: null });
      } catch (error) {
        noteFailure(error);
      }
    },

    change: (path, value) => {
      const { kit } = get();
      if (kit) {
        put({ kit: withEnteredAt(kit, path, value) });
        later();
      }
    },

    replace: (kit) => {
      put({ kit });
      later();
    },
  };
});
