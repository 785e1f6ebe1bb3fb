import { useQueries } from "@tanstack/react-query";
import { ArrowUpDown, Check, CookingPot, Undo2, UtensilsCrossed } from "lucide-react";
import { type ReactNode, useState } from "react";
import { records } from "../api/records";
import type { RunSheet, RunSheetRow, Shoot, ShootEvent } from "../api/types";
import { Button } from "../ui/Button";
import { Menu } from "../ui/Menu";
import { minuteOf, useNow } from "./clock";
import { takeBackLast, told } from "./events";
import { Rehearsal } from "./Rehearsal";
import { Steps } from "./Steps";
import { change } from "./shoot";
import { clockTime, stopwatch } from "./times";
import { moved } from "./turns";

/** Later than planned by less nobody says so, minutes. */
const ON_TIME = 0.5;

/** How often what was kept is counted. */
const KEPT_MS = 5000;

type Props = {
  shoot: Shoot;
  sheet: RunSheet;
  events: ShootEvent[];
  /** Whether a newer sheet is being worked out: another dish may be next. */
  waiting: boolean;
  lostSince: number | null;
  onReplan: () => void;
};

/** While it is photographed: the clock, this dish and for how long it holds, the next one and what is moved for it. */
export function OnSet({ shoot, sheet, events, waiting, lostSince, onReplan }: Props) {
  const time = useNow();
  const minute = minuteOf(sheet, time);
  const next = sheet.rows[0];
  const due = sheet.onTable ? sheet.onTable.until : next?.starts;
  const late = due === undefined ? 0 : minute - due;
  return (
    <section aria-label="On set" className="space-y-3">
      <div className="flex items-end gap-4">
        <p className="font-semibold text-6xl leading-none tracking-tight" data-testid="set-clock">
          {clockTime(Math.floor(minute))}
        </p>
        <p className="pb-0.5 text-soft">
          {sheet.done.length} of {shoot.dishes.length} done
          <br />
          last frame at {clockTime(sheet.ends)}
        </p>
      </div>
      <Rehearsal shoot={shoot} sheet={sheet} />
      {lostSince && (
        <p role="status" className="rounded-md bg-raised px-3 py-2">
          No connection since {new Date(lostSince).toTimeString().slice(0, 5)}. What you tell is
          kept, and sent when it is back.
        </p>
      )}
      {late > ON_TIME && (
        <div
          role="status"
          data-testid="late"
          className="flex items-center gap-3 rounded-md border border-sand px-3 py-2"
        >
          <span className="min-w-0 flex-1 font-medium text-sand">
            {Math.round(late) || "Half a"} min behind the sheet
          </span>
          <Button look="strong" onClick={onReplan}>
            Replan from now
          </Button>
        </div>
      )}
      {sheet.onTable && (
        <OnTable shoot={shoot} sheet={sheet} onTable={sheet.onTable} minute={minute} />
      )}
      {next && (
        <Next
          row={next}
          shoot={shoot}
          sheet={sheet}
          events={events}
          waiting={waiting}
          minute={minute}
        />
      )}
      {!next && !sheet.onTable && (
        <p className="rounded-panel border border-line bg-panel p-4 text-lg">
          {shoot.dishes.length === 0
            ? "There is no dish on this shoot yet."
            : "All dishes are done."}
        </p>
      )}
      <div className="flex flex-wrap items-center gap-1">
        <Button disabled={events.length === 0} onClick={() => void takeBackLast()}>
          <Undo2 size={15} /> Take the last one back
        </Button>
      </div>
      {sheet.done.length > 0 && (
        <ul aria-label="Done" className="space-y-1">
          {sheet.done.map((key) => (
            <li key={key} className="flex items-center gap-2 text-soft">
              <Check size={15} aria-hidden /> <span className="flex-1">{nameOf(shoot, key)}</span>
              <Button className="h-7" onClick={() => told(key, "AGAIN")}>
                Again
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

const nameOf = (shoot: Shoot, key: string) =>
  shoot.dishes.find((dish) => dish.key === key)?.name ?? key;

function Large(props: {
  name: string;
  onClick: () => void;
  strong?: boolean;
  disabled?: boolean;
  children: ReactNode;
}) {
  return (
    <Button
      look={props.strong ? "strong" : "outline"}
      className="h-12 px-4 text-base max-sm:h-14 max-sm:flex-1"
      disabled={props.disabled}
      data-testid={`tell-${props.name}`}
      onClick={props.onClick}
    >
      {props.children}
    </Button>
  );
}

type OnTableProps = {
  shoot: Shoot;
  sheet: RunSheet;
  onTable: NonNullable<RunSheet["onTable"]>;
  minute: number;
};

function OnTable({ shoot, sheet, onTable, minute }: OnTableProps) {
  const holds = onTable.holdsUntil - minute;
  return (
    <div className="rounded-panel border-2 border-sand bg-panel p-4" data-testid="on-table">
      <p className="text-soft">On the table since {clockTime(onTable.since)}</p>
      <p className="font-semibold text-2xl leading-tight">{nameOf(shoot, onTable.key)}</p>
      <p className={`mt-1 text-lg ${holds < 2 ? "text-alarm" : ""}`}>
        {holds > 0 ? `Looks good for ${stopwatch(holds)} more` : "Past the time it looks good"}
        <span className="text-soft">; reckoned done at {clockTime(onTable.until)}</span>
      </p>
      {onTable.eatenBy != null && (
        <p className="mt-1" data-testid="eaten-by">
          Eaten or thrown away by {clockTime(onTable.eatenBy)}.{" "}
          <span className="text-soft text-xs">{sheet.eatenCaution}</span>
        </p>
      )}
      <Kept shoot={shoot} dish={onTable.key} since={sheet.began} />
      <div className="mt-3 flex flex-wrap gap-2">
        <Large name="done" strong onClick={() => told(onTable.key, "DONE")}>
          <Check size={18} /> Done
        </Large>
        <Large name="again" onClick={() => told(onTable.key, "AGAIN")}>
          Again later
        </Large>
      </div>
    </div>
  );
}

/** Which pictures are wanted of it, and how many frames and takes were kept on their sets since the shoot began. */
function Kept({ shoot, dish, since }: { shoot: Shoot; dish: string; since: string }) {
  const shots = shoot.dishes.find(({ key }) => key === dish)?.shots ?? [];
  const counts = useQueries({
    queries: shots.map(({ set }) => ({
      queryKey: ["kept", set, since],
      queryFn: () => (set.kind === "kept-set" ? records.count(set.id, since) : 0),
      refetchInterval: KEPT_MS,
    })),
  });
  return (
    <ul className="mt-2" data-testid="kept">
      {shots.map((shot, i) => (
        <li key={shot.title} className="flex gap-2">
          <span className="min-w-0 flex-1 truncate">{shot.title}</span>
          <span className="text-soft">{framesKept(counts[i]?.data)}</span>
        </li>
      ))}
    </ul>
  );
}

function framesKept(count: number | undefined): string {
  if (count === undefined) return "";
  return count === 0 ? "nothing kept yet" : `${count} kept`;
}

type NextProps = {
  row: RunSheetRow;
  shoot: Shoot;
  sheet: RunSheet;
  events: ShootEvent[];
  waiting: boolean;
  minute: number;
};

function Next({ row, shoot, sheet, events, waiting, minute }: NextProps) {
  const cooking = sheet.cooking.includes(row.key);
  const stands = row.change.length === 0 && events.some((event) => event.dish === row.key);
  const until = row.kitchenStarts - minute;
  return (
    <div className="rounded-panel border border-line bg-panel p-4" data-testid="next-dish">
      <p className="text-soft">
        Next, at {clockTime(row.starts)}
        {!cooking &&
          (until > 0
            ? `; the kitchen begins in ${stopwatch(until)}`
            : "; the kitchen has to begin now")}
        {cooking && `; in the kitchen, ready at ${clockTime(row.ready)}`}
      </p>
      <p className="font-semibold text-2xl leading-tight">{row.name}</p>
      <div className="mt-3 flex flex-wrap gap-2">
        {!cooking && (
          <Large name="cooking" disabled={waiting} onClick={() => told(row.key, "COOKING")}>
            <CookingPot size={18} /> Kitchen begins
          </Large>
        )}
        {!stands && (
          <Large name="stands" disabled={waiting} onClick={() => told(row.key, "SET_STANDS")}>
            Set stands
          </Large>
        )}
        <Large
          name="on-table"
          strong={!sheet.onTable}
          disabled={waiting}
          onClick={() => {
            if (sheet.onTable) told(sheet.onTable.key, "DONE");
            told(row.key, "ON_TABLE");
          }}
        >
          <UtensilsCrossed size={18} /> On the table
        </Large>
        <Instead shoot={shoot} sheet={sheet} />
      </div>
      <div className="mt-3">
        {stands ? <p className="text-soft">Its set stands.</p> : <Steps steps={row.change} />}
        <SetLink shoot={shoot} row={row} />
      </div>
    </div>
  );
}

/** Another dish takes the next turn; the rest is ordered anew about it. */
function Instead({ shoot, sheet }: { shoot: Shoot; sheet: RunSheet }) {
  const [open, setOpen] = useState(false);
  const others = sheet.rows.slice(1);
  if (others.length === 0) return null;
  const next = sheet.done.length + (sheet.onTable ? 1 : 0) + 1;
  return (
    <Menu
      name="Another one first"
      align="start"
      open={open}
      onOpen={setOpen}
      className="grid max-h-80 w-72 gap-1 overflow-y-auto"
      trigger={
        <Button look="outline" className="h-12 px-4 text-base max-sm:h-14">
          <ArrowUpDown size={18} /> Another one first
        </Button>
      }
    >
      {others.map((row, at) => (
        <Button
          key={row.key}
          className="justify-start"
          onClick={() => {
            change("dishes", moved(shoot.dishes, row.key, next + 1 + at, next));
            setOpen(false);
          }}
        >
          {row.name}
        </Button>
      ))}
    </Menu>
  );
}

/** The page with every line to measure for it. */
function SetLink({ shoot, row }: { shoot: Shoot; row: RunSheetRow }) {
  const set = shoot.dishes.find((dish) => dish.key === row.key)?.shots[0]?.set;
  if (set?.kind !== "kept-set") return null;
  return (
    <p className="mt-2">
      <a className="underline" href={`#/stand/${set.id}`}>
        At the stand: every measure of it
      </a>
    </p>
  );
}
