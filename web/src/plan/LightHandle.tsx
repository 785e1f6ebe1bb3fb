import { centreOf } from "../table/frame";
import { useLength } from "../table/preferences";
import { useTable } from "../table/store";
import { clock } from "../table/units";
import type { Scale } from "./scale";
import { FLOOR, RISE, useHandle } from "./useHandle";

/** The grip on the light: drag it, or focus it and use the arrow keys. */
export function LightHandle({ view, scale }: { view: "floor" | "rise"; scale: Scale }) {
  const plane = view === "floor" ? FLOOR : RISE;
  const light = useTable((table) => table.set?.light);
  const refused = useTable((table) => table.problem !== null);
  const length = useLength();
  const handlers = useHandle(plane, scale);
  if (!light) return null;
  const { across, up } = plane.drawn(centreOf(light));
  const words = `${clock.show(light.clockHours)} o’clock, ${Math.round(light.heightAngleDegrees)} degrees up, ${length.show(light.distanceMetres)} ${length.unit} away`;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`Light ${view === "floor" ? "on the floor" : "in the rise"}; arrow keys move it`}
      aria-valuenow={light.clockHours}
      aria-valuemin={0}
      aria-valuemax={12}
      aria-valuetext={words}
      data-testid={`handle-${view}`}
      transform={`translate(${scale.across(across)} ${scale.up(up)})`}
      className="group cursor-grab touch-none outline-none active:cursor-grabbing"
      {...handlers}
    >
      <circle r={22} fill="transparent" />
      <circle
        r={15}
        className="fill-transparent stroke-transparent stroke-2 group-focus-visible:stroke-ink"
      />
      <circle
        r={8}
        className={refused ? "fill-alarm stroke-ground" : "fill-sand stroke-ground"}
        strokeWidth={2}
      />
      {refused && <path d="M-3-3L3 3M3-3L-3 3" className="stroke-ground" strokeWidth={2} />}
    </g>
  );
}
