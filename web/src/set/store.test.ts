import { beforeEach, describe, expect, it, vi } from "vitest";
import type { TableSet } from "../api/types";
import { dropDraft } from "./drafts";
import { withValueAt } from "./paths";
import starter from "./starter.json";
import { isChanged, useTable } from "./store";
import { takeBack } from "./takeBack";

const first = starter as unknown as TableSet;
const at = (hours: number) => withValueAt(first, "light.clockHours", hours);
const table = useTable.getState;
const hours = () => table().set?.light.clockHours;

beforeEach(() => {
  vi.useFakeTimers();
  for (const id of ["a", "b"]) dropDraft(id);
  table().open({ id: "a", version: 1, set: first, updatedAt: "" } as never);
});

describe("undo and redo", () => {
  it("go back and forth over single changes", () => {
    table().change("light.clockHours", 3);
    vi.advanceTimersByTime(1000);
    table().change("light.clockHours", 4);
    table().undo();
    expect(hours()).toBe(3);
    table().undo();
    expect(table().set).toBe(first);
    table().undo();
    table().redo();
    table().redo();
    expect(hours()).toBe(4);
    table().redo();
    expect(hours()).toBe(4);
  });

  it("take quick changes of one field as one step, of two fields as two", () => {
    for (let step = 1; step <= 5; step++) table().change("light.clockHours", step);
    table().change("light.distanceMetres", 2);
    table().undo();
    expect(hours()).toBe(5);
    table().undo();
    expect(table().set).toBe(first);
  });

  it("take a whole drag as one step, and one that goes nowhere as none", () => {
    table().startDrag();
    for (let step = 1; step <= 9; step++) table().drag({ light: at(step).light });
    table().endDrag();
    expect(hours()).toBe(9);
    table().undo();
    expect(table().set).toBe(first);
    table().startDrag();
    table().endDrag();
    expect(table().past).toEqual([]);
  });

  it("take a drag that pauses as one step, whatever it changes", () => {
    table().startDrag();
    table().drag({ light: at(3).light });
    vi.advanceTimersByTime(5000);
    table().drag({ light: at(4).light });
    vi.advanceTimersByTime(5000);
    table().change("light.clockHours", 5);
    table().endDrag();
    expect(table().past).toEqual([first]);
  });

  it("leave nothing of a drag that the system broke off", () => {
    table().replace(at(2));
    table().startDrag();
    table().drag({ light: at(3).light });
    table().cancelDrag();
    expect(hours()).toBe(2);
    expect(table().past).toEqual([first]);
    table().cancelDrag();
    expect(hours()).toBe(2);
  });

  it("forget what was undone once something else is changed", () => {
    table().replace(at(3));
    table().undo();
    table().replace(at(4));
    table().redo();
    expect(hours()).toBe(4);
  });

  it("hold a hundred steps", () => {
    for (let step = 1; step <= 150; step++) table().replace(at(step / 20));
    expect(table().past).toHaveLength(100);
  });
});

describe("what the server says of a set", () => {
  it("counts for the set it was said of", () => {
    table().replace(at(3));
    const asked = table().set as TableSet;
    table().replace(at(4));
    table().refuse(asked, { field: "light.clock", detail: "no" });
    expect(table().problem).toBeNull();
    table().refuse(table().set as TableSet, { field: "light.clock", detail: "no" });
    expect(table().problem?.detail).toBe("no");
    // an older set is possible; the present one is not for that
    table().accept(asked);
    expect(table().problem?.detail).toBe("no");
    expect(table().possible).toBe(first);
  });

  it("sends what was dropped where it cannot be back to where it could", () => {
    table().startDrag();
    table().drag({ light: at(3).light });
    table().accept(table().set as TableSet);
    table().drag({ light: at(4).light });
    table().refuse(table().set as TableSet, { field: "light.clock", detail: "no" });
    table().endDrag();
    expect(hours()).toBe(3);
  });

  it("lets an impossible change be taken back, and that be undone", () => {
    table().replace(at(3));
    table().refuse(table().set as TableSet, { field: "light.clock", detail: "no" });
    table().takeBack();
    expect(table().set).toBe(first);
    expect(table().problem).toBeNull();
    table().undo();
    expect(hours()).toBe(3);
  });
});

describe("what is saved", () => {
  it("is told from what is on the table by its values", () => {
    expect(isChanged(table())).toBe(false);
    table().replace(at(3));
    expect(isChanged(table())).toBe(true);
    table().replace(structuredClone(first));
    expect(isChanged(table())).toBe(false);
  });

  it("gives way to a draft, but for one without changes that was overtaken", () => {
    table().replace(at(3));
    table().open({ id: "b", version: 1, set: first, updatedAt: "" } as never);
    table().open({ id: "a", version: 2, set: at(5), updatedAt: "" } as never);
    expect(hours()).toBe(3);
    expect(table().version).toBe(1);
    table().replace(first);
    table().open({ id: "a", version: 2, set: at(5), updatedAt: "" } as never);
    expect(hours()).toBe(5);
  });
});

it("what can be taken back can so until the next change", () => {
  table().replace(at(3));
  const gone = vi.fn();
  const action = takeBack();
  const stop = action.expires?.(gone);
  expect(gone).not.toHaveBeenCalled();
  table().replace(at(4));
  expect(gone).toHaveBeenCalled();
  stop?.();
});
