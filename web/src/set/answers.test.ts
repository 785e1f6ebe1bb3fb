import { act, renderHook } from "@testing-library/react";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { api } from "../api/client";
import type { Plan, Reading, StoredSet, TableSet } from "../api/types";
import { useAnswers, useLate, useSurerAtRest } from "./answers";
import starter from "./starter.json";
import { useTable } from "./store";

const START = starter as unknown as TableSet;

function open(id: string): void {
  useTable.getState().open({ id, version: 1, set: START } as unknown as StoredSet);
}

/** As when the core has answered for what is on the table. */
function answered(): void {
  const reading = { kind: "POWER", value: 3 } as unknown as Reading;
  useAnswers.setState({ of: useTable.getState().set, readings: [reading] });
}

describe("answers", () => {
  beforeEach(() => {
    localStorage.clear();
    sessionStorage.clear();
    open("one");
    answered();
  });

  it("are gone as soon as another set is open", () => {
    open("two");
    expect(useAnswers.getState().readings).toEqual([]);
  });

  it("are late from a change until the next answer", () => {
    const { result, rerender } = renderHook(() => useLate());
    expect(result.current).toBe(false);
    useTable.getState().change("backdrop.distanceMetres", 2.5);
    rerender();
    expect(result.current).toBe(true);
    expect(useAnswers.getState().readings).toHaveLength(1);
    answered();
    rerender();
    expect(result.current).toBe(false);
  });

  it("told at once are told surer at rest, and only of the set on the table", async () => {
    vi.useFakeTimers();
    const surer = { kind: "POWER", value: 3.1 } as unknown as Reading;
    const asked = vi
      .spyOn(api, "readings")
      .mockResolvedValue({ readings: [surer] } as unknown as Awaited<
        ReturnType<typeof api.readings>
      >);
    const later = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
    useAnswers.setState({ unsure: true });
    const { unmount } = renderHook(() => useSurerAtRest(1));
    await later(100);
    act(() => useTable.getState().change("backdrop.distanceMetres", 2.5));
    await later(200);
    expect(asked).not.toHaveBeenCalled();
    act(answered);
    await later(0);
    expect(asked).toHaveBeenCalledTimes(1);
    expect(useAnswers.getState().readings).toEqual([surer]);
    expect(useAnswers.getState().unsure).toBe(false);
    unmount();
    vi.useRealTimers();
  });

  it("a coarse map of light is told finer at rest, unless another reach is shown by then", async () => {
    vi.useFakeTimers();
    const plan = (coarse: boolean, reach: number) =>
      ({ coarse, map: { reach } }) as unknown as Plan;
    const asked = vi
      .spyOn(api, "plan")
      .mockImplementation(async (_set, reach) => plan(false, reach));
    const later = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));
    useAnswers.setState({ plan: plan(true, 1.5) });
    const { rerender, unmount } = renderHook(({ reach }) => useSurerAtRest(reach), {
      initialProps: { reach: 1 },
    });
    await later(100);
    expect(asked).not.toHaveBeenCalled();
    await later(100);
    expect(asked).toHaveBeenCalledTimes(1);
    expect(useAnswers.getState().plan).toEqual(plan(false, 1.5));

    rerender({ reach: 2 });
    asked.mockImplementation(async () => {
      useAnswers.setState({ plan: plan(true, 6) });
      return plan(false, 3);
    });
    act(() => useAnswers.setState({ plan: plan(true, 3) }));
    await later(200);
    expect(asked).toHaveBeenCalledTimes(2);
    expect(useAnswers.getState().plan).toEqual(plan(true, 6));
    unmount();
    vi.useRealTimers();
  });
});
