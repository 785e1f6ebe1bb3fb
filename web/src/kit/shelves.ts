import type { Board, OwnedGel, OwnedSource, Shaper, WorkPlace } from "../api/types";

/** The parts of the kit, by the names of their lists. */
export type Piece = OwnedSource | Shaper | OwnedGel | Board | WorkPlace;
export type Shelf = "sources" | "shapers" | "gels" | "boards" | "places";

export const SHELVES: Record<Shelf, { title: string; one: string }> = {
  sources: { title: "Sources", one: "source" },
  shapers: { title: "Shapers", one: "shaper" },
  gels: { title: "Gels", one: "gel" },
  boards: { title: "Boards", one: "board" },
  places: { title: "Places", one: "place" },
};
