import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import type { Mark, PhotographAnswer, PhotographMarks } from "../../api/types";
import { arrow, inside, placeIn } from "../../ui/place";
import { type Handle, handles, hint, withPlace } from "./marks";
import { mark, type OpenPhotograph, undo, usePhotograph } from "./store";

const MAGNIFIED = 4;

type Props = { photograph: OpenPhotograph; reading: PhotographAnswer | undefined };

/** A photograph with its marks: click to put one, drag or press the arrow keys to move it. */
export function MarkedPicture({ photograph, reading }: Props) {
  const { marks, pending, tool } = usePhotograph();
  const [held, setHeld] = useState<Mark | null>(null);
  const frame = useRef<HTMLDivElement>(null);
  const put = (place: Mark) => {
    if (tool === "edge" && marks.things.length === 0) return;
    const next = withPlace(tool, marks, pending, place);
    mark(next.marks, next.pending);
  };
  const at = (event: { clientX: number; clientY: number }): Mark => placeIn(frame.current, event);
  const press = (event: KeyboardEvent) => {
    if (event.target !== event.currentTarget || event.key !== "Enter") return;
    event.preventDefault();
    put({ across: 0.5, down: 0.5 });
  };
  return (
    <div className="flex min-h-0 flex-col gap-2">
      <div
        className="relative grid min-h-0 flex-1 place-items-center bg-surround max-md:h-72 max-md:flex-none"
        style={{ containerType: "size" }}
      >
        <div
          ref={frame}
          className="relative"
          style={{
            width: `min(100cqw, ${(100 * photograph.width) / photograph.height}cqh)`,
            aspectRatio: photograph.width / photograph.height,
            containerType: "inline-size",
          }}
        >
          <img
            src={`/api/photographs/${photograph.id}/picture`}
            alt={photograph.title}
            draggable={false}
            className="size-full"
          />
          {/* biome-ignore lint/a11y/useSemanticElements: a button cannot hold the handles that lie over it */}
          <div
            role="button"
            tabIndex={0}
            aria-label={`${hint(tool, marks, pending)}. Enter puts a mark into the middle, arrow keys then move it`}
            data-testid="photograph"
            className="absolute inset-0 cursor-crosshair touch-none"
            onClick={(event) => put(at(event))}
            onKeyDown={press}
          />
          <Lines {...{ marks, pending, photograph, reading }} />
          {handles(marks).map((handle) => (
            <Grip key={handle.name} {...{ handle, at, setHeld, photograph }} />
          ))}
          {pending.map((place, i) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: places are told apart by their order
              key={i}
              className="pointer-events-none absolute size-3 -translate-1/2 rounded-full border-2 border-white bg-sand"
              style={{ left: `${100 * place.across}%`, top: `${100 * place.down}%` }}
            />
          ))}
          {held && <Magnifier photograph={photograph} at={held} />}
        </div>
      </div>
      <p role="status" className="text-sm" data-testid="photograph-hint">
        {hint(tool, marks, pending)}
      </p>
    </div>
  );
}

type GripProps = {
  handle: Handle;
  at: (event: { clientX: number; clientY: number }) => Mark;
  setHeld: (mark: Mark | null) => void;
  photograph: OpenPhotograph;
};

function Grip({ handle, at, setHeld, photograph }: GripProps) {
  const dragging = useRef<PhotographMarks | null>(null);
  const drag = (event: PointerEvent) => {
    if (!dragging.current) return;
    const to = at(event);
    const going = usePhotograph.getState().marks !== dragging.current;
    mark(handle.moved(usePhotograph.getState().marks, to), [], going);
    setHeld(to);
  };
  const stop = () => {
    dragging.current = null;
    setHeld(null);
  };
  const press = (event: KeyboardEvent) => {
    const step = (event.shiftKey ? 10 : 1) / photograph.width;
    const way = arrow(event, step, photograph.width / photograph.height);
    const { marks } = usePhotograph.getState();
    if (way) {
      mark(
        handle.moved(marks, {
          across: inside(handle.mark.across + way.across),
          down: inside(handle.mark.down + way.down),
        }),
      );
    } else if (event.key === "Delete" || event.key === "Backspace") {
      mark(handle.without(marks));
    } else {
      return;
    }
    event.preventDefault();
  };
  return (
    <button
      type="button"
      aria-label={`${handle.name}; arrow keys move it, Delete takes it away`}
      title={handle.name}
      className="group absolute grid size-6 -translate-1/2 cursor-move touch-none place-items-center rounded-full max-sm:size-11"
      style={{ left: `${100 * handle.mark.across}%`, top: `${100 * handle.mark.down}%` }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        dragging.current = usePhotograph.getState().marks;
      }}
      onPointerMove={drag}
      onPointerUp={stop}
      onPointerCancel={() => {
        // the system took the pointer away: nothing was meant
        if (dragging.current && usePhotograph.getState().marks !== dragging.current) undo();
        stop();
      }}
      onKeyDown={press}
    >
      <span className="size-3 rounded-full border-2 border-sand bg-black/40 outline-1 outline-black group-hover:bg-sand group-focus-visible:bg-sand" />
    </button>
  );
}

