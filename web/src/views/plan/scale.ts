import { type RefObject, useEffect, useRef, useState } from "react";
import type { TableSet } from "../../api/types";
import { acrossOf, centreOf } from "../../set/frame";
import { useTable } from "../../set/store";

/** Half-heights of floor that are drawn, metres: the first that holds the light. */
const REACHES = [0.4, 0.5, 0.65, 0.8, 1, 1.25, 1.6, 2, 2.5, 3.2, 4, 5, 6.5, 8, 10, 13];

/** How much of the floor is drawn, metres from the hero point; it holds still while a light is dragged. */
export function useReach(): number {
  const set = useTable((table) => table.set);
  const dragging = useTable((table) => table.dragging);
  const held = useRef(1.25);
  if (set && !dragging) {
    const centre = centreOf(set.light);
    const filling = set.light.filling;
    const behind = "gapMetres" in filling ? filling.gapMetres : 0;
    const room = set.room.kind === "walled-room" ? set.room : null;
    const lit = filling.kind === "off-room" && room ? SIDES[filling.side](room) : 0;
    const need = Math.max(
      lit,
      1.1 * (Math.hypot(centre.x, centre.y) + behind) + acrossOf(set.light.face) / 4,
      0.7 * set.camera.framedWidthMetres,
    );
    // the backdrop too, where that does not make everything much smaller
    const all = Math.max(need, Math.min(1.05 * set.backdrop.distanceMetres, 1.25 * need));
    held.current = REACHES.find((reach) => reach >= all) ?? 13;
  }
  return held.current;
}

type Walls = Extract<TableSet["room"], { kind: "walled-room" }>;
type RoomSide = Extract<TableSet["light"]["filling"], { kind: "off-room" }>["side"];

/** How far the drawing has to reach to show a side of the room. */
const SIDES: Record<RoomSide, (room: Walls) => number> = {
  left: (room) => 0.72 * room.leftMetres,
  right: (room) => 0.72 * room.rightMetres,
  behind: (room) => 1.05 * room.behindMetres,
  before: (room) => 1.05 * room.beforeMetres,
  ceiling: (room) => room.aboveMetres / 1.05,
};

export type Size = { width: number; height: number };

/** The size of an element in CSS pixels, kept up to date. */
export function useSize(): [RefObject<HTMLDivElement | null>, Size] {
  const ref = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}

/** From metres on the set to pixels in a drawing, true to scale; "up" is y on the floor and z in the rise. */
export class Scale {
  constructor(
    readonly perMetre: number,
    private readonly originX: number,
    private readonly originY: number,
  ) {}

  across(metres: number): number {
    return this.originX + metres * this.perMetre;
  }

  up(metres: number): number {
    return this.originY - metres * this.perMetre;
  }

  metresAcross(pixels: number): number {
    return (pixels - this.originX) / this.perMetre;
  }

  metresUp(pixels: number): number {
    return (this.originY - pixels) / this.perMetre;
  }

  path(points: { across: number; up: number }[], closed = true): string {
    const steps = points.map(
      ({ across, up }) => `${this.across(across).toFixed(1)} ${this.up(up).toFixed(1)}`,
    );
    return steps.length === 0 ? "" : `M${steps.join("L")}${closed ? "Z" : ""}`;
  }

  /** Round the hero's middle. */
  ellipse({ halfWidth, halfDepth }: { halfWidth: number; halfDepth: number }): string {
    const radii = `${(halfWidth * this.perMetre).toFixed(1)} ${(halfDepth * this.perMetre).toFixed(1)}`;
    const end = (side: number) =>
      `${this.across(side * halfWidth).toFixed(1)} ${this.up(0).toFixed(1)}`;
    return `M${end(-1)}A${radii} 0 0 1 ${end(1)}A${radii} 0 0 1 ${end(-1)}Z`;
  }

  /** Round the hero's middle. */
  rectangle({ halfWidth, halfDepth }: { halfWidth: number; halfDepth: number }): string {
    return this.path([
      { across: -halfWidth, up: -halfDepth },
      { across: halfWidth, up: -halfDepth },
      { across: halfWidth, up: halfDepth },
      { across: -halfWidth, up: halfDepth },
    ]);
  }
}
