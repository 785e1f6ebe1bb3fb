import { useRef } from "react";
import type { FrameAnswer, StoredFrame } from "../api/types";
import { placeIn } from "../ui/place";
import { movePatch, pictureOfFrame } from "./frames";
import { Grip } from "./Grip";
import { ratioOf } from "./registration";

type Props = { frame: StoredFrame; answer: FrameAnswer | undefined };

/** A test frame with its patches, each numbered as in the table: drag them, or press the arrow keys. */
export function FramePicture({ frame, answer }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const at = (event: { clientX: number; clientY: number }) => placeIn(box.current, event);
  const ratio = ratioOf(frame);
  return (
    <div
      className="relative grid min-h-0 flex-1 place-items-center bg-surround max-md:h-72 max-md:flex-none"
      style={{ containerType: "size" }}
    >
      <div
        ref={box}
        className="relative"
        style={{
          width: `min(100cqw, ${100 * ratio}cqh)`,
          aspectRatio: ratio,
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
            title={patch.title}
            place={patch}
            ratio={ratio}
            onMove={(to) => movePatch(frame.id, answer, i, to)}
            at={at}
          />
        ))}
      </div>
    </div>
  );
}
