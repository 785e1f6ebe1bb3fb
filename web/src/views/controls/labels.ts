import type { Part, Subject } from "../../set/picked";

export const SUBJECT_LABELS: Record<Subject, string> = {
  dish: "Dish",
  room: "Room",
  light: "Light",
  fill: "Fill and cut",
  camera: "Camera",
};

export const PART_LABELS: Record<Part, string> = {
  hero: "Hero",
  props: "Props",
  surfaces: "Table and backdrop",
  frame: "Frame",
  ambient: "Ambient",
  walls: "Walls and window",
  place: "Place",
  chain: "Chain",
  shaper: "Shaper",
  source: "Source",
  power: "Power",
  cards: "Cards and flags",
  base: "Base light",
  exposure: "Exposure",
  meter: "Meter",
};
