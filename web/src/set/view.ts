import { create } from "zustand";

/** What the pointer does on the picture. */
export type Tool = "look" | "profile" | "frame" | "meter";

type Switch =
  | "deep"
  | "rollOff"
  | "warnings"
  | "lines"
  | "histogram"
  | "rings"
  | "contours"
  | "tape"
  | "tall";

type View = {
  /** Words of the layers that are switched off. */
  off: string[];
  /** Whether what is out of focus looks it. */
  deep: boolean;
  /** Whether clipped and blocked places are marked. */
  warnings: boolean;
  /** Whether highlights roll off, as cameras have it, instead of being cut off. */
  rollOff: boolean;
  /** Whether lines of equal light are drawn over the table. */
  lines: boolean;
  histogram: boolean;
  /** From above: rings of where the light would be brighter, lines of light on the table, a tape. */
  rings: boolean;
  contours: boolean;
  tape: boolean;
  /** Whether the numbers take the place of the view from the side. */
  tall: boolean;
  tool: Tool;
  toggleLayer: (word: string) => void;
  toggle: (name: Switch) => void;
  take: (tool: Tool) => void;
};

/** How the picture is looked at; it changes nothing on the table. */
export const useView = create<View>((put) => ({
  off: [],
  deep: false,
  warnings: false,
  rollOff: true,
  lines: false,
  histogram: false,
  rings: true,
  contours: true,
  tape: false,
  tall: false,
  tool: "look",
  toggleLayer: (word) =>
    put(({ off }) => ({
      off: off.includes(word) ? off.filter((other) => other !== word) : [...off, word],
    })),
  toggle: (name) => put((view) => ({ [name]: !view[name] })),
  take: (tool) => put((view) => ({ tool: view.tool === tool ? "look" : tool })),
}));
