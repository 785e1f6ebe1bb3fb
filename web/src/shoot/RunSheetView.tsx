import { ArrowDown, ArrowUp, ChevronDown, ChevronRight, Pin, PinOff } from "lucide-react";
import { useState } from "react";
import type { RunSheet, RunSheetRow, Shoot } from "../api/types";
import { Button, SymbolButton } from "../ui/Button";
import { Axis, Lanes, type Span, spanOf } from "./Lanes";
import { RoomLane, roomWords } from "./RoomLane";
import { Steps } from "./Steps";
import { change } from "./shoot";
import { clockTime, minutesLong } from "./times";
import { freed, moved } from "./turns";

const COLUMNS =
  "grid grid-cols-[3.5rem_minmax(9rem,15rem)_1fr_auto] gap-x-3 max-sm:grid-cols-[3rem_1fr_auto]";

type Props = {
  shoot: Shoot;
  sheet: RunSheet;
  current: boolean;
  chosen: string | null;
  onChoose: (key: string) => void;
};

/** The dishes in the order in which they are best photographed, each with its times and why it comes there. */
export function RunSheetView({ shoot, sheet, current, chosen, onChoose }: Props) {
  const span = spanOf(sheet);
  const pinned = shoot.dishes.some((dish) => dish.turn.kind === "turn-at");
  return (
    <section aria-label="Run sheet" aria-busy={!current} className={current ? "" : "older"}>
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-1 pb-2">
        <p className="text-soft" data-testid="sheet-sum">
          {sheet.rows.length} {sheet.rows.length === 1 ? "dish" : "dishes"}, moving takes{" "}
          {minutesLong(sheet.changing)}, last frame at {clockTime(sheet.ends)}
          {!current && "; working it out anew …"}
        </p>
        {pinned && (
          <Button className="-my-1 h-7" onClick={() => change("dishes", freed(shoot.dishes))}>
            <PinOff size={15} /> Let all move
          </Button>
        )}
      </div>
      <div className={`${COLUMNS} px-2`} aria-hidden>
        <span />
        <span />
        <div className="max-sm:hidden">
          <Axis span={span} />
        </div>
        <span className="w-[8.5rem] max-sm:hidden" />
      </div>
      {sheet.room.length > 0 && (
        <div className={`${COLUMNS} items-center px-2 pb-1`} data-testid="room-lane">
          <span />
          <p className="min-w-0 text-soft text-xs leading-tight max-sm:col-span-2">
            <span className="font-medium text-ink">Room light</span> {roomWords(sheet.room)}
          </p>
          <div className="max-sm:hidden">
            <RoomLane room={sheet.room} span={span} />
          </div>
          <span className="w-[8.5rem] max-sm:hidden" />
        </div>
      )}
      <ol className="space-y-1">
        {sheet.rows.map((row, at) => (
          <Row
            key={row.key}
            row={row}
            at={at}
            all={sheet.rows}
            shoot={shoot}
            span={span}
            done={sheet.done.length + (sheet.onTable ? 1 : 0)}
            chosen={row.key === chosen}
            onChoose={() => onChoose(row.key)}
          />
        ))}
      </ol>
      <Legend />
    </section>
  );
}

type RowProps = {
  row: RunSheetRow;
  at: number;
  all: RunSheetRow[];
  shoot: Shoot;
  span: Span;
  /** Dishes that have had their turn. */
  done: number;
  chosen: boolean;
  onChoose: () => void;
};

