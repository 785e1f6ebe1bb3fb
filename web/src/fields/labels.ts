import { spoken } from "./Choice";

/** Words for fields whose names do not say it well enough, whatever they are of. */
const WORDS: Record<string, string> = {
  x: "To the right",
  y: "Behind the hero",
  under: "Under the key",
  heightAngle: "Height angle",
  aside: "Turned aside",
  above: "Turned up",
  lift: "Above the table",
  fill: "Filled to",
  distance: "From the hero",
  bend: "Bent by",
  jitter: "Out of line",
};

/** And for what means something of its own in one kind. */
const OF_KIND: Record<string, Record<string, string>> = {
  gateau: { slice: "Slice taken out" },
  "round-holes": { diameter: "Largest hole", smallest: "Smallest hole" },
  "barn-doors": {
    length: "Flaps long",
    left: "Left flap",
    right: "Right flap",
    top: "Upper flap",
    bottom: "Lower flap",
  },
  "walled-room": {
    left: "To the left wall",
    right: "To the right wall",
    behind: "To the wall behind",
    before: "To the wall in front",
    above: "To the ceiling",
    below: "Down to the floor",
  },
};

/** What a field is called, by its name without the unit and the kind that it is of. */
export function labelOf(field: string, kind: string | undefined): string {
  return (
    OF_KIND[kind ?? ""]?.[field] ??
    WORDS[field] ??
    spoken(field.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`))
  );
}
