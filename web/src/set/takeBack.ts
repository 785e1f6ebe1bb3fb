import type { Action } from "../ui/notices";
import { useTable } from "./store";

/** Takes the change back that was just made, as long as it is the last one. */
export function takeBack(): Action {
  const { set, undo } = useTable.getState();
  return {
    label: "Take it back",
    run: undo,
    expires: (gone) => useTable.subscribe((now) => now.set !== set && gone()),
  };
}
