import { ChevronDown } from "lucide-react";
import { useId } from "react";
import { choicesIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";

/** One of the words that the set's schema allows at a path. */
export function Choice({ path, label }: { path: string; label: string }) {
  const owner = useOwner();
  if (!owner) return null;
  const value = valueAt(owner.value, path);
  if (typeof value !== "string") return null;
  return (
    <Select
      label={label}
      value={value}
      choices={choicesIn(owner, path)}
      testId={path}
      onChoose={(word) => owner.change(path, word)}
    />
  );
}

type SelectProps = {
  label: string;
  value: string;
  choices: string[];
  testId: string;
  /** The choices are names, to be shown as they are. */
  verbatim?: boolean;
  onChoose: (word: string) => void;
};

export function Select({ label, value, choices, testId, verbatim = false, onChoose }: SelectProps) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-soft text-xs">
        {label}
      </label>
      <div className="relative mt-0.5">
        <select
          id={id}
          value={value}
          data-testid={testId}
          onChange={(event) => onChoose(event.target.value)}
          className="h-9 w-full appearance-none rounded-md border border-edge/60 bg-raised pr-7 pl-2.5 font-medium max-sm:h-11"
        >
          {choices.map((word) => (
            <option key={word} value={word}>
              {verbatim ? word : spoken(word)}
            </option>
          ))}
        </select>
        <ChevronDown
          size={14}
          aria-hidden
          className="pointer-events-none absolute top-1/2 right-2 -translate-y-1/2 text-soft"
        />
      </div>
    </div>
  );
}

/** Words of the files that people say otherwise. */
const SAID: Record<string, string> = {
  "in-box": "In a softbox",
  "from-behind": "From behind",
  "off-board": "Off a board",
  "off-room": "Off wall or ceiling",
  beam: "As a reflector",
  gridded: "Through a grid",
  honeycomb: "Through a honeycomb",
  snooted: "Through a snoot",
  capped: "Through a cap",
  "no-inner": "Nothing",
  "no-holes": "None, whole",
  slit: "Slit of two boards",
  "round-holes": "Hole card",
  "window-bars": "Window with bars",
  "leaf-holes": "Leaves",
  "own-holes": "Your own",
  "no-doors": "None",
  "barn-doors": "Four flaps",
  incident: "Incident",
  spot: "Spot",
  "hero-top": "Hero’s top",
  "hero-front": "Hero’s front",
  "any-place": "A place",
  bury: "Buried",
  keep: "Kept as a layer",
  "side-window": "At a side",
};

/** "pale-wood" as "Pale wood". */
export function spoken(word: string): string {
  const said = SAID[word];
  if (said) return said;
  const words = word.replaceAll("-", " ");
  return words.charAt(0).toUpperCase() + words.slice(1);
}
