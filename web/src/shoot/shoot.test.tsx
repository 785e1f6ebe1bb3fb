import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Refusal, Unreachable } from "../api/ask";
import { api } from "../api/client";
import { shoots } from "../api/shoots";
import type { Shoot, ShootDish, ShootEvent } from "../api/types";
import { endRehearsal, minuteOf, now, rehearse, wind } from "./clock";
import { happened, refresh, takeBackLast, told, useEvents } from "./events";
import { change, openShoot, redo, save, undo, useShoot } from "./shoot";
import { clockTime, dueTime, minutes, minutesLong, stopwatch, timeOfDay } from "./times";
import { moved, split } from "./turns";
import { mended } from "./Unmet";

const DISH: ShootDish = {
  key: "tart",
  name: "Tart",
  spoils: "dulls",
  holdsMinutes: 60,
  preparesMinutes: 5,
  plates: "one",
  afterwards: "eaten",
  fromHours: 13,
  byHours: 16,
  turn: { kind: "any-turn" },
  shots: [{ title: "Picture", lastsMinutes: 6, set: { kind: "no-set-yet" } }],
};

const SHOOT: Shoot = {
  format: "zephyrdune-shoot",
  version: 2,
  title: "Menu",
  client: "Somebody",
  date: "2026-12-04",
  zone: "Europe/Berlin",
  startsHours: 13,
  endsHours: 17,
  kitchenHours: 13,
  stations: 2,
  brief: [],
  people: [],
  dishes: [DISH, { ...DISH, key: "soup", name: "Soup" }],
  appointments: [],
  apart: [{ first: "tart", second: "soup" }],
  daylight: { kind: "no-daylight" },
};

const stored = (version: number, shoot: Shoot) => ({ id: "a", version, updatedAt: "", shoot });

beforeEach(() => {
  vi.useFakeTimers();
  vi.spyOn(api, "isUp").mockResolvedValue(true);
});

afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
  localStorage.clear();
  endRehearsal();
  useShoot.setState({ id: null, shoot: null, past: [], future: [], saving: "saved" });
  useEvents.setState({ id: null, known: [], unsent: [], rehearsed: [], lostSince: null });
});

describe("times", () => {
  it("are read as people write them", () => {
    expect(timeOfDay.read("13:30")).toBe(13.5);
    expect(timeOfDay.read("9h15")).toBe(9.25);
    expect(timeOfDay.read("14")).toBe(14);
    expect(timeOfDay.read("13:75")).toBeNull();
    expect(dueTime.read("any time")).toBe(30);
    expect(dueTime.show(dueTime.read("14:30") ?? 0)).toBe("14:30");
    expect(timeOfDay.show(13.999)).toBe("14:00");
    expect(minutes.read("12 min")).toBe(12);
    expect(minutes.read("soon")).toBeNull();
  });

  it("are shown short", () => {
    expect(clockTime(13 * 60 + 4.6)).toBe("13:05");
    expect(clockTime(24 * 60 + 10)).toBe("0:10");
    expect(stopwatch(-1.5)).toBe("−1:30");
    expect(minutesLong(0.2)).toBe("10 s");
    expect(minutesLong(2.3)).toBe("2.5 min");
    expect(minutesLong(14.6)).toBe("15 min");
  });
});

describe("a dish that is split", () => {
  it("leaves its later pictures to a dish of its own, with a key that no other has", () => {
    const shots = ["Menu", "Closer", "From above"].map((title) => ({
      title,
      lastsMinutes: 5,
      set: { kind: "no-set-yet" as const },
    }));
    const dishes = split(
      [
        { ...DISH, shots },
        { ...DISH, key: "dish-3" },
      ],
      DISH.key,
    );
    expect(dishes.map(({ key }) => key)).toEqual([DISH.key, "dish-4", "dish-3"]);
    expect(dishes[0]?.shots.map(({ title }) => title)).toEqual(["Menu", "Closer"]);
    expect(dishes[1]).toMatchObject({
      name: `${DISH.name}, second part`,
      turn: { kind: "any-turn" },
    });
    expect(dishes[1]?.shots.map(({ title }) => title)).toEqual(["From above"]);
    expect(split([DISH], DISH.key)).toEqual([DISH]);
  });
});

describe("the clock", () => {
  it("counts minutes of the day from the moment that the run sheet begins at", () => {
    const sheet = { began: "2026-12-04T12:00:00Z", begins: 13 * 60 };
    expect(minuteOf(sheet, Date.parse("2026-12-04T12:01:30Z"))).toBe(13 * 60 + 1.5);
  });

  it("is made in a rehearsal, and runs as fast as is asked", () => {
    vi.setSystemTime(1_000_000);
    rehearse(5_000_000, 1);
    vi.setSystemTime(1_010_000);
    expect(now()).toBe(5_010_000);
    wind({ speed: 60, minutes: 5 });
    vi.setSystemTime(1_011_000);
    expect(now()).toBe(5_010_000 + 300_000 + 60_000);
    endRehearsal();
    expect(now()).toBe(1_011_000);
  });
});

