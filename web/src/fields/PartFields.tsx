import { fieldsIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { useLength } from "../set/preferences";
import { angle, clock, percent, type Quantity, stops } from "../set/units";
import { Choice, spoken } from "./Choice";
import { NumberField } from "./NumberField";
import { Slide } from "./Slide";

/** Words for fields whose names do not say it well enough. */
const LABELS: Record<string, string> = {
  x: "To the right",
  y: "Behind the hero",
  under: "Under the key",
  heightAngle: "Height angle",
  above: "To the ceiling",
  left: "To the left wall",
  right: "To the right wall",
  behind: "To the wall behind",
  before: "To the wall in front",
  lift: "Above the table",
  fill: "Filled to",
  distance: "From the hero",
  bend: "Bent by",
  jitter: "Out of line",
  smallest: "Smallest hole",
  diameter: "Largest hole",
};

const UNITS: [ending: string, quantity: (length: Quantity) => Quantity][] = [
  ["Metres", (length) => length],
  ["Degrees", () => angle],
  ["Hours", () => clock],
  ["Stops", () => stops],
];

/** Every number and choice that the set's schema gives a part. */
export function PartFields({ path, slides = false }: { path: string; slides?: boolean }) {
  const owner = useOwner();
  const length = useLength();
  if (!owner) return null;
  return fieldsIn(owner, path).map(({ name, choice }) => {
    const found = UNITS.find(([ending]) => name.endsWith(ending));
    const bare = found ? name.slice(0, -found[0].length) : name;
    const label =
      LABELS[bare] ?? spoken(bare.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`));
    const at = `${path}.${name}`;
    if (choice) return <Choice key={name} path={at} label={label} />;
    const quantity = found ? found[1](length) : percent;
    return (
      <div key={name} className="min-w-0">
        <NumberField path={at} label={label} quantity={quantity} wraps={quantity === clock} />
        {slides && <Slide path={at} label={label} digits={4} />}
      </div>
    );
  });
}
