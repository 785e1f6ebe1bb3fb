import { useQuery } from "@tanstack/react-query";
import { contours } from "d3-contour";
import { useMemo } from "react";
import { api } from "../../api/client";
import type { TableSet, ThingsInFrame } from "../../api/types";
import { pickCard, pickProp, subjectOf, useWorked, type Worked, workOn } from "../../set/picked";

type Thing = ThingsInFrame["things"][number];

/** Whether a thing is what is worked on; what fills the frame anyway is not marked. */
function isWorkedOn({ kind, number }: Thing, { part, card, prop }: Worked): boolean {
  if (kind === "HERO") return part === "hero";
  if (kind === "PROP") return part === "props" && number === prop;
  if (kind === "CARD") return part === "cards" && number === card;
  if (kind === "LIGHT") return subjectOf(part) === "light";
  return kind === "BASE" && part === "base";
}

/** Opens the numbers of a thing. */
function open({ kind, number }: Thing): void {
  if (kind === "PROP") pickProp(number);
  else if (kind === "CARD") pickCard(number);
  else if (kind === "LIGHT") workOn("place");
  else if (kind === "BASE") workOn("base");
  else if (kind === "HERO") workOn("hero");
  else if (kind === "ROOM") workOn("walls");
  else workOn("surfaces");
}

/** What is seen in the picture, to click on; what is worked on is outlined while somebody looks for it. */
export function Things({ set }: { set: TableSet }) {
  const worked = useWorked();
  const seen = useQuery({
    queryKey: ["things", set],
    queryFn: ({ signal }) => api.thingsInFrame(set, signal),
    placeholderData: (before) => before,
    gcTime: 0,
  });
  const found = seen.data;
  const path = useMemo(() => (found ? outline(found, worked) : ""), [found, worked]);
  if (!found) return null;
  const { columns, rows } = found;
  return (
    // by keyboard the same is opened by the subjects and their parts
    // biome-ignore lint/a11y/noStaticElementInteractions: see above
    // biome-ignore lint/a11y/useKeyWithClickEvents: see above
    <div
      className="group absolute inset-0"
      data-testid="things"
      data-fresh={!seen.isFetching}
      onClick={(event) => {
        const box = event.currentTarget.getBoundingClientRect();
        const column = Math.floor(((event.clientX - box.left) / box.width) * columns);
        const row = Math.floor(((event.clientY - box.top) / box.height) * rows);
        const thing = found.things[found.cells[row * columns + column] ?? -1];
        if (thing) open(thing);
      }}
    >
      {path && (
        <svg
          key={`${worked.part} ${worked.card} ${worked.prop}`}
          viewBox={`0 0 ${columns} ${rows}`}
          preserveAspectRatio="none"
          className="mark-fades pointer-events-none absolute inset-0 size-full group-hover:opacity-100"
          data-testid="worked-on"
        >
          <title>What is worked on</title>
          {[
            { stroke: "#000", width: 3, opacity: 0.5 },
            { stroke: "#fff", width: 1.2, opacity: 0.9 },
          ].map(({ stroke, width, opacity }) => (
            <path
              key={stroke}
              d={path}
              fill="none"
              stroke={stroke}
              strokeWidth={width}
              opacity={opacity}
              vectorEffect="non-scaling-stroke"
            />
          ))}
        </svg>
      )}
    </div>
  );
}

/** Round what is worked on, in columns and rows. */
function outline({ columns, rows, things, cells }: ThingsInFrame, worked: Worked): string {
  const numbers = things.flatMap((thing, i) => (isWorkedOn(thing, worked) ? [i] : []));
  if (numbers.length === 0) return "";
  const inside = cells.map((cell) => (numbers.includes(cell) ? 1 : 0));
  const [shape] = contours().size([columns, rows]).thresholds([0.5])(inside);
  return (shape?.coordinates ?? [])
    .flat()
    .map((ring) => `M${ring.map(([x, y]) => `${x?.toFixed(2)} ${y?.toFixed(2)}`).join("L")}Z`)
    .join("");
}
