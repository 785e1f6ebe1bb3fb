import type { WallFound } from "../../api/types";
import { useLength } from "../../set/preferences";

const WIDTH = 420;
const HEIGHT = 150;

/** Stops between the lines. */
const STEP = 1;

/** Round places on both sides of the middle: some of ten, twenty, fifty … centimetres, or inches. */
function ticks(side: number, ten: number): number[] {
  const step = [1, 2, 5, 10, 20].map((times) => times * ten).find((one) => side / one < 4.5);
  const each = step ?? side;
  const count = Math.floor(side / each);
  return Array.from({ length: 2 * count + 1 }, (_, i) => (i - count) * each);
}

type Props = { points: WallFound["points"] };

/** The beam across the wall, in stops from its middle: dots as measured, a line as found, dashes as stated. */
export function WallPlot({ points }: Props) {
  const length = useLength();
  const side = Math.max(...points.map(({ acrossMetres }) => Math.abs(acrossMetres)));
  const low = Math.min(
    -1,
    Math.floor(Math.min(...points.flatMap(({ measured, found }) => [measured, found]))),
  );
  const high = 0.25;
  const x = (metres: number) => (WIDTH * (metres + side)) / (2 * side);
  const y = (stops: number) =>
    (HEIGHT * (high - Math.max(low, Math.min(high, stops)))) / (high - low);
  const sorted = [...points].sort((a, b) => a.acrossMetres - b.acrossMetres);
  const path = (of: (point: Props["points"][number]) => number) =>
    `M${sorted.map((point) => `${x(point.acrossMetres).toFixed(1)} ${y(of(point)).toFixed(1)}`).join("L")}`;
  const lines = Array.from({ length: -low / STEP + 1 }, (_, i) => -i * STEP);
  const marks = ticks(side, length.read("10") ?? 0.1);
  return (
    <figure className="mt-1">
      <svg
        viewBox={`-26 -6 ${WIDTH + 40} ${HEIGHT + 24}`}
        className="w-full"
        role="img"
        aria-label={`The beam across the wall, from ${low} to 0 stops: measured, found and stated`}
        data-testid="wall-plot"
      >
        {lines.map((stops) => (
          <g key={stops}>
            <line x1={0} x2={WIDTH} y1={y(stops)} y2={y(stops)} className="stroke-line" />
            <text x={-5} y={y(stops) + 3} textAnchor="end" className="fill-soft text-[10px]">
              {stops}
            </text>
          </g>
        ))}
        {marks.map((metres) => (
          <text
            key={metres}
            x={x(metres)}
            y={HEIGHT + 14}
            textAnchor="middle"
            className="fill-soft text-[10px]"
          >
            {length.show(metres)}
          </text>
        ))}
        <path
          d={path(({ stated }) => stated)}
          fill="none"
          strokeDasharray="4 3"
          className="stroke-soft"
        />
        <path d={path(({ found }) => found)} fill="none" strokeWidth={2} className="stroke-sand" />
        {sorted.map((point) => (
          <circle
            key={point.acrossMetres}
            cx={x(point.acrossMetres)}
            cy={y(point.measured)}
            r={1.8}
            className="fill-ink"
          />
        ))}
      </svg>
      <figcaption className="text-soft text-xs">
        Stops from the beam’s middle, by {length.unit} from it. Dots: measured; line: found; dashes:
        as stated.
      </figcaption>
    </figure>
  );
}
