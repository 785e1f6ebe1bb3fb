import type { Scale } from "./scale";

type Place = { across: number; up: number };

/** The bare source behind a panel, and the way its light takes to the panel's middle; nothing while it is in the face. */
export function SourceSpot({ from, to, scale }: { from: Place; to: Place; scale: Scale }) {
  const apart = Math.hypot(from.across - to.across, from.up - to.up) * scale.perMetre;
  if (apart < 2) return null;
  return (
    <g data-testid="source-spot">
      <path
        d={scale.path([from, to], false)}
        className="stroke-sand"
        strokeWidth={1}
        strokeDasharray="2 3"
        opacity={0.8}
      />
      <rect
        x={scale.across(from.across) - 4}
        y={scale.up(from.up) - 4}
        width={8}
        height={8}
        rx={1.5}
        className="fill-panel stroke-sand"
        strokeWidth={1.6}
      />
    </g>
  );
}
