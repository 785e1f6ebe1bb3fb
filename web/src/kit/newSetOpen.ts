import { create } from "zustand";

/** Whether the sheet for a new set is open. */
export const useNewSet = create<{ open: boolean }>(() => ({ open: false }));

export const startNewSet = () => useNewSet.setState({ open: true });
