import { useQuery, useQueryClient } from "@tanstack/react-query";
import { CalendarPlus, Copy, Import, Trash2 } from "lucide-react";
import { shoots } from "../api/shoots";
import type { Shoot, ShootSummary } from "../api/types";
import { attempt } from "../set/attempt";
import { Button, SymbolButton } from "../ui/Button";
import { FilePick, usePicker } from "../ui/FilePick";
import { Mark } from "../ui/Mark";
import { Notices, tell } from "../ui/notices";

/** All shoots, and where new ones begin. */
export function ShootList() {
  const queries = useQueryClient();
  const list = useQuery({ queryKey: ["shoots"], queryFn: shoots.list });
  const deleted = useQuery({ queryKey: ["deleted-shoots"], queryFn: shoots.deleted });
  const picker = usePicker();
  const again = () => {
    void queries.invalidateQueries({ queryKey: ["shoots"] });
    void queries.invalidateQueries({ queryKey: ["deleted-shoots"] });
  };
  const begin = async (shoot: Shoot) => {
    const stored = await attempt(() => shoots.add(shoot));
    if (stored) location.hash = `#/shoots/${stored.id}`;
  };
  const from = async ({ id }: ShootSummary) => {
    const stored = await attempt(() => shoots.get(id));
    if (stored) await begin({ ...stored.shoot, title: anew(stored.shoot.title), date: today() });
  };
  const bringIn = async (file: File) => {
    const opened = await attempt(() => shoots.openArchive(file));
    if (opened) location.hash = `#/shoots/${opened.id}`;
  };
  const restore = async (id: string) => {
    if (await attempt(() => shoots.restore(id))) again();
  };
  const remove = async ({ id, version, title }: ShootSummary) => {
    if (!(await attempt(() => shoots.remove(id, version)))) return;
    again();
    tell(`“${title}” is deleted`, { action: { label: "Undo", run: () => restore(id) } });
  };
  return (
    <div className="mx-auto min-h-full max-w-4xl px-3 pb-10">
      <header className="flex min-h-13 items-center gap-2">
        <Mark />
        <h1 className="font-semibold text-lg">Shoots</h1>
        <span className="flex-1" />
        <a className="px-2 underline" href="#/log">
          Log
        </a>
        <a className="px-2 underline" href="#/">
          The table
        </a>
        <FilePick
          picker={picker}
          accept=".zip"
          label="A shoot’s archive"
          testId="shoot-archive"
          onFile={bringIn}
        />
        <Button look="outline" onClick={() => picker.current?.click()}>
          <Import size={16} /> Bring one in
        </Button>
        <Button look="strong" onClick={() => begin(empty())}>
          <CalendarPlus size={16} /> New shoot
        </Button>
      </header>
      {list.isError && (
        <p role="alert" className="py-4 text-alarm">
          The shoots cannot be had: the server is not answering.
        </p>
      )}
      {list.data?.length === 0 && (
        <p className="py-8 text-center text-soft">
          No shoot yet. A shoot has the dishes of a day, how long each holds and the set it is
          photographed on; its run sheet puts them in the order in which least is moved and nothing
          spoils.
        </p>
      )}
      <ul className="space-y-1">
        {list.data?.map((one) => (
          <li
            key={one.id}
            className="flex items-center gap-1 rounded-panel border border-line bg-panel pr-2"
          >
            <a
              href={`#/shoots/${one.id}`}
              className="min-w-0 flex-1 rounded-panel px-4 py-3 hover:bg-raised"
            >
              <span className="block truncate font-semibold">{one.title}</span>
              <span className="block truncate text-soft">
                {one.client} · {one.date} · {one.dishes} {one.dishes === 1 ? "dish" : "dishes"}
              </span>
            </a>
            <SymbolButton name="A new one from it" onClick={() => from(one)}>
              <Copy size={16} />
            </SymbolButton>
            <SymbolButton name="Delete it" onClick={() => remove(one)}>
              <Trash2 size={16} />
            </SymbolButton>
          </li>
        ))}
      </ul>
      {deleted.data && deleted.data.length > 0 && (
        <section aria-label="Deleted" className="pt-6">
          <h2 className="pb-1 text-soft">Deleted; can be brought back for thirty days</h2>
          <ul>
            {deleted.data.map((one) => (
              <li key={one.id} className="flex items-center gap-2">
                <span className="min-w-0 flex-1 truncate">{one.title}</span>
                <Button onClick={() => restore(one.id)}>Bring back</Button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Notices />
    </div>
  );
}

function today(): string {
  const now = new Date();
  const two = (part: number) => String(part).padStart(2, "0");
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

const anew = (title: string) => `${title.slice(0, 70)}, again`;

function empty(): Shoot {
  return {
    format: "zephyrdune-shoot",
    version: 2,
    title: "New shoot",
    client: "Client",
    date: today(),
    zone: Intl.DateTimeFormat().resolvedOptions().timeZone || "UTC",
    startsHours: 13,
    endsHours: 17,
    kitchenHours: 13,
    stations: 2,
    brief: [],
    people: [],
    dishes: [],
    appointments: [],
    apart: [],
    daylight: { kind: "no-daylight" },
  };
}
