import { List } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import type { Reading, ReadingKind } from "../../api/types";
import { probe, useAnswers, useLate, useReadingKinds } from "../../set/answers";
import { figure, give, type Kind } from "../../set/figures";
import { useLength, usePreferences } from "../../set/preferences";
import { useTable } from "../../set/store";
import { AllReadings } from "./AllReadings";
import { Details } from "./Details";

const LARGE: Kind[] = ["TIP_EDGE_SEEN", "SHADOW_DEPTH", "FALL_OFF_HERO", "BACKDROP_LEVEL", "POWER"];
/** Of what is put round the dish: shown before the others where there is something to read. */
const SHAPING: Kind[] = [
  "CARD_LIFT",
  "LIT_TO_SHADOW",
  "STRIP_FULL",
  "STRIP_EDGE",
  "PATTERN_CONTRAST",
  "PATCH_BLUR",
  "BASE_UNDER_KEY",
];
const SMALL: Kind[] = [
  "SHADOW_LENGTH",
  "SIZE_ACROSS",
  "AMBIENT_UNDER_KEY",
  "FALL_OFF_FRAME",
  "DEPTH_OF_FIELD",
];

/** The few numbers that matter; each opens to what it means and where it comes from. */
export function Readings() {
  const readings = useAnswers((answers) => answers.readings);
  const stale = useTable((table) => table.problem !== null);
  // of a set that cannot be, the last figures that could are shown, and marked
  const late = useLate() && !stale;
  const [all, setAll] = useState(false);
  const kinds = useReadingKinds();
  const oneLight = usePreferences((preferences) => preferences.oneLight);
  const shaped = readings.some(
    ({ kind, value }) => kind !== "LIT_TO_SHADOW" && SHAPING.includes(kind) && value !== null,
  );
  const small = [
    ...SHAPING.filter(
      (kind) =>
        shaped &&
        !(oneLight && kind === "BASE_UNDER_KEY") &&
        readings.some((reading) => reading.kind === kind && reading.value !== null),
    ),
    ...SMALL,
  ].slice(0, SMALL.length);
  const tiles = (wanted: Kind[], large: boolean) =>
    wanted.map((name) => {
      const kind = kinds.find((candidate) => candidate.kind === name);
      const reading = readings.find((candidate) => candidate.kind === name);
      return (
        kind && <Tile key={name} {...{ kind, reading: reading ?? unread(name), large, stale }} />
      );
    });
  return (
    <section
      aria-label="Readings"
      aria-busy={late}
      // what lags behind for longer than a blink is dimmed until it is true again
      className={`grid h-full min-h-0 content-stretch gap-1.5 transition-opacity duration-0 ${late ? "opacity-50 delay-100" : ""}`}
    >
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-5">{tiles(LARGE, true)}</div>
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-6">
        {tiles(small, false)}
        <button
          type="button"
          onClick={() => setAll(true)}
          className="flex min-h-11 items-center justify-center gap-2 rounded-panel bg-panel px-3 text-sm hover:bg-raised"
        >
          <List size={16} aria-hidden />
          All readings
        </button>
      </div>
      <AllReadings open={all} onClose={() => setAll(false)} kinds={kinds} />
    </section>
  );
}

/** Before there is an answer. */
function unread(kind: Kind): Reading {
  return {
    kind,
    value: null,
    text: "",
    note: "",
    places: [],
    uncertainty: null,
  };
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
                  ? `font-semibold leading-none ${reading.text ? "text-[24px]" : "text-[28px]"}`
                  : "font-semibold text-xl leading-none"
              }
            >
              {reading.text || shown.text}
            </span>
            {give(reading) && <span className="ml-1 text-soft text-xs">{give(reading)}</span>}
            <span className="ml-1 text-soft text-sm">{reading.text ? "" : shown.unit}</span>
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
          onOpenAutoFocus={(event) => {
            event.preventDefault();
            (event.currentTarget as HTMLElement).focus();
          }}
          className="z-20 max-h-[var(--radix-popover-content-available-height)] w-[min(400px,calc(100vw-24px))] overflow-y-auto rounded-panel border border-line bg-raised p-4 text-sm shadow-xl"
        >
          <Details kind={kind} reading={reading} />
          <Popover.Arrow className="fill-line" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
