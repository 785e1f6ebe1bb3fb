import type { KeyboardEvent } from "react";
import { describe, expect, it } from "vitest";
import { arrow, placeIn } from "./place";

const key = (name: string) => ({ key: name }) as KeyboardEvent;

describe("places in the frame", () => {
  it("are shares of the box, and never outside it", () => {
    const box = document.createElement("div");
    box.getBoundingClientRect = () => new DOMRect(100, 50, 400, 200);
    expect(placeIn(box, { clientX: 200, clientY: 100 })).toEqual({ across: 0.25, down: 0.25 });
    expect(placeIn(box, { clientX: 0, clientY: 999 })).toEqual({ across: 0, down: 1 });
  });

  it("move by arrow keys as far down as across", () => {
    expect(arrow(key("ArrowRight"), 0.01)).toEqual({ across: 0.01, down: 0 });
    expect(arrow(key("ArrowUp"), 0.01, 1.5)).toEqual({ across: 0, down: -0.015 });
    expect(arrow(key("Tab"), 0.01)).toBeNull();
  });
});
