import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import type { TableSet } from "../api/types";
import { Choice, Select } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { ROOMS, WINDOWS } from "../fields/kinds";
import { NumberField } from "../fields/NumberField";
import { PartFields } from "../fields/PartFields";
import { useKit } from "../kit/store";
import { inPlace, same } from "../kit/use";
import { useAnswers } from "../set/answers";
import { attempt } from "../set/attempt";
import { asking, putAnswer } from "../set/late";
import { useSaid } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { kelvin, lux, stops } from "../set/units";
import { tell } from "../ui/notices";
import { PanelButton } from "../ui/PanelButton";

/** Where the set stands, and what light is there anyway. */
export function AmbientPanel() {
  const said = useSaid();
  const note = useAnswers(
    (answers) => answers.readings.find(({ kind }) => kind === "AMBIENT_FRAME")?.note,
  );
  return (
    <>
      <PlaceChoice />
      <NumberField path="ambient.illuminanceLux" label="Room light" quantity={lux} />
      <NumberField path="ambient.colourTemperatureKelvin" label="Its colour" quantity={kelvin} />
      <Choice path="ambient.purpose" label="It is to be" />
      <NumberField path="ambient.buriedAtStops" label="Buried at" quantity={stops} />
      <FoundOut />
      {note && (
        <p className="col-span-full text-sm leading-snug" data-testid="room-note">
          {said(note)}.
        </p>
      )}
      <BuryRoom />
      <NumberField path="ambient.hourlyStops" label="Changes an hour by" quantity={stops} />
      <NumberField path="ambient.afterHours" label="Hours after" quantity={hours} />
    </>
  );
}

/** What stands round the table. */
export function WallsPanel() {
  return (
    <>
      <KindChoice path="room" label="Walls" kinds={ROOMS} />
      <PartFields path="room" />
      <KindChoice path="ambient.window" label="Window" kinds={WINDOWS} />
      <PartFields path="ambient.window" />
    </>
  );
}

/** The settings that bury the room, where the light can keep up with them: one press. */
function BuryRoom() {
  const set = useTable((table) => table.possible);
  const said = useSaid();
  const shows = useQuery({
    queryKey: ["room-shows", set],
    queryFn: ({ signal }) => api.findings(set as TableSet, signal, "ROOM_SHOWS"),
    enabled: set !== null,
    gcTime: 10_000,
  });
  const buried = shows.data?.[0];
  if (!buried?.set) return null;
  const { set: tried, action } = buried;
  return (
    <PanelButton
      className="col-span-full justify-self-start"
      onClick={() => {
        const asked = asking(set);
        if (asked && putAnswer(asked, tried)) {
          tell(`${said(action)}: done`, { action: takeBack() });
        }
      }}
    >
      {said(action)}
    </PanelButton>
  );
}

const hours = { ...stops, unit: "h", step: 0.5, coarse: 2 };

const NOWHERE = "As on the table";

/** The places of the kit: a white kitchen or a dark dining room is one choice away. */
function PlaceChoice() {
  const set = useTable((table) => table.set);
  const places = useKit((state) => state.kit?.places ?? NONE);
  if (!set) return null;
  const here = places.find((one) => same(inPlace(set, one), set));
  return (
    <Select
      label="Place"
      value={here?.name ?? NOWHERE}
      choices={[...(here ? [] : [NOWHERE]), ...places.map(({ name }) => name)]}
      testId="kit-place"
      verbatim
      onChoose={(name) => {
        const place = places.find((one) => one.name === name);
        if (place) useTable.getState().replace(inPlace(set, place));
      }}
    />
  );
}

const NONE: never[] = [];

const WAYS = ["kind-of-room", "meter", "frame-with-the-light-off"];

/** The ways in which one finds out how bright a room is. */
function FoundOut() {
  const [way, setWay] = useState(WAYS[0] ?? "");
  const places = useQuery({
    queryKey: ["place-lights"],
    queryFn: api.placeLights,
    staleTime: Infinity,
  });
  return (
    <>
      <Select label="Found out by" value={way} choices={WAYS} testId="room-by" onChoose={setWay} />
      {way === "kind-of-room" ? (
        <Select
          label="It is like"
          value="choose"
          choices={[
            "choose",
            ...(places.data ?? []).map(({ place }) => place.toLowerCase().replaceAll("_", "-")),
          ]}
          testId="room-kind"
          onChoose={(word) => {
            const found = places.data?.find(
              ({ place }) => place.toLowerCase().replaceAll("_", "-") === word,
            );
            const { set, change } = useTable.getState();
            if (found && set) {
              change("ambient", {
                ...set.ambient,
                illuminanceLux: found.lux,
                colourTemperatureKelvin: found.kelvin,
              });
            }
          }}
        />
      ) : (
        <Measured key={way} by={way === "meter" ? "METER" : "FRAME"} />
      )}
    </>
  );
}

/** A meter's EV, or how far from correct a frame without the key came out by the camera's settings now. */
function Measured({ by }: { by: "METER" | "FRAME" }) {
  const [text, setText] = useState("");
  const take = async () => {
    const value = Number(text.trim().replace(",", ".").replace("−", "-"));
    const { possible, set, change } = useTable.getState();
    if (!possible || !set) return;
    if (text.trim() === "" || !Number.isFinite(value)) {
      tell(
        by === "METER"
          ? "Type the meter’s EV at ISO 100 first, such as 7.5"
          : "Type first by how many stops the frame came out, such as −3",
        { tone: "alarm" },
      );
      return;
    }
    const found = await attempt(() => api.roomLevel(by, value, possible));
    if (found) {
      change("ambient.illuminanceLux", Math.min(100_000, Number(found.lux.toPrecision(4))));
    }
  };
  const label = by === "METER" ? "EV at ISO 100" : "Stops from correct";
  return (
    <div className="min-w-0">
      <label className="block text-soft text-xs">
        {label}
        <span className="mt-0.5 grid grid-cols-[minmax(0,1fr)_auto] gap-1">
          <input
            value={text}
            inputMode="text"
            autoComplete="off"
            data-testid="room-measured"
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => event.key === "Enter" && void take()}
            className="h-9 w-full min-w-0 rounded-md border border-edge/60 bg-raised px-2 font-medium text-base text-ink max-sm:h-11"
          />
          <PanelButton name={`Take over: ${label}`} onClick={() => void take()}>
            Set
          </PanelButton>
        </span>
      </label>
    </div>
  );
}
