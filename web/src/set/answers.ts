import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { create } from "zustand";
import { Refusal } from "../api/ask";
import { api } from "../api/client";
import { noteFailure } from "../api/connection";
import type {
  Doubt,
  Link,
  Plan,
  Point,
  Reading,
  ReadingKind,
  TableSet,
  Verdict,
} from "../api/types";
import { useLatest } from "../api/useLatest";
import { useTable } from "./store";

/** The map of light is square and the floor is drawn wider than high: the map covers the width. */
const FLOOR_ASPECT = 1.5;

type Answers = {
  /** The set that they are true of; none while there are none. */
  of: TableSet | null;
  readings: Reading[];
  /** Whether some of them are told surer once the set stays as it is. */
  unsure: boolean;
  /** Where the set lies in each band of its look. */
  look: Verdict[];
  doubts: Doubt[];
  /** The way of the light from source to face. */
  chain: Link[];
  plan: Plan | null;
  /** Places of the reading that is pointed at. */
  probed: Point[];
  /** Why there are no readings, when that is not the set's fault. */
  unanswered: string;
};

const NOTHING = {
  of: null,
  readings: [],
  unsure: false,
  look: [],
  doubts: [],
  chain: [],
  plan: null,
  probed: [],
};

/** What the core says of the set on the table. */
export const useAnswers = create<Answers>(() => ({ ...NOTHING, unanswered: "" }));

// of another set nothing that was read is true
useTable.subscribe((now, before) => {
  if (now.id !== before.id) useAnswers.setState({ ...NOTHING, unanswered: "" });
});

/** What was read of every state of the set since the page was opened. */
const readBefore = new WeakMap<TableSet, Reading[]>();

/** What was read before the last move. */
export function useReadBefore(): Reading[] {
  const before = useTable((table) => table.past.at(-1));
  useAnswers((answers) => answers.of);
  return (before && readBefore.get(before)) ?? NONE;
}

const NONE: Reading[] = [];

/** Whether the answers are those of an earlier state of the set. */
export function useLate(): boolean {
  const of = useAnswers((answers) => answers.of);
  const set = useTable((table) => table.set);
  return of !== set;
}

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
  useLatest(question, async ({ set: asked, reachMetres: reach }, signal) => {
    const { accept, refuse } = useTable.getState();
    try {
      const [{ readings, unsure, look, doubts, chain }, plan] = await Promise.all([
        api.readingsWhileMoving(asked, signal),
        api.plan(asked, reach * FLOOR_ASPECT, true, signal),
      ]);
      readBefore.set(asked, readings);
      useAnswers.setState({
        of: asked,
        readings,
        unsure,
        look,
        doubts,
        chain,
        plan,
        unanswered: "",
      });
      accept(asked);
    } catch (error) {
      if (signal.aborted) return;
      noteFailure(error);
      if (error instanceof Refusal && error.isOfWork) {
        // the set can stand, but what was read of another one is not true of it
        useAnswers.setState({ ...NOTHING, of: asked, unanswered: error.problem.detail });
        accept(asked);
      } else if (error instanceof Refusal) {
        const first = error.problem.errors?.[0];
        refuse(asked, {
          field: first?.field ?? "",
          detail: first?.detail ?? error.problem.detail,
          ...(typeof first?.remedy === "number" ? { remedy: first.remedy } : {}),
        });
      }
    }
  });
}

/** A set that nothing has moved for so long is at rest. */
const REST_MS = 150;

/** The set on the table, once it has come to rest. */
function useStill(): TableSet | null {
  const set = useTable((table) => table.set);
  const [still, setStill] = useState<TableSet | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setStill(set), REST_MS);
    return () => clearTimeout(timer);
  }, [set]);
  return still === set ? still : null;
}

/** Readings that were told at once are told surer at rest, and a coarse map of light is told finer. */
export function useSurerAtRest(reachMetres: number): void {
  const still = useStill();
  const unsure = useAnswers((answers) => (answers.unsure ? answers.of : null));
  const coarse = useAnswers((answers) => (answers.plan?.coarse ? answers.of : null));
  useLatest(unsure !== null && unsure === still ? unsure : null, async (asked, signal) => {
    try {
      const { readings, look } = await api.readings(asked, signal);
      readBefore.set(asked, readings);
      if (useAnswers.getState().of === asked)
        useAnswers.setState({ readings, look, unsure: false });
    } catch (error) {
      // what was told at once stands
      if (!signal.aborted) noteFailure(error);
    }
  });
  const coarsely = useMemo(
    () => (coarse !== null && coarse === still ? { set: coarse, reachMetres } : null),
    [coarse, still, reachMetres],
  );
  useLatest(coarsely, async ({ set: asked, reachMetres: reach }, signal) => {
    try {
      const plan = await api.plan(asked, reach * FLOOR_ASPECT, false, signal);
      const now = useAnswers.getState();
      // another reach may have been asked for and answered meanwhile
      if (now.of === asked && now.plan?.map.reach === plan.map.reach) useAnswers.setState({ plan });
    } catch (error) {
      if (!signal.aborted) noteFailure(error);
    }
  });
}
