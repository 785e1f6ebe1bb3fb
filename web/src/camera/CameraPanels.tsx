import { Choice, Select } from "../fields/Choice";
import { KindChoice } from "../fields/KindChoice";
import { METERING_POINTS } from "../fields/kinds";
import { MarkChoice } from "../fields/MarkChoice";
import { aperture, shutter, speed } from "../fields/marks";
import { NumberField } from "../fields/NumberField";
import { PartFields } from "../fields/PartFields";
import { useMarks } from "../fields/useMarks";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { angle, kelvin, millimetres, percent, stops } from "../set/units";
import { useView } from "../set/view";
import { PanelButton } from "../ui/PanelButton";

/** The usual angles; any other is typed. */
function AngleChoice() {
  const elevation = useTable((table) => table.set?.camera.elevationDegrees);
  const marks = useMarks();
  const usual = marks?.angles ?? [];
  const now = usual.find(({ degrees }) => degrees === elevation)?.word ?? "free";
  return (
    <Select
      label="Angle"
      value={now}
      choices={[...usual.map(({ word }) => word), ...(now === "free" ? ["free"] : [])]}
      testId="camera.angle"
      onChoose={(word) => {
        const chosen = usual.find((angle) => angle.word === word);
        if (chosen) useTable.getState().change("camera.elevationDegrees", chosen.degrees);
      }}
    />
  );
}

export function FramePanel() {
  const length = useLength();
  return (
    <>
      <AngleChoice />
      <NumberField path="camera.elevationDegrees" label="Lens above the table" quantity={angle} />
      <NumberField path="camera.framedWidthMetres" label="Framed width" quantity={length} />
      <NumberField path="camera.focalLengthMetres" label="Focal length" quantity={millimetres} />
      <NumberField path="camera.sensorWidthMetres" label="Sensor width" quantity={millimetres} />
      <NumberField path="camera.sensorHeightMetres" label="Sensor height" quantity={millimetres} />
      <NumberField path="camera.shiftRightMetres" label="Moved right" quantity={length} />
      <NumberField path="camera.shiftUpMetres" label="Moved up" quantity={length} />
      <Choice path="camera.textSpace.side" label="Space for text" />
      <NumberField path="camera.textSpace.share" label="Of the frame" quantity={percent} />
    </>
  );
}

/** Takes the metering point up in the picture. */
function PointInPicture() {
  const on = useView((view) => view.tool === "meter");
  return (
    <div className="min-w-0">
      <p className="text-soft text-xs">In the picture</p>
      <div className="mt-0.5">
        <PanelButton
          name="Point the meter in the picture"
          pressed={on}
          onClick={() => useView.getState().take("meter")}
        >
          {on ? "Click there …" : "Point there"}
        </PanelButton>
      </div>
    </div>
  );
}

export function ExposurePanel() {
  return (
    <>
      <MarkChoice
        path="exposure.apertureFNumber"
        label="Aperture"
        scale="apertures"
        show={aperture}
      />
      <MarkChoice path="exposure.shutterSeconds" label="Shutter" scale="shutters" show={shutter} />
      <MarkChoice path="exposure.speedIso" label="Speed" scale="speeds" show={speed} />
      <NumberField path="exposure.biasStops" label="Exposure bias" quantity={stops} />
      <NumberField path="exposure.whiteBalanceKelvin" label="White balance" quantity={kelvin} />
      <MarkChoice
        path="exposure.syncLimitSeconds"
        label="Sync limit"
        scale="shutters"
        show={shutter}
      />
    </>
  );
}

/** Where the meter reads, and how. */
export function MeterPanel() {
  return (
    <>
      <Choice path="exposure.metering.mode" label="Meter" />
      <KindChoice path="exposure.metering.point" label="It reads" kinds={METERING_POINTS} />
      <PointInPicture />
      <PartFields path="exposure.metering.point" />
    </>
  );
}
