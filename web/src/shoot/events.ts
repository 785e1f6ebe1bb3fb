import { create } from "zustand";
import { Refusal, Unreachable } from "../api/ask";
import { noteFailure } from "../api/connection";
import { shoots } from "../api/shoots";
import type { ShootEvent, ShootEventKind } from "../api/types";
import { tell } from "../ui/notices";
import { now, useRehearsal } from "./clock";

const EVERY_MS = 4000;

type Events = {
  id: string | null;
  /** What the server knew last. */
  known: ShootEvent[];
  /** What it has not heard of yet; kept in the browser's storage. */
  unsent: ShootEvent[];
  /** What happened in a rehearsal, which nobody else hears of. */
  rehearsed: ShootEvent[];
  lostSince: number | null;
};

/** What happened at the shoot. What is told without a network is kept and sent later. */
export const useEvents = create<Events>(() => ({
  id: null,
  known: [],
  unsent: [],
  rehearsed: [],
  lostSince: null,
}));

const key = (id: string) => `zephyrdune:shoot:${id}`;

type Stored = Pick<Events, "known" | "unsent">;

function stored(id: string): Stored {
  try {
    return { known: [], unsent: [], ...JSON.parse(localStorage.getItem(key(id)) ?? "{}") };
  } catch {
    return { known: [], unsent: [] };
  }
}

function keep(): void {
  const { id, known, unsent } = useEvents.getState();
  try {
    if (id) localStorage.setItem(key(id), JSON.stringify({ known, unsent }));
  } catch {
    // without storage it lasts as long as the page
  }
}

let timer: ReturnType<typeof setTimeout> | undefined;

/** Follows what happens at a shoot until it is told to stop. */
export function followShoot(id: string): () => void {
  useEvents.setState({ ...stored(id), id, rehearsed: [], lostSince: null });
  const again = async () => {
    await refresh();
    if (useEvents.getState().id === id) timer = setTimeout(again, EVERY_MS);
  };
  void again();
  return () => {
    clearTimeout(timer);
    useEvents.setState({ id: null, known: [], unsent: [], rehearsed: [] });
  };
}

const same = (a: ShootEvent[], b: ShootEvent[]) =>
  a.length === b.length && a.every((event, i) => event.id === b[i]?.id);

/** Sends what is unsent, and hears what others told. */
export async function refresh(): Promise<void> {
  const { id, unsent } = useEvents.getState();
  if (!id) return;
  try {
    const heard = unsent.length > 0 ? await shoots.putEvents(id, unsent) : await shoots.events(id);
    if (useEvents.getState().id !== id) return;
    useEvents.setState(({ known, unsent: left }) => ({
      known: same(known, heard) ? known : heard,
      unsent: unsent.length > 0 ? left.filter((event) => !unsent.includes(event)) : left,
      lostSince: null,
    }));
    keep();
  } catch (error) {
    if (useEvents.getState().id !== id) return;
    noteFailure(error);
    if (error instanceof Unreachable)
      useEvents.setState(({ lostSince }) => ({ lostSince: lostSince ?? Date.now() }));
    else if (error instanceof Refusal) tell(error.problem.detail, { tone: "alarm" });
    else throw error;
  }
}

/** All that happened, sent or not; in a rehearsal what happened in that. */
export function happened({ known, unsent, rehearsed }: Events, rehearsing: boolean): ShootEvent[] {
  return rehearsing ? rehearsed : [...known, ...unsent];
}

/** Something happened with a dish just now. */
export function told(dish: string, what: ShootEventKind): void {
  const event: ShootEvent = {
    id: crypto.randomUUID?.() ?? unique(),
    dish,
    what,
    at: new Date(now()).toISOString(),
  };
  if (useRehearsal.getState().rehearsal) {
    useEvents.setState(({ rehearsed }) => ({ rehearsed: [...rehearsed, event] }));
    return;
  }
  useEvents.setState(({ unsent }) => ({ unsent: [...unsent, event] }));
  keep();
  void refresh();
}

/** Where the page is not served from this machine, browsers have no UUIDs of their own. */
function unique(): string {
  const hex = [...crypto.getRandomValues(new Uint8Array(16))].map((byte, i) =>
    (i === 6 ? (byte & 15) | 64 : i === 8 ? (byte & 63) | 128 : byte).toString(16).padStart(2, "0"),
  );
  const all = hex.join("");
  return [0, 8, 12, 16, 20].map((from, i, cuts) => all.slice(from, cuts[i + 1])).join("-");
}

/** Takes back what was told last. */
export async function takeBackLast(): Promise<void> {
  const state = useEvents.getState();
  if (useRehearsal.getState().rehearsal) {
    useEvents.setState({ rehearsed: state.rehearsed.slice(0, -1) });
    return;
  }
  if (state.unsent.length > 0) {
    useEvents.setState({ unsent: state.unsent.slice(0, -1) });
    keep();
    return;
  }
  const last = state.known.at(-1);
  if (!state.id || !last) return;
  try {
    useEvents.setState({ known: await shoots.takeBack(state.id, last.id) });
    keep();
  } catch (error) {
    noteFailure(error);
    tell("It could not be taken back: the server is not answering", { tone: "alarm" });
  }
}
