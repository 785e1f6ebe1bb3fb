import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { renderHook } from "@testing-library/react";
import { createElement, type ReactNode } from "react";
import { beforeEach, describe, expect, it } from "vitest";
import type { TableSet } from "../api/types";
import { useWorked } from "../set/picked";
import starter from "../set/starter.json";
import { useTable } from "../set/store";
import { useView } from "../set/view";
import { everyAction } from "./everyAction";
import { useKeys, written } from "./keys";
import { useSheets } from "./sheets";

const SET = starter as unknown as TableSet;

function press(key: string, more: KeyboardEventInit = {}, on: EventTarget = document.body): void {
  on.dispatchEvent(new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true, ...more }));
}

describe("keys", () => {
  const queries = new QueryClient();
  beforeEach(() => {
    useTable.setState({ id: "one", set: SET, possible: SET, past: [], future: [] });
    useSheets.setState({ open: null });
    useView.setState({ off: [] });
    const wrapper = ({ children }: { children: ReactNode }) =>
      createElement(QueryClientProvider, { client: queries }, children);
    const { unmount } = renderHook(() => useKeys(), { wrapper });
    return unmount;
  });

  it("are written as they are printed on the keyboard", () => {
    expect(written(new KeyboardEvent("keydown", { key: "z", ctrlKey: true, shiftKey: true }))).toBe(
      "Ctrl+Shift+Z",
    );
    expect(written(new KeyboardEvent("keydown", { key: "?", shiftKey: true }))).toBe("?");
    expect(written(new KeyboardEvent("keydown", { key: "t" }))).toBe("T");
  });

  it("stand for one action each", () => {
    const keys = everyAction(queries).flatMap((action) => (action.keys ? [action.keys] : []));
    expect(new Set(keys).size).toBe(keys.length);
  });

  it("open subjects, sheets and one light alone", () => {
    press("1");
    expect(useWorked.getState().part).toBe("hero");
    press("k");
    expect(useView.getState().off).toEqual(["ambient", "base"]);
    press("a");
    expect(useView.getState().off).toEqual([]);
    press("/");
    expect(useSheets.getState().open).toBe("find");
  });

  it("are left to whoever types", () => {
    const field = document.createElement("input");
    field.type = "text";
    document.body.append(field);
    press("k", {}, field);
    expect(useView.getState().off).toEqual([]);
    useTable.setState({ past: [{ ...SET, title: "Before" }] });
    press("z", { ctrlKey: true }, field);
    expect(useTable.getState().set?.title).toBe(SET.title);
    field.blur();
    press("z", { ctrlKey: true });
    expect(useTable.getState().set?.title).toBe("Before");
  });
});
