import { useRef } from "react";
import { api } from "../api/client";
import { useAnswers } from "../readings/answers";
import { attempt, downloadLight } from "../sets/actions";
import { useLength } from "../table/preferences";
import { useTable } from "../table/store";
import {
  angle,
  clock,
  guideNumber,
  kelvin,
  lumens,
  lumensPerWatt,
  lux,
  millimetres,
  mired,
  percent,
  plain,
  stops,
  wattSeconds,
} from "../table/units";
import { tell } from "../ui/notices";
import { Choice } from "./Choice";
import { KindChoice } from "./KindChoice";
import { DIALS, FILLINGS, FLASH_OUTPUTS, faces, LED_OUTPUTS, SOURCES, SPREADS } from "./kinds";
import { MarkChoice } from "./MarkChoice";
import { aperture } from "./marks";
import { NumberField } from "./NumberField";
import { PanelButton } from "./PanelButton";

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
  const length = useLength();
  const face = useTable((table) => table.set?.light.face);
  const spread = useTable((table) => table.set?.light.spread.kind);
  const filling = useTable((table) => table.set?.light.filling.kind);
  if (!face) return null;
  return (
    <>
      <KindChoice path="light.face" label="Shape" kinds={faces(face)} />
      {face.kind === "rectangle" && (
        <>
          <NumberField path="light.face.widthMetres" label="Width" quantity={length} />
          <NumberField path="light.face.heightMetres" label="Height" quantity={length} />
          <PanelButton onClick={turn}>Turn 90°</PanelButton>
        </>
      )}
      {face.kind === "strip" && (
        <>
          <NumberField path="light.face.lengthMetres" label="Length" quantity={length} />
          <NumberField path="light.face.breadthMetres" label="Breadth" quantity={length} />
          <Choice path="light.face.stance" label="Turned" />
        </>
      )}
      {face.kind === "disc" && (
        <NumberField path="light.face.diameterMetres" label="Across" quantity={length} />
      )}
      {face.kind === "octagon" && (
        <NumberField path="light.face.acrossFlatsMetres" label="Side to side" quantity={length} />
      )}
      <KindChoice path="light.filling" label="Filled" kinds={FILLINGS} />
      {filling === "hot-spot" && (
        <NumberField path="light.filling.sideStops" label="Centre to side" quantity={stops} />
      )}
      {filling === "from-behind" && (
        <NumberField path="light.filling.gapMetres" label="Source behind it" quantity={length} />
      )}
      <KindChoice path="light.spread" label="Gives its light" kinds={SPREADS} />
      {spread === "beam" && (
        <NumberField path="light.spread.power" label="Power of cosine" quantity={plain} />
      )}
      {spread === "gridded" && (
        <>
          <NumberField
            path="light.spread.cellWidthMetres"
            label="Cell width"
            quantity={millimetres}
          />
          <NumberField
            path="light.spread.cellDepthMetres"
            label="Cell depth"
            quantity={millimetres}
          />
          <NumberField path="light.spread.axialLossStops" label="Grid loss" quantity={stops} />
        </>
      )}
    </>
  );
}

function turn() {
  const { set, change } = useTable.getState();
  if (set?.light.face.kind !== "rectangle") return;
  const { widthMetres, heightMetres } = set.light.face;
  change("light.face", { kind: "rectangle", widthMetres: heightMetres, heightMetres: widthMetres });
}

