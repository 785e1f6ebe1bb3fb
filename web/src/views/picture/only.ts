import type { TableSet } from "../../api/types";
import { usePreferences } from "../../set/preferences";
import { useView } from "../../set/view";

const OF_KEY = ["key", "table", "room", "glass"];

export type LightAlone = {
  word: string;
  label: string;
  name: string;
  keys: string;
  /** Layers that are left out. */
  off: string[];
};

/** All light, the key alone with all its ways, the room's own light alone, the base alone. */
export function lightsAlone(set: TableSet): LightAlone[] {
  const { oneLight } = usePreferences.getState();
  const key = [...OF_KEY, ...set.cards.map((_, i) => `card-${i + 1}`)];
  const based = set.base.kind !== "no-base" && !oneLight;
  return [
    { word: "all", label: "All", name: "All light", keys: "A", off: [] },
    { word: "key", label: "Key", name: "Key only", keys: "K", off: ["ambient", "base"] },
    { word: "ambient", label: "Room", name: "Room only", keys: "R", off: [...key, "base"] },
    ...(based
      ? [{ word: "base", label: "Base", name: "Base only", keys: "B", off: [...key, "ambient"] }]
      : []),
  ];
}

export const showOnly = (off: string[]) => useView.setState({ off });
