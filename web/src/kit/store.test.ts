import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal } from "../api/ask";
import { api } from "../api/client";
import type { Board, Kit } from "../api/types";
import { merged } from "./merge";
import { useKit } from "./store";
import { addPiece } from "./use";

const EMPTY = {
  version: 1,
  sources: [],
  shapers: [],
  gels: [],
  boards: [],
  places: [],
} as unknown as Kit;

function board(name: string, width = 0.3): Board {
  return {
    name,
    surface: "white-paper",
    widthMetres: width,
    heightMetres: 0.4,
  } as unknown as Board;
}

function kitOf(...boards: Board[]): Kit {
  return { ...EMPTY, boards };
}

const names = (kit: Kit | null) => kit?.boards.map(({ name }) => name);

/** A server that takes its time, and refuses what was not made from its newest version. */
function slowServer() {
  let version = 1;
  let kept = EMPTY;
  const most = { atOnce: 0 };
  let running = 0;
  vi.spyOn(api, "kit").mockImplementation(async () => ({ version, kit: kept }));
  vi.spyOn(api, "saveKit").mockImplementation(async (from, kit) => {
    most.atOnce = Math.max(most.atOnce, ++running);
    await new Promise((done) => setTimeout(done, 1200));
    running--;
    if (from !== version) {
      throw new Refusal({ status: 409, title: "Conflict", detail: "changed elsewhere" } as never);
    }
    kept = kit;
    return { version: ++version, kit };
  });
  return {
    most,
    kept: () => kept,
    elsewhere: (kit: Kit) => {
      kept = kit;
      version++;
    },
  };
}

describe("the kit", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());

  it("keeps five pieces that are added while the first is still being saved", async () => {
    const server = slowServer();
    await useKit.getState().fetch();
    for (let i = 1; i <= 5; i++) {
      addPiece("boards", board("White card"));
      await vi.advanceTimersByTimeAsync(700);
    }
    await vi.advanceTimersByTimeAsync(10_000);
    const five = ["White card", "White card 2", "White card 3", "White card 4", "White card 5"];
    expect(names(server.kept())).toEqual(five);
    expect(names(useKit.getState().kit)).toEqual(five);
    expect(server.most.atOnce).toBe(1);
  });

  it("joins what was saved in another window with what was changed here", async () => {
    const server = slowServer();
    await useKit.getState().fetch();
    addPiece("boards", board("Mine"));
    server.elsewhere(kitOf(board("Theirs")));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(names(server.kept())).toEqual(["Theirs", "Mine"]);
    expect(names(useKit.getState().kit)).toEqual(["Theirs", "Mine"]);
  });
});

describe("two changed kits", () => {
  const before = kitOf(board("A"), board("B"), board("C"));

  it("are joined piece by piece", () => {
    const mine = kitOf(board("A", 0.5), board("C"), board("Mine"));
    const theirs = kitOf(board("A"), board("B"), board("C", 0.7), board("Theirs"));
    const both = merged(before, mine, theirs);
    expect(names(both)).toEqual(["A", "C", "Theirs", "Mine"]);
    expect(both.boards[0]?.widthMetres).toBe(0.5);
    expect(both.boards[1]?.widthMetres).toBe(0.7);
  });

  it("keep two new pieces of the same name apart, and what was changed here though it was taken out there", () => {
    const both = merged(
      before,
      kitOf(board("A"), board("B", 0.9), board("C"), board("New", 0.2)),
      kitOf(board("A"), board("C"), board("New")),
    );
    expect(names(both)).toEqual(["A", "C", "New", "B", "New 2"]);
  });
});
