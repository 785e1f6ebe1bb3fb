import type { TableSet } from "../../api/types";
import { centreOf, movedTo } from "../../set/frame";
import { limitsAt } from "../../set/limits";
import { subjectOf, useWorked, workOn } from "../../set/picked";
import { useLength } from "../../set/preferences";
import { useTable } from "../../set/store";
import { clock } from "../../set/units";
import type { Scale } from "./scale";
import { type Movable, useHandle } from "./useHandle";

const limits = (set: TableSet) => (field: string) => limitsAt(set, `light.${field}`);

const VIEWS: Record<"floor" | "rise", Movable> = {
  floor: {
    drawn: ({ light }) => {
      const { x, y } = centreOf(light);
      return { across: x, up: y };
    },
    moved: (set, { across, up }) => {
      const place = { ...centreOf(set.light), x: across, y: up };
      return { light: movedTo(set.light, place, limits(set)) };
    },
  },
  rise: {
    drawn: ({ light }) => {
      const { y, z } = centreOf(light);
      return { across: y, up: z };
    },
    moved: (set, { across, up }) => {
      const place = { ...centreOf(set.light), y: across, z: up };
      return { light: movedTo(set.light, place, limits(set)) };
    },
  },
};

/** Opens the light, unless a part of it is open. */
function workOnLight(): void {
  if (subjectOf(useWorked.getState().part) !== "light") workOn("place");
}

/** The grip on the light: drag it, or focus it and use the arrow keys. */
export function LightHandle({ view, scale }: { view: "floor" | "rise"; scale: Scale }) {
  const set = useTable((table) => table.set);
  const refused = useTable((table) => table.problem !== null);
  const length = useLength();
  const handlers = useHandle(VIEWS[view], scale, workOnLight);
  const drawn = set && VIEWS[view].drawn(set);
  if (!drawn) return null;
  const { light } = set;
  const words = `${clock.show(light.clockHours)} o’clock, ${Math.round(light.heightAngleDegrees)} degrees up, ${length.show(light.distanceMetres)} ${length.unit} away`;
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={`Light ${view === "floor" ? "from above" : "from the side"}; arrow keys move it`}
      aria-valuenow={light.clockHours}
      aria-valuemin={0}
      aria-valuemax={12}
      aria-valuetext={words}
      data-testid={`handle-${view}`}
      transform={`translate(${scale.across(drawn.across)} ${scale.up(drawn.up)})`}
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
