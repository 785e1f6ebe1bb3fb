import { type PointerEvent, useRef, useState } from "react";
import { useLength } from "../../set/preferences";
import type { Scale } from "./scale";

type Place = { across: number; up: number };

/** A tape between any two places of a drawing: drag from one to the other. */
export function Measure({ scale, width, height }: { scale: Scale; width: number; height: number }) {
  const length = useLength();
  const [tape, setTape] = useState<{ from: Place; to: Place } | null>(null);
  const drawing = useRef(false);
  const place = (event: PointerEvent<SVGRectElement>): Place => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return {
      across: scale.metresAcross(event.clientX - left),
      up: scale.metresUp(event.clientY - top),
    };
  };
  const metres = tape
    ? Math.hypot(tape.to.across - tape.from.across, tape.to.up - tape.from.up)
    : 0;
  return (
    <g data-testid="tape">
      <rect
        width={width}
        height={height}
        fill="transparent"
        className="cursor-crosshair touch-none"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          drawing.current = true;
          setTape({ from: place(event), to: place(event) });
        }}
        onPointerMove={(event) => {
          const to = place(event);
          if (drawing.current) setTape((now) => now && { ...now, to });
        }}
        onPointerUp={() => {
          drawing.current = false;
        }}
      />
      {tape && metres > 0.001 && (
        <g className="pointer-events-none">
          <path
            d={scale.path([tape.from, tape.to], false)}
            className="stroke-ink"
            strokeWidth={1.6}
            strokeDasharray="6 3"
          />
          <text
            x={(scale.across(tape.from.across) + scale.across(tape.to.across)) / 2}
            y={(scale.up(tape.from.up) + scale.up(tape.to.up)) / 2 - 6}
            textAnchor="middle"
            paintOrder="stroke"
            strokeWidth={4}
            className="fill-ink stroke-panel font-semibold text-[13px]"
            data-testid="tape-length"
          >
            {length.show(metres)} {length.unit}
          </text>
        </g>
      )}
    </g>
  );
}
