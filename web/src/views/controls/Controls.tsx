import {
  Camera,
  Layers,
  PanelBottomClose,
  PanelBottomOpen,
  Soup,
  SunMedium,
  Warehouse,
} from "lucide-react";
import { Tabs } from "radix-ui";
import { type ReactNode, useRef } from "react";
import { ExposurePanel, FramePanel, MeterPanel } from "../../camera/CameraPanels";
import { CardsPanel } from "../../cards/CardsPanel";
import { DishPanel, PropsPanel, SurfacesPanel } from "../../dish/DishPanels";
import { ChainPanel } from "../../kit/ChainPanel";
import { BasePanel } from "../../light/BasePanel";
import { FacePanel, PlacePanel, PowerPanel, SourcePanel } from "../../light/LightPanels";
import { AmbientPanel, WallsPanel } from "../../room/RoomPanel";
import {
  type Part,
  SUBJECTS,
  type Subject,
  subjectOf,
  useWorked,
  workOn,
  workOnSubject,
} from "../../set/picked";
import { useView } from "../../set/view";
import { PART_LABELS, SUBJECT_LABELS } from "./labels";

const SYMBOLS: Record<Subject, typeof Soup> = {
  dish: Soup,
  room: Warehouse,
  light: SunMedium,
  fill: Layers,
  camera: Camera,
};

const PANELS: Record<Part, () => ReactNode> = {
  hero: DishPanel,
  props: PropsPanel,
  surfaces: SurfacesPanel,
  frame: FramePanel,
  ambient: AmbientPanel,
  walls: WallsPanel,
  place: PlacePanel,
  chain: ChainPanel,
  shaper: FacePanel,
  source: SourcePanel,
  power: PowerPanel,
  cards: CardsPanel,
  base: BasePanel,
  exposure: ExposurePanel,
  meter: MeterPanel,
};

const isSmall = () => window.innerWidth < 640;

/** Every number and choice of the set, to type: five subjects in the order of work, each with its parts. */
export function Controls() {
  const part = useWorked((worked) => worked.part);
  const subject = subjectOf(part);
  const panel = useRef<HTMLDivElement>(null);
  return (
    <Tabs.Root
      value={subject}
      onValueChange={(next) => workOnSubject(next as Subject)}
      className="flex h-full min-h-0 flex-col rounded-panel bg-panel max-lg:scroll-mt-[47vh]"
      aria-label="The set in numbers"
      ref={panel}
    >
      <Tabs.List
        aria-label="Subjects"
        className="flex border-line border-b px-1.5 max-sm:fixed max-sm:inset-x-0 max-sm:bottom-0 max-sm:z-20 max-sm:border-t max-sm:border-b-0 max-sm:bg-panel"
      >
        {(Object.keys(SUBJECTS) as Subject[]).map((name) => {
          const Drawn = SYMBOLS[name];
          return (
            <Tabs.Trigger
              key={name}
              value={name}
              // on a phone the subjects stand under the thumb, and the numbers may be out of sight
              onClick={() => isSmall() && panel.current?.scrollIntoView({ block: "start" })}
              className="-mb-px flex h-10 flex-auto items-center justify-center gap-1.5 border-transparent border-b-2 px-1.5 font-medium text-soft hover:text-ink data-[state=active]:border-sand data-[state=active]:text-ink max-sm:h-14 max-sm:flex-1 max-sm:flex-col max-sm:gap-0.5 max-sm:px-0 max-sm:text-xs"
            >
              <Drawn size={16} aria-hidden />
              <span className="whitespace-nowrap">{SUBJECT_LABELS[name]}</span>
            </Tabs.Trigger>
          );
        })}
      </Tabs.List>
      <Tabs.Content
        value={subject}
        className="flex min-h-0 flex-1 flex-col outline-none"
        tabIndex={-1}
      >
        <Parts subject={subject} part={part} />
      </Tabs.Content>
    </Tabs.Root>
  );
}

function Parts({ subject, part }: { subject: Subject; part: Part }) {
  const Panel = PANELS[part];
  return (
    <Tabs.Root
      value={part}
      onValueChange={(next) => workOn(next as Part)}
      className="relative flex min-h-0 flex-1 flex-col"
    >
      <Tabs.List
        aria-label={`Parts of ${SUBJECT_LABELS[subject].toLowerCase()}`}
        className="flex shrink-0 gap-1 overflow-x-auto pt-2 pr-10 pl-2.5"
      >
        {SUBJECTS[subject].map((name) => (
          <Tabs.Trigger
            key={name}
            value={name}
            className="h-7 whitespace-nowrap rounded-full px-2.5 text-soft text-sm hover:text-ink data-[state=active]:bg-raised data-[state=active]:text-ink max-sm:h-11 max-sm:px-4"
          >
            {PART_LABELS[name]}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      <Tabs.Content
        key={part}
        value={part}
        data-panel
        className="grid min-h-0 auto-rows-max grid-cols-2 content-start gap-x-3 gap-y-2 overflow-y-auto px-3 pt-2 pb-3 sm:grid-cols-3"
      >
        <Panel />
      </Tabs.Content>
      <TallButton />
    </Tabs.Root>
  );
}

/** Lets the numbers take the place of the view from the side, and gives it back. */
function TallButton() {
  const { tall, toggle } = useView();
  const name = tall ? "Show the view from the side" : "Larger panel, over the view from the side";
  const Drawn = tall ? PanelBottomClose : PanelBottomOpen;
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      onClick={() => toggle("tall")}
      className="absolute top-2 right-2 grid size-7 place-items-center rounded text-soft hover:bg-raised hover:text-ink max-lg:hidden"
    >
      <Drawn size={16} aria-hidden />
    </button>
  );
}
