import type { Quantity } from "../set/units";

const MINUTES = 60;

/** Minutes of the day as a clock shows them; past midnight it begins anew. */
export function clockTime(minutes: number): string {
  const whole = Math.round(minutes);
  return `${Math.floor(whole / MINUTES) % 24}:${String(whole % MINUTES).padStart(2, "0")}`;
}

/** A length of time in minutes and seconds, as a stopwatch shows it. */
export function stopwatch(minutes: number): string {
  const seconds = Math.round(Math.abs(minutes) * 60);
  const sign = minutes < 0 && seconds > 0 ? "−" : "";
  return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}

/** A length of time in minutes, to halves where it is short; what takes less than one in seconds. */
export function minutesLong(minutes: number): string {
  if (minutes > 0 && minutes < 0.75) return `${Math.max(5, Math.round(minutes * 12) * 5)} s`;
  const rounded = minutes < 10 ? Math.round(minutes * 2) / 2 : Math.round(minutes);
  return `${rounded} min`;
}

function readTime(text: string): number | null {
  const found = /^\s*(\d{1,2})(?:[:.h ](\d{2}))?\s*$/.exec(text);
  if (!found) return null;
  const minutes = Number(found[2] ?? 0);
  return minutes < MINUTES ? Number(found[1]) + minutes / MINUTES : null;
}

/** A time of day; the shoot has it in hours, and past midnight beyond 24. */
export const timeOfDay: Quantity = {
  unit: "",
  show: (hours) => {
    const minutes = Math.round(hours * MINUTES);
    return `${Math.floor(minutes / MINUTES)}:${String(minutes % MINUTES).padStart(2, "0")}`;
  },
  read: readTime,
  step: 5 / MINUTES,
  coarse: 0.5,
};

/** As late as a shoot can go on: no time that anything is to be done by. */
const ANY = 30;

/** A time of day by which something is to be done, or any. */
export const dueTime: Quantity = {
  ...timeOfDay,
  show: (hours) => (hours >= ANY ? "any time" : timeOfDay.show(hours)),
  read: (text) => (/^\s*any/i.test(text) ? ANY : readTime(text)),
};

export const minutes: Quantity = {
  unit: "min",
  show: (value) => String(Number(value.toFixed(1))),
  read: (text) => {
    const plain = text
      .replace(/min\.?$/, "")
      .trim()
      .replace(",", ".");
    return /^\d+(\.\d+)?$/.test(plain) ? Number(plain) : null;
  },
  step: 1,
  coarse: 10,
};

export const count: Quantity = {
  unit: "",
  show: (value) => String(Math.round(value)),
  read: (text) => (/^\d+$/.test(text.trim()) ? Number(text.trim()) : null),
  step: 1,
  coarse: 5,
};
