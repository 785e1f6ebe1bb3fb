import { useQuery } from "@tanstack/react-query";
import { CalendarClock, FileDown, Redo2, Undo2 } from "lucide-react";
import { Tabs } from "radix-ui";
import { useEffect, useState } from "react";
import { api } from "../api/client";
import { type RunSheetFile, shoots } from "../api/shoots";
import type { Shoot, ShootEvent } from "../api/types";
import { attempt } from "../set/attempt";
import { keepFile } from "../set/files";
import { useLength } from "../set/preferences";
import { Button, SymbolButton } from "../ui/Button";
import { Mark } from "../ui/Mark";
import { Menu } from "../ui/Menu";
import { Notices } from "../ui/notices";
import { Alike } from "./Alike";
import { now, useRehearsal } from "./clock";
import { Day } from "./Day";
import { Dishes } from "./Dishes";
import { followShoot, happened, useEvents } from "./events";
import { OnSet } from "./OnSet";
import { ShootOwner } from "./owner";
import { RunSheetView } from "./RunSheetView";
import { openShoot, redo, type Saving, undo, useShoot } from "./shoot";
import { UnmetList } from "./Unmet";
import { useRunSheet } from "./useRunSheet";

type Side = "dishes" | "day" | "set";

const NO_EVENTS: ShootEvent[] = [];

const SHOWN =
  "h-8 flex-1 rounded-md font-medium text-soft data-[state=active]:bg-raised data-[state=active]:text-ink max-sm:h-11";

const SAID: Record<Saving, string> = {
  saved: "saved",
  waiting: "saving …",
  refused: "not saved",
  unreachable: "kept on this page; the server is not answering",
  overtaken: "changed elsewhere too",
};

/** A shoot: its dishes and day on the left, its run sheet on the right; while it is photographed, the clock in their place. */
export function ShootPage({ id }: { id: string }) {
  const { shoot, failed } = useShoot();
  useEffect(() => void openShoot(id), [id]);
  useEffect(() => followShoot(id), [id]);
  useKeys();
  return (
    <div className="flex min-h-full flex-col">
      <Header shoot={shoot} />
      {failed && (
        <p role="alert" className="p-6 text-alarm">
          {failed}{" "}
          <a className="underline" href="#/shoots">
            All shoots
          </a>
        </p>
      )}
      {!shoot && !failed && <p className="p-6 text-soft">Opening it …</p>}
      {shoot && <Opened shoot={shoot} id={id} />}
      <Notices />
    </div>
  );
}

function Opened({ shoot, id }: { shoot: Shoot; id: string }) {
  const [side, setSide] = useState<Side>("dishes");
  const [chosen, setChosen] = useState<string | null>(null);
  const sets = useQuery({ queryKey: ["sets"], queryFn: api.listSets });
  const rehearsing = useRehearsal((state) => state.rehearsal !== null);
  const eventState = useEvents();
  const events = happened(eventState, rehearsing);
  const running = side === "set";
  const [asked, setAsked] = useState(now);
  const seen = running ? events : NO_EVENTS;
  // what happened since is reckoned with from when it happened on
  // biome-ignore lint/correctness/useExhaustiveDependencies: asked for again with each event
  useEffect(() => setAsked(now()), [events.length, running, rehearsing]);
  const stable = useStable(seen);
  const { sheet, current, failed } = useRunSheet(shoot, stable, running ? asked : null);
  const problem = useShoot((state) => state.problem);
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[23rem_1fr] gap-3 px-3 pb-3 max-lg:grid-cols-1">
      <Tabs.Root
        value={side}
        onValueChange={(next) => setSide(next as Side)}
        className="flex min-h-0 flex-col rounded-panel border border-line bg-panel"
      >
        <Tabs.List aria-label="Shoot" className="flex border-line border-b">
          <Tab value="dishes">Dishes</Tab>
          <Tab value="day">Day</Tab>
          <Tab value="set">On set</Tab>
        </Tabs.List>
        <div className="min-h-0 flex-1 overflow-y-auto p-3 lg:max-h-[calc(100vh-7.5rem)]">
          <ShootOwner>
            <Tabs.Content value="dishes">
              <Dishes
                shoot={shoot}
                sets={sets.data ?? []}
                chosen={chosen}
                eatenCaution={sheet?.eatenCaution ?? null}
                onChoose={setChosen}
              />
            </Tabs.Content>
            <Tabs.Content value="day">
              <Day shoot={shoot} />
            </Tabs.Content>
            <Tabs.Content value="set">
              {sheet && (
                <OnSet
                  shoot={shoot}
                  sheet={sheet}
                  events={events}
                  waiting={!current && failed === null}
                  lostSince={eventState.lostSince}
                  onReplan={() => setAsked(now())}
                />
              )}
            </Tabs.Content>
          </ShootOwner>
        </div>
      </Tabs.Root>
      <div className="min-w-0 space-y-3">
        {problem && (
          <p role="alert" className="rounded-md bg-alarm-ground px-3 py-1.5 text-alarm">
            {problem.detail}
          </p>
        )}
        {failed && !problem && (
          <p role="alert" className="rounded-md bg-alarm-ground px-3 py-1.5 text-alarm">
            {failed}
          </p>
        )}
        {sheet && sheet.missingSets.length > 0 && (
          <p role="alert" className="rounded-md bg-alarm-ground px-3 py-1.5 text-alarm">
            {sheet.missingSets.length === 1
              ? "A set that a picture is to be taken on is deleted; choose another one, or bring it back under Sets."
              : `${sheet.missingSets.length} sets that pictures are to be taken on are deleted; choose others, or bring them back under Sets.`}
          </p>
        )}
        <Tabs.Root defaultValue="sheet" className="space-y-3">
          <Tabs.List aria-label="What is shown" className="flex w-60 rounded-md border border-line">
            <Tabs.Trigger value="sheet" className={SHOWN}>
              Run sheet
            </Tabs.Trigger>
            <Tabs.Trigger value="alike" className={SHOWN}>
              Alike
            </Tabs.Trigger>
          </Tabs.List>
          <Tabs.Content value="alike">
            <Alike shoot={shoot} id={id} />
          </Tabs.Content>
          <Tabs.Content value="sheet" className="space-y-3">
            {sheet && <UnmetList shoot={shoot} unmet={sheet.unmet} />}
            {sheet && shoot.dishes.length > 0 && (
              <RunSheetView
                shoot={shoot}
                sheet={sheet}
                current={current}
                chosen={chosen}
                onChoose={(key) => {
                  setChosen(key);
                  setSide("dishes");
                }}
              />
            )}
            {!sheet && !failed && <p className="p-3 text-soft">Ordering the dishes …</p>}
          </Tabs.Content>
        </Tabs.Root>
      </div>
    </main>
  );
}

