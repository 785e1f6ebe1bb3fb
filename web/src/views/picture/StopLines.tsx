import { useMemo } from "react";
import { signedStops } from "../../set/units";
import { type ContourLine, type Grid, gridLines } from "../plan/contours";

/** Lines of equal light over the picture, labelled in stops; zero at the hero. */
export function StopLines({ grid, testId }: { grid: Grid; testId: string }) {
  const lines = useMemo(() => gridLines(grid), [grid]);
  const across = 100 / (grid.columns - 1);
  const down = 100 / (grid.rows - 1);
  return (
    <div className="pointer-events-none absolute inset-0" data-testid={testId}>
      <svg viewBox="0 0 100 100" preserveAspectRatio="none" className="absolute inset-0 size-full">
        <title>Lines of equal light, half a stop apart</title>
        {lines.map((line) => (
          <g key={line.stops} fill="none" vectorEffect="non-scaling-stroke">
            <path
              d={path(line, across, down)}
              stroke="#000"
              opacity={0.45}
              strokeWidth={3}
              vectorEffect="non-scaling-stroke"
            />
            <path
              d={path(line, across, down)}
              stroke="#ecd2a2"
              strokeWidth={line.stops === 0 ? 2 : 1.2}
              strokeDasharray={Number.isInteger(line.stops) ? undefined : "4 4"}
              vectorEffect="non-scaling-stroke"
            />
          </g>
        ))}
      </svg>
      {lines.map(
        ({ stops, label }) =>
          label &&
          Number.isInteger(stops) && (
            <span
              key={stops}
              className="-translate-x-1/2 -translate-y-1/2 absolute rounded bg-black/75 px-1 font-medium text-[#ecd2a2] text-[11px]"
              style={{ left: `${label.x * across}%`, top: `${label.y * down}%` }}
            >
              {signedStops(stops)}
            </span>
          ),
      )}
    </div>
  );
}

function path({ pieces }: ContourLine, across: number, down: number): string {
  return pieces
    .map(
      (piece) =>
        `M${piece.map(({ x, y }) => `${(x * across).toFixed(2)} ${(y * down).toFixed(2)}`).join("L")}`,
    )
    .join("");
}