describe("the shoot", () => {
  async function open() {
    vi.spyOn(shoots, "get").mockResolvedValue(stored(3, SHOOT));
    await openShoot("a");
  }

  it("is saved after a moment's rest, on top of what was seen", async () => {
    await open();
    const saved = vi
      .spyOn(shoots, "save")
      .mockImplementation(async (_, version, shoot) => stored(version + 1, shoot));
    change("title", "Spring menu");
    change("dishes.0.holdsMinutes", 9);
    await vi.advanceTimersByTimeAsync(1000);
    expect(saved).toHaveBeenCalledTimes(1);
    expect(saved.mock.calls[0]?.[1]).toBe(3);
    expect(useShoot.getState()).toMatchObject({ version: 4, saving: "saved" });
    undo();
    expect(useShoot.getState().shoot?.dishes[0]?.holdsMinutes).toBe(60);
    redo();
    expect(useShoot.getState().shoot?.dishes[0]?.holdsMinutes).toBe(9);
  });

  it("keeps what the server refuses, and says why", async () => {
    await open();
    const problem = {
      title: "",
      status: 422,
      detail: "no",
      errors: [
        { field: "endsHours", value: "", remedy: 0, detail: "The shoot ends before it begins" },
      ],
    };
    vi.spyOn(shoots, "save").mockRejectedValue(new Refusal(problem));
    change("endsHours", 12);
    await save();
    expect(useShoot.getState()).toMatchObject({ saving: "refused" });
    expect(useShoot.getState().problem?.field).toBe("endsHours");
    expect(useShoot.getState().shoot?.endsHours).toBe(12);
  });

  it("goes on with what was not saved when the page was left", async () => {
    await open();
    change("title", "Half done");
    useShoot.setState({ id: null, shoot: null, past: [], future: [] });
    await vi.advanceTimersByTimeAsync(1000);
    const saved = vi
      .spyOn(shoots, "save")
      .mockImplementation(async (_, version, shoot) => stored(version + 1, shoot));
    await open();
    expect(useShoot.getState().shoot?.title).toBe("Half done");
    await vi.advanceTimersByTimeAsync(1000);
    expect(saved).toHaveBeenCalledTimes(1);
    expect(localStorage.getItem("zephyrdune:shoot-draft:a")).toBeNull();
  });

  it("tries again when the server is back", async () => {
    await open();
    const saved = vi
      .spyOn(shoots, "save")
      .mockRejectedValueOnce(new Unreachable())
      .mockImplementation(async (_, version, shoot) => stored(version + 1, shoot));
    change("title", "Later");
    await vi.advanceTimersByTimeAsync(800);
    expect(useShoot.getState().saving).toBe("unreachable");
    await vi.advanceTimersByTimeAsync(3100);
    expect(saved).toHaveBeenCalledTimes(2);
    expect(useShoot.getState().saving).toBe("saved");
  });
});

describe("what is offered", () => {
  const unmet = (change: Parameters<typeof mended>[1]["change"], key: string | null, value = 0) =>
    mended(SHOOT, { kind: "LATE", what: "", key, change, value });

  it("changes that and nothing else", () => {
    expect(unmet("PLATES", "soup").dishes.map(({ plates }) => plates)).toEqual([
      "one",
      "as-needed",
    ]);
    expect(unmet("DONE_BY", "tart", 16.5).dishes[0]?.byHours).toBe(16.5);
    expect(unmet("FIXED_TIME", "tart", 14).dishes[0]?.turn).toEqual({
      kind: "time-at",
      timeHours: 14,
    });
    expect(unmet("MAY_FOLLOW", "soup").apart).toEqual([]);
    expect(unmet("SHOOT_ENDS", null, 18).endsHours).toBe(18);
    expect(unmet(null, "tart")).toBe(SHOOT);
  });

  it("a dish that takes another's turn gives it its own", () => {
    const one = moved(SHOOT.dishes, "tart", 1, 2);
    expect(one[0]?.turn).toEqual({ kind: "turn-at", number: 2 });
    const both = moved(one, "soup", 1, 2);
    expect(both.map(({ turn }) => turn)).toEqual([
      { kind: "turn-at", number: 1 },
      { kind: "turn-at", number: 2 },
    ]);
  });
});

describe("what happened", () => {
  it("is kept without a network, sent when it is back, and told once", async () => {
    useEvents.setState({ id: "a" });
    const put = vi.spyOn(shoots, "putEvents").mockRejectedValue(new Unreachable());
    told("tart", "DONE");
    await vi.advanceTimersByTimeAsync(10);
    expect(useEvents.getState().unsent).toHaveLength(1);
    expect(useEvents.getState().lostSince).not.toBeNull();
    expect(localStorage.getItem("zephyrdune:shoot:a")).toContain("DONE");
    put.mockImplementation(async (_, events: ShootEvent[]) => events);
    await refresh();
    expect(useEvents.getState()).toMatchObject({ unsent: [], lostSince: null });
    expect(happened(useEvents.getState(), false)).toHaveLength(1);
  });

  it("in a rehearsal is told nobody", async () => {
    useEvents.setState({ id: "a" });
    const put = vi.spyOn(shoots, "putEvents");
    rehearse(0, 1);
    told("tart", "ON_TABLE");
    told("tart", "DONE");
    await takeBackLast();
    expect(happened(useEvents.getState(), true).map(({ what }) => what)).toEqual(["ON_TABLE"]);
    expect(put).not.toHaveBeenCalled();
    expect(happened(useEvents.getState(), false)).toEqual([]);
  });
});
