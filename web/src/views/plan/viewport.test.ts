import { describe, expect, it } from "vitest";
import { Scale } from "./scale";
import { FITTED, seen, zoomed } from "./viewport";

const SIZE = { width: 400, height: 300 };
const FIT = new Scale(100, 200, 150);

describe("the part of a drawing that is shown", () => {
  it("is the fitted one at first", () => {
    const scale = seen(FIT, FITTED, SIZE);
    expect(scale.across(0.5)).toBe(FIT.across(0.5));
    expect(scale.up(0.5)).toBe(FIT.up(0.5));
  });

  it("keeps the place under the pointer where it is", () => {
    const at = { x: 320, y: 60 };
    const before = { across: FIT.metresAcross(at.x), up: FIT.metresUp(at.y) };
    let viewport = FITTED;
    for (const by of [1.3, 2, 0.6]) viewport = zoomed(viewport, by, at, SIZE);
    const scale = seen(FIT, viewport, SIZE);
    expect(scale.across(before.across)).toBeCloseTo(at.x, 6);
    expect(scale.up(before.up)).toBeCloseTo(at.y, 6);
    expect(scale.perMetre).toBeCloseTo(156, 6);
  });

  it("has an end either way", () => {
    expect(zoomed(FITTED, 1000, { x: 0, y: 0 }, SIZE).zoom).toBe(12);
    expect(zoomed(FITTED, 0.001, { x: 0, y: 0 }, SIZE).zoom).toBe(0.4);
  });
});
