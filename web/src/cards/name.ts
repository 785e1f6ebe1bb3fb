import type { Card } from "../api/types";
import { spoken } from "../fields/Choice";

/** What a card is called: by its pattern, or else by its surface. */
export function nameOf(card: Card): string {
  const { kind } = card.cut.holes;
  return kind === "no-holes" ? spoken(card.surface) : spoken(kind);
}
