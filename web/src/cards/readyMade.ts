import type { Card, CardPlace } from "../api/types";
import { CARD, HOLES } from "../fields/kinds";

export type ReadyMade = {
  name: string;
  about: string;
  card: Card;
  place: CardPlace;
};

const board = (widthMetres: number, heightMetres: number): Card => ({
  ...CARD,
  surface: "black-paper",
  widthMetres,
  heightMetres,
});

const cut = (card: Card, holes: Card["cut"]["holes"]): Card => ({
  ...card,
  cut: { ...CARD.cut, holes },
});

/** What is usually put round a dish, and where it usually goes. */
export const READY_MADE: { group: string; cards: ReadyMade[] }[] = [
  {
    group: "Fill or take away, opposite the light",
    cards: [
      { name: "White card", about: "lifts the shadow", card: CARD, place: "OUT_OF_FRAME" },
      {
        name: "Silver card",
        about: "lifts it more, with sparkle",
        card: { ...CARD, surface: "silver-card" },
        place: "OUT_OF_FRAME",
      },
      {
        name: "Gold card",
        about: "lifts and warms it",
        card: { ...CARD, surface: "gold-card" },
        place: "OUT_OF_FRAME",
      },
      {
        name: "Mirror",
        about: "a second light",
        card: { ...CARD, surface: "mirror", widthMetres: 0.12, heightMetres: 0.12 },
        place: "OUT_OF_FRAME",
      },
      {
        name: "Black card",
        about: "deepens the shadow",
        card: board(0.3, 0.3),
        place: "OUT_OF_FRAME",
      },
    ],
  },
  {
    group: "Cut the light, in its way",
    cards: [
      { name: "Flag", about: "keeps light off", card: board(0.3, 0.4), place: "IN_THE_WAY" },
      {
        name: "Slit of two boards",
        about: "leaves a strip of light",
        card: cut(board(1.2, 1), HOLES.slit),
        place: "IN_THE_WAY",
      },
    ],
  },
  {
    group: "Throw a pattern, in the light's way",
    cards: [
      {
        name: "Hole card",
        about: "spots of light",
        card: cut(board(0.5, 0.5), HOLES["round-holes"]),
        place: "IN_THE_WAY",
      },
      {
        name: "Slats",
        about: "a blind",
        card: cut(board(0.5, 0.5), HOLES.slats),
        place: "IN_THE_WAY",
      },
      {
        name: "Window with bars",
        about: "panes of sun",
        card: cut(board(0.6, 0.6), HOLES["window-bars"]),
        place: "IN_THE_WAY",
      },
      {
        name: "Leaves",
        about: "leaf-shaped holes",
        card: cut(board(0.5, 0.5), HOLES["leaf-holes"]),
        place: "IN_THE_WAY",
      },
      {
        name: "Branch",
        about: "dappled shade",
        card: cut({ ...board(0.5, 0.5), surface: "green-leaf" }, HOLES.branch),
        place: "IN_THE_WAY",
      },
    ],
  },
];
