import { afterEach, describe, expect, it, vi } from "vitest";
import { Unreachable } from "../api/ask";
import { api } from "../api/client";
import type { SetSheet, SheetLine, SheetPart, StoredSet, Tick } from "../api/types";
import { length } from "../set/units";
import { measured, refresh, standing, standsAt, tick, toChange, useStand } from "./stand";

const CM = length("cm");

function line(measure: SheetLine["measure"], unit: SheetLine["unit"], value: number): SheetLine {
  return { measure, unit, value, title: measure, more: "more", less: "less" };
}

const ALONG = line("ALONG", "METRE", 0.689);
const LIGHT: SheetPart = { kind: "LIGHT", title: "Light", number: 1, lines: [ALONG] };

function ticked(value: number, at: string, done = true): Tick {
  return { part: "LIGHT", number: 1, measure: "ALONG", value, done, at };
}

afterEach(() => {
  vi.restoreAllMocks();
  localStorage.clear();
  useStand.setState({
    id: null,
    stored: null,
    sheet: null,
    ticks: [],
    unsent: [],
    lostSince: null,
  });
});

describe("at the stand", () => {
  it("of each line what was done last counts, sent or not", () => {
    const ticks = [ticked(0.5, "2026-03-04T10:00:00Z")];
    const later = [ticked(0.6, "2026-03-04T10:01:00Z")];
    const older = [ticked(0.4, "2026-03-04T09:00:00Z")];
    expect(standsAt(standing({ ticks, unsent: later }), LIGHT, ALONG)).toBe(0.6);
    expect(standsAt(standing({ ticks, unsent: older }), LIGHT, ALONG)).toBe(0.5);
    const opened = [ticked(0.5, "2026-03-04T10:02:00Z", false)];
    expect(standsAt(standing({ ticks, unsent: opened }), LIGHT, ALONG)).toBeNull();
  });

  it("values are read as a tape, an angle and a clock say them", () => {
    expect(measured(ALONG, 0.689, CM)).toBe("68.9 cm");
    expect(measured(ALONG, 12 * 0.0254, length("in"))).toBe("12 in");
    expect(measured(line("TILT", "RADIAN", 0), Math.PI / 4, CM)).toBe("45°");
    expect(measured(line("CLOCK", "CLOCK_RADIAN", 0), Math.PI / 4, CM)).toBe("1:30");
    expect(measured(line("SHUTTER", "SECOND", 0), 1 / 125, CM)).toBe("1/125 s");
    expect(measured(line("APERTURE", "F_NUMBER", 0), 5.6, CM)).toBe("f/5.6");
    expect(measured(line("FOCAL_LENGTH", "METRE", 0), 0.085, CM)).toBe("85 mm");
  });

  it("what stands otherwise is told by how much and which way, but for less than a tape shows", () => {
    expect(toChange(ALONG, 0.65, CM)).toBe("3.9 cm more");
    expect(toChange(ALONG, 0.7, CM)).toBe("1.1 cm less");
    expect(toChange(ALONG, 0.68901, CM)).toBeNull();
    // from half past eleven to half past twelve it is an hour clockwise
    const clock = line("CLOCK", "CLOCK_RADIAN", Math.PI / 12);
    expect(toChange(clock, (23 * Math.PI) / 12, CM)).toBe("more");
  });

  it("ticks outlast a lost network, and are sent when it is back", async () => {
    const stored = { id: "a", version: 3, set: {} } as unknown as StoredSet;
    const sheet: SetSheet = { parts: [LIGHT], mark: "1/8" };
    useStand.setState({ id: "a", stored, sheet });
    const gone = vi.spyOn(api, "putTicks").mockRejectedValue(new Unreachable());
    tick(LIGHT, ALONG, true);
    await vi.waitFor(() => expect(useStand.getState().lostSince).not.toBeNull());
    expect(standsAt(standing(useStand.getState()), LIGHT, ALONG)).toBe(0.689);
    expect(JSON.parse(localStorage.getItem("zephyrdune:stand:a") ?? "").unsent).toHaveLength(1);
    gone.mockImplementation((_, ticks) => Promise.resolve(ticks));
    vi.spyOn(api, "getSet").mockResolvedValue(stored);
    await refresh();
    expect(useStand.getState().unsent).toHaveLength(0);
    expect(useStand.getState().lostSince).toBeNull();
    expect(standsAt(standing(useStand.getState()), LIGHT, ALONG)).toBe(0.689);
  });
});
