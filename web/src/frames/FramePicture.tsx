import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import type { FrameAnswer, PatchAnswer, StoredFrame } from "../api/types";
import { arrow, inside, type Place, placeIn } from "../ui/place";
import { movePatch, pictureOfFrame } from "./frames";

type Props = { frame: StoredFrame; answer: FrameAnswer | undefined };

/** A test frame with its patches, each numbered as in the table: drag them, or press the arrow keys. */
export function FramePicture({ frame, answer }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const at = (event: { clientX: number; clientY: number }) => placeIn(box.current, event);
  return (
    <div
      className="relative grid min-h-0 flex-1 place-items-center bg-surround max-md:h-72 max-md:flex-none"
      style={{ containerType: "size" }}
    >
      <div
        ref={box}
        className="relative"
        style={{
          width: `min(100cqw, ${(100 * frame.width) / frame.height}cqh)`,
          aspectRatio: frame.width / frame.height,
        }}
      >
        <img
          src={pictureOfFrame(frame)}
          alt={`The frame ${frame.name}`}
          data-testid="frame"
          draggable={false}
          className="size-full"
        />
        {answer?.patches.map((patch, i) => (
          <Grip
            key={patch.part}
            number={i + 1}
            patch={patch}
            ratio={frame.width / frame.height}
            onMove={(to) => movePatch(frame.id, answer, i, to)}
            at={at}
          />
        ))}
      </div>
    </div>
  );
}

const STEP = 0.005;

type GripProps = {
  number: number;
  patch: PatchAnswer;
  ratio: number;
  onMove: (to: Place) => void;
  at: (event: { clientX: number; clientY: number }) => Place;
};

function Grip({ number, patch, ratio, onMove, at }: GripProps) {
  const held = useRef(false);
  const drag = (event: PointerEvent) => {
    if (held.current) onMove(at(event));
  };
  const press = (event: KeyboardEvent) => {
    const way = arrow(event, event.shiftKey ? 10 * STEP : STEP, ratio);
    if (!way) return;
    event.preventDefault();
    onMove({ across: inside(patch.across + way.across), down: inside(patch.down + way.down) });
  };
  return (
    <button
      type="button"
      aria-label={`${number}, ${patch.title}; arrow keys move it`}
      title={patch.title}
      className="absolute grid size-7 -translate-1/2 cursor-move touch-none place-items-center rounded-full max-sm:size-11"
      style={{ left: `${100 * patch.across}%`, top: `${100 * patch.down}%` }}
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
