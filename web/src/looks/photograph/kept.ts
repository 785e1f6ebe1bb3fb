import { useQueryClient } from "@tanstack/react-query";
import { api } from "../../api/client";
import type { KeptPhotograph } from "../../api/types";
import { attempt } from "../../set/attempt";
import { usePhotograph, withPhotograph } from "./store";

/** Under which the kept photographs are asked for. */
export const KEPT = ["kept-photographs"];

/** Keeps the open photograph with its marks and names. */
export function useKeep() {
  const queries = useQueryClient();
  return async (title: string, client: string): Promise<KeptPhotograph | undefined> => {
    const { marks } = usePhotograph.getState();
    const kept = await attempt(() =>
      withPhotograph((id) => api.keepPhotograph(id, { title, client, marks })),
    );
    const { photograph } = usePhotograph.getState();
    if (!kept || !photograph) return undefined;
    usePhotograph.setState({ photograph: { ...photograph, title, client, kept: true } });
    await queries.invalidateQueries({ queryKey: KEPT });
    return kept;
  };
}
