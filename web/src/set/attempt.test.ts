import { act, render, screen } from "@testing-library/react";
import { createElement } from "react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Notices } from "../ui/notices";
import { attemptLong } from "./attempt";

/** Work that goes on until it is stopped. */
function endless(signal: AbortSignal): Promise<string> {
  return new Promise((_, fail) => {
    signal.addEventListener("abort", () => fail(signal.reason));
  });
}

const wait = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

describe("work of seconds", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    render(createElement(Notices));
  });
  afterEach(() => void vi.useRealTimers());

  it("says that it goes on once it is not done soon, and can be stopped", async () => {
    const outcome = attemptLong("Looking for it", endless);
    await wait(300);
    expect(screen.queryByTestId("notice")).toBeNull();
    await wait(200);
    expect(screen.getByTestId("notice").textContent).toContain("Looking for it");
    await act(async () => screen.getByText("Stop").click());
    await expect(outcome).resolves.toBeUndefined();
    await wait(0);
    expect(screen.queryByTestId("notice")).toBeNull();
  });

  it("says nothing of what is done at once", async () => {
    await expect(attemptLong("Looking for it", async () => "found")).resolves.toBe("found");
    await wait(2000);
    expect(screen.queryByTestId("notice")).toBeNull();
  });
});
