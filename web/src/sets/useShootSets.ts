import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { shoots } from "../api/shoots";
import type { SetSummary } from "../api/types";

/** Sets by the shoot that they are photographed at. */
export function useShootSets(open: boolean) {
  const [shoot, setShoot] = useState("");
  const list = useQuery({ queryKey: ["shoots"], queryFn: shoots.list, enabled: open });
  const chosen = useQuery({
    queryKey: ["shoot", shoot],
    queryFn: () => shoots.get(shoot),
    enabled: open && shoot !== "",
  });
  const ids = new Set(
    chosen.data?.shoot.dishes.flatMap((dish) =>
      dish.shots.flatMap(({ set }) => (set.kind === "kept-set" ? [set.id] : [])),
    ),
  );
  const within = (sets: SetSummary[]) =>
    shoot === "" ? sets : sets.filter(({ id }) => ids.has(id));
  return { shoot, setShoot, shoots: list.data ?? [], within };
}
