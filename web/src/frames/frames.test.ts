import { afterEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import type { FrameAnswer, StoredFrame, TableSet } from "../api/types";
import starter from "../set/starter.json";
import { useTable } from "../set/store";
import { fires, looked, movePatch, proposeAnew, refreshFrames, takeIn, useFrames } from "./frames";

const SET = starter as unknown as TableSet;

function frame(id: string, stood = true): StoredFrame {
  return { id, name: `${id}.jpg`, width: 900, height: 600, stood } as unknown as StoredFrame;
}

afterEach(() => {
  vi.restoreAllMocks();
  useFrames.setState({ open: false, of: null, frames: [], picked: null, patches: {} });
});

describe("test frames", () => {
  it("are looked at newest first, but for one that was picked", () => {
    useFrames.setState({ frames: [frame("a"), frame("b")] });
    expect(looked(useFrames.getState())?.id).toBe("b");
    useFrames.setState({ picked: "a" });
    expect(looked(useFrames.getState())?.id).toBe("a");
    useFrames.setState({ picked: "gone" });
    expect(looked(useFrames.getState())?.id).toBe("b");
  });

  it("that come in by themselves are of what stands on the table, and that once", async () => {
    useTable.setState({ id: "set", possible: SET });
    useFrames.setState({ of: "set" });
    vi.spyOn(api, "listFrames").mockResolvedValue([frame("a", false)]);
    const told = vi.spyOn(api, "putFrameSet").mockResolvedValue(frame("a"));
    await refreshFrames();
    await refreshFrames();
    expect(told).toHaveBeenCalledExactlyOnceWith("a", SET);
    expect(useFrames.getState().frames[0]?.stood).toBe(true);
  });

  it("that were fired from here are of what stood then, whatever was changed since", async () => {
    const changed = { ...SET, title: "Changed" };
    useTable.setState({ id: "set", possible: changed });
    useFrames.setState({ of: "set" });
    fires("set", changed)();
    fires("set", SET);
    vi.spyOn(api, "listFrames").mockResolvedValue([frame("a", false), frame("b", false)]);
    const told = vi
      .spyOn(api, "putFrameSet")
      .mockImplementation((id) => Promise.resolve(frame(id)));
    await refreshFrames();
    expect(told.mock.calls).toEqual([
      ["a", SET],
      ["b", changed],
    ]);
  });

  it("that were fired with the light off are told so first, and anew where that failed", async () => {
    useTable.setState({ id: "set", possible: SET });
    useFrames.setState({ of: "set" });
    const none = fires("set", SET, false);
    const list = vi.spyOn(api, "listFrames").mockResolvedValue([frame("a", false)]);
    const lit = vi.spyOn(api, "putFrameLit").mockRejectedValueOnce(new Error("gone"));
    const told = vi.spyOn(api, "putFrameSet").mockResolvedValue(frame("a"));
    await refreshFrames();
    expect(told).not.toHaveBeenCalled();
    lit.mockResolvedValue(frame("a", false));
    list.mockResolvedValue([frame("a", false), frame("b", false)]);
    await refreshFrames();
    expect(lit.mock.calls).toEqual([
      ["a", false],
      ["a", false],
    ]);
    expect(told.mock.calls).toEqual([
      ["a", SET],
      ["b", SET],
    ]);
    none();
  });

  it("that come in are looked at, whichever was picked before", async () => {
    useFrames.setState({ of: "set", frames: [frame("a")], picked: "a", open: true });
    vi.spyOn(api, "listFrames").mockResolvedValue([frame("a"), frame("b")]);
    await takeIn();
    expect(looked(useFrames.getState())?.id).toBe("b");
  });

  it("of another set are let go of when they come late", async () => {
    useFrames.setState({ of: "one" });
    vi.spyOn(api, "listFrames").mockImplementation(async () => {
      useFrames.setState({ of: "other" });
      return [frame("a")];
    });
    await refreshFrames();
    expect(useFrames.getState().frames).toEqual([]);
  });

  it("keep their moved patches apart", () => {
    const answer = {
      patches: [
        { part: "TABLE", across: 0.1, down: 0.2 },
        { part: "SHADOW", across: 0.3, down: 0.4 },
      ],
    } as unknown as FrameAnswer;
    movePatch("a", answer, 1, { across: 0.5, down: 0.6 });
    movePatch("b", answer, 0, { across: 0.7, down: 0.8 });
    expect(useFrames.getState().patches).toEqual({
      a: [
        { part: "TABLE", across: 0.1, down: 0.2 },
        { part: "SHADOW", across: 0.5, down: 0.6 },
      ],
      b: [
        { part: "TABLE", across: 0.7, down: 0.8 },
        { part: "SHADOW", across: 0.3, down: 0.4 },
      ],
    });
    proposeAnew("a");
    expect(Object.keys(useFrames.getState().patches)).toEqual(["b"]);
  });
});
