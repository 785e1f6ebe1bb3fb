import type { Aspect, Band, Verdict } from "../api/types";
import { clock, signedStops } from "../set/units";

type Unit = Aspect["unit"];

/** The aspect that a band is of: kinds are called after it. */
export function aspectOf(band: Band): string {
  return band.kind
    .replace(/-band$/, "")
    .replaceAll("-", "_")
    .toUpperCase();
}

/** A value of an aspect as it is said, without its unit. */
export function said(unit: Unit, value: number): string {
  switch (unit) {
    case "CLOCK_RADIAN":
      return clock.show((value * 6) / Math.PI);
    case "RADIAN":
      return `${Math.round((value * 180) / Math.PI)}°`;
    case "MIRED":
      return value.toFixed(0);
    case "STOP":
      return signedStops(value).replace("+", "");
    default:
      return value.toFixed(value < 0.995 ? 2 : 1);
  }
}

const UNITS: Partial<Record<Unit, string>> = {
  STOP: "stops",
  MIRED: "mired",
  CLOCK_RADIAN: "from 12",
};

export function unitOf(unit: Unit): string {
  return UNITS[unit] ?? "";
}

/** Where a value and its band lie on a bar, as shares of its length: the band in the middle, as wide as what is beside it. */
export function onBar({ from, to, value, off }: Verdict): { band: [number, number]; at: number } {
  const band: [number, number] = [0.3, 0.7];
  if (value === null) return { band, at: Number.NaN };
  if (off === 0) {
    const share = to > from ? (value - from) / (to - from) : 0.5;
    return { band, at: 0.3 + 0.4 * share };
  }
  // beside the band by steps: six or more are at the end
  const beside = 0.3 * Math.min(1, Math.abs(off) / 6);
  return { band, at: off < 0 ? 0.3 - beside : 0.7 + beside };
}
