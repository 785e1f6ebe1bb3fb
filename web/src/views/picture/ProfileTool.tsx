import { X } from "lucide-react";
import { type KeyboardEvent, useRef, useState } from "react";
import { Refusal } from "../../api/ask";
import { api } from "../../api/client";
import type { Profile, TableSet } from "../../api/types";
import { attempt } from "../../set/attempt";
import { useLength, useSaid } from "../../set/preferences";
import type { Quantity } from "../../set/units";
import { Button } from "../../ui/Button";
import { arrow, pointedAt } from "../../ui/place";

type Line = { fromAcross: number; fromDown: number; toAcross: number; toDown: number };

const NUDGE = 0.01;
const START: Line = { fromAcross: 0.6, fromDown: 0.75, toAcross: 0.8, toDown: 0.75 };

/** Drag a line over a shadow's edge: how wide it is, and how deep. */
export function ProfileTool({ set, onClose }: { set: TableSet; onClose: () => void }) {
  const [line, setLine] = useState<Line>(START);
  const [profile, setProfile] = useState<Profile | null>(null);
  const [busy, setBusy] = useState(false);
  /** Why nothing could be measured there. */
  const [why, setWhy] = useState("");
  const said = useSaid();
  const drawn = useRef<Line | null>(null);

  const measure = async (along: Line) => {
    setBusy(true);
    setWhy("");
    try {
      setProfile(await api.profile(set, along));
    } catch (error) {
      setProfile(null);
      if (error instanceof Refusal) setWhy(error.problem.detail);
      else await attempt(() => Promise.reject(error));
    }
    setBusy(false);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const way = arrow(event, NUDGE);
    if (event.key === "Enter") void measure(line);
    if (!way) return;
    event.preventDefault();
    const { across: x, down: y } = way;
    setLine((now) => ({
      ...now,
      ...(event.shiftKey ? {} : { fromAcross: now.fromAcross + x, fromDown: now.fromDown + y }),
      toAcross: now.toAcross + x,
      toDown: now.toDown + y,
    }));
  };
  return (
    <>
      <div
        role="application"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the line is moved by the arrow keys
        tabIndex={0}
        aria-label="Line over the picture: drag it across an edge, or move it with the arrow keys, Shift for its end alone, and press Enter"
        data-testid="profile-surface"
        className="absolute inset-0 cursor-crosshair touch-none"
        onKeyDown={onKeyDown}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          const { across, down } = pointedAt(event);
          drawn.current = { fromAcross: across, fromDown: down, toAcross: across, toDown: down };
          setProfile(null);
          setLine(drawn.current);
        }}
        onPointerMove={(event) => {
          if (!drawn.current) return;
          const { across, down } = pointedAt(event);
          drawn.current = { ...drawn.current, toAcross: across, toDown: down };
          setLine(drawn.current);
        }}
        onPointerUp={() => {
          if (drawn.current) void measure(drawn.current);
          drawn.current = null;
        }}
      >
        <svg className="size-full" viewBox="0 0 1 1" preserveAspectRatio="none">
          <title>The line that is measured along</title>
          {["#000", "#ecd2a2"].map((stroke, i) => (
            <line
              key={stroke}
              x1={line.fromAcross}
              y1={line.fromDown}
              x2={line.toAcross}
              y2={line.toDown}
              stroke={stroke}
              strokeWidth={i === 0 ? 4 : 2}
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
      </div>
      <div
        className={`pointer-events-none absolute bottom-2 w-72 rounded bg-ground/90 p-2.5 text-sm ${line.fromAcross + line.toAcross > 1 ? "left-2" : "right-2 bottom-9"}`}
        data-testid="profile"
        aria-live="polite"
      >
        <div className="flex items-start justify-between gap-2">
          <p className="font-semibold">Along the line</p>
          <Button
            aria-label="Put the line away"
            className="pointer-events-auto -mt-1.5 -mr-1 w-9 px-0"
            onClick={onClose}
          >
            <X size={16} />
          </Button>
        </div>
        {profile ? (
          <Curve profile={profile} />
        ) : (
          <p className={why && !busy ? "text-alarm" : "text-soft"} data-testid="profile-why">
            {busy
              ? "Measuring …"
              : why
                ? `${said(why)}.`
                : "Drag a line across a shadow's edge, from dark to light."}
          </p>
        )}
      </div>
    </>
  );
}

/** An edge's width, as the readings show it. */
function edge(metres: number, length: Quantity): string {
  return length.unit === "in"
    ? `${(metres / 0.0254).toFixed(2)} in`
    : `${(metres * 1000).toFixed(0)} mm`;
}

const WIDTH = 264;
const HEIGHT = 76;

function Curve({ profile }: { profile: Profile }) {
  const length = useLength();
  const end = profile.points.at(-1)?.along ?? 1;
  const stops = profile.points.map(({ lightStops }) => lightStops);
  const top = Math.max(...stops) + 0.1;
  const low = Math.min(...stops) - 0.1;
  const path = profile.points
    .map(
      ({ along, lightStops }) =>
        `${((along / end) * WIDTH).toFixed(1)} ${(((top - lightStops) / (top - low)) * HEIGHT).toFixed(1)}`,
    )
    .join("L");
  return (
    <>
      <svg width={WIDTH} height={HEIGHT} role="img" aria-label="Light along the line">
        <path d={`M${path}`} fill="none" className="stroke-sand" strokeWidth={2} />
      </svg>
      <p className="mt-1 flex justify-between">
        <span>
          Edge 10–90 %{" "}
          <strong data-testid="profile-width">
            {profile.width === undefined ? "not on the line" : edge(profile.width, length)}
          </strong>
        </span>
        <span>
          Depth <strong data-testid="profile-depth">{profile.depthStops.toFixed(1)} stops</strong>
        </span>
      </p>
      <p className="text-soft text-xs">
        {length.show(end)} {length.unit} long, on the surface itself
      </p>
    </>
  );
}
