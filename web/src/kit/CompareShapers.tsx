import { useQuery } from "@tanstack/react-query";
import { Fragment, useState } from "react";
import { api } from "../api/client";
import type { Shaper, TableSet } from "../api/types";
import { useReadingKinds } from "../set/answers";
import { figure, QUESTIONS } from "../set/figures";
import { asking, putAnswer } from "../set/late";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";
import { Sheet } from "../ui/Sheet";
import { useReadyMade } from "./readyMade";
import { useKit } from "./store";
import { withShaper } from "./use";

const MOST = 5;

/** Shapers against the one on the table: where each is as soft, what differs there, and a picture of each. */
export function Compare({ open, onClose }: { open: boolean; onClose: () => void }) {
  const set = useTable((table) => table.possible);
  const kit = useKit((state) => state.kit);
  const ready = useReadyMade();
  const [names, setNames] = useState<string[]>([]);
  const [equal, setEqual] = useState(true);
  const own = kit?.shapers ?? [];
  const others = (ready?.shapers ?? []).filter(({ name }) => !own.some((one) => one.name === name));
  const all = [...own, ...others];
  const chosen = names.flatMap((name) => all.find((one) => one.name === name) ?? []);
  const flip = (name: string) =>
    setNames(
      names.includes(name) ? names.filter((one) => one !== name) : [...names, name].slice(-MOST),
    );
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Shapers compared"
      about="Pick up to five. Each is moved to where the tip of the shadow has the same edge as now, or stands where the light does."
      wide
    >
      <div className="mt-3 max-h-28 shrink-0 overflow-y-auto" data-testid="compare-choices">
        <div className="flex flex-wrap gap-1.5">
          {all.map(({ name }) => (
            <button
              key={name}
              type="button"
              aria-pressed={names.includes(name)}
              onClick={() => flip(name)}
              className={`min-h-9 rounded-full border px-3 text-sm max-sm:min-h-11 ${names.includes(name) ? "border-sand bg-raised" : "border-edge/60 hover:bg-raised"}`}
            >
              {name}
            </button>
          ))}
        </div>
      </div>
      <label className="mt-3 flex min-h-9 items-center gap-2 text-sm">
        <input
          type="checkbox"
          checked={equal}
          onChange={(event) => setEqual(event.target.checked)}
          className="size-4 accent-[var(--color-sand)]"
        />
        Move each to equal softness; otherwise all stand where the light stands now
      </label>
      {set && open && (
        <div
          // scrolled by the arrow keys too
          // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
          tabIndex={0}
          className="mt-2 grid min-h-0 flex-1 grid-cols-[repeat(auto-fit,minmax(165px,1fr))] gap-3 overflow-y-auto"
        >
          <Now set={set} />
          {chosen.map((shaper) => (
            <Column key={shaper.name} {...{ set, shaper, equal, onUsed: onClose }} />
          ))}
        </div>
      )}
    </Sheet>
  );
}

function Now({ set }: { set: TableSet }) {
  return (
    <section aria-label="On the table now">
      <h3 className="font-semibold text-sm">On the table now</h3>
      <Shot set={set} name="the light on the table" />
      <Figures set={set} />
    </section>
  );
}

type ColumnProps = { set: TableSet; shaper: Shaper; equal: boolean; onUsed: () => void };

function Column({ set, shaper, equal, onUsed }: ColumnProps) {
  const length = useLength();
  const other = { ...set, light: withShaper(set.light, shaper) };
  const same = useQuery({
    queryKey: ["same-softness", set, shaper],
    queryFn: ({ signal }) => api.sameSoftness(set, other, signal),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
  const where = (metres: number | null) =>
    metres === null ? "nowhere" : `${length.show(metres)} ${length.unit}`;
  const there = equal ? same.data?.set : other;
  return (
    <section aria-label={shaper.name} data-testid="compared">
      <h3 className="truncate font-semibold text-sm">{shaper.name}</h3>
      {there && <Shot set={there} name={shaper.name} />}
      {there && <Figures set={there} />}
      {same.isPending && <p className="py-2 text-soft text-sm">Looking for the distance …</p>}
      {same.isError && <p className="py-2 text-alarm text-sm">{same.error.message}.</p>}
      {same.data && (
        <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-2 gap-y-0.5 text-xs leading-tight">
          <dt className="text-soft">Equal tip edge from</dt>
          <dd className="font-medium">{where(same.data.atTip)}</dd>
          <dt className="text-soft">Equal side edge from</dt>
          <dd className="font-medium">{where(same.data.atSide)}</dd>
        </dl>
      )}
      {there && (
        <Button
          look="outline"
          className="mt-2 w-full"
          onClick={() => {
            const asked = asking(set);
            onUsed();
            if (asked && putAnswer(asked, there)) {
              tell(`${shaper.name}: on the table`, { action: takeBack() });
            }
          }}
        >
          Put it there
        </Button>
      )}
    </section>
  );
}

/** The first questions, answered for one set. */
function Figures({ set }: { set: TableSet }) {
  const length = useLength();
  const kinds = useReadingKinds();
  const read = useQuery({
    queryKey: ["readings-of", set],
    queryFn: ({ signal }) => api.readings(set, signal),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
  return (
    <dl
      className="mt-1 grid grid-cols-[auto_1fr] gap-x-2 gap-y-0.5 text-xs leading-tight"
      data-testid="figures"
    >
      {QUESTIONS.map(({ name, label }) => {
        const kind = kinds.find((one) => one.kind === name);
        const reading = read.data?.readings.find((one) => one.kind === name);
        const shown =
          kind && typeof reading?.value === "number" && figure(kind, reading.value, length);
        return (
          <Fragment key={name}>
            <dt className="text-soft">{label}</dt>
            <dd className="text-right">
              <span className="font-medium">{reading?.text || reading?.word || "—"}</span>
              {shown && !reading?.text && ` ${shown.text} ${shown.unit}`}
            </dd>
          </Fragment>
        );
      })}
    </dl>
  );
}

/** A small picture, smoothed. */
function Shot({ set, name }: { set: TableSet; name: string }) {
  const shot = useQuery({
    queryKey: ["shot", set],
    queryFn: async ({ signal }) =>
      URL.createObjectURL(await api.pictureFile("SMALL_PNG", set, [], { signal })),
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
  return (
    <div className="mt-1 aspect-[3/2] overflow-hidden rounded bg-ground">
      {shot.data ? (
        <img src={shot.data} alt={`With ${name}`} className="h-full w-full object-contain" />
      ) : (
        <p className="grid h-full place-items-center text-soft text-sm">
          {shot.isError ? "No picture: this cannot stand" : "Tracing the picture …"}
        </p>
      )}
    </div>
  );
}
