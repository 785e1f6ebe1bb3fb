import { type KeyboardEvent, type PointerEvent, useRef } from "react";
import type { TableSet } from "../../api/types";
import { useTable } from "../../set/store";
import type { Scale } from "./scale";

export type Drawn = { across: number; up: number };

/** Something of the set that can be moved in one of its drawings. */
export type Movable = {
  /** Where it is drawn, metres; nothing once it is gone. */
  drawn: (set: TableSet) => Drawn | null;
  /** The parts of the set that change when it is moved to a place. */
  moved: (set: TableSet, to: Drawn) => Partial<TableSet>;
};

const NUDGE = 0.01;
const FAR_NUDGE = 0.1;

/** Moves something by pointer and by arrow keys. */
export function useHandle({ drawn, moved }: Movable, scale: Scale, onGrip?: () => void) {
  const grip = useRef<Drawn | null>(null);
  const { startDrag, drag, endDrag, replace } = useTable.getState();

  const at = (event: PointerEvent<SVGElement>): Drawn => {
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    return {
      across: scale.metresAcross(event.clientX - (box?.left ?? 0)),
      up: scale.metresUp(event.clientY - (box?.top ?? 0)),
    };
  };

  const end = () => {
    grip.current = null;
    endDrag();
  };

  return {
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      const { set } = useTable.getState();
      const now = set && drawn(set);
      if (!now || event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      const pointer = at(event);
      grip.current = { across: now.across - pointer.across, up: now.up - pointer.up };
      onGrip?.();
      startDrag();
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      const { set, dragging } = useTable.getState();
      // what is dragged may be gone: taken back by a key, or deleted
      if (!dragging || !grip.current || !set || !drawn(set)) return;
      const pointer = at(event);
      drag(
        moved(set, {
          across: pointer.across + grip.current.across,
          up: pointer.up + grip.current.up,
        }),
      );
    },
    onPointerUp: end,
    onPointerCancel: end,
    onFocus: onGrip,
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
      const now = set && drawn(set);
      if (!now || !way) return;
      event.preventDefault();
      replace({ ...set, ...moved(set, { across: now.across + way[0], up: now.up + way[1] }) });
    },
  };
}
