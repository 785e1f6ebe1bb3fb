import { api } from "../api/client";
import type { Card, CardPlace, PatternOpen, TableSet, TemplateKind } from "../api/types";
import { attempt, attemptLong } from "../set/attempt";
import { keep } from "../set/files";
import { type Asked, asking, putAnswer } from "../set/late";
import { pickCard, useWorked } from "../set/picked";
import { said } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { tell } from "../ui/notices";

/** Puts an answer on the table and offers to take it back; says nothing of it where it no longer fits. */
export function tryOut(asked: Asked | null, answered: TableSet, words: string): boolean {
  if (!asked || !putAnswer(asked, answered)) return false;
  tell(words, { action: takeBack() });
  return true;
}

/** Adds a card in its usual place. */
export async function addCard(card: Card, place: CardPlace): Promise<void> {
  const asked = asking();
  if (!asked) return;
  const cards = [...asked.set.cards, card];
  const placed = await attempt(() =>
    api.placeCard({ ...asked.set, cards }, cards.length - 1, place),
  );
  if (placed && putAnswer(asked, placed)) pickCard(cards.length - 1);
}

export async function placeCard(card: number, place: CardPlace): Promise<void> {
  const asked = asking();
  const placed = asked && (await attempt(() => api.placeCard(asked.set, card, place)));
  if (placed) putAnswer(asked, placed);
}

export function removeCard(at: number): void {
  const { set, change } = useTable.getState();
  if (!set) return;
  change(
    "cards",
    set.cards.filter((_, i) => i !== at),
  );
  useWorked.setState({ card: Math.max(0, at - 1) });
}

/** A broad base from the key's side. */
export async function softSun(): Promise<void> {
  const asked = asking();
  const based =
    asked &&
    (await attemptLong("Looking for a place for the base …", (stop) =>
      api.softSun(asked.set, stop),
    ));
  if (based) tryOut(asked, based, "Base one stop under the key");
}

/** The pair of boards whose strip covers the hero, with a dark backdrop. */
export async function placeSlit(): Promise<void> {
  const asked = asking();
  const found =
    asked &&
    (await attemptLong("Looking for a slit that covers the hero …", (stop) =>
      api.placeSlit(asked.set, stop),
    ));
  if (!found) return;
  if (!found.set || found.gapMetres === null) {
    tell(
      "No slit covers the hero with the backdrop that dark; move the light to the side of the dish, or the backdrop away",
      { tone: "alarm" },
    );
    return;
  }
  const backdrop =
    found.backdropStops === null
      ? "none of the key reaches the backdrop"
      : `the backdrop is ${(-found.backdropStops).toFixed(1)} stops under the hero`;
  if (tryOut(asked, found.set, said(`Slit of {${found.gapMetres} m}; ${backdrop}`))) {
    pickCard(found.set.cards.length - 1);
  }
}

/** Cuts a person's own drawing or picture into a card. */
export async function openPattern(card: number, file: File, open: PatternOpen): Promise<void> {
  const asked = asking();
  const now = asked?.set.cards[card];
  if (!asked || !now) return;
  const width = 0.8 * Math.min(now.widthMetres, now.heightMetres);
  const pattern = await attempt(() => api.openPatternFile(file, width, open));
  if (!pattern) return;
  const cut = { holes: pattern.holes, turnDegrees: 0, rightMetres: 0, upMetres: 0 };
  const cards = asked.set.cards.with(card, { ...now, bendDegrees: 0, cut });
  tryOut(asked, { ...asked.set, cards }, `${file.name} is cut into the card`);
}

/** Saves a card's cutting template. */
export async function saveTemplate(card: number, kind: TemplateKind): Promise<void> {
  const { possible } = useTable.getState();
  const file = possible && (await attempt(() => api.templateFile(possible, card, kind)));
  if (file) keep(file, possible, `card-${card + 1}.${kind.toLowerCase()}`);
}
