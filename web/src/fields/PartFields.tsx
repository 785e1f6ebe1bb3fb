import { fieldsIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import { useLength } from "../set/preferences";
import { angle, clock, percent, type Quantity, stops } from "../set/units";
import { Choice } from "./Choice";
import { labelOf } from "./labels";
import { NumberField } from "./NumberField";
import { Slide } from "./Slide";

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
  const kind = (valueAt(owner.value, path) as { kind?: string } | undefined)?.kind;
  return fieldsIn(owner, path).map(({ name, choice }) => {
    const found = UNITS.find(([ending]) => name.endsWith(ending));
    const bare = found ? name.slice(0, -found[0].length) : name;
    const label = labelOf(bare, kind);
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
