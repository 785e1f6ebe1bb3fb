import { create } from "zustand";
import type { TableSet } from "../../api/types";
import { useTable } from "../../set/store";

export type Take = {
  id: string;
  name: string;
  /** The set as it was. */
  set: TableSet;
  /** Its picture, as a data URL. */
  picture: string;
  /** Layers of light that its picture leaves out. */
  off?: string[];
  /** What was read off it, in words. */
  about?: string;
};

type More = Pick<Take, "name" | "off" | "about">;

export type Comparing = { take: string; way: "flip" | "split" | "side" | "difference" };

type Takes = {
  takes: Take[];
  comparing: Comparing | null;
  keep: (set: TableSet, png: Blob, more?: More) => Promise<void>;
  rename: (id: string, name: string) => void;
  drop: (id: string) => void;
  compare: (comparing: Comparing | null) => void;
  load: (setId: string | null) => void;
};

/** Takes kept for one set; the oldest makes room for the newest. */
const MOST = 12;
const WIDTH = 900;
const QUALITY = 0.88;

const key = (setId: string) => `zephyrdune:takes:${setId}`;

/** Kept states of the set that is open, each with its picture; they stay in this browser. */
export const useTakes = create<Takes>((put, get) => {
  const keepAll = (takes: Take[]) => {
    put({ takes });
    const setId = useTable.getState().id;
    if (!setId) return;
    try {
      localStorage.setItem(key(setId), JSON.stringify(takes));
    } catch {
      // takes that cannot be kept hold until the page is closed
    }
  };
  return {
    takes: [],
    comparing: null,
    keep: async (set, png, more) => {
      const { takes } = get();
      const number =
        1 + Math.max(0, ...takes.map(({ name }) => Number(/^Take (\d+)$/.exec(name)?.[1] ?? 0)));
      const take = {
        id: crypto.randomUUID(),
        name: `Take ${number}`,
        set,
        picture: await small(png),
        ...more,
      };
      keepAll([...takes, take].slice(-MOST));
    },
    rename: (id, name) =>
      keepAll(get().takes.map((take) => (take.id === id ? { ...take, name } : take))),
    drop: (id) => {
      if (get().comparing?.take === id) put({ comparing: null });
      keepAll(get().takes.filter((take) => take.id !== id));
    },
    compare: (comparing) => put({ comparing }),
    load: (setId) => {
      try {
        const kept = setId && localStorage.getItem(key(setId));
        put({ takes: kept ? (JSON.parse(kept) as Take[]) : [], comparing: null });
      } catch {
        put({ takes: [], comparing: null });
      }
    },
  };
});

async function small(png: Blob): Promise<string> {
  const image = await createImageBitmap(png);
  const canvas = document.createElement("canvas");
  canvas.width = Math.min(WIDTH, image.width);
  canvas.height = Math.round((canvas.width * image.height) / image.width);
  canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return canvas.toDataURL("image/jpeg", QUALITY);
}

useTable.subscribe((now, before) => {
  if (now.id !== before.id) useTakes.getState().load(now.id);
});
