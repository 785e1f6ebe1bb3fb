import { useEffect, useState } from "react";
import { create } from "zustand";
import type { Shoot } from "../api/types";

const TICK_MS = 500;

type Rehearsal = {
  /** Real moment at which the made clock was set. */
  setAt: number;
  /** What it showed then. */
  showed: number;
  /** How many times as fast it runs. */
  speed: number;
};

/** The clock of the shoot: the real one, or while a shoot is rehearsed a made one. */
export const useRehearsal = create<{ rehearsal: Rehearsal | null }>(() => ({ rehearsal: null }));

/** Milliseconds since the epoch. */
export function now(): number {
  const { rehearsal } = useRehearsal.getState();
  return rehearsal
    ? rehearsal.showed + (Date.now() - rehearsal.setAt) * rehearsal.speed
    : Date.now();
}

/** The clock, twice a second. */
export function useNow(): number {
  const [time, setTime] = useState(now);
  const rehearsal = useRehearsal((state) => state.rehearsal);
  // biome-ignore lint/correctness/useExhaustiveDependencies: shown at once when it was set
  useEffect(() => {
    setTime(now());
    const timer = setInterval(() => setTime(now()), TICK_MS);
    return () => clearInterval(timer);
  }, [rehearsal]);
  return time;
}

/** Sets the made clock to a moment. */
export function rehearse(moment: number, speed: number): void {
  useRehearsal.setState({ rehearsal: { setAt: Date.now(), showed: moment, speed } });
}

export const endRehearsal = () => useRehearsal.setState({ rehearsal: null });

/** The made clock goes on from what it shows, at another speed or from later on. */
export function wind(options: { speed?: number; minutes?: number }): void {
  const { rehearsal } = useRehearsal.getState();
  if (rehearsal)
    rehearse(now() + (options.minutes ?? 0) * 60_000, options.speed ?? rehearsal.speed);
}

/** The moment at which a shoot starts, in the time zone of the place. */
export function startOf(shoot: Pick<Shoot, "date" | "zone" | "startsHours">): number {
  const guess = Date.parse(`${shoot.date}T00:00:00Z`) + shoot.startsHours * 3_600_000;
  return guess - offset(guess - offset(guess, shoot.zone), shoot.zone);
}

/** By how much the clocks of a zone are ahead of UTC, milliseconds. */
function offset(moment: number, zone: string): number {
  const parts = new Intl.DateTimeFormat("en-GB", {
    timeZone: zone,
    hourCycle: "h23",
    year: "numeric",
    month: "numeric",
    day: "numeric",
    hour: "numeric",
    minute: "numeric",
    second: "numeric",
  }).formatToParts(moment);
  const of = (type: string) => Number(parts.find((part) => part.type === type)?.value);
  const local = Date.UTC(
    of("year"),
    of("month") - 1,
    of("day"),
    of("hour"),
    of("minute"),
    of("second"),
  );
  return local - Math.floor(moment / 1000) * 1000;
}

/** A moment as minutes of the shoot's day, as its run sheet has them. */
export function minuteOf(shoot: Pick<Shoot, "date" | "zone" | "startsHours">, moment: number) {
  return shoot.startsHours * 60 + (moment - startOf(shoot)) / 60_000;
}
