import { useQuery } from "@tanstack/react-query";
import { List } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { api } from "../../api/client";
import type { Reading, ReadingKind, Verdict } from "../../api/types";
import { BandBar } from "../../looks/BandBar";
import { probe, useAnswers, useLate, useReadBefore, useReadingKinds } from "../../set/answers";
import { figure, give, type Kind, QUESTIONS } from "../../set/figures";
import { useLength, usePreferences, useSaid } from "../../set/preferences";
import { useTable } from "../../set/store";
import { comparedTake, type Take, useTakes } from "../picture/takes";
import { AllReadings } from "./AllReadings";
import { Details } from "./Details";

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
/** Of glass, metal, glaze and liquid that mirror the light. */
const HIGHLIGHT: Kind[] = ["HIGHLIGHT_LENGTH", "HIGHLIGHT_WIDTH"];
const SMALL: Kind[] = [
  "SHADOW_DEPTH",
  "SHADOW_LENGTH",
  "AMBIENT_UNDER_KEY",
  "FALL_OFF_FRAME",
  "DEPTH_OF_FIELD",
];

/** The few numbers that matter; each opens to what it means and where it comes from. */
export function Readings() {
  const readings = useAnswers((answers) => answers.readings);
  const unsure = useAnswers((answers) => answers.unsure);
  const stale = useTable((table) => table.problem !== null);
  // of a set that cannot be, the last figures that could are shown, and marked
  const late = useLate() && !stale;
  const [all, setAll] = useState(false);
  const kinds = useReadingKinds();
  const oneLight = usePreferences((preferences) => preferences.oneLight);
  const shaped = readings.some(
    ({ kind, value }) => kind !== "LIT_TO_SHADOW" && SHAPING.includes(kind) && value !== null,
  );
  const judged = useAnswers((answers) => answers.look);
  const small = [
    // what the look asks for comes first
    ...judged
      .map(({ kind }) => kind)
      .filter((kind): kind is Kind => kind !== null && [...SMALL, ...SHAPING].includes(kind))
      .filter((kind) =>
        readings.some((reading) => reading.kind === kind && reading.value !== null),
      ),
    ...SHAPING.filter(
      (kind) =>
        shaped &&
        !(oneLight && kind === "BASE_UNDER_KEY") &&
        readings.some((reading) => reading.kind === kind && reading.value !== null),
    ),
    ...HIGHLIGHT.filter((kind) =>
      readings.some((reading) => reading.kind === kind && reading.value !== null),
    ),
    ...SMALL,
  ]
    .filter((kind, at, all) => all.indexOf(kind) === at)
    .slice(0, SMALL.length);
  const before = useBefore();
  const answer = (name: Kind) => ({
    kind: kinds.find((candidate) => candidate.kind === name),
    reading: readings.find((candidate) => candidate.kind === name),
    before: before.readings.find((candidate) => candidate.kind === name),
    than: before.than,
    verdict: judged.find((candidate) => candidate.kind === name),
  });
  return (
    <section
      aria-label="Readings"
      aria-busy={late}
      data-unsure={unsure}
      className={`grid h-full min-h-0 content-stretch gap-1.5 lg:grid-rows-[minmax(0,1.15fr)_minmax(0,1fr)] ${late ? "older" : ""}`}
    >
      <div className="grid grid-cols-2 gap-1.5 max-sm:[&>:last-child]:col-span-2 sm:grid-cols-5">
        {QUESTIONS.map(({ name, label, lead }) => {
          const { kind, reading, ...rest } = answer(name);
          return kind && reading ? (
            <Tile key={name} {...rest} {...{ kind, reading, stale, label, lead }} large />
          ) : (
            <Unread key={name} label={label} />
          );
        })}
      </div>
      <div className="grid grid-cols-2 gap-1.5 sm:grid-cols-6">
        {small.map((name) => {
          const { kind, reading, ...rest } = answer(name);
          return kind && reading ? (
            <Tile key={name} {...rest} {...{ kind, reading, stale }} label={kind.title} />
          ) : (
            <Unread key={name} />
          );
        })}
        <button
          type="button"
          onClick={() => setAll(true)}
          className="flex min-h-11 items-center justify-center gap-2 rounded-panel bg-panel px-3 text-sm hover:bg-raised sm:col-start-6"
        >
          <List size={16} aria-hidden />
          All readings
        </button>
      </div>
      <AllReadings open={all} onClose={() => setAll(false)} kinds={kinds} />
    </section>
  );
}

