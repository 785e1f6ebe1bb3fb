import { create } from "zustand";
import { useTable } from "../set/store";

export type SheetName = "sets" | "kit" | "looks" | "wall" | "find" | "keys";

/** Which sheet lies over the table. */
export const useSheets = create<{ open: SheetName | null }>(() => ({ open: null }));

export const openSheet = (open: SheetName | null) => useSheets.setState({ open });

/** What to measure and set to build up the set that is open, line by line. */
export function goToTheStand(): void {
  location.hash = `#/stand/${useTable.getState().id}`;
}

/** All shoots. */
export function goToShoots(): void {
  location.hash = "#/shoots";
}

/** What was kept as takes and frames. */
export function goToTheLog(): void {
  location.hash = "#/log";
}
