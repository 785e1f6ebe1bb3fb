import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { TableSet } from "../../api/types";
import { dropDraft } from "../../set/drafts";
import starter from "../../set/starter.json";
import { useTable } from "../../set/store";
import { FrameMover } from "./FrameMover";

const first = starter as unknown as TableSet;
const shift = () => useTable.getState().set?.camera.shiftRightMetres ?? Number.NaN;

function grip() {
  render(<FrameMover />);
  const mover = screen.getByTestId("frame-mover");
  mover.setPointerCapture = () => undefined;
  mover.getBoundingClientRect = () => ({ left: 0, top: 0, width: 600, height: 400 }) as DOMRect;
  fireEvent.pointerDown(mover, { clientX: 300, clientY: 200 });
  return mover;
}

beforeEach(() => {
  vi.useFakeTimers();
  dropDraft("a");
  useTable.getState().open({ id: "a", version: 1, set: first, updatedAt: "" } as never);
});

afterEach(cleanup);

describe("the frame that is dragged over the table", () => {
  it("goes along with the pointer, and is one step to undo however slow", () => {
    const mover = grip();
    for (const x of [290, 270, 240]) {
      fireEvent.pointerMove(mover, { clientX: x, clientY: 200 });
      vi.advanceTimersByTime(2000);
    }
    fireEvent.pointerUp(mover);
    const moved = (60 / 600) * first.camera.framedWidthMetres;
    expect(shift()).toBeCloseTo(first.camera.shiftRightMetres + moved, 3);
    useTable.getState().undo();
    expect(useTable.getState().set).toBe(first);
  });

  it("goes back where the system takes the pointer away", () => {
    const mover = grip();
    fireEvent.pointerMove(mover, { clientX: 240, clientY: 200 });
    fireEvent.pointerCancel(mover);
    expect(useTable.getState().set).toBe(first);
    expect(useTable.getState().past).toEqual([]);
  });
});
