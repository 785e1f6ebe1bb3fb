import { useRef } from "react";
import type { TableSet } from "../../api/types";
import { limitsAt } from "../../set/limits";
import { useTable } from "../../set/store";

/** Drags the frame over the table; the camera moves along. One drag is one step to undo, however long it takes. */
export function FrameMover() {
  const grip = useRef<{ x: number; y: number; set: TableSet } | null>(null);
  const { startDrag, drag, endDrag, cancelDrag } = useTable.getState();
  const move = (x: number, y: number, width: number) => {
    const from = grip.current;
    if (!from) return;
    const { camera } = from.set;
    const perPixel = camera.framedWidthMetres / width;
    const within = (field: string, value: number) => {
      const { min, max } = limitsAt(from.set, `camera.${field}`);
      return Number(Math.min(max, Math.max(min, value)).toFixed(4));
    };
    drag({
      camera: {
        ...camera,
        shiftRightMetres: within(
          "shiftRightMetres",
          camera.shiftRightMetres - (x - from.x) * perPixel,
        ),
        shiftUpMetres: within("shiftUpMetres", camera.shiftUpMetres + (y - from.y) * perPixel),
      },
    });
  };
  return (
    <div
      data-testid="frame-mover"
      className="absolute inset-0 cursor-move touch-none"
      onPointerDown={(event) => {
        const { set } = useTable.getState();
        if (!set) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        grip.current = { x: event.clientX, y: event.clientY, set };
        startDrag();
      }}
      onPointerMove={(event) =>
        move(event.clientX, event.clientY, event.currentTarget.getBoundingClientRect().width)
      }
      onPointerUp={() => {
        if (grip.current) endDrag();
        grip.current = null;
      }}
      onPointerCancel={() => {
        // the system took the pointer away: nothing was meant
        if (grip.current) cancelDrag();
        grip.current = null;
      }}
    />
  );
}
