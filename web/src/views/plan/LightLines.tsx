import { useMemo } from "react";
import type { Plan } from "../../api/types";
import { useTable } from "../../set/store";
import { signedStops } from "../../set/units";
import { contourLines } from "./contours";
import { spaced } from "./labels";
import type { Scale } from "./scale";

type Part = { plan: Plan; scale: Scale; labels: Set<string> };

/** Where the rings' labels stand: a quarter turn from the light, away from the labels of the lines. */
const QUARTER_TURN = 0.25;

type Ring = Plan["rings"][number];

/** Where a ring's label stands, for a light at an hour of the clock. */
function ringLabel({ places }: Ring, clockHours: number) {
  const turn = clockHours / 12 + 1 - QUARTER_TURN;
  return places[Math.floor((turn % 1) * places.length)];
}

/** The labels that are shown: rings before lines, those nearest to now first. */
export function useLabels(plan: Plan | null, scale: Scale, rings: boolean, contours: boolean) {
  const clock = useTable((table) => table.possible?.light.clockHours ?? 0);
  return useMemo(() => {
    if (!plan) return new Set<string>();
    const near = (one: { stops: number }, other: { stops: number }) =>
      Math.abs(one.stops) - Math.abs(other.stops);
    const at = (
      key: string,
      place: { x: number; y: number } | null | undefined,
      halfWidth: number,
    ) => (place ? [{ key, x: scale.across(place.x), y: scale.up(place.y), halfWidth }] : []);
    return spaced([
      ...(rings ? [...plan.rings] : [])
        .sort(near)
        .flatMap((ring) => at(`ring ${ring.stops}`, ringLabel(ring, clock), 17)),
      ...(contours ? contourLines(plan.map, plan.faceCentre) : [])
        .filter(({ stops }) => Number.isInteger(stops))
        .sort(near)
        .flatMap(({ stops, label }) => at(`line ${stops}`, label, 15)),
    ]);
  }, [plan, scale, clock, rings, contours]);
}

export function Contours({ plan, scale, labels }: Part) {
  const lines = useMemo(() => contourLines(plan.map, plan.faceCentre), [plan]);
  return (
    <g data-testid="contours" className="pointer-events-none">
      {lines.map(({ stops, pieces, label }) => (
        <g key={stops}>
          <path
            d={pieces
              .map((piece) =>
                scale.path(
                  piece.map(({ x, y }) => ({ across: x, up: y })),
                  false,
                ),
              )
              .join("")}
            fill="none"
            className="stroke-sand"
            strokeWidth={stops === 0 ? 1.8 : 1}
            opacity={stops === 0 ? 0.95 : Number.isInteger(stops) ? 0.6 : 0.28}
          />
          {label && labels.has(`line ${stops}`) && (
            <Tag x={scale.across(label.x)} y={scale.up(label.y)} text={signedStops(stops)} />
          )}
        </g>
      ))}
    </g>
  );
}

function Tag({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <text
      x={x}
      y={y + 4}
      textAnchor="middle"
      className="fill-sand stroke-panel font-medium text-[11px]"
      strokeWidth={4}
      paintOrder="stroke"
    >
      {text}
    </text>
  );
}

export function Rings({ plan, scale, labels }: Part) {
  const clock = useTable((table) => table.possible?.light.clockHours ?? 0);
  return (
    <g data-testid="rings" className="pointer-events-none">
      {plan.rings.map((ring) => {
        const { stops, places } = ring;
        const label = ringLabel(ring, clock);
        const now = stops === 0;
        return (
          label && (
            <g key={stops}>
              <path
                d={scale.path(places.map(({ x, y }) => ({ across: x, up: y })))}
                fill="none"
                className="stroke-ink"
                strokeWidth={now ? 1.6 : 1.2}
                strokeDasharray={now ? "5 3" : "1 4"}
                strokeLinecap="round"
                opacity={now ? 0.75 : 0.6}
              />
              <g
                transform={`translate(${scale.across(label.x)} ${scale.up(label.y)})`}
                visibility={labels.has(`ring ${stops}`) ? "visible" : "hidden"}
              >
                <rect
                  x={-17}
                  y={-9}
                  width={34}
                  height={18}
                  rx={9}
                  className="fill-panel stroke-ink"
                  strokeWidth={0.8}
                />
                <text y={4} textAnchor="middle" className="fill-ink text-[11px]">
                  {now ? "now" : `${stops > 0 ? "+" : "−"}${Math.abs(stops)}`}
                </text>
              </g>
            </g>
          )
        );
      })}
    </g>
  );
}
