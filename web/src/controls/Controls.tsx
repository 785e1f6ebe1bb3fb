import { Tabs } from "radix-ui";
import type { ReactNode } from "react";
import type { Prop } from "../api/types";
import { ChainPanel } from "../kit/ChainPanel";
import { useView } from "../picture/view";
import { BasePanel } from "../shaping/BasePanel";
import { CardsPanel } from "../shaping/CardsPanel";
import { useShaping } from "../shaping/store";
import { useLength } from "../table/preferences";
import { useTable } from "../table/store";
import { angle, kelvin, millimetres, percent, stops } from "../table/units";
import { Choice, Select, spoken } from "./Choice";
import { DISHES } from "./dishes";
import { KindChoice } from "./KindChoice";
import { METERING_POINTS, PROP } from "./kinds";
import { FacePanel, PlacePanel, PowerPanel, SourcePanel } from "./LightPanels";
import { MarkChoice } from "./MarkChoice";
import { aperture, shutter, speed } from "./marks";
import { NumberField } from "./NumberField";
import { PanelButton } from "./PanelButton";
import { PartFields } from "./PartFields";
import { PartList } from "./PartList";
import { RoomPanel } from "./RoomPanel";
import { useMarks } from "./useMarks";

const TABS: { value: string; label: string; panel: () => ReactNode }[] = [
  { value: "place", label: "Place", panel: PlacePanel },
  { value: "chain", label: "Chain", panel: ChainPanel },
  { value: "face", label: "Shaper", panel: FacePanel },
  { value: "source", label: "Source", panel: SourcePanel },
  { value: "power", label: "Power", panel: PowerPanel },
  { value: "camera", label: "Camera", panel: CameraPanel },
  { value: "frame", label: "Frame", panel: FramePanel },
  { value: "dish", label: "Dish", panel: DishPanel },
  { value: "props", label: "Props", panel: PropsPanel },
  { value: "cards", label: "Cards, flags, gobos", panel: CardsPanel },
  { value: "base", label: "Base", panel: BasePanel },
  { value: "room", label: "Room", panel: RoomPanel },
];

/** Every number and choice of the set, to type. */
export function Controls() {
  const tab = useShaping((shaping) => shaping.tab);
  return (
    <Tabs.Root
      value={tab}
      onValueChange={(next) => useShaping.setState({ tab: next })}
      className="flex h-full min-h-0 flex-col overflow-y-auto rounded-panel bg-panel px-3 pt-1 pb-3"
      aria-label="The set in numbers"
    >
      <Tabs.List aria-label="Parts of the set" className="flex flex-wrap border-line border-b">
        {TABS.map(({ value, label }) => (
          <Tabs.Trigger
            key={value}
            value={value}
            className="-mb-px h-8 border-transparent border-b-2 px-2 font-medium text-soft hover:text-ink data-[state=active]:border-sand data-[state=active]:text-ink max-sm:h-11"
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
  return (
    <>
      <KindChoice path="dish" label="Kind" kinds={DISHES} />
      <PartFields path="dish" />
    </>
  );
}

function PropsPanel() {
  return (
    <PartList
      path="props"
      word="Prop"
      fresh={PROP}
      name={(prop: Prop) => spoken(prop.body.kind)}
      fields={(path) => (
        <>
          <KindChoice path={`${path}.body`} label="Kind" kinds={DISHES} />
          <PartFields path={path} />
          <PartFields path={`${path}.body`} />
        </>
      )}
    />
  );
}

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

function FramePanel() {
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
      <Choice path="exposure.metering.mode" label="Meter" />
      <KindChoice path="exposure.metering.point" label="It reads" kinds={METERING_POINTS} />
      <PointInPicture />
      <PartFields path="exposure.metering.point" />
    </>
  );
}
