import { contours } from "d3-contour";
import type { Plan, Point } from "../api/types";

export type ContourLine = {
  stops: number;
  /** Pieces of line, each a list of places on the table, metres. */
  pieces: { x: number; y: number }[][];
  /** Where its label stands. */
  label: { x: number; y: number } | null;
};

const STEP = 0.5;
const BRIGHTEST = 6;
const DIMMEST = -5;

/** Contour lines of light over the table, half a stop apart, drawn from the map that the core computed. */
export function contourLines(map: Plan["map"], light: Point): ContourLine[] {
  const values = map.stopHundredths.map((hundredths) => Math.max(DIMMEST - 1, hundredths / 100));
  const levels: number[] = [];
  for (let level = DIMMEST; level <= BRIGHTEST; level += STEP) levels.push(level);
  const cell = (2 * map.reach) / (map.size - 1);
  const shapes = contours().size([map.size, map.size]).thresholds(levels)(values);
  // labels stand in a row, on the far side of the hero as the light sees it and a little to one side
  const away = Math.atan2(-light.y, -light.x) + 0.6;
  return shapes.map((shape) => {
    const pieces = shape.coordinates.flatMap((polygon) =>
      polygon.flatMap((ring) => insidePieces(ring as [number, number][], map.size)),
    );
    const placed = pieces.map((piece) =>
      piece.map(([column, row]) => ({
        x: -map.reach + (column - 0.5) * cell,
        y: -map.reach + (row - 0.5) * cell,
      })),
    );
    return { stops: shape.value, pieces: placed, label: labelPlace(placed, light, away) };
  });
}

/** The parts of a ring that do not run along the border of the map. */
function insidePieces(ring: [number, number][], size: number): [number, number][][] {
  const onBorder = ([column, row]: [number, number]) =>
    column <= 0.5 || row <= 0.5 || column >= size - 0.5 || row >= size - 0.5;
  const pieces: [number, number][][] = [];
  let piece: [number, number][] = [];
  for (const point of ring) {
    if (onBorder(point)) {
      if (piece.length > 1) pieces.push(piece);
      piece = [];
    } else {
      piece.push(point);
    }
  }
  if (piece.length > 1) pieces.push(piece);
  return pieces;
}

function labelPlace(pieces: { x: number; y: number }[][], light: Point, direction: number) {
  let best: { x: number; y: number } | null = null;
  let least = 0.25;
  for (const point of pieces.flat()) {
    const off = Math.atan2(point.y - light.y, point.x - light.x) - direction;
    const turn = Math.abs(Math.atan2(Math.sin(off), Math.cos(off)));
    if (turn < least) {
      least = turn;
      best = point;
    }
  }
  return best;
}
