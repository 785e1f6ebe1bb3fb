import type {
  Board,
  Card,
  Kit,
  Light,
  OwnedGel,
  OwnedSource,
  Shaper,
  TableSet,
  WorkPlace,
} from "../api/types";
import { CARD } from "../fields/kinds";
import { freeName } from "./names";
import type { Piece, Shelf } from "./shelves";
import { useKit } from "./store";

/** A light with another source. */
export function withSource(light: Light, { source }: OwnedSource): Light {
  return { ...light, source };
}

/** A light with another shaper. */
export function withShaper(light: Light, shaper: Shaper): Light {
  const { face, filling, spread, losses } = shaper;
  return { ...light, face, filling, spread, losses };
}

/** A card of a board's size and surface, where new cards stand. */
export function cardOf({ surface, widthMetres, heightMetres }: Board): Card {
  return { ...CARD, surface, widthMetres, heightMetres };
}

/** A set in another place: its walls and the light that is there anyway. */
export function inPlace(set: TableSet, { room, ambient }: WorkPlace): TableSet {
  return { ...set, room, ambient };
}

/** The set with a piece of the kit in it. */
export function withPiece(set: TableSet, shelf: Shelf, piece: Piece): TableSet {
  switch (shelf) {
    case "sources":
      return { ...set, light: withSource(set.light, piece as OwnedSource) };
    case "shapers":
      return { ...set, light: withShaper(set.light, piece as Shaper) };
    case "gels":
      return { ...set, light: { ...set.light, gel: (piece as OwnedGel).gel } };
    case "boards":
      return { ...set, cards: [...set.cards, cardOf(piece as Board)] };
    case "places":
      return inPlace(set, piece as WorkPlace);
  }
}

/** Whether two parts of documents say the same. */
export function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** Adds a piece to the kit under a name of its own. */
export function addPiece(shelf: Shelf, piece: Piece): void {
  const { kit, replace } = useKit.getState();
  if (!kit) return;
  const list = kit[shelf] as Piece[];
  const named = { ...piece, name: freeName(piece.name, list) };
  replace({ ...kit, [shelf]: [...list, named] } as Kit);
}
