import { describe, expect, it } from "vitest";
import { angle, clock, guideNumber, inUnit, length, percent, stops } from "./units";

describe("lengths", () => {
  it("are read in the unit typed, else in the chosen one", () => {
    const cm = length("cm");
    const inches = length("in");
    expect(cm.read("90")).toBeCloseTo(0.9, 9);
    expect(cm.read("35 in")).toBeCloseTo(0.889, 9);
    expect(cm.read("0,9 m")).toBeCloseTo(0.9, 9);
    expect(cm.read("2 ft")).toBeCloseTo(0.6096, 9);
    expect(cm.read("−5 mm")).toBeCloseTo(-0.005, 9);
    expect(inches.read("10")).toBeCloseTo(0.254, 9);
    expect(inches.read('10"')).toBeCloseTo(0.254, 9);
    for (const junk of ["", "cm", "1e3", "3 4", "0x10", "∞"]) expect(cm.read(junk)).toBeNull();
  });

  it("are shown in it, with a true minus sign and no minus zero", () => {
    expect(length("cm").show(0.254)).toBe("25.4");
    expect(length("in").show(0.254)).toBe("10");
    expect(length("cm").show(-0.1)).toBe("−10");
    expect(length("cm").show(-0.00001)).toBe("0");
  });
});

describe("clock positions", () => {
  it("are read as hours and minutes or as hours", () => {
    expect(clock.read("10:30")).toBe(10.5);
    expect(clock.read("12:15")).toBe(0.25);
    expect(clock.read("10.5")).toBe(10.5);
    expect(clock.read("3 o’clock")).toBe(3);
    expect(clock.read("10:75")).toBeNull();
  });

  it("are shown so that they read back", () => {
    for (const hours of [0, 0.25, 3, 9.75, 11.5]) {
      expect(clock.read(clock.show(hours))).toBeCloseTo(hours, 2);
    }
  });
});

it("other quantities take their unit or leave it", () => {
  expect(angle.read("45°")).toBe(45);
  expect(stops.read("-1.5 stops")).toBe(-1.5);
  expect(percent.read("30 %")).toBeCloseTo(0.3, 12);
  expect(guideNumber.read("118 ft")).toBeCloseTo(35.97, 2);
});

describe("lengths in sentences", () => {
  it("are said in the chosen unit", () => {
    expect(inUnit("Move it out by {0.12340 m}", "cm")).toBe("Move it out by 12 cm");
    expect(inUnit("Move it out by {0.12700 m}", "in")).toBe("Move it out by 5 in");
    expect(inUnit("no length", "in")).toBe("no length");
  });

  it("are rounded to what does", () => {
    expect(inUnit("at least {0.12010 m least}", "cm")).toBe("at least 13 cm");
    expect(inUnit("at most {0.12990 m most}", "cm")).toBe("at most 12 cm");
    expect(inUnit("at least {0.12800 m least}", "in")).toBe("at least 5.25 in");
    expect(inUnit("at most {0.13000 m most}, {1.00000 m least}", "cm")).toBe(
      "at most 13 cm, 100 cm",
    );
  });
});
