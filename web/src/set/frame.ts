import type { Card, Face, Light, Point } from "../api/types";
import type { Limits } from "./limits";

/**
 * Between places and the way people say them: clock, height angle and distance from the aim point. The origin is the hero
 * point on the table top; +x is to the right of the picture, +y away from the camera, +z up.
 */

const radians = (degrees: number) => (degrees * Math.PI) / 180;
const degrees = (angle: number) => (angle * 180) / Math.PI;
const within = (value: number, { min, max }: Limits) => Math.min(max, Math.max(min, value));

/** From side to side of a face, metres. */
export function acrossOf(face: Face): number {
  switch (face.kind) {
    case "rectangle":
      return face.widthMetres;
    case "strip":
      return face.stance === "level" ? face.lengthMetres : face.breadthMetres;
    case "disc":
      return face.diameterMetres;
    case "octagon":
      return face.acrossFlatsMetres;
  }
}

/** From bottom to top of a face, metres. */
export function alongOf(face: Face): number {
  switch (face.kind) {
    case "rectangle":
      return face.heightMetres;
    case "strip":
      return face.stance === "level" ? face.breadthMetres : face.lengthMetres;
    default:
      return acrossOf(face);
  }
}

export function centreOf(light: Light): Point {
  const turn = radians(light.clockHours * 30);
  const rise = radians(light.heightAngleDegrees);
  const level = light.distanceMetres * Math.cos(rise);
  return {
    x: light.aim.xMetres + Math.sin(turn) * level,
    y: light.aim.yMetres + Math.cos(turn) * level,
    z: light.aim.zMetres + light.distanceMetres * Math.sin(rise),
  };
}

/** The light with its centre as near to a place as the limits of its fields allow. */
export function movedTo(light: Light, place: Point, limits: (field: string) => Limits): Light {
  const x = place.x - light.aim.xMetres;
  const y = place.y - light.aim.yMetres;
  const z = Math.max(0, place.z - light.aim.zMetres);
  const level = Math.hypot(x, y);
  const clock = level < 1e-9 ? light.clockHours : ((degrees(Math.atan2(x, y)) + 360) % 360) / 30;
  return {
    ...light,
    clockHours: within(round(clock, 1e3), limits("clockHours")),
    heightAngleDegrees: within(
      round(degrees(Math.atan2(z, level)), 1e2),
      limits("heightAngleDegrees"),
    ),
    distanceMetres: within(round(Math.hypot(level, z), 1e4), limits("distanceMetres")),
  };
}

/** Where a card's middle is. */
export function middleOf(card: Card): Point {
  const turn = radians(card.clockHours * 30);
  return {
    x: Math.sin(turn) * card.distanceMetres,
    y: Math.cos(turn) * card.distanceMetres,
    z: card.liftMetres + (card.heightMetres / 2) * Math.cos(radians(card.leanDegrees)),
  };
}

/** The card with its middle as near to a place as the limits of its fields allow; it keeps facing the hero as it did. */
export function cardMovedTo(card: Card, place: Point, limits: (field: string) => Limits): Card {
  const level = Math.hypot(place.x, place.y);
  const clock =
    level < 1e-9 ? card.clockHours : ((degrees(Math.atan2(place.x, place.y)) + 360) % 360) / 30;
  const lift = place.z - (card.heightMetres / 2) * Math.cos(radians(card.leanDegrees));
  return {
    ...card,
    clockHours: within(round(clock, 1e3), limits("clockHours")),
    distanceMetres: within(round(level, 1e4), limits("distanceMetres")),
    liftMetres: within(round(lift, 1e4), limits("liftMetres")),
  };
}

/** The card with its middle as near to a place as the limits of its fields allow; it keeps facing the way it does now. */
export function cardCarriedTo(card: Card, place: Point, limits: (field: string) => Limits): Card {
  const there = cardMovedTo(card, place, limits);
  const turn = halfTurn(card.turnDegrees + 30 * (there.clockHours - card.clockHours));
  return { ...there, turnDegrees: within(round(turn, 1e2), limits("turnDegrees")) };
}

/** Level unit vectors: along a card's width, and out of its front. */
export function axesOf(card: Card): { along: Point; front: Point } {
  const facing = radians(card.clockHours * 30 - card.turnDegrees);
  return {
    along: { x: -Math.cos(facing), y: Math.sin(facing), z: 0 },
    front: { x: -Math.sin(facing), y: -Math.cos(facing), z: 0 },
  };
}

/** The card turned so that its front looks towards a place. */
export function cardTurnedTo(card: Card, place: Point, limits: (field: string) => Limits): Card {
  const middle = middleOf(card);
  const facing = degrees(Math.atan2(middle.x - place.x, middle.y - place.y));
  let turn = halfTurn(card.clockHours * 30 - facing);
  // both sides are alike
  if (turn > 90) turn -= 180;
  if (turn < -90) turn += 180;
  return { ...card, turnDegrees: within(round(turn, 1e2), limits("turnDegrees")) };
}

/** The same direction from -180 to 180 degrees. */
function halfTurn(angle: number): number {
  return ((((angle + 180) % 360) + 360) % 360) - 180;
}

function round(value: number, perUnit: number): number {
  return Math.round(value * perUnit) / perUnit;
}
