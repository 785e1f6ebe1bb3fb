import { create } from "zustand";
import { Refusal, Unreachable } from "../api/ask";
import { api } from "../api/client";
import type { SetSheet, SheetLine, SheetPart, StoredSet, Tick } from "../api/types";
import { aperture, shutter } from "../fields/marks";
import { angle, clock, type Quantity } from "../set/units";

/** How often what stands and what is asked for are looked up. */
const EVERY_MS = 3000;

type Kept = {
  stored: StoredSet | null;
  sheet: SetSheet | null;
  /** What the server knew last. */
  ticks: Tick[];
  /** What it has not heard of yet. */
  unsent: Tick[];
};

type Stand = Kept & {
  id: string | null;
  /** Since when the server has not answered. */
  lostSince: number | null;
  failed: string | null;
};

const NOTHING: Kept = { stored: null, sheet: null, ticks: [], unsent: [] };

/** A set as it is built up at the stand. What was seen last stays when the network goes, and what is ticked then is sent later. */
export const useStand = create<Stand>(() => ({
  ...NOTHING,
  id: null,
  lostSince: null,
  failed: null,
}));

const key = (id: string) => `zephyrdune:stand:${id}`;

function keep(): void {
  const { id, stored, sheet, ticks, unsent } = useStand.getState();
  try {
    if (id) localStorage.setItem(key(id), JSON.stringify({ stored, sheet, ticks, unsent }));
  } catch {
    // without storage it lasts as long as the page
  }
}

function kept(id: string): Kept {
  try {
    return { ...NOTHING, ...JSON.parse(localStorage.getItem(key(id)) ?? "{}") };
  } catch {
    return NOTHING;
  }
}

let timer: ReturnType<typeof setTimeout> | undefined;

/** Follows a set until it is told to stop. */
export function standAt(id: string): () => void {
  useStand.setState({ ...kept(id), id, lostSince: null, failed: null });
  const again = async () => {
    await refresh();
    if (useStand.getState().id === id) timer = setTimeout(again, EVERY_MS);
  };
  void again();
  return () => {
    clearTimeout(timer);
    useStand.setState({ ...NOTHING, id: null });
  };
}

/** Sends what is unsent, and looks up what stands and what is asked for. */
export async function refresh(): Promise<void> {
  const { id, unsent } = useStand.getState();
  if (!id) return;
  try {
    const ticks = unsent.length > 0 ? await api.putTicks(id, unsent) : await api.ticks(id);
    if (useStand.getState().id !== id) return;
    useStand.setState((now) => ({
      ticks,
      unsent: now.unsent.filter((tick) => !unsent.includes(tick)),
      lostSince: null,
      failed: null,
    }));
    const stored = await api.getSet(id);
    const { stored: before, sheet: old } = useStand.getState();
    if (!old || stored.version !== before?.version) {
      const sheet = await api.setSheet(stored.set);
      if (useStand.getState().id !== id) return;
      useStand.setState({ stored, sheet });
    }
    keep();
  } catch (error) {
    if (useStand.getState().id !== id) return;
    if (error instanceof Unreachable)
      useStand.setState(({ lostSince }) => ({ lostSince: lostSince ?? Date.now() }));
    else if (error instanceof Refusal) useStand.setState({ failed: error.problem.detail });
    else throw error;
  }
}

const same = (a: Tick, b: Tick) =>
  a.part === b.part && a.number === b.number && a.measure === b.measure;

/** Of each line what was done last, sent or not. */
export function standing({ ticks, unsent }: Pick<Kept, "ticks" | "unsent">): Tick[] {
  const newest = new Map<string, Tick>();
  for (const one of [...ticks, ...unsent]) {
    const key = `${one.part} ${one.number} ${one.measure}`;
    const other = newest.get(key);
    if (!other || Date.parse(one.at) >= Date.parse(other.at)) newest.set(key, one);
  }
  return [...newest.values()];
}

/** The line stands at what is asked for, or is open again. */
export function tick(part: SheetPart, line: SheetLine, done: boolean): void {
  const one: Tick = {
    part: part.kind,
    number: part.number,
    measure: line.measure,
    value: line.value,
    done,
    at: new Date().toISOString(),
  };
  useStand.setState(({ unsent }) => ({
    unsent: [...unsent.filter((other) => !same(other, one)), one],
  }));
  keep();
  void refresh();
}

/** At which value a line stands; null while it was not put up. */
export function standsAt(all: Tick[], part: SheetPart, line: SheetLine): number | null {
  const found = all.find(
    (one) => one.part === part.kind && one.number === part.number && one.measure === line.measure,
  );
  return found?.done ? found.value : null;
}

/** A value as it is read off a tape, an angle or a scale. */
export function measured(line: SheetLine, value: number, length: Quantity): string {
  if (line.measure === "FOCAL_LENGTH") return `${(1000 * value).toFixed(0)} mm`;
  switch (line.unit) {
    case "METRE":
      return `${length.show(value)} ${length.unit}`;
    case "RADIAN":
      return `${angle.show((value * 180) / Math.PI)}°`;
    case "CLOCK_RADIAN":
      return clock.show((value * 6) / Math.PI);
    case "F_NUMBER":
      return aperture(Number(value.toFixed(1)));
    case "SECOND":
      return shutter(value);
    case "KELVIN":
      return `${value.toFixed(0)} K`;
    case "STOP":
      return `${value.toFixed(1)} stops under full`;
    default:
      return value.toFixed(0);
  }
}

/** What to change on a line that stands otherwise than is asked for; null where nobody could measure it. */
export function toChange(line: SheetLine, stands: number, length: Quantity): string | null {
  if (measured(line, stands, length) === measured(line, line.value, length)) return null;
  const word = line.value > stands ? line.more : line.less;
  switch (line.unit) {
    case "METRE":
    case "RADIAN":
      return `${measured(line, Math.abs(line.value - stands), length)} ${word}`;
    case "STOP":
      return `${Math.abs(line.value - stands).toFixed(1)} stops ${word}`;
    default:
      // the shorter way round a clock may go past twelve
      return line.unit === "CLOCK_RADIAN" && Math.abs(line.value - stands) > Math.PI
        ? line.value > stands
          ? line.less
          : line.more
        : word;
  }
}
