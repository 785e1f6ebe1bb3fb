import { contours } from "d3-contour";
import type { Plan, Point } from "../../api/types";

export type Place = { x: number; y: number };

export type ContourLine = {
  stops: number;
  /** Pieces of line, each a list of places. */
  pieces: Place[][];
  /** Where its label stands. */
  label: Place | null;
};

/** A grid of numbers; null where there is none. */
export type Grid = { columns: number; rows: number; values: (number | null)[] };

const STEP = 0.5;
const BRIGHTEST = 6;
const DIMMEST = -5;
const MOST_LABELLED = 8;

/** Contour lines of light over the table, half a stop apart, drawn from the map that the core computed; metres. */
export function contourLines(map: Plan["map"], light: Point): ContourLine[] {
  const cell = (2 * map.reach) / (map.size - 1);
  const values = map.stopHundredths.map((hundredths) => hundredths / 100);
  // labels stand in a row, on the far side of the hero as the light sees it and a little to one side
  const away = Math.atan2(-light.y, -light.x) + 0.6;
  return gridLines({ columns: map.size, rows: map.size, values }).map(({ stops, pieces }) => {
    const placed = pieces.map((piece) =>
      piece.map(({ x, y }) => ({ x: -map.reach + x * cell, y: -map.reach + y * cell })),
    );
    // a pattern's many small pieces leave no room for labels
    const label = placed.length > MOST_LABELLED ? null : labelPlace(placed, light, away);
    return { stops, pieces: placed, label };
  });
}

/** Contour lines of a grid, half a stop apart; places count columns and rows from the first. */
export function gridLines({ columns, rows, values }: Grid): ContourLine[] {
  const filled = values.map((value) => Math.max(DIMMEST - 1, value ?? DIMMEST - 1));
  const levels: number[] = [];
  for (let level = DIMMEST; level <= BRIGHTEST; level += STEP) levels.push(level);
  const shapes = contours().size([columns, rows]).thresholds(levels)(filled);
  const isOutside = ([column, row]: [number, number]) => {
    if (column <= 0.5 || row <= 0.5 || column >= columns - 0.5 || row >= rows - 0.5) return true;
    // a line between a number and none is the edge of what is known, not of light
    const left = Math.floor(column - 0.5);
    const above = Math.floor(row - 0.5);
    return [0, 1, columns, columns + 1].some(
      (step) => values[above * columns + left + step] === null,
    );
  };
  return shapes.map((shape) => {
    const pieces = shape.coordinates
      .flatMap((polygon) =>
        polygon.flatMap((ring) => insidePieces(ring as [number, number][], isOutside)),
      )
      .map((piece) => piece.map(([column, row]) => ({ x: column - 0.5, y: row - 0.5 })));
    const longest = pieces.reduce<Place[]>((a, b) => (b.length > a.length ? b : a), []);
    return { stops: shape.value, pieces, label: longest[Math.floor(longest.length / 2)] ?? null };
  });
}

/** The parts of a ring that do not run along the border of what is known. */
function insidePieces(
  ring: [number, number][],
  isOutside: (point: [number, number]) => boolean,
): [number, number][][] {
  const pieces: [number, number][][] = [];
  let piece: [number, number][] = [];
  for (const point of ring) {
    if (isOutside(point)) {
      if (piece.length > 1) pieces.push(piece);
      piece = [];
    } else {
      piece.push(point);
    }
  }
  if (piece.length > 1) pieces.push(piece);
  return pieces;
}

function labelPlace(pieces: Place[][], light: Point, direction: number): Place | null {
  let best: Place | null = null;
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
