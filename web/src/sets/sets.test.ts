import { describe, expect, it } from "vitest";
import type { SetSummary } from "../api/types";
import { inOrder } from "./SetsSheet";

const set = (title: string, updatedAt: string, openedAt: string | null) =>
  ({ id: title, version: 1, title, updatedAt, openedAt }) as unknown as SetSummary;

const SETS = [
  set("Rye crispbread", "2026-03-03", "2026-03-04"),
  set("Almond tart", "2026-03-05", null),
  set("Chowder", "2026-03-01", "2026-03-09"),
];

const titles = (sets: SetSummary[]) => sets.map(({ title }) => title);

describe("the list of sets", () => {
  it("has first what was opened or made last", () => {
    expect(titles(inOrder(SETS, "opened", ""))).toEqual([
      "Chowder",
      "Almond tart",
      "Rye crispbread",
    ]);
  });

  it("is sorted by title or by when it was saved", () => {
    expect(titles(inOrder(SETS, "title", ""))).toEqual([
      "Almond tart",
      "Chowder",
      "Rye crispbread",
    ]);
    expect(titles(inOrder(SETS, "saved", ""))).toEqual([
      "Almond tart",
      "Rye crispbread",
      "Chowder",
    ]);
  });

  it("is searched by every word of a title", () => {
    expect(titles(inOrder(SETS, "title", "tart al"))).toEqual(["Almond tart"]);
    expect(inOrder(SETS, "title", "tart rye")).toEqual([]);
  });
});
