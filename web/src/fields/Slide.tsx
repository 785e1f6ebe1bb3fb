import { Slider } from "radix-ui";
import { limitsIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";

const STEPS = 400;

type Props = { path: string; label: string; digits: number };

/** A number of the set to slide; sizes go by ratio, so that small ones can be set as finely as large ones. */
export function Slide({ path, label, digits }: Props) {
  const owner = useOwner();
  const value = owner && valueAt(owner.value, path);
  if (!owner || typeof value !== "number") return null;
  const { min, max } = limitsIn(owner, path);
  const ratio = min > 0;
  const at = ratio ? Math.log(value / min) / Math.log(max / min) : (value - min) / (max - min);
  const there = (share: number) =>
    Number((ratio ? min * (max / min) ** share : min + share * (max - min)).toFixed(digits));
  return (
    <Slider.Root
      min={0}
      max={STEPS}
      value={[Math.round(STEPS * at)]}
      onValueChange={([step]) => owner.change(path, there((step ?? 0) / STEPS))}
      onPointerDown={owner.startDrag}
      onPointerUp={owner.endDrag}
      onPointerCancel={owner.endDrag}
      data-testid={`${path}.slide`}
      className="relative mt-1.5 flex h-4 touch-none select-none items-center max-sm:h-8"
    >
      <Slider.Track className="relative h-1 flex-1 rounded-full bg-line">
        <Slider.Range className="absolute h-full rounded-full bg-edge" />
      </Slider.Track>
      <Slider.Thumb
        aria-label={`${label}, slide`}
        className="block size-3.5 rounded-full border-2 border-ground bg-ink max-sm:size-6"
      />
    </Slider.Root>
  );
}
