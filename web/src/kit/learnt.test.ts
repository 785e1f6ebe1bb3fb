import { describe, expect, it } from "vitest";
import type { Kit, Light } from "../api/types";
import { withLearntLight } from "./learnt";

const box = { kind: "in-box", outerLossStops: 1 };
const flash = (stops: number) => ({ kind: "battery-flash", output: stops });
const light = (stops: number, loss: number) =>
  ({
    source: flash(stops),
    face: { kind: "rectangle" },
    filling: { ...box, outerLossStops: loss },
    spread: { kind: "diffuse" },
    losses: [],
  }) as unknown as Light;
const { face, filling, spread, losses } = light(0, 1);
const kit = {
  sources: [
    { name: "Ours", source: flash(0), origin: "default" },
    { name: "Another", source: flash(3), origin: "default" },
  ],
  shapers: [
    { name: "Box", face, filling, spread, losses, origin: "default" },
    { name: "Bare", face, filling, spread: { kind: "bare" }, losses, origin: "default" },
  ],
} as unknown as Kit;

describe("what was learnt of a light", () => {
  it("goes into the pieces that it is made of, and no others", () => {
    const now = withLearntLight(kit, light(0.4, 1.3), [light(0, 1)]);
    expect(now.sources.map(({ origin }) => origin)).toEqual(["calibrated", "default"]);
    expect(now.sources[0]?.source).toEqual(flash(0.4));
    expect(now.shapers.map(({ origin }) => origin)).toEqual(["calibrated", "default"]);
    expect(now.shapers[0]?.filling).toEqual({ ...box, outerLossStops: 1.3 });
    expect(now.shapers[1]).toEqual(kit.shapers[1]);
  });

  it("finds them by what was stated first, where the set has the learnt numbers already", () => {
    const now = withLearntLight(kit, light(0.4, 1), [light(0.4, 1), light(0, 1)]);
    expect(now.sources[0]?.origin).toBe("calibrated");
    expect(now.shapers).toEqual(kit.shapers);
  });

  it("changes nothing where the kit has none of it, or has it already", () => {
    expect(withLearntLight(kit, light(9, 9), [light(8, 8)])).toEqual(kit);
    expect(withLearntLight(kit, light(0, 1), [light(0, 1)])).toEqual(kit);
  });
});
