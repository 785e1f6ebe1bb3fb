import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, render, screen } from "@testing-library/react";
import { afterEach, expect, it } from "vitest";
import type { RunSheet, RunSheetRow, Shoot } from "../api/types";
import { OnSet } from "./OnSet";

const SHOOT = {
  date: "2026-12-04",
  zone: "Europe/Berlin",
  dishes: [{ key: "tart", name: "Tart", shots: [] }],
} as unknown as Shoot;

const TART = {
  key: "tart",
  name: "Tart",
  change: [],
  within: [],
  kitchenStarts: 790,
  ready: 800,
  starts: 800,
  ends: 806,
  holdsUntil: 830,
} as unknown as RunSheetRow;

const SHEET = {
  began: "2026-12-04T12:00:00Z",
  begins: 780,
  ends: 806,
  rows: [TART],
  cooking: [],
  done: [],
  onTable: null,
} as unknown as RunSheet;

const shown = (waiting: boolean) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      <OnSet
        shoot={SHOOT}
        sheet={SHEET}
        events={[]}
        waiting={waiting}
        lostSince={null}
        onReplan={() => {}}
      />
    </QueryClientProvider>,
  );

const pressable = () =>
  ["cooking", "stands", "on-table"].map(
    (name) => !(screen.getByTestId(`tell-${name}`) as HTMLButtonElement).disabled,
  );

afterEach(cleanup);

it("the next dish is told of as long as it is known which it is", () => {
  shown(false);
  expect(pressable()).toEqual([true, true, true]);
});

it("nothing is told of the next dish while another order is worked out", () => {
  shown(true);
  expect(pressable()).toEqual([false, false, false]);
});
