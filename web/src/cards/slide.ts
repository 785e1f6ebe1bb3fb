import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { CardSlide, Point, TableSet } from "../api/types";
import { useTable } from "../set/store";

/** The way of a card along the beam: null while it is not known, and for a card that does not cut the light. */
export function useCardSlide(at: number): CardSlide | null {
  const set = useTable((table) => table.possible);
  const dragging = useTable((table) => table.dragging);
  const { data } = useQuery({
    queryKey: ["card-slide", at, set],
    queryFn: ({ signal }) => api.cardSlide(set as TableSet, at, signal),
    enabled: set !== null && !dragging && at < set.cards.length,
    placeholderData: keepPreviousData,
  });
  return data?.slide ?? null;
}

/** The place on a card's way so far from the aim point. */
export function placeOn(
  { near, far, nearestMetres, farthestMetres }: CardSlide,
  metres: number,
): Point {
  const share = (metres - nearestMetres) / (farthestMetres - nearestMetres);
  const between = (from: number, to: number) => from + share * (to - from);
  return { x: between(near.x, far.x), y: between(near.y, far.y), z: between(near.z, far.z) };
}

/** How far from the aim point a card is on its way. */
export function metresOn(
  { near, far, nearestMetres, farthestMetres }: CardSlide,
  place: Point,
): number {
  const way = { x: far.x - near.x, y: far.y - near.y, z: far.z - near.z };
  const length = Math.hypot(way.x, way.y, way.z);
  const along =
    (place.x - near.x) * way.x + (place.y - near.y) * way.y + (place.z - near.z) * way.z;
  const metres = nearestMetres + along / length;
  return Math.min(farthestMetres, Math.max(nearestMetres, metres));
}
