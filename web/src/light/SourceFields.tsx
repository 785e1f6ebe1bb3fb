import type { Source } from "../api/types";
import { Choice } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { DIALS, FLASH_OUTPUTS, LED_OUTPUTS, SOURCES } from "../fields/kinds";
import { MarkChoice } from "../fields/MarkChoice";
import { aperture } from "../fields/marks";
import { NumberField } from "../fields/NumberField";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import { useLength } from "../set/preferences";
import {
  angle,
  guideNumber,
  kelvin,
  lumens,
  lumensPerWatt,
  lux,
  millimetres,
  mired,
  percent,
  plain,
  seconds,
  stops,
  wattSeconds,
} from "../set/units";

/** What makes the light: a field is there when the kind of source has it. */
export function SourceFields({ at }: { at: string }) {
  const length = useLength();
  const owner = useOwner();
  const source = owner && (valueAt(owner.value, at) as Source | undefined);
  if (!source) return null;
  const flash = source.kind === "battery-flash" || source.kind === "mains-flash";
  const output = `${at}.output`;
  return (
    <>
      <KindChoice path={at} label="Source" kinds={SOURCES} />
      <KindChoice path={output} label="Stated by" kinds={flash ? FLASH_OUTPUTS : LED_OUTPUTS} />
      <NumberField
        path={`${output}.guideNumberMetres`}
        label="Guide number"
        quantity={guideNumber}
      />
      <NumberField
        path={`${output}.statedAtMetres`}
        label="Stated at zoom"
        quantity={millimetres}
      />
      <NumberField path={`${output}.energyWattSeconds`} label="Energy" quantity={wattSeconds} />
      <NumberField
        path={`${output}.efficacyLumensPerWatt`}
        label="Efficacy"
        quantity={lumensPerWatt}
      />
      <MarkChoice
        path={`${output}.apertureFNumber`}
        label="Metered"
        scale="apertures"
        show={aperture}
      />
      <NumberField path={`${output}.fromMetres`} label="From" quantity={length} />
      <NumberField path={`${output}.atOneMetreLux`} label="At one metre" quantity={lux} />
      <NumberField path={`${output}.fluxLumens`} label="Flux" quantity={lumens} />
      <NumberField path={`${at}.zoomMetres`} label="Zoom" quantity={millimetres} />
      <NumberField path={`${at}.beamAngleDegrees`} label="Beam angle" quantity={angle} />
      {"name" in source && <p className="self-end pb-2 text-sm leading-tight">{source.name}</p>}
      <NumberField path={`${at}.colourTemperatureKelvin`} label="Colour" quantity={kelvin} />
      <NumberField path={`${at}.recycleSeconds`} label="Recycles in" quantity={seconds} />
      <NumberField path={`${at}.burst`} label="Full flashes in a row" quantity={plain} />
    </>
  );
}

/** A gel: what it shifts the colour by, and what it lets pass. */
export function GelFields({ at }: { at: string }) {
  return (
    <>
      <NumberField path={`${at}.shiftMired`} label="Gel shifts by" quantity={mired} />
      <NumberField path={`${at}.red`} label="Gel passes red" quantity={percent} />
      <NumberField path={`${at}.green`} label="Gel passes green" quantity={percent} />
      <NumberField path={`${at}.blue`} label="Gel passes blue" quantity={percent} />
    </>
  );
}

/** The light's own power control. */
export function DialFields({ at }: { at: string }) {
  return (
    <>
      <KindChoice path={at} label="Control" kinds={DIALS} />
      <NumberField path={`${at}.lowest`} label="Lowest" quantity={percent} />
      <NumberField path={`${at}.step`} label="Step" quantity={percent} />
      <Choice path={`${at}.dimming`} label="Dims" />
      <NumberField path={`${at}.top`} label="Full is" quantity={plain} />
      <NumberField path={`${at}.rangeStops`} label="Goes down by" quantity={stops} />
      <Choice path={`${at}.step`} label="In steps of" />
    </>
  );
}
