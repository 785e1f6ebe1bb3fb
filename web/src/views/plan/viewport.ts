import { type PointerEvent, type RefObject, useEffect, useRef, useState } from "react";
import { Scale, type Size } from "./scale";

/** Which part of a drawing is shown: how much larger than fitted, and by how much it was moved, pixels. */
export type Viewport = { zoom: number; right: number; down: number };

export const FITTED: Viewport = { zoom: 1, right: 0, down: 0 };

const LEAST = 0.4;
const MOST = 12;
const PER_NOTCH = 1.0015;
const STEP = 1.5;

type Place = { x: number; y: number };

/** The drawing larger by a factor, with a place of it kept where it is. */
export function zoomed(from: Viewport, by: number, at: Place, size: Size): Viewport {
  const zoom = Math.min(MOST, Math.max(LEAST, from.zoom * by));
  const grown = zoom / from.zoom;
  const hold = (place: number, middle: number, moved: number) =>
    place - middle - (place - middle - moved) * grown;
  return {
    zoom,
    right: hold(at.x, size.width / 2, from.right),
    down: hold(at.y, size.height / 2, from.down),
  };
}

/** A scale that is fitted to a drawing's size, as it is looked at. */
export function seen(fitted: Scale, { zoom, right, down }: Viewport, size: Size): Scale {
  const from = (fittedAt: number, middle: number, moved: number) =>
    middle + (fittedAt - middle) * zoom + moved;
  return new Scale(
    fitted.perMetre * zoom,
    from(fitted.across(0), size.width / 2, right),
    from(fitted.up(0), size.height / 2, down),
  );
}

/** Moves and zooms a drawing: wheel and pinch zoom where the pointer is, a drag over nothing moves it. */
export function useViewport(box: RefObject<HTMLElement | null>, size: Size) {
  const [viewport, setViewport] = useState<Viewport>(FITTED);
  const pointers = useRef(new Map<number, Place>());
  const now = useRef(size);
  now.current = size;

  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const { left, top } = element.getBoundingClientRect();
      const at = { x: event.clientX - left, y: event.clientY - top };
      setViewport((from) => zoomed(from, PER_NOTCH ** -event.deltaY, at, now.current));
    };
    // a listener of React's own may not keep the page from scrolling
    element.addEventListener("wheel", wheel, { passive: false });
    return () => element.removeEventListener("wheel", wheel);
  }, [box]);

  const place = (event: PointerEvent<SVGElement>): Place => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  };
  const end = (event: PointerEvent<SVGElement>) => pointers.current.delete(event.pointerId);

  return {
    viewport,
    fit: () => setViewport(FITTED),
    step: (closer: boolean) =>
      setViewport((from) =>
        zoomed(from, closer ? STEP : 1 / STEP, { x: size.width / 2, y: size.height / 2 }, size),
      ),
    ground: {
      onPointerDown: (event: PointerEvent<SVGElement>) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        pointers.current.set(event.pointerId, place(event));
      },
      onPointerMove: (event: PointerEvent<SVGElement>) => {
        const before = pointers.current.get(event.pointerId);
        if (!before) return;
        const here = place(event);
        const other = [...pointers.current].find(([id]) => id !== event.pointerId)?.[1];
        pointers.current.set(event.pointerId, here);
        setViewport((from) =>
          other
            ? zoomed(from, apart(here, other) / Math.max(1, apart(before, other)), other, size)
            : {
                ...from,
                right: from.right + here.x - before.x,
                down: from.down + here.y - before.y,
              },
        );
      },
      onPointerUp: end,
      onPointerCancel: end,
    },
  };
}

const apart = (one: Place, other: Place) => Math.hypot(one.x - other.x, one.y - other.y);
