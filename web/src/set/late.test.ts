import { beforeEach, describe, expect, it } from "vitest";
import type { StoredSet, TableSet } from "../api/types";
import { asking, putAnswer } from "./late";
import starter from "./starter.json";
import { useTable } from "./store";

const START = starter as unknown as TableSet;

function open(id: string): void {
  useTable.getState().open({ id, version: 1, set: START } as unknown as StoredSet);
}

function onTable(): TableSet {
  return useTable.getState().set as TableSet;
}

describe("an answer that comes late", () => {
  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    open("one");
  });

  it("is put on the table as it is when nothing was changed meanwhile", () => {
    const asked = asking();
    const answered = { ...START, title: "Answered" };
    expect(asked && putAnswer(asked, answered)).toBe(true);
    expect(onTable()).toBe(answered);
  });

  it("leaves alone what was changed meanwhile, and can be undone with it", () => {
    const asked = asking();
    useTable.getState().change("backdrop.distanceMetres", 3);
    const answered = { ...START, light: { ...START.light, distanceMetres: 2 } };
    expect(asked && putAnswer(asked, answered)).toBe(true);
    expect(onTable().backdrop.distanceMetres).toBe(3);
    expect(onTable().light.distanceMetres).toBe(2);
    useTable.getState().undo();
    expect(onTable().backdrop.distanceMetres).toBe(3);
    expect(onTable().light.distanceMetres).toBe(START.light.distanceMetres);
  });

  it("is dropped where the same part was changed meanwhile", () => {
    const asked = asking();
    useTable.getState().change("light.clockHours", "2:00");
    const edited = onTable();
    const answered = { ...START, light: { ...START.light, distanceMetres: 2 } };
    expect(asked && putAnswer(asked, answered)).toBe(false);
    expect(onTable()).toBe(edited);
  });

  it("is dropped where another set was opened meanwhile", () => {
    const asked = asking();
    open("two");
    expect(asked && putAnswer(asked, { ...START, title: "Answered" })).toBe(false);
    expect(onTable().title).toBe(START.title);
  });

  it("goes by the set that it was worked out for, not by the one on the table when it was pressed", () => {
    const before = onTable();
    useTable.getState().change("light.clockHours", "2:00");
    const remedy = { ...before, light: { ...before.light, distanceMetres: 2 } };
    const asked = asking(before);
    expect(asked && putAnswer(asked, remedy)).toBe(false);
    expect(onTable().light.clockHours).toBe("2:00");
  });
});
