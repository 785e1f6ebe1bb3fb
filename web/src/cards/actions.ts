import { api } from "../api/client";
import type { Card, CardPlace, PatternOpen, TableSet, TemplateKind } from "../api/types";
import { attempt } from "../set/attempt";
import { keep } from "../set/files";
import { pickCard, useShaping } from "../set/picked";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { tell } from "../ui/notices";

/** Puts a set on the table and offers to take it back. */
export function tryOut(set: TableSet, said: string): void {
  useTable.getState().replace(set);
  tell(said, { action: takeBack() });
}

/** Adds a card in its usual place. */
export async function addCard(card: Card, place: CardPlace): Promise<void> {
  const { set } = useTable.getState();
  if (!set) return;
  const cards = [...set.cards, card];
  const placed = await attempt(() => api.placeCard({ ...set, cards }, cards.length - 1, place));
  if (!placed) return;
  useTable.getState().replace(placed);
  pickCard(cards.length - 1);
}

export async function placeCard(card: number, place: CardPlace): Promise<void> {
  const { set } = useTable.getState();
  const placed = set && (await attempt(() => api.placeCard(set, card, place)));
  if (placed) useTable.getState().replace(placed);
}

export function removeCard(at: number): void {
  const { set, change } = useTable.getState();
  if (!set) return;
  change(
    "cards",
    set.cards.filter((_, i) => i !== at),
  );
  useShaping.setState({ picked: Math.max(0, at - 1) });
}

/** A broad base from the key's side. */
export async function softSun(): Promise<void> {
  const { set } = useTable.getState();
  const based = set && (await attempt(() => api.softSun(set)));
  if (based) tryOut(based, "Base one stop under the key");
}

/** The pair of boards whose strip covers the hero, with a dark backdrop. */
export async function placeSlit(): Promise<void> {
  const { possible } = useTable.getState();
  const found = possible && (await attempt(() => api.placeSlit(possible)));
  if (!found) return;
  if (!found.set || found.gapMetres === null) {
    tell(
      "No slit covers the hero with the backdrop that dark; move the light to the side of the dish, or the backdrop away",
      { tone: "alarm" },
    );
    return;
  }
  tryOut(
    found.set,
    `Slit of ${(100 * found.gapMetres).toFixed(1)} cm; ${
      found.backdropStops === null
        ? "none of the key reaches the backdrop"
        : `the backdrop is ${(-found.backdropStops).toFixed(1)} stops under the hero`
    }`,
  );
  pickCard(found.set.cards.length - 1);
}

/** Cuts a person's own drawing or picture into a card. */
export async function openPattern(card: number, file: File, open: PatternOpen): Promise<void> {
  const { set, change } = useTable.getState();
  const now = set?.cards[card];
  if (!now) return;
  const width = 0.8 * Math.min(now.widthMetres, now.heightMetres);
  const pattern = await attempt(() => api.openPatternFile(file, width, open));
  if (!pattern) return;
  change(`cards.${card}`, {
    ...now,
    bendDegrees: 0,
    cut: { holes: pattern.holes, turnDegrees: 0, rightMetres: 0, upMetres: 0 },
  });
  tell(`${file.name} is cut into the card`, { action: takeBack() });
}

/** Saves a card's cutting template. */
export async function saveTemplate(card: number, kind: TemplateKind): Promise<void> {
  const { possible } = useTable.getState();
  const file = possible && (await attempt(() => api.templateFile(possible, card, kind)));
  if (file) keep(file, possible, `card-${card + 1}.${kind.toLowerCase()}`);
}
