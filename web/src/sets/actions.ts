import type { QueryClient } from "@tanstack/react-query";
import { Refusal } from "../api/ask";
import { api } from "../api/client";
import type { SetSummary, StoredSet, TableSet } from "../api/types";
import { attempt } from "../set/attempt";
import { dropDraft, upgradeDraft } from "../set/drafts";
import { said } from "../set/preferences";
import { useTable } from "../set/store";
import { tell } from "../ui/notices";
import { useTheirs } from "./theirs";

export const SETS = ["sets"];
export const DELETED = ["deleted-sets"];

/** The set named in the address, if one is. */
export function idInAddress(): string | null {
  return /^#\/sets\/([0-9a-f-]{36})$/.exec(location.hash)?.[1] ?? null;
}

function show(stored: StoredSet): void {
  useTable.getState().open(stored);
  const hash = `#/sets/${stored.id}`;
  if (location.hash !== hash) history.pushState(null, "", hash);
}

export function setActions(queries: QueryClient) {
  // at once, lest the list shows for a moment what it was when it was last open
  const refresh = async () => {
    // a list that was asked for before the change would show what is no longer so
    await queries.cancelQueries({ queryKey: SETS });
    await queries
      .fetchQuery({ queryKey: SETS, queryFn: api.listSets, staleTime: 0 })
      .catch(() => undefined);
    await queries.invalidateQueries({ queryKey: DELETED });
  };
  const add = async (set: TableSet) => {
    const stored = await attempt(() => api.addSet(set));
    if (stored) show(stored);
    await refresh();
    return stored;
  };

  const bringBack = async (id: string) => {
    const stored = await attempt(() => api.restoreSet(id));
    await refresh();
    return stored;
  };

  return {
    bringBack,
    open: async (id: string) => {
      await attempt(() =>
        upgradeDraft(id, (set) => api.openSetFile(new Blob([JSON.stringify(set)]))),
      );
      const stored = await attempt(() => api.getSet(id));
      if (stored) {
        show(stored);
        // only the order of lists depends on it
        void api.openedSet(id).catch(() => undefined);
      }
      return stored;
    },
    add,
    duplicate: async (id: string) => {
      const stored = await attempt(() => api.copySet(id));
      await refresh();
      return stored;
    },
    rename: async (id: string, title: string) => {
      if (useTable.getState().id === id) {
        useTable.getState().change("title", title);
        return save(refresh);
      }
      const renamed = await attempt(async () => {
        const { version, set } = await api.getSet(id);
        return api.saveSet(id, version, { ...set, title });
      });
      await refresh();
      return renamed !== undefined;
    },
    remove: async ({ id, title, version }: SetSummary) => {
      const done = await attempt(() => api.deleteSet(id, version));
      if (!done) return;
      await refresh();
      const wasOpen = useTable.getState().id === id;
      if (wasOpen) {
        useTable.getState().close();
        history.pushState(null, "", "#/");
      }
      const restore = async () => {
        const stored = await bringBack(id);
        if (stored && wasOpen) show(stored);
      };
      tell(`Deleted “${title}”`, { action: { label: "Bring back", run: restore } });
    },
    save: () => save(refresh),
  };
}

async function save(refresh: () => Promise<void>): Promise<boolean> {
  const { id, version, set, problem } = useTable.getState();
  if (!id || !set) return false;
  if (problem) {
    tell(`Not saved: ${said(problem.detail)}`, { tone: "alarm" });
    return false;
  }
  try {
    useTable.getState().markSaved(await api.saveSet(id, version, set), set);
    tell("Saved");
    await refresh();
    return true;
  } catch (error) {
    if (error instanceof Refusal && error.problem.current) {
      useTheirs.setState({ theirs: error.problem.current });
    } else {
      await attempt(() => Promise.reject(error));
    }
    return false;
  }
}

/** Opens what is saved in place of what is on the table; the latter is given up. */
export function takeTheirs(stored: StoredSet): void {
  dropDraft(stored.id);
  show(stored);
}
