import { describe, expect, it } from "vitest";
import { spaced } from "./labels";

const label = (key: string, x: number, y: number) => ({ key, x, y, halfWidth: 15 });

describe("labels in a drawing", () => {
  it("stand where none before them stands", () => {
    expect(spaced([label("now", 0, 0), label("+1", 20, 5), label("+2", 33, 0)])).toEqual(
      new Set(["now", "+2"]),
    );
  });

  it("stand one above the other", () => {
    expect(spaced([label("now", 0, 0), label("+1", 0, 21)]).size).toBe(2);
    expect(spaced([label("now", 0, 0), label("+1", 0, 19)]).size).toBe(1);
  });
});
