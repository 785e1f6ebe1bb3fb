import { create } from "zustand";
import { api, Refusal } from "../api/client";
import { noteFailure } from "../api/connection";
import type { Kit, StoredKit } from "../api/types";
import { withEnteredAt } from "../set/paths";
import { said } from "../set/preferences";
import { tell } from "../ui/notices";

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

let timer: ReturnType<typeof setTimeout> | undefined;

/** What the photographer owns. Every change is saved by itself. */
export const useKit = create<KitState>((put, get) => {
  const save = async () => {
    const { kit, saved } = get();
    if (!kit || !saved || kit === saved.kit) return;
    try {
      const stored = await api.saveKit(saved.version, kit);
      put({ saved: { version: stored.version, kit }, problem: null });
      if (get().kit !== kit) later();
    } catch (error) {
      noteFailure(error);
      if (!(error instanceof Refusal)) {
        timer = setTimeout(() => void save(), 3000);
      } else if (error.problem.status === 409) {
        tell(said(error.problem.detail), { tone: "alarm" });
        await get().fetch();
      } else {
        const first = error.problem.errors?.[0];
        put({
          problem: { field: first?.field ?? "", detail: first?.detail ?? error.problem.detail },
        });
      }
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

/** A name that no piece of a list has yet: "White card", "White card 2" and so on. */
export function freeName(wanted: string, taken: { name: string }[]): string {
  const names = new Set(taken.map(({ name }) => name.trim().toLowerCase()));
  let name = wanted;
  for (let n = 2; names.has(name.trim().toLowerCase()); n++) name = `${wanted} ${n}`;
  return name;
}
