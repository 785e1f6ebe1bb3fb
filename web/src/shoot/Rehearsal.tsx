import type { RunSheet, Shoot } from "../api/types";
import { Button } from "../ui/Button";
import { endRehearsal, minuteOf, now, rehearse, useRehearsal, wind } from "./clock";
import { useEvents } from "./events";

const SPEEDS = [1, 10, 60];
const DAY = 24 * 60;

/** A shoot is gone through beforehand with a made clock; nobody else hears of what is told then. */
export function Rehearsal({ shoot, sheet }: { shoot: Shoot; sheet: RunSheet }) {
  const rehearsal = useRehearsal((state) => state.rehearsal);
  if (!rehearsal) {
    const minute = minuteOf(sheet, now());
    const elsewhen = minute < sheet.begins - 60 || minute > Math.max(DAY, shoot.endsHours * 60);
    return (
      <p className="text-soft">
        {elsewhen && "It is not the day and hour of this shoot. "}
        <Button
          look="outline"
          className="h-8"
          data-testid="rehearse"
          onClick={() => {
            useEvents.setState({ rehearsed: [] });
            rehearse(Date.parse(sheet.began), 1);
          }}
        >
          Rehearse it with a made clock
        </Button>
      </p>
    );
  }
  return (
    <fieldset
      aria-label="Rehearsal"
      className="flex flex-wrap items-center gap-1 rounded-md border border-edge/60 border-dashed px-3 py-1.5"
    >
      <span className="mr-auto text-soft">Rehearsal; nobody else hears of it</span>
      {SPEEDS.map((speed) => (
        <Button
          key={speed}
          className={`h-8 px-2 ${rehearsal.speed === speed ? "bg-raised font-semibold text-sand" : ""}`}
          aria-pressed={rehearsal.speed === speed}
          onClick={() => wind({ speed })}
        >
          {speed}×
        </Button>
      ))}
      <Button className="h-8 px-2" onClick={() => wind({ minutes: 1 })}>
        +1 min
      </Button>
      <Button className="h-8 px-2" onClick={() => wind({ minutes: 5 })}>
        +5 min
      </Button>
      <Button className="h-8 px-2" onClick={endRehearsal}>
        End it
      </Button>
    </fieldset>
  );
}
