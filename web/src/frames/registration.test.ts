import { describe, expect, it } from "vitest";
import { asItCame, laidPicture, ratioOf, withPoint } from "./registration";

describe("how a frame lies on its picture", () => {
  it("is as it came where it has the picture's proportions", () => {
    for (const point of asItCame({ width: 900, height: 600 }, 1.5).points) {
      expect(point.pictureAcross).toBeCloseTo(point.frameAcross);
      expect(point.pictureDown).toBeCloseTo(point.frameDown);
    }
  });

  it("shows a frame of other proportions whole, in the middle", () => {
    const narrow = asItCame({ width: 800, height: 600 }, 1.5).points[0];
    expect(narrow?.pictureDown).toBeCloseTo(0.2);
    expect(narrow?.pictureAcross).toBeCloseTo(0.5 - (0.3 * 4) / 3 / 1.5);
    const low = asItCame({ width: 1600, height: 900 }, 1.5).points[2];
    expect(low?.pictureAcross).toBeCloseTo(0.8);
    expect(low?.pictureDown).toBeCloseTo(0.5 + (0.3 * 1.5) / (16 / 9));
  });

  it("changes by one place, and is another picture then", () => {
    const before = asItCame({ width: 900, height: 600 }, 1.5);
    const after = withPoint(before, 1, { across: 0.9, down: 0.2 });
    expect(after.points[1]).toMatchObject({ frameAcross: 0.8, pictureAcross: 0.9 });
    expect(after.points[0]).toEqual(before.points[0]);
    expect(laidPicture("a", before)).toBe(
      "/api/frames/a/laid?ratio=1.5&points=0.2,0.2,0.2,0.2,0.8,0.2,0.8,0.2,0.8,0.8,0.8,0.8,0.2,0.8,0.2,0.8",
    );
    expect(laidPicture("a", after)).not.toBe(laidPicture("a", before));
  });

  it("has the picture's proportions once it is laid", () => {
    const frame = { width: 800, height: 600, registration: null };
    expect(ratioOf(frame as never)).toBeCloseTo(4 / 3);
    const laid = { ...frame, registration: asItCame(frame, 1.5) };
    expect(ratioOf(laid as never)).toBe(1.5);
  });
});
