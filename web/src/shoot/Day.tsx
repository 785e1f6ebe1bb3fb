import { Plus, X } from "lucide-react";
import type { Shoot } from "../api/types";
import { NumberField } from "../fields/NumberField";
import { Button, SymbolButton } from "../ui/Button";
import { Balance } from "./Balance";
import { DaylightFields } from "./DaylightFields";
import { Line } from "./Line";
import { change } from "./shoot";
import { count, minutes, timeOfDay } from "./times";

/** The day itself: client, hours, kitchen, what has a fixed time, the brief and the people. */
export function Day({ shoot }: { shoot: Shoot }) {
  return (
    <div className="space-y-3">
      <div className="grid grid-cols-2 gap-2">
        <Line path="title" label="Shoot" most={80} />
        <Line path="client" label="Client" most={80} />
        <label className="block min-w-0 text-soft text-xs">
          Day
          <input
            type="date"
            value={shoot.date}
            data-testid="date"
            onChange={(event) => event.target.value && change("date", event.target.value)}
            className="mt-0.5 block h-9 w-full rounded-md border border-edge/60 bg-raised px-2.5 font-medium text-ink text-sm max-sm:h-11"
          />
        </label>
        <Line path="zone" label="Time zone" most={60} />
        <NumberField path="startsHours" label="Setting up from" quantity={timeOfDay} />
        <NumberField path="endsHours" label="Last frame by" quantity={timeOfDay} />
        <NumberField path="kitchenHours" label="Kitchen from" quantity={timeOfDay} />
        <NumberField path="stations" label="Dishes it makes at a time" quantity={count} />
      </div>
      <List
        name="Fixed times"
        add="Add a break"
        parts={shoot.appointments}
        fresh={{ title: "Break", startsHours: freeAt(shoot), lastsMinutes: 15 }}
        path="appointments"
      >
        {(at) => (
          <>
            <Line path={`appointments.${at}.title`} label="What" most={80} />
            <NumberField
              path={`appointments.${at}.startsHours`}
              label="From"
              quantity={timeOfDay}
            />
            <NumberField path={`appointments.${at}.lastsMinutes`} label="For" quantity={minutes} />
          </>
        )}
      </List>
      <DaylightFields shoot={shoot} />
      <List
        name="Brief"
        add="Add a line"
        parts={shoot.brief}
        fresh={{ text: "Where the pictures will be used, formats, space for text" }}
        path="brief"
        wide
      >
        {(at) => <Line path={`brief.${at}.text`} label={`Line ${at + 1}`} most={400} />}
      </List>
      <List
        name="People"
        add="Add somebody"
        parts={shoot.people}
        fresh={{ name: "Assistant", does: "stands and cards" }}
        path="people"
        wide
      >
        {(at) => (
          <div className="grid grid-cols-[2fr_3fr] gap-2">
            <Line path={`people.${at}.name`} label="Who" most={80} />
            <Line path={`people.${at}.does`} label="Does" most={120} />
          </div>
        )}
      </List>
      <Balance />
      <p className="text-soft text-xs leading-snug">
        Tell guests that it flashes before the first frame; some must not sit near repeated flashes.
        Hot lamps off cloth, cables flat, stands weighed down. Local rules come first.
      </p>
    </div>
  );
}

/** A time at which nothing is fixed yet. */
function freeAt({ appointments, startsHours }: Shoot): number {
  const last = Math.max(
    startsHours + 1,
    ...appointments.map((one) => one.startsHours + one.lastsMinutes / 60),
  );
  return Math.min(29, Math.ceil(last * 4) / 4);
}

type ListProps<T> = {
  name: string;
  add: string;
  parts: T[];
  fresh: T;
  path: string;
  /** A part takes the whole width. */
  wide?: boolean;
  children: (at: number) => React.ReactNode;
};

function List<T>({ name, add, parts, fresh, path, wide = false, children }: ListProps<T>) {
  return (
    <section aria-label={name}>
      <div className="flex items-center justify-between">
        <h3 className="font-medium">{name}</h3>
        <Button className="h-7 px-2" onClick={() => change(path, [...parts, fresh])}>
          <Plus size={14} /> {add}
        </Button>
      </div>
      <ul className="space-y-2">
        {parts.map((_, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: parts have no name of their own
          <li key={at} className="flex items-end gap-1">
            <div className={`min-w-0 flex-1 ${wide ? "" : "grid grid-cols-[2fr_1fr_1fr] gap-2"}`}>
              {children(at)}
            </div>
            <SymbolButton
              name="Take it out"
              className="w-8 px-0 max-sm:w-11"
              onClick={() =>
                change(
                  path,
                  parts.filter((_, i) => i !== at),
                )
              }
            >
              <X size={15} />
            </SymbolButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
