import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api } from "../api/client";
import type { TetherStatus } from "../api/types";
import { useTable } from "../set/store";
import { takeIn } from "./frames";

export const TETHER = ["tether"];

/** Often enough for a frame to be seen within a second. */
const EVERY_MS = 400;

/** Which folder is watched. */
export function useTether(): TetherStatus | undefined {
  const { data } = useQuery({ queryKey: TETHER, queryFn: api.tether, staleTime: Infinity });
  return data;
}

/** Whether frames come in for the set that is open. */
export function useComesIn(): boolean {
  const id = useTable((table) => table.id);
  const tether = useTether();
  return tether !== undefined && tether.folder !== "" && tether.set === id;
}

/** Takes in what comes into the folder as long as the set is open. */
export function useIncoming(): void {
  const comesIn = useComesIn();
  const queries = useQueryClient();
  useEffect(() => {
    if (!comesIn) return;
    let on = true;
    let arrived = -1;
    const look = async () => {
      try {
        const status = await api.tether();
        queries.setQueryData(TETHER, status);
        if (status.arrived !== arrived) await takeIn();
        arrived = status.arrived;
      } catch {
        // the next look tries again; that the server does not answer is told elsewhere
      }
      if (on) timer = setTimeout(look, EVERY_MS);
    };
    let timer = setTimeout(look, 0);
    return () => {
      on = false;
      clearTimeout(timer);
    };
  }, [comesIn, queries]);
}
