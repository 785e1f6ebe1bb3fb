import { Slider } from "radix-ui";
import { cardCarriedTo, middleOf } from "../set/frame";
import { limitsAt } from "../set/limits";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { metresOn, placeOn, useCardSlide } from "./slide";

/** An arrow key's step along the beam, metres; ten of them with Shift. */
const STEP = 0.005;

/** A card that cuts the light, slid along the beam: its measure is the light's own, from the aim point. */
export function BeamSlide({ at }: { at: number }) {
  const set = useTable((table) => table.set);
  const slide = useCardSlide(at);
  const length = useLength();
  const card = set?.cards[at];
  if (!set || !card || !slide) return null;
  const now = metresOn(slide, middleOf(card));
  const { startDrag, drag, endDrag, change } = useTable.getState();
  const move = (metres: number) => {
    const path = `cards.${at}`;
    const moved = cardCarriedTo(card, placeOn(slide, metres), (field) =>
      limitsAt(set, `${path}.${field}`),
    );
    if (useTable.getState().dragging) {
      drag({ cards: set.cards.map((one, i) => (i === at ? moved : one)) });
    } else {
      change(path, moved);
    }
  };
  return (
    <div className="col-span-full" data-testid="card-slide">
      <p className="flex justify-between text-soft text-xs">
        <span>near dish</span>
        <span>
          On the beam, from the aim point{" "}
          <b className="text-ink">
            {length.show(now)} {length.unit}
          </b>{" "}
          of {length.show(set.light.distanceMetres)} {length.unit}
        </span>
        <span>near light</span>
      </p>
      <Slider.Root
        min={slide.nearestMetres}
        max={slide.farthestMetres}
        step={STEP}
        value={[now]}
        onValueChange={([metres]) => move(metres ?? now)}
        onPointerDown={startDrag}
        onPointerUp={endDrag}
        onPointerCancel={endDrag}
        className="relative mt-1.5 flex h-4 touch-none select-none items-center max-sm:h-8"
      >
        <Slider.Track className="relative h-1 flex-1 rounded-full bg-line" />
        <Slider.Thumb
          aria-label="Card along the beam, from near the dish to near the light"
          aria-valuetext={`${length.show(now)} ${length.unit} from the aim point`}
          className="block size-3.5 rounded-full border-2 border-ground bg-ink max-sm:size-6"
        />
      </Slider.Root>
    </div>
  );
}
