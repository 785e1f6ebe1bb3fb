import type { RunSheet, RunSheetRow } from "../api/types";
import { clockTime } from "./times";

export type Span = { from: number; to: number };

/** From the kitchen's first dish to the last frame, minutes of the day. */
export function spanOf(sheet: RunSheet): Span {
  const from = Math.min(sheet.now, ...sheet.rows.map((row) => row.kitchenStarts));
  const to = Math.max(sheet.ends, ...sheet.rows.map((row) => row.ends));
  return { from: Math.floor(from / 15) * 15, to: Math.max(from + 30, Math.ceil(to / 15) * 15) };
}

/** Where a moment lies in a span, per cent. */
export const share = ({ from, to }: Span, minute: number) =>
  `${(100 * Math.min(1, Math.max(0, (minute - from) / (to - from)))).toFixed(2)}%`;

const width = (span: Span, from: number, to: number) =>
  `calc(${share(span, to)} - ${share(span, from)})`;

function Band(props: { span: Span; from: number; to: number; name: string; className: string }) {
  const { span, from, to, name, className } = props;
  if (to <= from) return null;
  return (
    <span
      title={`${name} ${clockTime(from)} to ${clockTime(to)}`}
      className={`absolute ${className}`}
      style={{ left: share(span, from), width: width(span, from, to) }}
    />
  );
}

/** When the kitchen works on a dish, what is moved for it, when it is photographed, and how long it holds. */
export function Lanes({ row, span }: { row: RunSheetRow; span: Span }) {
  const base = { span };
  return (
    <div className="relative h-9 min-w-0" aria-hidden>
      <Band
        {...base}
        name="Kitchen"
        from={row.kitchenStarts}
        to={row.ready}
        className="top-7 h-0.5 bg-edge"
      />
      <Band
        {...base}
        name="Holds"
        from={row.ready}
        to={row.holdsUntil}
        className="top-6 h-2.5 rounded-r-full border border-edge/70 border-dashed"
      />
      <Band
        {...base}
        name="Change"
        from={row.changeStarts}
        to={row.changeEnds}
        className="hatched top-1 h-4 rounded-sm border border-edge/70"
      />
      <Band
        {...base}
        name="Photographed"
        from={row.starts}
        to={row.ends}
        className="top-1 h-4 rounded-sm bg-sand"
      />
    </div>
  );
}

/** Hours and quarters over the lanes. */
export function Axis({ span }: { span: Span }) {
  const long = span.to - span.from > 5 * 60;
  const step = long ? 60 : 30;
  const first = Math.ceil(span.from / step) * step;
  const marks: number[] = [];
  for (let minute = first; minute <= span.to; minute += step) marks.push(minute);
  return (
    <div className="relative h-5 min-w-0 text-soft text-xs" aria-hidden>
      {marks.map((minute) => (
        <span
          key={minute}
          className="absolute top-0 -translate-x-1/2"
          style={{ left: share(span, minute) }}
        >
          {clockTime(minute)}
        </span>
      ))}
    </div>
  );
}
