import { useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import { useTable } from "../set/store";
import { idInAddress, SETS, setActions } from "../sets/actions";

/** Opens the set named in the address; on a bare address, the one opened last. Says whether it is known what is to be open. */
export function useAddress(): boolean {
  const queries = useQueryClient();
  const [known, setKnown] = useState(false);
  useEffect(() => {
    const actions = setActions(queries);
    const follow = async () => {
      const id = idInAddress();
      if (id) {
        if (id !== useTable.getState().id) await actions.open(id);
      } else if (location.hash === "") {
        const sets = await queries.fetchQuery({ queryKey: SETS, queryFn: api.listSets });
        const first = sets[0];
        if (first) await actions.open(first.id);
      }
    };
    const listen = () =>
      void follow()
        .catch(() => undefined)
        .finally(() => setKnown(true));
    listen();
    addEventListener("popstate", listen);
    return () => removeEventListener("popstate", listen);
  }, [queries]);
  return known;
}
