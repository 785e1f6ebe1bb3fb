import { ToggleGroup } from "radix-ui";
import type { TableSet } from "../../api/types";
import { usePreferences } from "../../set/preferences";
import { useView } from "../../set/view";
import { lightsAlone, showOnly } from "./only";

/** One light alone is one press away. */
export function ShowOnly({ set }: { set: TableSet }) {
  const off = useView((view) => view.off);
  usePreferences((preferences) => preferences.oneLight);
  const ways = lightsAlone(set);
  const now = ways.find((way) => same(way.off, off))?.word ?? "";
  return (
    <ToggleGroup.Root
      type="single"
      value={now}
      aria-label="Show one light alone"
      className="mx-1 flex rounded-md border border-edge/60 p-0.5"
      onValueChange={(word) => {
        const way = ways.find((one) => one.word === word);
        if (way) showOnly(way.off);
      }}
    >
      {ways.map(({ word, label, name, keys }) => (
        <ToggleGroup.Item
          key={word}
          value={word}
          aria-label={name}
          title={`${name} (${keys})`}
          data-testid={`only-${word}`}
          className="h-6.5 rounded px-2 text-sm hover:bg-raised data-[state=on]:bg-edge/40 max-sm:h-10 max-sm:min-w-11"
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
