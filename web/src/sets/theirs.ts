import { create } from "zustand";
import type { StoredSet } from "../api/types";

/** The set as saved elsewhere, while the person decides what to do about it. */
export const useTheirs = create<{ theirs: StoredSet | null }>(() => ({ theirs: null }));
