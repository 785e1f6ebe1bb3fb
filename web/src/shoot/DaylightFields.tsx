import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Daylight, Shoot, Window } from "../api/types";
import { Choice, Select } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { WINDOWS } from "../fields/kinds";
import { NumberField } from "../fields/NumberField";
import { useLength } from "../set/preferences";
import { angle, clock, lux, percent } from "../set/units";
import { change } from "./shoot";
import { timeOfDay } from "./times";

const MEASURED = {
  "not-measured": { kind: "not-measured" },
  "measured-at": { kind: "measured-at", illuminanceLux: 200, timeHours: 12 },
};

const DAYLIGHTS: Record<Daylight["kind"], Daylight> = {
  "no-daylight": { kind: "no-daylight" },
  "window-daylight": {
    kind: "window-daylight",
    latitudeDegrees: 50,
    longitudeDegrees: 0,
    bearingDegrees: 180,
    sky: "overcast",
    passes: 0.7,
    window: WINDOWS["side-window"],
    measured: { kind: "not-measured" },
  },
};

/** The window of the room and the sky before it, from which the room's light through the day is estimated. */
export function DaylightFields({ shoot }: { shoot: Shoot }) {
  const length = useLength();
  const { daylight } = shoot;
  const at = (name: string) => `daylight.${name}`;
  return (
    <section aria-label="Daylight" className="space-y-2">
      <h3 className="font-medium">Daylight</h3>
      <div className="grid grid-cols-2 gap-2">
        <KindChoice path="daylight" label="In the room" kinds={DAYLIGHTS} />
        {daylight.kind === "window-daylight" && (
          <>
            <Choice path={at("sky")} label="Sky" />
            <NumberField path={at("latitudeDegrees")} label="Latitude, north" quantity={angle} />
            <NumberField path={at("longitudeDegrees")} label="Longitude, east" quantity={angle} />
            <NumberField
              path={at("bearingDegrees")}
              label="Window faces, from north"
              quantity={angle}
              wraps
            />
            <NumberField path={at("passes")} label="Its glass lets in" quantity={percent} />
            <PlaceWindow now={daylight.window} />
            <NumberField path={at("window.clockHours")} label="Clock" quantity={clock} wraps />
            <NumberField
              path={at("window.distanceMetres")}
              label="From the hero"
              quantity={length}
            />
            <NumberField
              path={at("window.sillMetres")}
              label="Sill above the table"
              quantity={length}
            />
            <NumberField path={at("window.widthMetres")} label="Width" quantity={length} />
            <NumberField path={at("window.heightMetres")} label="Height" quantity={length} />
            <KindChoice path={at("measured")} label="Room with the light off" kinds={MEASURED} />
            {daylight.measured.kind === "measured-at" && (
              <>
                <NumberField
                  path={at("measured.illuminanceLux")}
                  label="Room light"
                  quantity={lux}
                />
                <NumberField
                  path={at("measured.timeHours")}
                  label="Measured at"
                  quantity={timeOfDay}
                />
              </>
            )}
          </>
        )}
      </div>
      {daylight.kind === "window-daylight" && (
        <p className="text-soft text-xs leading-snug">
          An estimate from the height of the sun and the sky of the CIE. A reading with the light
          off, once on the day, takes in walls, trees and houses.
        </p>
      )}
    </section>
  );
}

const OWN = "As below";

/** The windows of the kit's places. */
function PlaceWindow({ now }: { now: Window }) {
  const kit = useQuery({ queryKey: ["kit"], queryFn: api.kit });
  const windows = (kit.data?.kit.places ?? []).flatMap(({ name, ambient: { window } }) =>
    window.kind === "side-window" ? [{ name, window }] : [],
  );
  if (windows.length === 0) return null;
  const here = windows.find(({ window }) => JSON.stringify(window) === JSON.stringify(now));
  return (
    <Select
      label="Window of"
      value={here?.name ?? OWN}
      choices={[...(here ? [] : [OWN]), ...windows.map(({ name }) => name)]}
      testId="daylight-window"
      verbatim
      onChoose={(name) => {
        const found = windows.find((one) => one.name === name);
        if (found) change("daylight.window", found.window);
      }}
    />
  );
}