/** The place of a tile before there is an answer; which small ones there will be is not known yet. */
function Unread({ label = "" }: { label?: string }) {
  return (
    <div className="flex min-h-11 flex-col justify-between rounded-panel bg-panel px-3 py-2 text-soft text-xs">
      <span>{label}</span>
      <span aria-hidden>—</span>
    </div>
  );
}

/** What the readings are held against: the take that is compared with, or the state before the last move. */
function useBefore(): { readings: Reading[]; than: string } {
  const moved = useReadBefore();
  const take = useTakes(comparedTake);
  const read = useQuery({
    queryKey: ["readings-of-take", take?.id],
    queryFn: ({ signal }) => api.readings((take as Take).set, signal),
    enabled: take !== undefined,
    staleTime: Infinity,
  });
  return take
    ? { readings: read.data?.readings ?? [], than: `${take.name}:` }
    : { readings: moved, than: "was" };
}

type TileProps = {
  kind: ReadingKind;
  reading: Reading;
  label: string;
  /** What its figure is of. */
  lead?: string;
  large?: boolean;
  /** The set has since become impossible: this is the last value that could be. */
  stale: boolean;
  /** What it is held against, and what that is called. */
  before: Reading | undefined;
  than: string;
  /** Where it lies in the band of the look, if that asks for it. */
  verdict: Verdict | undefined;
};

function Tile({
  kind,
  reading,
  label,
  lead,
  large = false,
  stale,
  before,
  than,
  verdict,
}: TileProps) {
  const length = useLength();
  const said = useSaid();
  const shown = reading.value === null ? null : figure(kind, reading.value, length);
  const wasShown = typeof before?.value === "number" ? figure(kind, before.value, length) : null;
  const was = wasShown && (before?.text || wasShown.text);
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
        <span className="flex justify-between gap-2 text-soft text-xs leading-tight">
          <span className="min-w-0">{label}</span>
          {large && shown && was && was !== (reading.text || shown.text) && (
            <span className="shrink-0 whitespace-nowrap" data-testid="was">
              {than} {was}
            </span>
          )}
        </span>
        {shown ? (
          <span className={`block min-w-0 ${stale ? "text-soft" : ""}`}>
            {large && <Word word={reading.text || reading.word} alarm={reading.alarm} />}
            <span className="block truncate whitespace-nowrap" data-testid="figure">
              {large && reading.text ? (
                <span className={reading.alarm ? "text-alarm text-sm" : "text-soft text-sm"}>
                  {reading.word}
                </span>
              ) : (
                <>
                  {lead && <span className="mr-1 text-soft text-sm">{lead}</span>}
                  <span
                    className={large ? "font-semibold" : "font-semibold text-xl leading-none"}
                    data-testid="value"
                  >
                    {reading.text || shown.text}
                  </span>
                  <span className="ml-1 text-soft text-sm">
                    {reading.text || (verdict?.words && !large) ? "" : shown.unit}
                  </span>
                  {verdict?.words && (
                    <span className="ml-1 text-sand text-sm" data-testid="misses">
                      {verdict.words}
                    </span>
                  )}
                  {/* last: what goes when the set is at rest moves nothing */}
                  {give(reading) && <span className="ml-1 text-soft text-xs">{give(reading)}</span>}
                </>
              )}
            </span>
          </span>
        ) : (
          <span
            className="line-clamp-2 text-soft text-xs leading-tight"
            title={said(reading.note)}
            data-testid="why-not"
          >
            {said(reading.note) || "—"}
          </span>
        )}
        {verdict && shown && <BandBar verdict={verdict} />}
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

/** What photographers call it, larger than its figure. */
function Word({ word, alarm }: { word: string; alarm: boolean }) {
  return (
    <span
      className={`block truncate font-semibold leading-tight ${alarm ? "text-alarm" : ""} ${word.length > 12 ? "text-[17px]" : "text-[22px]"}`}
      data-testid="word"
    >
      {word}
    </span>
  );
}
