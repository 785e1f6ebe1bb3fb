import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, render, screen, waitFor } from "@testing-library/react";
import { expect, it, vi } from "vitest";
import { api } from "../../api/client";
import type { Finding, StoredSet, TableSet } from "../../api/types";
import starter from "../../set/starter.json";
import { useTable } from "../../set/store";
import { Findings } from "./Findings";

const line = () => screen.getByTestId("findings");

it("never says of a new set what was found about the one before", async () => {
  const answers: ((found: Finding[]) => void)[] = [];
  vi.spyOn(api, "findings").mockImplementation(() => new Promise((answer) => answers.push(answer)));
  const set = starter as unknown as TableSet;
  useTable.getState().open({ id: "one", version: 1, set } as unknown as StoredSet);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Findings />
    </QueryClientProvider>,
  );
  await waitFor(() => expect(answers).toHaveLength(1));
  await act(async () => answers[0]?.([]));
  await waitFor(() => expect(line().textContent).toContain("All well"));
  expect(line().getAttribute("aria-busy")).toBe("false");
  expect(line().classList.contains("older")).toBe(false);

  act(() => useTable.getState().change("light.distanceMetres", 2));
  expect(line().textContent).toContain("Looking the set over");
  expect(line().getAttribute("aria-busy")).toBe("true");
  expect(line().classList.contains("older")).toBe(true);

  const moved = useTable.getState().set as TableSet;
  act(() => useTable.getState().accept(moved));
  await waitFor(() => expect(answers).toHaveLength(2));
  expect(line().textContent).not.toContain("All well");
  await act(async () => answers[1]?.([]));
  await waitFor(() => expect(line().textContent).toContain("All well"));

  act(() => useTable.getState().refuse(moved, { field: "light", detail: "in the table" }));
  expect(line().textContent).toContain("cannot stand");
});
