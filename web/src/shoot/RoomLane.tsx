import type { RunSheet } from "../api/types";
import { type Span, share } from "./Lanes";
import { clockTime } from "./times";

/** Stops between the top and the foot of the lane. */
const STOPS = 6;

type Moment = RunSheet["room"][number];

const about = (lux: number) =>
  lux < 1 ? "dark" : `${Number(lux.toPrecision(2)).toLocaleString("en-GB")} lx`;

/** The room's own light through the shoot in stops, and when the sun comes in. */
export function RoomLane({ room, span }: { room: Moment[]; span: Span }) {
  const brightest = Math.max(...room.map(({ lux }) => lux));
  const x = (minute: number) => Number.parseFloat(share(span, minute));
  const y = (lux: number) =>
    lux <= 0 ? 100 : Math.min(100, (100 / STOPS) * Math.log2(brightest / lux));
  const inside = room.filter(({ minute }) => minute >= span.from && minute <= span.to);
  const first = inside[0];
  const last = inside.at(-1);
  if (!first || !last) return null;
  const line = inside.map(({ minute, lux }) => `${x(minute)},${y(lux).toFixed(1)}`).join(" ");
  return (
    <svg
      viewBox="0 0 100 100"
      preserveAspectRatio="none"
      role="img"
      aria-label={`Room light: ${inside.map(({ minute, lux, sunny }) => `${clockTime(minute)} ${about(lux)}${sunny ? ", sun" : ""}`).join("; ")}`}
      className="h-8 w-full overflow-visible"
    >
      {inside
        .filter(({ sunny }) => sunny)
        .map(({ minute }) => (
          <rect
            key={minute}
            x={x(minute - 5)}
            width={x(minute + 5) - x(minute - 5)}
            y={0}
            height={100}
            className="fill-sand/30"
          />
        ))}
      <polygon
        points={`${x(first.minute)},100 ${line} ${x(last.minute)},100`}
        className="fill-edge/25"
      />
      <polyline
        points={line}
        className="fill-none stroke-soft"
        strokeWidth={1.5}
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}

/** What it is at the start and at the end, in words. */
export function roomWords(room: Moment[]): string {
  const first = room[0];
  const last = room.at(-1);
  if (!first || !last) return "";
  const sun = room.filter(({ sunny }) => sunny);
  const from = sun[0];
  const to = sun.at(-1);
  const shines =
    from && to
      ? `; sun on the table from ${clockTime(from.minute)} to ${clockTime(to.minute)}`
      : "";
  return `about ${about(first.lux)} at ${clockTime(first.minute)}, ${about(last.lux)} at ${clockTime(last.minute)}${shines}`;
}
