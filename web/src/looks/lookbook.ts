import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api } from "../api/client";
import type { NamedLook, StoredLookbook } from "../api/types";
import { attempt } from "../set/attempt";

const LOOKBOOK = ["lookbook"];

/** Looks to start from. */
export function useReadyLooks(): NamedLook[] {
  const ready = useQuery({
    queryKey: ["ready-looks"],
    queryFn: api.readyLooks,
    staleTime: Infinity,
  });
  return ready.data?.looks ?? [];
}

/** The looks that were made here, and what changes them: each change is saved at once, on top of what others saved. */
export function useLookbook() {
  const queries = useQueryClient();
  const book = useQuery({ queryKey: LOOKBOOK, queryFn: api.lookbook });
  const change = (changed: (looks: NamedLook[]) => NamedLook[]) =>
    attempt(async () => {
      // on top of the newest, whoever saved it
      const { version, lookbook } = await api.lookbook();
      const looks = changed(lookbook.looks);
      const stored = await api.saveLookbook(version, { ...lookbook, looks });
      // what was asked for before this was saved must not come after it
      await queries.cancelQueries({ queryKey: LOOKBOOK });
      queries.setQueryData<StoredLookbook>(LOOKBOOK, stored);
      return stored;
    });
  return { looks: book.data?.lookbook.looks ?? [], change };
}

/** A title that none of the looks has. */
export function freeTitle(title: string, looks: NamedLook[]): string {
  const taken = new Set(looks.map((look) => look.title.trim().toLowerCase()));
  if (!taken.has(title.toLowerCase())) return title;
  let number = 2;
  while (taken.has(`${title} ${number}`.toLowerCase())) number++;
  return `${title} ${number}`;
}
