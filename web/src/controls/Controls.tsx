import { Tabs } from "radix-ui";
import type { ReactNode } from "react";
import type { Dish } from "../api/types";
import { useLength } from "../table/preferences";
import { useTable } from "../table/store";
import { kelvin, lux, millimetres, percent, stops } from "../table/units";
import { Choice, Select } from "./Choice";
import { DISHES } from "./dishes";
import { FacePanel, PlacePanel, PowerPanel, SourcePanel } from "./LightPanels";
import { MarkChoice } from "./MarkChoice";
import { aperture, shutter, speed } from "./marks";
import { NumberField } from "./NumberField";

const TABS: { value: string; label: string; panel: () => ReactNode }[] = [
  { value: "place", label: "Place", panel: PlacePanel },
  { value: "face", label: "Face", panel: FacePanel },
  { value: "source", label: "Source", panel: SourcePanel },
  { value: "power", label: "Power", panel: PowerPanel },
  { value: "camera", label: "Camera", panel: CameraPanel },
  { value: "frame", label: "Frame", panel: FramePanel },
  { value: "dish", label: "Dish", panel: DishPanel },
  { value: "room", label: "Room", panel: RoomPanel },
];

/** Every number and choice of the set, to type. */
export function Controls() {
  return (
    <Tabs.Root
      defaultValue="place"
      className="flex h-full min-h-0 flex-col overflow-y-auto rounded-panel bg-panel px-3 pt-1 pb-3"
      aria-label="The set in numbers"
    >
      <Tabs.List aria-label="Parts of the set" className="flex flex-wrap border-line border-b">
        {TABS.map(({ value, label }) => (
          <Tabs.Trigger
            key={value}
            value={value}
            className="-mb-px h-10 border-transparent border-b-2 px-2 font-medium text-soft hover:text-ink data-[state=active]:border-sand data-[state=active]:text-ink max-sm:h-11"
          >
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {TABS.map(({ value, panel: Panel }) => (
        <Tabs.Content
          key={value}
          value={value}
          className="grid grid-cols-2 content-start gap-x-3 gap-y-2 pt-2.5 sm:grid-cols-3"
        >
          <Panel />
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}

function DishPanel() {
  const length = useLength();
  const kind = useTable((table) => table.set?.dish.kind);
  const size = (name: string, label: string) => (
    <NumberField path={`dish.${name}`} label={label} quantity={length} />
  );
  return (
    <>
      <Select
        label="Kind"
        value={kind ?? "plate"}
        choices={Object.keys(DISHES)}
        testId="dish.kind"
        onChoose={(word) => useTable.getState().change("dish", DISHES[word as Dish["kind"]])}
      />
      {kind === "plate" && (
        <>
          {size("diameterMetres", "Plate across")}
          {size("rimHeightMetres", "Rim height")}
          <Choice path="dish.surface" label="Plate" />
          {size("foodDiameterMetres", "Food across")}
          {size("foodHeightMetres", "Food height")}
          <Choice path="dish.food" label="Food" />
        </>
      )}
      {kind === "bowl" && (
        <>
          {size("diameterMetres", "Bowl across")}
          {size("rimHeightMetres", "Rim height")}
          <Choice path="dish.surface" label="Bowl" />
          <NumberField path="dish.fill" label="Filled to" quantity={percent} />
          <Choice path="dish.contents" label="Contents" />
        </>
      )}
      {kind === "block" && (
        <>
          {size("widthMetres", "Width")}
          {size("depthMetres", "Depth")}
          {size("blockHeightMetres", "Height")}
          <Choice path="dish.surface" label="Surface" />
        </>
      )}
      {kind === "drum" && (
        <>
          {size("bottomDiameterMetres", "Across, bottom")}
          {size("topDiameterMetres", "Across, top")}
          {size("drumHeightMetres", "Height")}
          <Choice path="dish.side" label="Side" />
          <Choice path="dish.lid" label="Top" />
        </>
      )}
    </>
  );
}

function FramePanel() {
  const length = useLength();
  return (
    <>
      <Choice path="camera.angle" label="Angle" />
      <NumberField path="camera.framedWidthMetres" label="Framed width" quantity={length} />
      <NumberField path="camera.focalLengthMetres" label="Focal length" quantity={millimetres} />
      <NumberField path="camera.sensorWidthMetres" label="Sensor width" quantity={millimetres} />
      <NumberField path="camera.sensorHeightMetres" label="Sensor height" quantity={millimetres} />
    </>
  );
}

function CameraPanel() {
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

function RoomPanel() {
  const length = useLength();
  return (
    <>
      <NumberField path="ambient.illuminanceLux" label="Room light" quantity={lux} />
      <NumberField path="ambient.colourTemperatureKelvin" label="Its colour" quantity={kelvin} />
      <NumberField path="ambient.buriedAtStops" label="Buried at" quantity={stops} />
      <Choice path="tableTop.surface" label="Table top" />
      <Choice path="backdrop.surface" label="Backdrop" />
      <NumberField path="backdrop.distanceMetres" label="Backdrop behind" quantity={length} />
      <NumberField path="backdrop.widthMetres" label="Backdrop width" quantity={length} />
      <NumberField path="backdrop.heightMetres" label="Backdrop height" quantity={length} />
    </>
  );
}