function Row({ row, at, all, shoot, span, done, chosen, onChoose }: RowProps) {
  const [open, setOpen] = useState(false);
  const dish = shoot.dishes.find(({ key }) => key === row.key);
  const turn = done + at + 1;
  const pinned = dish?.turn.kind === "turn-at";
  const minutes = row.change.reduce((sum, step) => sum + step.minutes, 0);
  const put = (to: number) => change("dishes", moved(shoot.dishes, row.key, turn, to));
  const pin = () =>
    pinned
      ? change(
          "dishes",
          shoot.dishes.map((one) =>
            one.key === row.key ? { ...one, turn: { kind: "any-turn" as const } } : one,
          ),
        )
      : put(turn);
  return (
    <li
      className={`rounded-md border bg-panel px-2 py-1.5 ${chosen ? "border-sand" : "border-line"}`}
      data-testid={`row-${row.key}`}
    >
      <div className={`${COLUMNS} items-center`}>
        <span className="font-semibold text-lg" data-testid="row-starts">
          {clockTime(row.starts)}
        </span>
        <button
          type="button"
          className="min-w-0 rounded text-left hover:text-sand"
          onClick={onChoose}
        >
          <span className="block truncate font-medium">{row.name}</span>
          <span className="block truncate text-soft text-xs" title={row.why}>
            {row.why}
          </span>
        </button>
        <div className="max-sm:hidden">
          <Lanes row={row} span={span} />
        </div>
        <span className="flex w-[8.5rem] items-center justify-end max-sm:w-auto">
          <SymbolButton
            name={pinned ? "Let it move" : "Keep it in this turn"}
            className={`w-8 px-0 max-sm:w-11 ${pinned ? "text-sand" : ""}`}
            aria-pressed={pinned}
            onClick={pin}
          >
            <Pin size={15} className={pinned ? "fill-current" : ""} />
          </SymbolButton>
          <SymbolButton
            name="Earlier"
            className="w-8 px-0 max-sm:hidden"
            disabled={at === 0}
            onClick={() => put(turn - 1)}
          >
            <ArrowUp size={15} />
          </SymbolButton>
          <SymbolButton
            name="Later"
            className="w-8 px-0 max-sm:hidden"
            disabled={at === all.length - 1}
            onClick={() => put(turn + 1)}
          >
            <ArrowDown size={15} />
          </SymbolButton>
          <SymbolButton
            name={open ? "Hide what is moved" : "What is moved"}
            className="w-8 px-0 max-sm:w-11"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            {open ? <ChevronDown size={16} /> : <ChevronRight size={16} />}
          </SymbolButton>
        </span>
      </div>
      {open && (
        <div className="mt-2 border-line border-t pt-2 pb-1" data-testid="row-steps">
          <p className="mb-2 text-soft">
            {minutesLong(minutes)} from {clockTime(row.changeStarts)}; the kitchen begins at{" "}
            {clockTime(row.kitchenStarts)}
            {row.plates > 1 && ` and makes ${row.plates} plates`}, ready at {clockTime(row.ready)},
            holds until {clockTime(row.holdsUntil)}, photographed until {clockTime(row.ends)}.
            {row.roomOff != null && Math.abs(row.roomOff) >= 0.1 && (
              <>
                {" "}
                The room is then about {Math.abs(row.roomOff).toFixed(1)} stops{" "}
                {row.roomOff > 0 ? "brighter" : "darker"} than its set wants it.
              </>
            )}
          </p>
          <Steps steps={row.change} />
          {row.within.map((steps, i) => (
            <div key={`${row.key} ${dish?.shots[i + 1]?.title}`} className="mt-3">
              <p className="mb-1.5 text-soft">Then, for “{dish?.shots[i + 1]?.title}”:</p>
              <Steps steps={steps} />
            </div>
          ))}
        </div>
      )}
    </li>
  );
}

function Legend() {
  return (
    <p
      className="flex flex-wrap gap-x-5 gap-y-1 px-2 pt-2 text-soft text-xs max-sm:hidden"
      aria-hidden
    >
      <span className="flex items-center gap-1.5">
        <i className="hatched inline-block h-3 w-6 rounded-sm border border-edge/70" /> moving
      </span>
      <span className="flex items-center gap-1.5">
        <i className="inline-block h-3 w-6 rounded-sm bg-sand" /> photographed
      </span>
      <span className="flex items-center gap-1.5">
        <i className="inline-block h-0.5 w-6 bg-edge" /> kitchen
      </span>
      <span className="flex items-center gap-1.5">
        <i className="inline-block h-2.5 w-6 rounded-r-full border border-edge/70 border-dashed" />{" "}
        looks good
      </span>
    </p>
  );
}
