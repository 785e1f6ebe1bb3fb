import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Shaper, TableSet } from "../api/types";
import { withShaper } from "./use";

/** How shapers are put beside each other. */
export type Way = "softness" | "size" | "place";

export const WAYS: { way: Way; label: string; about: string }[] = [
  {
    way: "softness",
    label: "As soft",
    about: "Each is moved to where the tip of the shadow has the same edge as now.",
  },
  {
    way: "size",
    label: "As large",
    about: "Each is moved to where it looks as wide from the dish as the light does now.",
  },
  { way: "place", label: "As far", about: "Each stands where the light stands now." },
];

/** How long what was found for a set is kept, milliseconds. */
const KEPT = { staleTime: Number.POSITIVE_INFINITY, gcTime: 60_000, retry: false } as const;

/** Another shaper on the set's light, put where it is compared; null where no distance does it. */
export function useCompared(set: TableSet, shaper: Shaper, way: Way) {
  return useQuery({
    queryKey: ["compared", set, shaper, way],
    queryFn: async ({ signal }): Promise<TableSet | null> => {
      const other = { ...set, light: withShaper(set.light, shaper) };
      if (way === "place") return other;
      if (way === "softness") {
        const same = await api.sameSoftness(set, other, signal);
        return same.atTip === null && same.atSide === null ? null : same.set;
      }
      const { readings } = await api.readings(set, signal);
      const now = readings.find(({ kind }) => kind === "SIZE_ACROSS")?.value;
      if (typeof now !== "number") return null;
      const move = await api.move(other, "SIZE_ACROSS", now, "LIGHT_DISTANCE", signal);
      return move.set ?? null;
    },
    ...KEPT,
  });
}

export function useReadingsOf(set: TableSet) {
  return useQuery({
    queryKey: ["readings-of", set],
    queryFn: ({ signal }) => api.readings(set, signal),
    ...KEPT,
  });
}

export function useHighlightOf(set: TableSet) {
  return useQuery({
    queryKey: ["highlight-of", set],
    queryFn: ({ signal }) => api.highlight(set, signal),
    ...KEPT,
  });
}

/** The address of a smoothed picture of a set, so many pixels wide. */
export function useShot(set: TableSet, width: number) {
  return useQuery({
    queryKey: ["shot", set, width],
    queryFn: async ({ signal }) =>
      URL.createObjectURL(await api.pictureFile("SMALL_PNG", set, [], { signal, width })),
    ...KEPT,
  });
}
