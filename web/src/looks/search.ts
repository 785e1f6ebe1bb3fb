import { useQuery } from "@tanstack/react-query";
import { create } from "zustand";
import { Refusal } from "../api/ask";
import { api } from "../api/client";
import type { Search, TableSet } from "../api/types";
import { useKit } from "../kit/store";
import { attempt } from "../set/attempt";
import { useTable } from "../set/store";
import { useAdvice, useUsualSchools } from "./advice";

/** How often a search that is under way is looked in on. */
const LOOK_IN_MS = 500;

type Begun = { id: string; asked: TableSet };

const KEPT = "zephyrdune:searches";

/** The last search of each set that was open: it goes on while the page does something else, or is closed. */
export const useSearches = create<{ of: Record<string, Begun> }>(() => ({ of: kept() }));

function kept(): Record<string, Begun> {
  try {
    return JSON.parse(localStorage.getItem(KEPT) ?? "{}");
  } catch {
    return {};
  }
}

function remember(set: string, begun: Begun): void {
  // one is enough: what was looked for before is looked for again in seconds
  const of = { [set]: begun };
  useSearches.setState({ of });
  try {
    localStorage.setItem(KEPT, JSON.stringify(of));
  } catch {
    // it is found again as long as the page is open
  }
}

/** Begins a search for the look of the set that is on the table then; the same question asked twice is one search. */
export function useBeginSearch(): (() => Promise<void>) | null {
  const usual = useUsualSchools();
  const { schools, pinned } = useAdvice();
  const kit = useKit((state) => state.kit);
  const possible = useTable((table) => table.id !== null && table.possible !== null);
  if (!usual || !kit || !possible) return null;
  return async () => {
    const { id, set } = useTable.getState();
    if (!id || !set) return;
    const question = { set, kit, pinned, schools: { ...usual, ...schools }, seed: 1 };
    const begun = await attempt(() => api.beginSearch(question));
    if (begun) remember(id, { id: begun.id, asked: set });
  };
}

/** How the search for the open set stands; none where there is none, or the server was started again since. */
export function useSearch(): { search: Search | undefined; asked: TableSet | undefined } {
  const id = useTable((table) => table.id);
  const begun = useSearches(({ of }) => (id ? of[id] : undefined));
  const search = useQuery({
    queryKey: ["search", begun?.id],
    queryFn: ({ signal }) => api.search(begun?.id ?? "", signal),
    enabled: begun !== undefined,
    retry: (count, error) => !(error instanceof Refusal) && count < 3,
    refetchInterval: ({ state }) =>
      state.error || (state.data && state.data.state !== "RUNNING") ? false : LOOK_IN_MS,
  });
  return search.error instanceof Refusal
    ? { search: undefined, asked: undefined }
    : { search: search.data, asked: begun?.asked };
}
