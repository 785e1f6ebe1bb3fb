import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { Choice, Select } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { DOORS, FILLINGS, SPREADS } from "../fields/kinds";
import { NumberField } from "../fields/NumberField";
import { PartFields } from "../fields/PartFields";
import { useAnswers, useLate } from "../set/answers";
import { attempt } from "../set/attempt";
import { downloadLight } from "../set/files";
import { useLength, useSaid } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { angle, clock } from "../set/units";
import { FilePick, usePicker } from "../ui/FilePick";
import { tell } from "../ui/notices";
import { PanelButton } from "../ui/PanelButton";
import { PowerWays } from "./PowerWays";
import { Remote } from "./Remote";
import { ShaperFields } from "./ShaperFields";
import { DialFields, GelFields, SourceFields } from "./SourceFields";

/** Where the light is. */
export function PlacePanel() {
  const length = useLength();
  return (
    <>
      <NumberField path="light.clockHours" label="Clock" quantity={clock} wraps />
      <NumberField path="light.heightAngleDegrees" label="Height angle" quantity={angle} />
      <NumberField path="light.distanceMetres" label="Distance" quantity={length} />
      <NumberField path="light.aim.xMetres" label="Aim right" quantity={length} />
      <NumberField path="light.aim.yMetres" label="Aim back" quantity={length} />
      <NumberField path="light.aim.zMetres" label="Aim up" quantity={length} />
    </>
  );
}

/** The surface the light comes from. */
export function FacePanel() {
  return (
    <>
      <ShaperFields at="light" />
      <KindChoice path="light.doors" label="Barn doors" kinds={DOORS} />
      <PartFields path="light.doors" />
    </>
  );
}

/** What makes the light. */
export function SourcePanel() {
  return (
    <>
      <SourceFields at="light.source" />
      <GelFields at="light.gel" />
      <LampFiles />
    </>
  );
}

/** Photometric files in and out. */
function LampFiles() {
  const picker = usePicker();
  return (
    <>
      <FilePick
        picker={picker}
        accept=".ies,.IES,text/plain"
        label="Photometric file"
        testId="lamp-file"
        onFile={(file) => void openLamp(file)}
      />
      <div className="min-w-0">
        <p className="text-soft text-xs">IES file</p>
        <div className="mt-0.5 grid grid-cols-2 gap-1">
          <PanelButton name="Open IES file" onClick={() => picker.current?.click()}>
            Open
          </PanelButton>
          <PanelButton name="Save as IES file" onClick={() => void writeLight()}>
            Save
          </PanelButton>
        </div>
      </div>
    </>
  );
}

async function openLamp(file: File): Promise<void> {
  const lamp = await attempt(() => api.openLampFile(file));
  const { set, change } = useTable.getState();
  if (!lamp || !set) return;
  change("light", {
    ...set.light,
    ...lamp,
    spread: SPREADS.bare,
    losses: [],
    filling: FILLINGS["evenly-lit"],
  });
  tell("The lamp is on the table, bare", { action: takeBack() });
}

async function writeLight(): Promise<void> {
  const { possible } = useTable.getState();
  if (possible) await downloadLight(possible);
}

/** The light's own control, and the mark to set. */
export function PowerPanel() {
  const fixed = useTable((table) => table.set?.light.powerChoice === "fixed");
  const said = useSaid();
  const power = useAnswers((answers) => answers.readings.find(({ kind }) => kind === "POWER"));
  const late = useLate();
  return (
    <>
      <Choice path="light.powerChoice" label="Power" />
      {fixed && <FixedMark />}
      <div className="min-w-0" data-testid="mark">
        <p className="text-soft text-xs">{fixed ? "Stands at" : "Set"}</p>
        <p className="mt-0.5 flex h-9 items-center whitespace-nowrap font-semibold text-lg">
          {power?.text || "—"}
        </p>
      </div>
      {power?.note && (
        <p
          className={`col-span-full text-sm ${power.alarm ? "text-alarm" : "text-soft"}`}
          data-testid="power-note"
        >
          {said(power.note)}.
        </p>
      )}
      <PowerWays />
      <Remote mark={late ? "" : (power?.text ?? "")} />
      <DialFields at="light.source.dial" />
    </>
  );
}

/** Where a fixed control stands, by its own marks. */
function FixedMark() {
  const set = useTable((table) => table.possible);
  const power = useTable((table) => table.set?.light.powerStops ?? 0);
  const dial = JSON.stringify(set?.light.source.dial);
  const marks = useQuery({
    queryKey: ["dial-marks", dial],
    queryFn: () => (set ? api.dialMarks(set) : Promise.resolve([])),
    enabled: set !== null,
    staleTime: Infinity,
  });
  const all = marks.data ?? [];
  const now = all.reduce<(typeof all)[number] | undefined>(
    (best, mark) =>
      best && Math.abs(best.belowStops - power) <= Math.abs(mark.belowStops - power) ? best : mark,
    undefined,
  );
  if (!now) return null;
  return (
    <Select
      label="Turned to"
      value={now.text}
      choices={all.map(({ text }) => text)}
      testId="light.powerStops"
      onChoose={(word) => {
        const chosen = all.find(({ text }) => text === word);
        if (chosen) useTable.getState().change("light.powerStops", chosen.belowStops);
      }}
    />
  );
}