/** What makes the light, and what is lost of it on the way to the face. */
export function SourcePanel() {
  const length = useLength();
  const source = useTable((table) => table.set?.light.source);
  if (!source) return null;
  const output = "output" in source ? source.output.kind : null;
  const flash = source.kind === "battery-flash" || source.kind === "mains-flash";
  const at = "light.source.output";
  return (
    <>
      <KindChoice path="light.source" label="Source" kinds={SOURCES} />
      {output && (
        <KindChoice path={at} label="Stated by" kinds={flash ? FLASH_OUTPUTS : LED_OUTPUTS} />
      )}
      {output === "guide-number" && (
        <>
          <NumberField
            path={`${at}.guideNumberMetres`}
            label="Guide number"
            quantity={guideNumber}
          />
          <NumberField
            path={`${at}.statedAtMetres`}
            label="Stated at zoom"
            quantity={millimetres}
          />
        </>
      )}
      {output === "watt-seconds" && (
        <>
          <NumberField path={`${at}.energyWattSeconds`} label="Energy" quantity={wattSeconds} />
          <NumberField
            path={`${at}.efficacyLumensPerWatt`}
            label="Efficacy"
            quantity={lumensPerWatt}
          />
        </>
      )}
      {output === "metered-aperture" && (
        <>
          <MarkChoice
            path={`${at}.apertureFNumber`}
            label="Metered"
            scale="apertures"
            show={aperture}
          />
          <NumberField path={`${at}.fromMetres`} label="From" quantity={length} />
        </>
      )}
      {output === "lux-at-one-metre" && (
        <NumberField path={`${at}.atOneMetreLux`} label="At one metre" quantity={lux} />
      )}
      {output === "lumens" && (
        <NumberField path={`${at}.fluxLumens`} label="Flux" quantity={lumens} />
      )}
      {source.kind === "battery-flash" && (
        <NumberField path="light.source.zoomMetres" label="Zoom" quantity={millimetres} />
      )}
      {"beamAngleDegrees" in source && (
        <NumberField path="light.source.beamAngleDegrees" label="Beam angle" quantity={angle} />
      )}
      {source.kind === "measured-lamp" && (
        <p className="self-end pb-2 text-sm leading-tight">{source.name}</p>
      )}
      <NumberField path="light.lossStops" label="Lost on the way" quantity={stops} />
      <NumberField path="light.source.colourTemperatureKelvin" label="Colour" quantity={kelvin} />
      <NumberField path="light.gelMired" label="Gel" quantity={mired} />
      <LampFiles />
    </>
  );
}

/** Photometric files in and out. */
function LampFiles() {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept=".ies,.IES,text/plain"
        aria-label="Photometric file"
        data-testid="lamp-file"
        className="hidden"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) void openLamp(file);
        }}
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
  const { set, change, undo } = useTable.getState();
  if (!lamp || !set) return;
  change("light", {
    ...set.light,
    ...lamp,
    spread: SPREADS.bare,
    lossStops: 0,
    filling: FILLINGS["evenly-lit"],
  });
  tell("The lamp is on the table, bare", { action: { label: "Take it back", run: undo } });
}

async function writeLight(): Promise<void> {
  const { possible } = useTable.getState();
  if (possible) await downloadLight(possible);
}

/** The light's own control, and the mark to set. */
export function PowerPanel() {
  const dial = useTable((table) => table.set?.light.source.dial.kind);
  const fixed = useTable((table) => table.set?.light.powerChoice === "fixed");
  const power = useAnswers((answers) => answers.readings.find(({ kind }) => kind === "POWER"));
  const at = "light.source.dial";
  return (
    <>
      <Choice path="light.powerChoice" label="Power" />
      {fixed && <NumberField path="light.powerStops" label="Below full" quantity={stops} />}
      <div className="min-w-0" data-testid="mark">
        <p className="text-soft text-xs">{fixed ? "Stands at" : "Set"}</p>
        <p className="mt-0.5 flex h-9 items-center whitespace-nowrap font-semibold text-lg">
          {power?.text || "—"}
        </p>
      </div>
      <KindChoice path={at} label="Control" kinds={DIALS} />
      {dial === "percent" ? (
        <>
          <NumberField path={`${at}.lowest`} label="Lowest" quantity={percent} />
          <NumberField path={`${at}.step`} label="Step" quantity={percent} />
          <Choice path={`${at}.dimming`} label="Dims" />
        </>
      ) : (
        <>
          {dial === "stop-scale" && (
            <NumberField path={`${at}.top`} label="Full is" quantity={plain} />
          )}
          <NumberField path={`${at}.rangeStops`} label="Goes down by" quantity={stops} />
          <Choice path={`${at}.step`} label="In steps of" />
        </>
      )}
      {power?.note && <p className="col-span-full text-alarm text-sm">{power.note}.</p>}
    </>
  );
}
