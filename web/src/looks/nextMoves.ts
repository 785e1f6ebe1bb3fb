import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Finding, NextMove, TableSet } from "../api/types";
import { useKit } from "../kit/store";
import { signedStops } from "../set/units";
import { useAdvice, useUsualSchools } from "./advice";

/** A finding or a next move: what is so, and what can be tried. */
export type Advised = Pick<Finding, "words" | "action" | "set"> & {
  key: string;
  /** On the button, where that says more than the action. */
  label?: string;
};

/** What brings a set that has rested nearer to its look. */
export function useNextMoves(set: TableSet | null) {
  const usual = useUsualSchools();
  const { schools, pinned } = useAdvice();
  const kit = useKit((state) => state.kit);
  return useQuery({
    queryKey: ["next-moves", set, kit, usual, schools, pinned],
    queryFn: async ({ signal }) => ({
      asked: set as TableSet,
      moves:
        set && kit && usual
          ? await api.nextMoves({ set, kit, pinned, schools: { ...usual, ...schools } }, signal)
          : [],
    }),
    enabled: set !== null && kit !== null && usual !== null && set.look.kind === "named-look",
    gcTime: 0,
  });
}

/** In the words of a finding: what it comes to, and the change. */
export function asAdvice(move: NextMove): Advised {
  const power =
    Math.abs(move.makeUpStops) < 0.05 ? "" : `; power ${signedStops(move.makeUpStops)} stops`;
  const left = move.misses.length === 0 ? "all there" : `then still ${list(move.misses)}`;
  return {
    key: move.kind,
    words: `Nearer to the look: ${move.met} of ${move.bands} met, now ${move.metBefore}; ${left}${power}`,
    action: move.action,
    set: move.set,
  };
}

/** A move as the next step of what was tried, where it is of that kind and what was tried is what stands on the table. */
export function moreLike(
  tried: Advised | null,
  move: Advised,
  asked: TableSet | undefined,
): Advised {
  const again = tried?.key === move.key && JSON.stringify(tried.set) === JSON.stringify(asked);
  return again ? { ...move, label: `More like this: ${move.action}` } : move;
}

function list(misses: string[]): string {
  return misses.map((words) => words.charAt(0).toLowerCase() + words.slice(1)).join(", ");
}
