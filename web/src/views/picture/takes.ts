import { create } from "zustand";
import { api } from "../../api/client";
import type { StoredTake, TableSet } from "../../api/types";
import type { Way } from "../../frames/frames";
import { attempt } from "../../set/attempt";
import { keep } from "../../set/files";
import { useTable } from "../../set/store";
import { useView } from "../../set/view";
import { tell } from "../../ui/notices";
import { type Frame, useShown } from "./usePicture";

export type Take = StoredTake;

type More = { name?: string; off?: string[]; about?: string };

type KeptTake = More & { name: string; set: TableSet; picture: string };

/** What is laid over the picture, and how. */
export type Comparing = { take: string; way: Exclude<Way, "lay"> } | { frame: string; way: Way };

type Takes = {
  /** The set whose takes these are. */
  of: string | null;
  takes: Take[];
  comparing: Comparing | null;
};

const WIDTH = 900;
const QUALITY = 0.88;
const RENAME_MS = 500;

/** Kept states of the set that is open, each with the picture of that very state; the server keeps them. */
export const useTakes = create<Takes>(() => ({ of: null, takes: [], comparing: null }));

/** The take that is laid over the picture, if one is. */
export function comparedTake({ takes, comparing }: Takes): Take | undefined {
  return comparing && "take" in comparing
    ? takes.find(({ id }) => id === comparing.take)
    : undefined;
}

export const compare = (comparing: Comparing | null) => useTakes.setState({ comparing });

/** Where a take's picture is; nothing before there is one. */
export function pictureOf({ id, picture }: Take): string | null {
  // a finer one is another picture
  return picture === "NONE" ? null : `/api/takes/${id}/picture?${picture.toLowerCase()}`;
}

const change = (id: string, parts: Partial<Take>) =>
  useTakes.setState(({ takes }) => ({
    takes: takes.map((take) => (take.id === id ? { ...take, ...parts } : take)),
  }));

/** Reads a set's takes; pictures that were not finished are made now. */
async function load(of: string | null): Promise<void> {
  useTakes.setState({ of, takes: [], comparing: null });
  if (!of) return;
  await moveKept(of);
  const takes = await attempt(() => api.listTakes(of));
  if (!takes || useTakes.getState().of !== of) return;
  useTakes.setState({ takes });
  for (const take of takes) if (take.picture !== "FINE") refine(take);
}

/** Takes that were kept in this browser once move to where the others are. */
async function moveKept(of: string): Promise<void> {
  const key = `zephyrdune:takes:${of}`;
  const kept = localStorage.getItem(key);
  if (!kept) return;
  for (const { name, set, off, about, picture } of JSON.parse(kept) as KeptTake[]) {
    const take = await attempt(() =>
      api.addTake(of, { name, about: about ?? "", off: off ?? [], set }),
    );
    // what could not be moved stays, and is tried again
    if (!take) return;
    const jpeg = await (await fetch(picture)).blob();
    await attempt(() => api.putTakePicture(take.id, jpeg, true));
  }
  localStorage.removeItem(key);
}

/** The frame on show, if it is what a camera would have taken of this state. */
function frameOf(set: TableSet, off: string[]): Frame | null {
  const { frame } = useShown.getState();
  if (
    !frame ||
    frame.wish.set !== set ||
    frame.wish.deep ||
    frame.wish.warnings ||
    !frame.wish.rollOff
  )
    return null;
  const { length } = frame.wish.off;
  return length === off.length && frame.wish.off.every((word) => off.includes(word)) ? frame : null;
}

/** Keeps a state of the set, with the frame on show if it is of that state; otherwise its picture is made in the background. */
export async function keepTake(set: TableSet, more: More = {}): Promise<void> {
  const { of, takes } = useTakes.getState();
  if (!of) return;
  const number =
    1 + Math.max(0, ...takes.map(({ name }) => Number(/^Take (\d+)$/.exec(name)?.[1] ?? 0)));
  const off = more.off ?? [];
  const shown = frameOf(set, off);
  const take = await attempt(() =>
    api.addTake(of, { name: more.name ?? `Take ${number}`, about: more.about ?? "", off, set }),
  );
  if (!take) return;
  if (useTakes.getState().of === of) {
    useTakes.setState((state) => ({ takes: [...state.takes, take] }));
  }
  const fine = shown?.news.done ?? false;
  if (shown) await putPicture(take, shown.png, fine);
  if (!fine) refine(take);
}

/** Keeps what is on the table as it is looked at. */
export async function keepShown(): Promise<void> {
  const { possible } = useTable.getState();
  if (possible) await keepTake(possible, { off: useView.getState().off });
}

async function putPicture(take: Take, png: Blob, fine: boolean): Promise<void> {
  const jpeg = await small(png);
  const done = jpeg && (await attempt(() => api.putTakePicture(take.id, jpeg, fine)));
  if (done) change(take.id, { picture: fine ? "FINE" : "ROUGH" });
}

/** Pictures are made one after the other, so that what is on show comes first. */
let making: Promise<void> = Promise.resolve();

function refine(take: Take): void {
  making = making.then(async () => {
    if (!useTakes.getState().takes.some(({ id }) => id === take.id)) return;
    const png = await attempt(() => api.pictureFile("SMALL_PNG", take.set, take.off));
    if (png) await putPicture(take, png, true);
  });
}

const renaming = new Map<string, ReturnType<typeof setTimeout>>();

/** Gives a take another name: at once here, a moment later on the server. */
export function renameTake(id: string, name: string): void {
  change(id, { name });
  clearTimeout(renaming.get(id));
  if (name.trim() === "") return;
  renaming.set(
    id,
    setTimeout(() => void attempt(() => api.renameTake(id, name)), RENAME_MS),
  );
}

export async function deleteTake({ id, name }: Take): Promise<void> {
  const { of, comparing } = useTakes.getState();
  if (!(await attempt(() => api.deleteTake(id)))) return;
  useTakes.setState(({ takes }) => ({
    takes: takes.filter((take) => take.id !== id),
    comparing: comparing && "take" in comparing && comparing.take === id ? null : comparing,
  }));
  const bringBack = async () => {
    if ((await attempt(() => api.restoreTake(id))) && useTakes.getState().of === of) await load(of);
  };
  tell(`Deleted “${name}”`, { action: { label: "Bring back", run: () => void bringBack() } });
}

/** Saves all takes in one file. */
export async function saveTakes(): Promise<void> {
  const { of } = useTakes.getState();
  const { set } = useTable.getState();
  const file = of && (await attempt(() => api.writeTakesFile(of)));
  if (file && set) keep(file, set, "takes.json");
}

/** Adds the takes of a file to those of the set. */
export async function openTakes(file: Blob): Promise<void> {
  const { of } = useTakes.getState();
  const takes = of && (await attempt(() => api.openTakesFile(of, file)));
  if (takes && useTakes.getState().of === of) useTakes.setState({ takes });
}

async function small(png: Blob): Promise<Blob | null> {
  const image = await createImageBitmap(png);
  const canvas = document.createElement("canvas");
  canvas.width = Math.min(WIDTH, image.width);
  canvas.height = Math.round((canvas.width * image.height) / image.width);
  canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve) => canvas.toBlob(resolve, "image/jpeg", QUALITY));
}

useTable.subscribe((now, before) => {
  if (now.id !== before.id) void load(now.id);
});
