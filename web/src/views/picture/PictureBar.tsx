import {
  Aperture,
  Camera,
  ChartNoAxesColumn,
  ChartSpline,
  Crosshair,
  Layers as LayersIcon,
  Move,
  Slash,
  Spline,
  TriangleAlert,
} from "lucide-react";
import { Tooltip } from "radix-ui";
import type { ReactNode } from "react";
import type { TableSet } from "../../api/types";
import { showFrames, useFrames } from "../../frames/frames";
import { usePreferences } from "../../set/preferences";
import { useView } from "../../set/view";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";
import { FilesMenu } from "./FilesMenu";
import { ShowOnly } from "./ShowOnly";
import { Takes } from "./Takes";
import { useShown } from "./usePicture";

/** What can be shown, measured and kept of the picture. */
export function PictureBar({ set }: { set: TableSet }) {
  const view = useView();
  const frames = useFrames((state) => state.frames.length);
  return (
    <div
      role="toolbar"
      aria-label="Picture"
      className="flex min-h-9 flex-wrap items-center px-1 max-sm:flex-nowrap max-sm:overflow-x-auto max-sm:[&>*]:shrink-0"
    >
      <ShowOnly set={set} />
      <LayersMenu set={set} />
      <Switch name="Stop lines" on={view.lines} press={() => view.toggle("lines")} words>
        <Spline size={15} />
      </Switch>
      <Switch name="Edge profile" on={view.tool === "profile"} press={() => view.take("profile")}>
        <Slash size={15} />
      </Switch>
      <Switch name="Clipped and blocked" on={view.warnings} press={() => view.toggle("warnings")}>
        <TriangleAlert size={15} />
      </Switch>
      <Switch name="Histogram" on={view.histogram} press={() => view.toggle("histogram")}>
        <ChartNoAxesColumn size={15} />
      </Switch>
      <Switch
        name="Straight sRGB, highlights cut off"
        on={!view.rollOff}
        press={() => view.toggle("rollOff")}
      >
        <ChartSpline size={15} />
      </Switch>
      <Switch name="Depth of field" on={view.deep} press={() => view.toggle("deep")}>
        <Aperture size={15} />
      </Switch>
      <Switch name="Metering point" on={view.tool === "meter"} press={() => view.take("meter")}>
        <Crosshair size={15} />
      </Switch>
      <Switch name="Move the frame" on={view.tool === "frame"} press={() => view.take("frame")}>
        <Move size={15} />
      </Switch>
      <span className="flex-1" />
      <Button
        className="h-8 gap-1.5 px-1.5 max-sm:h-11"
        data-testid="frames"
        onClick={() => showFrames(true)}
      >
        <Camera size={15} aria-hidden /> Frames{" "}
        <span className="w-3 text-left text-soft text-xs">{frames > 0 && frames}</span>
      </Button>
      <Takes />
      <FilesMenu set={set} />
    </div>
  );
}

type SwitchProps = {
  name: string;
  on: boolean;
  press: () => void;
  words?: boolean;
  children: ReactNode;
};

function Switch({ name, on, press, words = false, children }: SwitchProps) {
  const button = (
    <button
      type="button"
      aria-pressed={on}
      aria-label={name}
      onClick={press}
      className={`inline-flex h-8 items-center gap-1.5 rounded-md px-1.5 text-sm max-sm:h-11 max-sm:min-w-11 max-sm:justify-center ${on ? "bg-sand text-on-sand" : "hover:bg-raised"}`}
    >
      {children}
      {words && <span className="max-sm:sr-only">{name}</span>}
    </button>
  );
  if (words) return button;
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>{button}</Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          sideOffset={4}
          className="z-30 rounded bg-ink px-2 py-1 text-ground text-xs"
        >
          {name}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}

const LAYERS: { word: string; label: string; about: string }[] = [
  { word: "key", label: "Key", about: "straight and mirrored" },
  { word: "table", label: "Table", about: "the key by way of table and dishes" },
  { word: "glass", label: "Through glass", about: "the key that glass bends and mirrors" },
  { word: "room", label: "Walls", about: "the key by way of walls and ceiling" },
  { word: "ambient", label: "Room light", about: "what is there without the key" },
  { word: "base", label: "Base light", about: "by whatever way" },
];

function LayersMenu({ set }: { set: TableSet }) {
  const off = useView((view) => view.off);
  const toggle = useView((view) => view.toggleLayer);
  const oneLight = usePreferences((preferences) => preferences.oneLight);
  const news = useShown((shown) => shown.news);
  const here = LAYERS.filter(
    ({ word }) => news?.layers.includes(word) && (word !== "base" || !oneLight),
  );
  const cards = set.cards.map((_, i) => ({
    word: `card-${i + 1}`,
    label: `Card ${i + 1}`,
    about: "the key that it sends back",
  }));
  const hidden = [...here, ...cards].filter(({ word }) => off.includes(word)).length;
  return (
    <Menu
      name="Layers of light"
      align="start"
      className="w-72"
      trigger={
        <Button className="h-8 px-2 max-sm:h-11" data-testid="layers">
          <LayersIcon size={15} aria-hidden /> Layers {hidden > 0 && `(${hidden} off)`}
        </Button>
      }
    >
      {[...here, ...cards].map(({ word, label, about }) => (
        <label
          key={word}
          className="flex min-h-10 cursor-pointer items-center gap-2.5 rounded px-2 hover:bg-raised"
        >
          <input
            type="checkbox"
            checked={!off.includes(word)}
            onChange={() => toggle(word)}
            data-testid={`layer-${word}`}
            className="size-4 accent-sand"
          />
          <span className="text-sm">
            {label} <span className="block text-soft text-xs">{about}</span>
          </span>
        </label>
      ))}
    </Menu>
  );
}
