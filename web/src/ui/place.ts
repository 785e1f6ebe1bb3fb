import type { KeyboardEvent, PointerEvent } from "react";

/** A place in the frame, 0 to 1 from its upper left corner. */
export type Place = { across: number; down: number };

export const inside = (value: number) => Math.min(1, Math.max(0, value));

/** Where somebody points within something. */
export function placeIn(
  element: Element | null,
  { clientX, clientY }: { clientX: number; clientY: number },
): Place {
  const box = element?.getBoundingClientRect() ?? new DOMRect(0, 0, 1, 1);
  return {
    across: inside((clientX - box.left) / box.width),
    down: inside((clientY - box.top) / box.height),
  };
}

/** Where somebody points within what fills the frame. */
export const pointedAt = (event: PointerEvent<HTMLElement>): Place =>
  placeIn(event.currentTarget, event);

/** How far an arrow key moves a place; nothing for other keys. With the ratio of width to height, as far down as across. */
export function arrow(event: KeyboardEvent, step: number, ratio = 1): Place | null {
  const ways: Record<string, Place> = {
    ArrowLeft: { across: -step, down: 0 },
    ArrowRight: { across: step, down: 0 },
    ArrowUp: { across: 0, down: -step * ratio },
    ArrowDown: { across: 0, down: step * ratio },
  };
  return ways[event.key] ?? null;
}
