import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Kit, UsualSpreads } from "../api/types";
import { useKit } from "./store";

export function useReadyMade(): Kit | undefined {
  return useQuery({ queryKey: ["ready-made"], queryFn: api.readyMade, staleTime: Infinity }).data;
}

/** How far the usual values of the kit's pieces may be off. */
export function useUsualSpreads(): UsualSpreads | undefined {
  const kit = useKit((state) => state.kit);
  return useQuery({
    queryKey: ["usual-spreads", kit],
    queryFn: ({ signal }) => api.usualSpreads(kit as Kit, signal),
    enabled: kit !== null,
    placeholderData: (before) => before,
    gcTime: 0,
  }).data;
}
