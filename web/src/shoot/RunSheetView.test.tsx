import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import type { RunSheet, Shoot } from "../api/types";
import { RunSheetView } from "./RunSheetView";

const SHOOT = { date: "2026-12-04", dishes: [] } as unknown as Shoot;

const SHEET = {
  begins: 780,
  ends: 806,
  changing: 6,
  rows: [],
  unmet: [],
  room: [],
} as unknown as RunSheet;

const shown = (current: boolean) => {
  render(
    <RunSheetView
      shoot={SHOOT}
      sheet={SHEET}
      current={current}
      chosen={null}
      onChoose={() => {}}
    />,
  );
  return screen.getByRole("region", { name: "Run sheet" });
};

afterEach(cleanup);

it("of what was asked before is marked as older, and says so", () => {
  const sheet = shown(false);
  expect(sheet.classList.contains("older")).toBe(true);
  expect(sheet.getAttribute("aria-busy")).toBe("true");
  expect(sheet.textContent).toContain("working it out anew");
});

it("of what is asked is not", () => {
  const sheet = shown(true);
  expect(sheet.classList.contains("older")).toBe(false);
  expect(sheet.getAttribute("aria-busy")).toBe("false");
  expect(sheet.textContent).not.toContain("anew");
});
