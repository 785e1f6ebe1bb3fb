import { useQuery } from "@tanstack/react-query";
import { type KeyboardEvent, useState } from "react";
import { api } from "../../api/client";
import type { TableSet } from "../../api/types";
import { attempt } from "../../set/attempt";
import { asking, putAnswer } from "../../set/late";
import { arrow, inside, type Place, pointedAt } from "../../ui/place";

const NUDGE = 0.01;
const FAR_NUDGE = 0.05;

/** Shows where the meter reads, and takes another place for it. */
export function MeterTool({ set }: { set: TableSet }) {
  const meter = useQuery({
    queryKey: ["meter-place", set],
    queryFn: ({ signal }) => api.meterPlace(set, signal),
    placeholderData: (before) => before,
    gcTime: 0,
  });
  const [aimed, setAimed] = useState<Place | null>(null);
  const choose = async (place: Place) => {
    const asked = asking();
    const answer = asked && (await attempt(() => api.meteringPoint(place, asked.set)));
    setAimed(null);
    if (!answer) return;
    const { exposure } = asked.set;
    const metering = { ...exposure.metering, point: answer.point };
    putAnswer(asked, { ...asked.set, exposure: { ...exposure, metering } });
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const now = aimed ?? meter.data;
    if (!now) return;
    if (event.key === "Enter" && aimed) void choose(aimed);
    const way = arrow(event, event.shiftKey ? FAR_NUDGE : NUDGE);
    if (!way) return;
    event.preventDefault();
    setAimed({ across: inside(now.across + way.across), down: inside(now.down + way.down) });
  };
  return (
    <div
      role="application"
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the point is moved by the arrow keys
      tabIndex={0}
      aria-label="Metering point: click or drag it to a place on the hero or the table, or move it with the arrow keys, Shift for longer steps, and press Enter"
      data-testid="meter-surface"
      className="absolute inset-0 cursor-crosshair touch-none overflow-hidden"
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setAimed(pointedAt(event));
      }}
      onPointerMove={(event) => {
        if (event.buttons > 0) setAimed(pointedAt(event));
      }}
      onPointerUp={(event) => void choose(pointedAt(event))}
      onPointerCancel={() => setAimed(null)}
    >
      {meter.data && <Cross place={meter.data} testId="meter-mark" />}
      {aimed && <Cross place={aimed} testId="meter-aim" aimed />}
      <p className="pointer-events-none absolute top-2 left-2 rounded bg-ground/85 px-2 py-1 text-sm">
        {aimed
          ? "Let go, or press Enter, to put the meter here"
          : "Click or drag to where the meter is to read"}
      </p>
    </div>
  );
}

function Cross({ place, testId, aimed }: { place: Place; testId: string; aimed?: boolean }) {
  return (
    <svg
      data-testid={testId}
      className="pointer-events-none absolute size-9 -translate-x-1/2 -translate-y-1/2"
      style={{ left: `${100 * place.across}%`, top: `${100 * place.down}%` }}
      viewBox="-18 -18 36 36"
      fill="none"
    >
      <title>{aimed ? "Where it would read" : "The meter reads here"}</title>
      {["#000", "#ecd2a2"].map((stroke, i) => (
        <path
          key={stroke}
          d="M-16 0H-6M6 0H16M0-16V-6M0 6V16M0-5A5 5 0 0 1 0 5A5 5 0 0 1 0-5"
          stroke={stroke}
          strokeWidth={i === 0 ? 4 : 1.8}
          strokeDasharray={aimed ? "3 2" : undefined}
        />
      ))}
    </svg>
  );
}
