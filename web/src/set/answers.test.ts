import { renderHook } from "@testing-library/react";
import { beforeEach, describe, expect, it } from "vitest";
import type { Reading, StoredSet, TableSet } from "../api/types";
import { useAnswers, useLate } from "./answers";
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
});
