import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import { arrow, inside, type Place } from "../ui/place";

const STEP = 0.005;

type Props = {
  number: number;
  title: string;
  place: Place;
  /** Width over height of what it lies on. */
  ratio: number;
  onMove: (to: Place) => void;
  at: (event: { clientX: number; clientY: number }) => Place;
};

/** A numbered place on a picture: drag it, or press the arrow keys. */
export function Grip({ number, title, place, ratio, onMove, at }: Props) {
  const held = useRef(false);
  const drag = (event: PointerEvent) => {
    if (held.current) onMove(at(event));
  };
  const press = (event: KeyboardEvent) => {
    const way = arrow(event, event.shiftKey ? 10 * STEP : STEP, ratio);
    if (!way) return;
    event.preventDefault();
    onMove({ across: inside(place.across + way.across), down: inside(place.down + way.down) });
  };
  return (
    <button
      type="button"
      aria-label={`${number}, ${title}; arrow keys move it`}
      title={title}
      className="absolute z-10 grid size-7 -translate-1/2 cursor-move touch-none place-items-center rounded-full max-sm:size-11"
      style={{ left: `${100 * place.across}%`, top: `${100 * place.down}%` }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        held.current = true;
      }}
      onPointerMove={drag}
      onPointerUp={() => {
        held.current = false;
      }}
      onPointerCancel={() => {
        held.current = false;
      }}
      onKeyDown={press}
    >
      <span className="grid size-5 place-items-center rounded-full border border-white bg-black/60 font-semibold text-[11px] text-white">
        {number}
      </span>
    </button>
  );
}
