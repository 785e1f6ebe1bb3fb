import type { KeyboardEvent, PointerEvent } from "react";

/** A place in the frame, 0 to 1 from its upper left corner. */
export type Place = { across: number; down: number };

export const inside = (value: number) => Math.min(1, Math.max(0, value));

/** Where somebody points within what fills the frame. */
export function pointedAt(event: PointerEvent<HTMLElement>): Place {
  const box = event.currentTarget.getBoundingClientRect();
  return {
    across: inside((event.clientX - box.left) / box.width),
    down: inside((event.clientY - box.top) / box.height),
  };
}

/** How far an arrow key moves a place; nothing for other keys. */
export function arrow(event: KeyboardEvent, step: number): Place | null {
  const ways: Record<string, Place> = {
    ArrowLeft: { across: -step, down: 0 },
    ArrowRight: { across: step, down: 0 },
    ArrowUp: { across: 0, down: -step },
    ArrowDown: { across: 0, down: step },
  };
  return ways[event.key] ?? null;
}
