import { act, cleanup, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { FrameNews } from "../../api/types";
import { PictureState } from "./PictureState";

const words = () => screen.getByTestId("picture-state").textContent;

const news = (stage: string, done = false) =>
  ({ stage, done, share: 0.25, secondsLeft: 12 }) as unknown as FrameNews;

const state = (of: FrameNews, newest: boolean) => (
  <PictureState news={of} newest={newest} loupe={null} failed={null} />
);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

it("tells of a picture that stays when the set has moved on", () => {
  const { rerender } = render(state(news("FINE"), true));
  expect(words()).toBe("Still grainy: 25 %, about 12 s left");
  rerender(state(news("FINE"), false));
  act(() => void vi.advanceTimersByTime(100));
  expect(words()).toBe("Still grainy: 25 %, about 12 s left");
  act(() => void vi.advanceTimersByTime(200));
  expect(words()).toBe("Before the last move, drawing …");
  rerender(state(news("COARSE"), true));
  expect(words()).toBe("First look, sharpening …");
  act(() => void vi.advanceTimersByTime(1000));
  expect(words()).toBe("First look, sharpening …");
});

it("says the same of all first looks while one drags", () => {
  const { rerender } = render(state(news("COARSE"), false));
  act(() => void vi.advanceTimersByTime(1000));
  expect(words()).toBe("First look, sharpening …");
  rerender(state(news("FINE", true), true));
  expect(words()).toBe("Clean");
});
