import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Marks } from "../api/types";

/** The marks of cameras, once they are known. */
export function useMarks(): Marks | undefined {
  return useQuery({ queryKey: ["marks"], queryFn: api.marks, staleTime: Infinity }).data;
}
