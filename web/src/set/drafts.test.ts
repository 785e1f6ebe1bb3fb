import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { TableSet } from "../api/types";
import { type Draft, dropDraft, keepDraft, readDraft, useDrafts, writeDrafts } from "./drafts";
import { withValueAt } from "./paths";
import starter from "./starter.json";

const first = starter as unknown as TableSet;
const at = (hours: number) => withValueAt(first, "light.clockHours", hours);
const ID = "0c3e";
const NAME = `zephyrdune:draft:${ID}`;

const draft = (set: TableSet, more: Partial<Draft> = {}): Draft => ({
  version: 3,
  saved: first,
  set,
  past: [],
  future: [],
  ...more,
});

/** What a browser keeps, with its writes counted; it may be full. */
class Kept {
  writes = 0;
  full = false;
  private readonly items = new Map<string, string>();
  getItem = (name: string) => this.items.get(name) ?? null;
  removeItem = (name: string) => void this.items.delete(name);
  clear = () => this.items.clear();
  setItem = (name: string, text: string) => {
    if (this.full) throw new DOMException("full", "QuotaExceededError");
    this.writes++;
    this.items.set(name, text);
  };
}

let tab: Kept;
let all: Kept;

beforeEach(() => {
  vi.useFakeTimers();
  tab = new Kept();
  all = new Kept();
  vi.stubGlobal("sessionStorage", tab);
  vi.stubGlobal("localStorage", all);
});

afterEach(() => {
  dropDraft(ID);
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("a draft", () => {
  it("comes back as it was, with all its steps", () => {
    const kept = draft(at(3), { past: [first, at(1), at(2)], future: [at(4)] });
    keepDraft(ID, kept);
    expect(readDraft(ID)).toEqual(kept);
  });

  it("is found by another tab, which has no session of this one", () => {
    keepDraft(ID, draft(at(3)));
    writeDrafts();
    sessionStorage.clear();
    expect(readDraft(ID)?.set).toEqual(at(3));
  });

  it("is written once for a row of changes, and then at once when the page is left", () => {
    for (let step = 0; step < 60; step++) keepDraft(ID, draft(at(step / 10)));
    expect(all.writes).toBe(0);
    dispatchEvent(new Event("pagehide"));
    expect([tab.writes, all.writes]).toEqual([1, 1]);
    expect(readDraft(ID)?.set).toEqual(at(5.9));
  });

  it("is written within two seconds though somebody goes on dragging", () => {
    for (let step = 0; step < 30; step++) {
      keepDraft(ID, draft(at(step / 10)));
      vi.advanceTimersByTime(100);
    }
    expect(all.writes).toBeGreaterThanOrEqual(1);
    expect(all.writes).toBeLessThan(4);
  });

  it("takes little more room for sixty steps than for none", () => {
    keepDraft(ID, draft(at(0)));
    writeDrafts();
    const one = localStorage.getItem(NAME)?.length ?? 0;
    const past = Array.from({ length: 60 }, (_, step) => at(step / 10));
    keepDraft(ID, draft(at(7), { past }));
    writeDrafts();
    expect(localStorage.getItem(NAME)?.length).toBeLessThan(4 * one);
  });

  it("says so when the browser has no room for it, and no more once it has", () => {
    all.full = true;
    keepDraft(ID, draft(at(3)));
    writeDrafts();
    expect(useDrafts.getState().failed).toBe(true);
    all.full = false;
    keepDraft(ID, draft(at(4)));
    writeDrafts();
    expect(useDrafts.getState().failed).toBe(false);
  });

  it("that was written whole, as before, is read", () => {
    const old = draft(at(3), { past: [first], future: [at(4)] });
    localStorage.setItem(NAME, JSON.stringify(old));
    expect(readDraft(ID)).toEqual(old);
  });

  it("is nothing when it is gone, spoiled or of another version of sets", () => {
    expect(readDraft(ID)).toBeNull();
    for (const text of ["", "{", "{}", '{"saved":1,"steps":[],"now":0}']) {
      localStorage.setItem(NAME, text);
      expect(readDraft(ID)).toBeNull();
    }
    const older = { ...first, version: 1 } as unknown as TableSet;
    localStorage.setItem(NAME, JSON.stringify(draft(older)));
    expect(readDraft(ID)).toBeNull();
  });

  it("that was dropped is not written later", () => {
    keepDraft(ID, draft(at(3)));
    dropDraft(ID);
    vi.advanceTimersByTime(5000);
    expect(localStorage.getItem(NAME)).toBeNull();
  });
});
