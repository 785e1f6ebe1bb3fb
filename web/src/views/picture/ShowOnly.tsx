import { ToggleGroup } from "radix-ui";
import type { TableSet } from "../../api/types";
import { usePreferences } from "../../set/preferences";
import { useView } from "../../set/view";

const OF_KEY = ["key", "table", "room"];

/** One light alone is one press away: all of it, the key with all its ways, the room's own, the base. */
export function ShowOnly({ set }: { set: TableSet }) {
  const off = useView((view) => view.off);
  const oneLight = usePreferences((preferences) => preferences.oneLight);
  const cards = set.cards.map((_, i) => `card-${i + 1}`);
  const based = set.base.kind !== "no-base" && !oneLight;
  const key = [...OF_KEY, ...cards];
  const ways = [
    { word: "all", label: "All", off: [] },
    { word: "key", label: "Key", off: ["ambient", "base"] },
    { word: "ambient", label: "Room", off: [...key, "base"] },
    ...(based ? [{ word: "base", label: "Base", off: [...key, "ambient"] }] : []),
  ];
  const now = ways.find((way) => same(way.off, off))?.word ?? "";
  return (
    <ToggleGroup.Root
      type="single"
      value={now}
      aria-label="Show one light alone"
      className="mx-1 flex rounded-md border border-edge/60 p-0.5"
      onValueChange={(word) => {
        const way = ways.find((one) => one.word === word);
        if (way) useView.setState({ off: way.off });
      }}
    >
      {ways.map(({ word, label }) => (
        <ToggleGroup.Item
          key={word}
          value={word}
          aria-label={word === "all" ? "All light" : `${label} only`}
          data-testid={`only-${word}`}
          className="h-6.5 rounded px-2 text-sm text-soft hover:text-ink data-[state=on]:bg-raised data-[state=on]:text-ink max-sm:h-10 max-sm:min-w-11"
        >
          {label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

function same(one: string[], other: string[]): boolean {
  return one.length === other.length && one.every((word) => other.includes(word));
}
