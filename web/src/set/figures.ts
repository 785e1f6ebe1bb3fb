import type { Reading, ReadingKind } from "../api/types";
import { clock, type Quantity, signedStops } from "./units";

export type Kind = Reading["kind"];
export type Figure = { text: string; unit: string };

const EDGES: Kind[] = [
  "TIP_EDGE",
  "TIP_EDGE_SEEN",
  "SIDE_EDGE",
  "SIDE_EDGE_SEEN",
  "EDGE_SHOWN",
  "STRIP_EDGE",
  "PATCH_SIZE",
  "PATCH_BLUR",
  "BASE_EDGE",
];

/** Shares of the hero's light, by the way it comes. */
export const SHARES: Kind[] = [
  "KEY_SHARE",
  "TABLE_SHARE",
  "ROOM_SHARE",
  "CARD_SHARE",
  "BASE_SHARE",
  "AMBIENT_SHARE",
];

/** Stops that are a size, not a change. */
const DEPTHS: Kind[] = ["SHADOW_DEPTH", "LIT_TO_SHADOW", "LIT_TO_SHADOW_BARE", "CONTRAST_SEEN"];

/** A value as it is shown. Edges are read in millimetres, or hundredths of an inch; other lengths in centimetres. */
export function figure(kind: ReadingKind, value: number, length: Quantity): Figure {
  const edge = EDGES.includes(kind.kind);
  switch (kind.unit) {
    case "METRE":
      if (length.unit === "in") return { text: (value / 0.0254).toFixed(edge ? 2 : 1), unit: "in" };
      if (value >= 1) return { text: value.toFixed(2), unit: "m" };
      return edge
        ? { text: (value * 1000).toFixed(0), unit: "mm" }
        : { text: (value * 100).toFixed(value < 0.1 ? 1 : 0), unit: "cm" };
    case "STOP":
      return {
        text: DEPTHS.includes(kind.kind) ? signedStops(value).replace("+", "") : signedStops(value),
        unit: Math.abs(value) < 1.05 ? "stop" : "stops",
      };
    case "CLOCK_RADIAN":
      return { text: clock.show((value * 6) / Math.PI), unit: "o’clock" };
    case "STERADIAN":
      return { text: value.toFixed(3), unit: "sr" };
    case "LUX_SECOND":
      return { text: value < 10 ? value.toFixed(2) : value.toFixed(0), unit: "lx s" };
    case "MIRED":
      return { text: signedStops(value).replace(/\.\d$/, ""), unit: "mired" };
    default:
      return SHARES.includes(kind.kind)
        ? { text: (value * 100).toFixed(0), unit: "%" }
        : { text: value.toFixed(2), unit: ": 1" };
  }
}

/** How unsure a sampled value is, where that is worth saying; in stops. */
export function give(reading: Reading): string {
  return reading.uncertainty === null ? "" : `± ${Math.max(0.1, reading.uncertainty).toFixed(1)}`;
}

/** A wanted value as it is typed: the reading's unit, and what one of it is in the core's. */
export function typedIn(kind: ReadingKind, length: Quantity): { unit: string; size: number } {
  if (kind.unit === "METRE") {
    if (length.unit === "in") return { unit: "in", size: 0.0254 };
    return EDGES.includes(kind.kind) ? { unit: "mm", size: 0.001 } : { unit: "cm", size: 0.01 };
  }
  if (kind.unit === "STOP") return { unit: "stops", size: 1 };
  return { unit: kind.unit === "STERADIAN" ? "sr" : ": 1", size: 1 };
}

/** The first questions: each with the word that photographers ask for. */
export const QUESTIONS: { name: Kind; label: string; lead: string }[] = [
  { name: "EDGE_SHOWN", label: "Softness", lead: "edge" },
  { name: "CONTRAST_SEEN", label: "Contrast", lead: "" },
  { name: "FALL_OFF_HERO", label: "Fall-off", lead: "" },
  { name: "BACKDROP_TONE", label: "Background", lead: "" },
  { name: "POWER", label: "Power", lead: "" },
];
