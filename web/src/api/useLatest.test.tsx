import { act, renderHook } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { useLatest } from "./useLatest";

/** Runs that end when told to. */
function runs() {
  const begun: { input: string; signal: AbortSignal; end: () => Promise<void> }[] = [];
  const task = (input: string, signal: AbortSignal) =>
    new Promise<void>((end) => {
      begun.push({ input, signal, end: () => act(async () => end()) });
    });
  return { begun, task };
}

it("runs one at a time and skips what was overtaken while it ran", async () => {
  const { begun, task } = runs();
  const { rerender } = renderHook(({ input }) => useLatest(input, task), {
    initialProps: { input: "a" },
  });
  for (const input of ["b", "c", "d"]) rerender({ input });
  expect(begun.map(({ input }) => input)).toEqual(["a"]);
  await begun[0]?.end();
  expect(begun.map(({ input }) => input)).toEqual(["a", "d"]);
});

it("stops at once when nothing is asked any more, and begins again with what is", async () => {
  const { begun, task } = runs();
  const { rerender } = renderHook(({ input }) => useLatest(input, task), {
    initialProps: { input: "a" as string | null },
  });
  rerender({ input: "b" });
  rerender({ input: null });
  expect(begun[0]?.signal.aborted).toBe(true);
  await begun[0]?.end();
  expect(begun).toHaveLength(1);
  rerender({ input: "c" });
  expect(begun.map(({ input }) => input)).toEqual(["a", "c"]);
});

it("stops a long run for newer input, and any when the view goes", async () => {
  vi.useFakeTimers();
  const { begun, task } = runs();
  const { rerender, unmount } = renderHook(({ input }) => useLatest(input, task), {
    initialProps: { input: "a" },
  });
  rerender({ input: "b" });
  expect(begun[0]?.signal.aborted).toBe(false);
  vi.advanceTimersByTime(1600);
  expect(begun[0]?.signal.aborted).toBe(true);
  await begun[0]?.end();
  unmount();
  expect(begun[1]?.signal.aborted).toBe(true);
  vi.useRealTimers();
});
