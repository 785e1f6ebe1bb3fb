import { create } from "zustand";

export type SheetName = "sets" | "kit" | "looks" | "wall" | "find" | "keys";

/** Which sheet lies over the table. */
export const useSheets = create<{ open: SheetName | null }>(() => ({ open: null }));

export const openSheet = (open: SheetName | null) => useSheets.setState({ open });
