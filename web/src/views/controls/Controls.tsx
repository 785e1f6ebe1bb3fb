import { Tabs } from "radix-ui";
import type { ReactNode } from "react";
import { CameraPanel, FramePanel } from "../../camera/CameraPanels";
import { CardsPanel } from "../../cards/CardsPanel";
import { DishPanel, PropsPanel } from "../../dish/DishPanels";
import { ChainPanel } from "../../kit/ChainPanel";
import { BasePanel } from "../../light/BasePanel";
import { FacePanel, PlacePanel, PowerPanel, SourcePanel } from "../../light/LightPanels";
import { RoomPanel } from "../../room/RoomPanel";
import { useShaping } from "../../set/picked";

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
