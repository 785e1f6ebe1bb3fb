import { useQuery } from "@tanstack/react-query";
import { Popover } from "radix-ui";
import { useState } from "react";
import { api } from "../api/client";
import type { Reading, ReadingKind } from "../api/types";
import { useLength } from "../table/preferences";
import { useTable } from "../table/store";
import { type Quantity, signedStops } from "../table/units";
import { probe, useAnswers } from "./answers";

type Figure = { text: string; unit: string };
type Kind = Reading["kind"];

/** Edges are read in millimetres, or hundredths of an inch; longer lengths in whole centimetres. */
function figure(kind: ReadingKind, value: number, length: Quantity): Figure {
  const edge = kind.kind === "TIP_EDGE" || kind.kind === "SIDE_EDGE";
  switch (kind.unit) {
    case "METRE":
      if (length.unit === "in") return { text: (value / 0.0254).toFixed(edge ? 2 : 1), unit: "in" };
      if (value >= 1) return { text: value.toFixed(2), unit: "m" };
      return edge
        ? { text: (value * 1000).toFixed(0), unit: "mm" }
        : { text: (value * 100).toFixed(value < 0.1 ? 1 : 0), unit: "cm" };
    case "STOP":
      return { text: signedStops(value), unit: Math.abs(value) < 1.05 ? "stop" : "stops" };
    default:
      return { text: value.toFixed(2), unit: ": 1" };
  }
}

const LARGE: Kind[] = [
  "TIP_EDGE",
  "SHADOW_LENGTH",
  "FALL_OFF_HERO",
  "FALL_OFF_FRAME",
  "BACKDROP_LEVEL",
];
const SMALL: Kind[] = ["SIDE_EDGE", "SIZE_ACROSS", "SIZE_ALONG", "POINT_RULE_ERROR"];

/** The few numbers that matter; each opens to what it means and where it comes from. */
export function Readings() {
  const readings = useAnswers((answers) => answers.readings);
  const stale = useTable((table) => table.problem !== null);
  const kinds = useQuery({
    queryKey: ["reading-kinds"],
    queryFn: api.readingKinds,
    staleTime: Infinity,
  });
  const tiles = (wanted: Kind[], large: boolean) =>
    wanted.map((name) => {
      const kind = kinds.data?.find((candidate) => candidate.kind === name);
      const reading = readings.find((candidate) => candidate.kind === name);
      return kind && reading && <Tile key={name} {...{ kind, reading, large, stale }} />;
    });
  return (
    <section aria-label="Readings" className="grid h-full min-h-0 content-stretch gap-1.5">
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-5">{tiles(LARGE, true)}</div>
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-4">{tiles(SMALL, false)}</div>
    </section>
  );
}

type TileProps = {
  kind: ReadingKind;
  reading: Reading;
  large: boolean;
  /** The set has since become impossible: this is the last value that could be. */
  stale: boolean;
};

function Tile({ kind, reading, large, stale }: TileProps) {
  const length = useLength();
  const shown = reading.value === null ? null : figure(kind, reading.value, length);
  const [open, setOpen] = useState(false);
  const point = () => probe(reading.places);
  const leave = () => open || probe([]);
  const toggle = (next: boolean) => {
    setOpen(next);
    probe(next ? reading.places : []);
  };
  return (
    <Popover.Root open={open} onOpenChange={toggle}>
      <Popover.Trigger
        data-testid={`reading-${kind.kind}`}
        onPointerEnter={point}
        onPointerLeave={leave}
        onFocus={point}
        onBlur={leave}
        className={`flex min-h-11 min-w-0 flex-col justify-between rounded-panel border bg-panel px-3 py-2 text-left hover:bg-raised ${stale ? "border-edge border-dashed" : "border-transparent"}`}
      >
        <span className="text-soft text-xs leading-tight">{kind.title}</span>
        {shown ? (
          <span className={`whitespace-nowrap ${stale ? "text-soft" : ""}`}>
            <span
              className={
                large
                  ? "font-semibold text-[28px] leading-none"
                  : "font-semibold text-xl leading-none"
              }
            >
              {shown.text}
            </span>
            <span className="ml-1 text-soft text-sm">{shown.unit}</span>
          </span>
        ) : (
          <span
            className={
              large ? "text-[28px] text-soft leading-none" : "text-soft text-xl leading-none"
            }
          >
            —
          </span>
        )}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          sideOffset={6}
          collisionPadding={12}
          className="z-20 w-80 rounded-panel border border-line bg-raised p-4 text-sm shadow-xl"
        >
          <h3 className="font-semibold text-base">{kind.title}</h3>
          <p className="mt-1">{kind.meaning}</p>
          {reading.note && <p className="mt-2 text-alarm">{reading.note}.</p>}
          <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
            <dt className="text-soft">Formula</dt>
            <dd>{kind.formula}</dd>
            <dt className="text-soft">Source</dt>
            <dd>{kind.source}</dd>
            <dt className="text-soft">Moved by</dt>
            <dd>{kind.movedBy}</dd>
            <dt className="text-soft">Probed</dt>
            <dd>{places(reading, length)}</dd>
          </dl>
          <Popover.Arrow className="fill-line" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function places(reading: Reading, length: Quantity): string {
  if (reading.places.length === 0) return "nowhere";
  const words = reading.places.map(
    ({ x, y, z }) => `${length.show(x)}, ${length.show(y)}, ${length.show(z)}`,
  );
  return `${words.join(" and ")} ${length.unit} right, back, up from the hero point`;
}
