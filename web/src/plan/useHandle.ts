import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import type { Point } from "../api/types";
import { centreOf, movedTo } from "../table/frame";
import { limitsAt } from "../table/limits";
import { useTable } from "../table/store";
import type { Scale } from "./scale";

type Plane = {
  /** The place under the pointer, given where the light is now. */
  place: (now: Point, across: number, up: number) => Point;
  /** Where the light's centre is drawn. */
  drawn: (centre: Point) => { across: number; up: number };
};

export const FLOOR: Plane = {
  place: (now, across, up) => ({ x: across, y: up, z: now.z }),
  drawn: ({ x, y }) => ({ across: x, up: y }),
};

export const RISE: Plane = {
  place: (now, across, up) => ({ x: now.x, y: across, z: up }),
  drawn: ({ y, z }) => ({ across: y, up: z }),
};

const NUDGE = 0.01;
const FAR_NUDGE = 0.1;

/** Moves the light's centre in one plane of the set, by pointer and by arrow keys. */
export function useHandle(plane: Plane, scale: Scale) {
  const grip = useRef({ across: 0, up: 0 });
  const { startDrag, drag, endDrag, change } = useTable.getState();

  const moveTo = (across: number, up: number) => {
    const { set } = useTable.getState();
    if (!set) return null;
    const limits = (field: string) => limitsAt(set, `light.${field}`);
    return movedTo(set.light, plane.place(centreOf(set.light), across, up), limits);
  };

  const at = (event: PointerEvent<SVGElement>) => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    return {
      across: scale.metresAcross(event.clientX - (box?.left ?? 0)),
      up: scale.metresUp(event.clientY - (box?.top ?? 0)),
    };
  };

  return {
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      const { set } = useTable.getState();
      if (!set || event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      const pointer = at(event);
      const drawn = plane.drawn(centreOf(set.light));
      grip.current = { across: drawn.across - pointer.across, up: drawn.up - pointer.up };
      startDrag();
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (!useTable.getState().dragging) return;
      const pointer = at(event);
      const light = moveTo(pointer.across + grip.current.across, pointer.up + grip.current.up);
      if (light) drag(light);
    },
    onPointerUp: endDrag,
    onPointerCancel: endDrag,
    onKeyDown: (event: KeyboardEvent<SVGElement>) => {
      const { set } = useTable.getState();
      const step = event.shiftKey ? FAR_NUDGE : NUDGE;
      const ways: Record<string, [number, number]> = {
        ArrowLeft: [-step, 0],
        ArrowRight: [step, 0],
        ArrowUp: [0, step],
        ArrowDown: [0, -step],
      };
      const way = ways[event.key];
      if (!set || !way) return;
      event.preventDefault();
      const drawn = plane.drawn(centreOf(set.light));
      change("light", moveTo(drawn.across + way[0], drawn.up + way[1]));
    },
  };
}
