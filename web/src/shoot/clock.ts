import { useEffect, useState } from "react";
import { create } from "zustand";
import type { RunSheet } from "../api/types";

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

/** A moment as minutes of the shoot's day, as its run sheet has them. */
export function minuteOf(sheet: Pick<RunSheet, "began" | "begins">, moment: number): number {
  return sheet.begins + (moment - Date.parse(sheet.began)) / 60_000;
}
