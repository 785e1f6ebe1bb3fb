import { beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../../api/client";
import type { FrameNews, NewTake, StoredTake, TableSet } from "../../api/types";
import { useTable } from "../../set/store";
import { keepTake, pictureOf, useTakes } from "./takes";
import { useShown } from "./usePicture";

const before = { title: "before" } as TableSet;
const now = { title: "now" } as TableSet;
const frame = new Blob(["frame"]);
const traced = new Blob(["traced"]);

/** What was put to a take: whose words come out of the picture that was made small. */
let put: { of: string; from: Blob | null; fine: boolean }[];
let smaller: Blob | null;

function show(of: TableSet, done: boolean, off: string[] = []): void {
  useShown.setState({
    frame: {
      png: frame,
      news: { done } as FrameNews,
      wish: { set: of, off, deep: false, warnings: false, rollOff: true },
    },
  });
}

const settled = () => new Promise((resolve) => setTimeout(resolve, 20));

describe("takes", () => {
  beforeEach(() => {
    put = [];
    vi.stubGlobal("createImageBitmap", async (png: Blob) => {
      smaller = png;
      return { width: 900, height: 600 };
    });
    vi.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue(null);
    vi.spyOn(HTMLCanvasElement.prototype, "toBlob").mockImplementation((done) =>
      done(new Blob(["jpeg"])),
    );
    vi.spyOn(api, "listTakes").mockResolvedValue([]);
    vi.spyOn(api, "addTake").mockImplementation(
      async (_, take: NewTake) =>
        ({ ...take, id: `id of ${take.name}`, picture: "NONE" }) as unknown as StoredTake,
    );
    vi.spyOn(api, "putTakePicture").mockImplementation(async (of, _, fine) => {
      put.push({ of, from: smaller, fine });
      return new Response();
    });
    vi.spyOn(api, "pictureFile").mockResolvedValue(traced);
    useTable.setState({ id: "set", set: now, possible: now });
    useTakes.setState({ of: "set", takes: [], comparing: null });
  });

  it("keeps the frame on show when it is of that very set and clean", async () => {
    show(now, true);
    await keepTake(now);
    await settled();
    expect(put).toEqual([{ of: "id of Take 1", from: frame, fine: true }]);
    expect(api.pictureFile).not.toHaveBeenCalled();
  });

  it("never keeps the frame of an earlier set: its own is made", async () => {
    show(before, true);
    await keepTake(now);
    await settled();
    expect(put).toEqual([{ of: "id of Take 1", from: traced, fine: true }]);
    expect(api.pictureFile).toHaveBeenCalledWith("SMALL_PNG", now, []);
  });

  it("shows a grainy frame until a clean one is made", async () => {
    show(now, false);
    await keepTake(now);
    await settled();
    expect(put.map(({ from, fine }) => [from, fine])).toEqual([
      [frame, false],
      [traced, true],
    ]);
    expect(useTakes.getState().takes[0]?.picture).toBe("FINE");
  });

  it("does not take a frame with other layers for its own", async () => {
    show(now, true, ["ambient"]);
    await keepTake(now, { off: ["key"] });
    await settled();
    expect(put.map(({ from }) => from)).toEqual([traced]);
  });

  it("counts on from the highest number", async () => {
    show(now, true);
    await keepTake(now);
    await keepTake(now, { name: "Softer" });
    await keepTake(now);
    expect(useTakes.getState().takes.map(({ name }) => name)).toEqual([
      "Take 1",
      "Softer",
      "Take 2",
    ]);
  });

  it("has another address for a finer picture", () => {
    const take = { id: "7", picture: "ROUGH" } as StoredTake;
    expect(pictureOf({ ...take, picture: "NONE" })).toBeNull();
    expect(pictureOf(take)).not.toBe(pictureOf({ ...take, picture: "FINE" }));
  });
});
