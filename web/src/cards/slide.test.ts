import { describe, expect, it } from "vitest";
import type { Card, CardSlide } from "../api/types";
import { axesOf, cardCarriedTo, middleOf } from "../set/frame";
import { metresOn, placeOn } from "./slide";

/** A way up to the right, 3-4-5: 0.5 m long. */
const SLIDE: CardSlide = {
  near: { x: 0.1, y: 0, z: 0.2 },
  far: { x: 0.4, y: 0, z: 0.6 },
  nearestMetres: 0.2,
  farthestMetres: 0.7,
  nowMetres: 0.3,
};

const CARD = {
  widthMetres: 0.3,
  heightMetres: 0.2,
  clockHours: 3,
  distanceMetres: 0.16,
  liftMetres: 0.2,
  turnDegrees: 10,
  leanDegrees: 0,
} as Card;

const WIDE = () => ({ min: -1000, max: 1000 });

describe("a card on its way along the beam", () => {
  it("is where similar triangles put it", () => {
    const { x, y, z } = placeOn(SLIDE, 0.45);
    expect(x).toBeCloseTo(0.25, 9);
    expect(y).toBeCloseTo(0, 9);
    expect(z).toBeCloseTo(0.4, 9);
    expect(metresOn(SLIDE, { x: 0.25, y: 0.3, z: 0.4 })).toBeCloseTo(0.45, 9);
  });

  it("stays between the ends", () => {
    expect(metresOn(SLIDE, { x: 5, y: 0, z: 5 })).toBe(0.7);
    expect(metresOn(SLIDE, { x: -5, y: 0, z: -5 })).toBe(0.2);
  });

  it("keeps facing as it did where the clock changes", () => {
    const across = { ...SLIDE, far: { x: 0.4, y: 0.4, z: 0.6 } };
    const card = cardCarriedTo(CARD, placeOn(across, 0.7), WIDE);
    expect(card.clockHours).toBeCloseTo(1.5, 3);
    expect(middleOf(card).z).toBeCloseTo(0.6, 4);
    const [before, after] = [axesOf(CARD).front, axesOf(card).front];
    expect(after.x).toBeCloseTo(before.x, 3);
    expect(after.y).toBeCloseTo(before.y, 3);
  });
});