/** The same list as long as it holds the same events. */
function useStable(events: ShootEvent[]): ShootEvent[] {
  const [stable, setStable] = useState(events);
  const same =
    stable.length === events.length && stable.every((one, i) => one.id === events[i]?.id);
  if (!same) setStable(events);
  return same ? stable : events;
}

function Tab({ value, children }: { value: Side; children: string }) {
  return (
    <Tabs.Trigger
      value={value}
      className="h-10 flex-1 border-transparent border-b-2 font-medium text-soft data-[state=active]:border-sand data-[state=active]:text-ink max-sm:h-12"
    >
      {children}
    </Tabs.Trigger>
  );
}

function Header({ shoot }: { shoot: Shoot | null }) {
  const { saving, past, future } = useShoot();
  return (
    <header className="flex min-h-13 items-center gap-x-1 px-3">
      <Mark />
      <a
        href="#/shoots"
        className="ml-1 inline-flex h-9 items-center gap-2 rounded-md border border-edge/60 px-3 hover:bg-raised max-sm:h-11"
      >
        <CalendarClock size={16} /> Shoots
      </a>
      {shoot && (
        <h1 className="mx-2 min-w-0 truncate font-semibold text-base">
          {shoot.title}
          <span className="ml-2 font-normal text-soft text-xs max-sm:hidden">
            {shoot.client}, {shoot.date}
          </span>
          <span className="ml-2 font-normal text-soft text-xs" data-testid="shoot-saved">
            {SAID[saving]}
          </span>
        </h1>
      )}
      <span className="flex-1" />
      <SymbolButton name="Undo" keys="Ctrl+Z" disabled={past.length === 0} onClick={undo}>
        <Undo2 size={17} />
      </SymbolButton>
      <SymbolButton name="Redo" keys="Ctrl+Shift+Z" disabled={future.length === 0} onClick={redo}>
        <Redo2 size={17} />
      </SymbolButton>
      {shoot && <Files shoot={shoot} />}
    </header>
  );
}

function Files({ shoot }: { shoot: Shoot }) {
  const id = useShoot((state) => state.id);
  const lengths = useLength().unit === "in" ? "INCHES" : "CENTIMETRES";
  const write = (kind: RunSheetFile, ending: string) => {
    return keep(`run-sheet-${shoot.date}.${ending}`, () => shoots.file(kind, shoot, lengths));
  };
  const keep = async (name: string, made: () => Promise<Blob>) => {
    const file = await attempt(made);
    if (file) keepFile(file, name);
  };
  return (
    <Menu
      name="As a file"
      align="end"
      trigger={
        <Button look="outline">
          <FileDown size={16} /> <span className="max-sm:sr-only">As a file</span>
        </Button>
      }
    >
      <div className="flex w-56 flex-col">
        <Button className="justify-start" onClick={() => write("PDF", "pdf")}>
          Run sheet and kit on paper (.pdf)
        </Button>
        <Button className="justify-start" onClick={() => write("CALENDAR", "ics")}>
          Run sheet, a calendar (.ics)
        </Button>
        <Button className="justify-start" onClick={() => write("CSV", "csv")}>
          Run sheet, a table (.csv)
        </Button>
        {id && (
          <Button
            className="justify-start"
            onClick={() => keep(`shoot-${shoot.date}.zip`, () => shoots.archive(id))}
          >
            The whole shoot (.zip)
          </Button>
        )}
      </div>
    </Menu>
  );
}

/** Undo and redo, but for what is typed in a field. */
function useKeys(): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
      const field = event.target instanceof HTMLElement && event.target.matches("input, textarea");
      if (field) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, []);
}
