import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { type FormEvent, useState } from "react";
import { api } from "../api/client";
import type { MeterReading, NextAnswer, RoomAlone, TableSet } from "../api/types";
import { Select } from "../fields/Choice";
import { attempt, attemptLong } from "../set/attempt";
import { PRACTICE_KIT } from "../set/practice";
import { useTable } from "../set/store";
import { signedStops } from "../set/units";
import { Button } from "../ui/Button";
import { TextInput } from "../ui/TextInput";
import { Next } from "./PatchTable";
import { Room } from "./Room";
import { useTether } from "./tether";

type Kind = MeterReading["kind"];

const KINDS: Record<Kind, string> = {
  F_NUMBER: "f-number, light fired",
  EXPOSURE_VALUE: "EV at ISO 100",
  LUX: "Lux",
};

/**
 * What was read off a hand meter on this set, and what the newest reading tells.
 *
 * @param held readings that all else does not bear out
 */
export function HandMeter({ held }: { held: string[] }) {
  const id = useTable((table) => table.id);
  const possible = useTable((table) => table.possible);
  const stands = useTable((table) => table.possible !== null && table.possible === table.set);
  const queries = useQueryClient();
  const readings = useMeterReadings(id);
  const [kind, setKind] = useState<Kind>("F_NUMBER");
  const [typed, setTyped] = useState("");
  const [told, setTold] = useState<Told | null>(null);
  const practice = useTether()?.practice === true;
  const value = Number(typed.trim().replace(/^f\/?/i, "").replace(",", "."));
  if (!id || !readings) return null;
  const changed = (now: MeterReading[]) => queries.setQueryData(["meter-readings", id], now);
  const keep = async (event: FormEvent) => {
    event.preventDefault();
    if (!possible) return;
    const read = await attemptLong("Working out what the meter should say …", (signal) =>
      api.addMeterReading(id, { kind, value, set: possible }, signal),
    );
    if (!read) return;
    setTyped("");
    setTold({
      of: read.reading.id,
      stood: butForPower(possible),
      next: read.told.next,
      room: read.told.room,
    });
    changed([...readings, read.reading]);
  };
  const readIt = async () => {
    const shown =
      possible && (await attempt(() => api.readPracticeMeter(PRACTICE_KIT, kind, possible)));
    if (shown) setTyped(String(Number(shown.value.toPrecision(3))));
  };
  const remove = async (reading: MeterReading) => {
    if (await attempt(() => api.deleteMeterReading(reading.id)))
      changed(readings.filter((one) => one !== reading));
  };
  const newest = readings.at(-1);
  // what is to be set is told of the set as it stood, whatever its power
  const tells =
    told && told.of === newest?.id && possible && told.stood === butForPower(possible)
      ? told
      : null;
  return (
    <section aria-label="Hand meter" className="mt-4 border-line border-t pt-3">
      <h3 className="font-semibold">Hand meter</h3>
      <p className="text-soft text-xs">
        Held level on the hero’s lit top, dome or disc up. A flash set’s lux and EV are the room’s.
      </p>
      <form className="mt-1 flex items-end gap-2" onSubmit={keep}>
        <div className="w-44">
          <Select
            label="It shows"
            value={KINDS[kind]}
            choices={Object.values(KINDS)}
            testId="meter-kind"
            verbatim
            onChoose={(words) =>
              setKind((Object.keys(KINDS) as Kind[]).find((one) => KINDS[one] === words) ?? kind)
            }
          />
        </div>
        <TextInput
          label="What the hand meter shows"
          placeholder={kind === "F_NUMBER" ? "5.6" : kind === "LUX" ? "640" : "8"}
          value={typed}
          onChange={setTyped}
        />
        {practice && (
          <Button disabled={!stands} onClick={() => void readIt()}>
            Read it
          </Button>
        )}
        <Button
          type="submit"
          look="outline"
          disabled={!stands || typed.trim() === "" || Number.isNaN(value)}
        >
          Keep it
        </Button>
      </form>
      {tells && (
        <div className="mt-2">
          {tells.next ? <Next next={tells.next} /> : <Room room={tells.room} />}
        </div>
      )}
      {readings.length > 0 && (
        <ul className="mt-2 text-sm" aria-label="Readings of the hand meter">
          {readings.map((reading) => (
            <li
              key={reading.id}
              className="flex items-center gap-2 border-line border-t py-0.5 tabular-nums"
            >
              <span className="min-w-0 flex-1">
                {shown(reading)}
                {held.includes(reading.id) && (
                  <span className="block text-alarm text-xs">
                    Held back: frames and other readings say otherwise
                  </span>
                )}
              </span>
              <span className="font-semibold">
                {reading.off === null ? "not predicted" : `${signedStops(reading.off)} stop`}
              </span>
              <Button
                aria-label={`Forget ${shown(reading)}`}
                className="w-9 px-0"
                onClick={() => void remove(reading)}
              >
                <Trash2 size={15} />
              </Button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What a reading tells, as long as it is the newest and the set stands as it did. */
type Told = { of: string; stood: string; next: NextAnswer | null; room: RoomAlone | null };

function butForPower(set: TableSet): string {
  return JSON.stringify({ ...set, light: { ...set.light, powerChoice: "", powerStops: 0 } });
}

export function useMeterReadings(id: string | null): MeterReading[] | undefined {
  return useQuery({
    queryKey: ["meter-readings", id],
    queryFn: ({ signal }) => api.meterReadings(id ?? "", signal),
    enabled: id !== null,
  }).data;
}

function shown({ kind, value }: MeterReading): string {
  switch (kind) {
    case "F_NUMBER":
      return `f/${value}`;
    case "EXPOSURE_VALUE":
      return `EV ${value}`;
    case "LUX":
      return `${value} lx`;
  }
}
