import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Kit } from "../api/types";

export function useReadyMade(): Kit | undefined {
  return useQuery({ queryKey: ["ready-made"], queryFn: api.readyMade, staleTime: Infinity }).data;
}
