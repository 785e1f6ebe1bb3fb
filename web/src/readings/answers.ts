import { useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { create } from "zustand";
import { api, Refusal } from "../api/client";
import { noteFailure } from "../api/connection";
import type { Doubt, Link, Plan, Point, Reading, ReadingKind } from "../api/types";
import { useLatest } from "../api/useLatest";
import { useTable } from "../table/store";

/** The map of light is square and the floor is drawn wider than high: the map covers the width. */
const FLOOR_ASPECT = 1.5;

type Answers = {
  readings: Reading[];
  doubts: Doubt[];
  /** The way of the light from source to face. */
  chain: Link[];
  plan: Plan | null;
  /** Places of the reading that is pointed at. */
  probed: Point[];
};

/** What the core says of the set on the table. */
export const useAnswers = create<Answers>(() => ({
  readings: [],
  doubts: [],
  chain: [],
  plan: null,
  probed: [],
}));

/** The words that go with every kind of reading. */
export function useReadingKinds(): ReadingKind[] {
  const kinds = useQuery({
    queryKey: ["reading-kinds"],
    queryFn: api.readingKinds,
    staleTime: Infinity,
  });
  return kinds.data ?? [];
}

export const probe = (probed: Point[]) => useAnswers.setState({ probed });

/** Keeps readings and plan in step with the set. */
export function useAnswersOf(reachMetres: number): void {
  const set = useTable((table) => table.set);
  const question = useMemo(() => set && { set, reachMetres }, [set, reachMetres]);
  useLatest(question, async ({ set: asked, reachMetres: reach }) => {
    const { accept, refuse } = useTable.getState();
    try {
      const [{ readings, doubts, chain }, plan] = await Promise.all([
        api.readings(asked),
        api.plan(asked, reach * FLOOR_ASPECT),
      ]);
      useAnswers.setState({ readings, doubts, chain, plan });
      accept(asked);
    } catch (error) {
      noteFailure(error);
      if (error instanceof Refusal) {
        const first = error.problem.errors?.[0];
        refuse(asked, { field: first?.field ?? "", detail: first?.detail ?? error.problem.detail });
      }
    }
  });
}
