import { useQuery, useQueryClient } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { WallTest } from "../../api/types";

const KEY = ["wall-test"];

/** The wall test that is under way; null where there is none, nothing before that is known. */
export function useWallTest(): WallTest | null | undefined {
  return useQuery({ queryKey: KEY, queryFn: ({ signal }) => api.wallTest(signal) }).data;
}

/** Puts a newer answer in its place. */
export function useWallTestChanged(): (test: WallTest | null | undefined) => void {
  const queries = useQueryClient();
  return (test) => {
    if (test !== undefined) queries.setQueryData(KEY, test);
  };
}
