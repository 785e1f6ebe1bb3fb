import { useMemo } from "react";
import { create } from "zustand";
import { api, Refusal } from "../api/client";
import { noteFailure } from "../api/connection";
import type { Doubt, Plan, Point, Reading } from "../api/types";
import { useLatest } from "../api/useLatest";
import { useTable } from "../table/store";

/** The map of light is square and the floor is drawn wider than high: the map covers the width. */
const FLOOR_ASPECT = 1.5;

type Answers = {
  readings: Reading[];
  doubts: Doubt[];
  plan: Plan | null;
  /** Places of the reading that is pointed at. */
  probed: Point[];
};

/** What the core says of the set on the table. */
export const useAnswers = create<Answers>(() => ({
  readings: [],
  doubts: [],
  plan: null,
  probed: [],
}));

export const probe = (probed: Point[]) => useAnswers.setState({ probed });

/** Keeps readings and plan in step with the set. */
export function useAnswersOf(reachMetres: number): void {
  const set = useTable((table) => table.set);
  const question = useMemo(() => set && { set, reachMetres }, [set, reachMetres]);
  useLatest(question, async ({ set: asked, reachMetres: reach }) => {
    const { accept, refuse } = useTable.getState();
    try {
      const [{ readings, doubts }, plan] = await Promise.all([
        api.readings(asked),
        api.plan(asked, reach * FLOOR_ASPECT),
      ]);
      useAnswers.setState({ readings, doubts, plan });
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