type LinesProps = {
  marks: PhotographMarks;
  pending: Mark[];
  photograph: OpenPhotograph;
  reading: PhotographAnswer | undefined;
};

/** What joins the marks: things with their shadows, lines across edges, outlines of highlights. */
function Lines({ marks, pending, photograph: { width, height }, reading }: LinesProps) {
  const points = (places: Mark[]) =>
    places.map(({ across, down }) => `${across * width},${down * height}`).join(" ");
  const { plane } = marks;
  return (
    <svg
      aria-hidden="true"
      viewBox={`0 0 ${width} ${height}`}
      className="pointer-events-none absolute inset-0 size-full [&_*]:fill-none [&_*]:[vector-effect:non-scaling-stroke]"
    >
      {plane.kind === "flat-rectangle" && (
        <polygon points={points(plane.corners)} className="stroke-1 stroke-white" />
      )}
      {plane.kind === "round-rim" && (
        <polygon
          points={points(round(plane.rim))}
          className="stroke-1 stroke-white"
          strokeDasharray="3 3"
        />
      )}
      {marks.things.map(({ foot, top, tip, edges }, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: things are told apart by their order
        <g key={at}>
          <polyline points={points([top, foot, tip])} className="stroke-2 stroke-sand" />
          {edges.map(({ from, to }, line) => (
            <polyline
              // biome-ignore lint/suspicious/noArrayIndexKey: lines are told apart by their order
              key={line}
              points={points([from, to])}
              className="stroke-2 stroke-white"
            />
          ))}
        </g>
      ))}
      <polyline points={points(pending)} className="stroke-1 stroke-sand" />
      {reading?.highlights.map(({ outline }, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: outlines are told apart by their order
        <polygon key={at} points={points(outline)} className="stroke-2 stroke-sand" />
      ))}
    </svg>
  );
}

/** In the order in which they lie round their middle, in whatever order they were put. */
function round(places: Mark[]): Mark[] {
  const across = places.reduce((sum, place) => sum + place.across, 0) / places.length;
  const down = places.reduce((sum, place) => sum + place.down, 0) / places.length;
  const turn = (place: Mark) => Math.atan2(place.down - down, place.across - across);
  return [...places].sort((a, b) => turn(a) - turn(b));
}

/** The photograph round a mark that is dragged, larger, out of the finger's way. */
function Magnifier({ photograph, at }: { photograph: OpenPhotograph; at: Mark }) {
  return (
    <div
      aria-hidden="true"
      className={`pointer-events-none absolute top-2 size-32 overflow-hidden rounded-full border-2 border-sand ${at.across < 0.5 ? "right-2" : "left-2"}`}
      style={{
        backgroundImage: `url(/api/photographs/${photograph.id}/picture)`,
        backgroundSize: `${MAGNIFIED * 100}cqw auto`,
        backgroundPosition: `calc(4rem - ${MAGNIFIED * 100 * at.across}cqw) calc(4rem - ${(MAGNIFIED * 100 * at.down * photograph.height) / photograph.width}cqw)`,
      }}
    >
      <span className="absolute top-1/2 left-0 h-px w-full bg-sand/70" />
      <span className="absolute top-0 left-1/2 h-full w-px bg-sand/70" />
    </div>
  );
}
