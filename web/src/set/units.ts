/** How quantities are shown and typed. The set itself always holds the units its field names say. */

export type LengthUnit = "cm" | "in";

export type Quantity = {
  /** Word after the number; empty when the number says it. */
  unit: string;
  show: (value: number) => string;
  /** The value typed, or null when it cannot be understood. */
  read: (text: string) => number | null;
  /** What one press of an arrow key adds, in the set's unit; with Shift, ten times as much or the coarse step. */
  step: number;
  coarse: number;
};

const METRES_PER = { mm: 0.001, cm: 0.01, m: 1, in: 0.0254, '"': 0.0254, ft: 0.3048, "'": 0.3048 };

function number(text: string): number | null {
  const plain = text.trim().replace(",", ".").replace("−", "-");
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(plain) ? Number(plain) : null;
}

function readLength(text: string, assumed: keyof typeof METRES_PER): number | null {
  const parts = /^(.*?)\s*(mm|cm|m|in|"|ft|')?$/.exec(text.trim());
  const value = number(parts?.[1] ?? "");
  const unit = (parts?.[2] ?? assumed) as keyof typeof METRES_PER;
  return value === null ? null : value * METRES_PER[unit];
}

function trim(value: number, digits: number): string {
  return minus(String(Number(value.toFixed(digits))));
}

/** With a true minus sign, and no minus before a zero. */
function minus(text: string): string {
  return text === "-0" ? "0" : text.replace("-", "−");
}

export function length(unit: LengthUnit): Quantity {
  return unit === "cm"
    ? {
        unit,
        show: (metres) => trim(metres * 100, 1),
        read: (text) => readLength(text, "cm"),
        step: 0.01,
        coarse: 0.1,
      }
    : {
        unit,
        show: (metres) => trim(metres / METRES_PER.in, 2),
        read: (text) => readLength(text, "in"),
        step: METRES_PER.in / 2,
        coarse: METRES_PER.in * 4,
      };
}

/**
 * A sentence of the server's with its lengths in the chosen unit: they come in metres and braces, as {0.125 m}, rounded up where the least
 * that does is meant, and down for the most.
 */
export function inUnit(sentence: string, unit: LengthUnit): string {
  const step = unit === "cm" ? 0.01 : METRES_PER.in / 4;
  return sentence.replace(/\{(-?[\d.]+) m( least| most)?\}/g, (_, metres, way) => {
    const steps = Number(metres) / step;
    const whole =
      way === " least"
        ? Math.ceil(steps - 1e-6)
        : way === " most"
          ? Math.floor(steps + 1e-6)
          : Math.round(steps);
    return `${length(unit).show(whole * step)} ${unit}`;
  });
}

/** Lens and sensor sizes, in millimetres everywhere. */
export const millimetres: Quantity = {
  unit: "mm",
  show: (metres) => trim(metres * 1000, 1),
  read: (text) => readLength(text, "mm"),
  step: 0.001,
  coarse: 0.01,
};

export const angle: Quantity = {
  unit: "°",
  show: (value) => trim(value, 1),
  read: (text) => number(text.replace("°", "")),
  step: 1,
  coarse: 10,
};

export const stops: Quantity = {
  unit: "stops",
  show: (value) => trim(value, 2),
  read: (text) => number(text.replace(/stops?$/, "")),
  step: 1 / 3,
  coarse: 1,
};

export const percent: Quantity = {
  unit: "%",
  show: (value) => trim(value * 100, 0),
  read: (text) => {
    const value = number(text.replace("%", ""));
    return value === null ? null : value / 100;
  },
  step: 0.01,
  coarse: 0.1,
};

/** A quantity that is shown and typed in the set's own unit. */
function own(unit: string, digits: number, step: number, coarse: number, also?: RegExp): Quantity {
  return {
    unit,
    show: (value) => trim(value, digits),
    read: (text) => number(text.trim().replace(also ?? new RegExp(`${unit}$`), "")),
    step,
    coarse,
  };
}

export const plain = own("", 2, 0.5, 5);
export const kelvin = own("K", 0, 100, 1000);
export const mired = own("mired", 0, 10, 50);
export const lux = own("lx", 0, 10, 100, /(lx|lux)$/);
export const seconds = own("s", 1, 0.1, 1);
export const lumens = own("lm", 0, 100, 1000);
export const wattSeconds = own("W s", 0, 10, 100, /(W\s?s|J)$/);
export const lumensPerWatt = own("lm/W", 0, 1, 10);

/** f-number times metres; typed feet are turned into metres. */
export const guideNumber: Quantity = {
  unit: "m",
  show: (metres) => trim(metres, 1),
  read: (text) => readLength(text, "m"),
  step: 1,
  coarse: 10,
};

/** Clock positions, as 10:30 or 10.5. */
export const clock: Quantity = {
  unit: "",
  show: showClock,
  read: (text) => {
    const parts = /^(\d{1,2}):(\d{2})$/.exec(text.trim());
    if (!parts) return number(text.replace(/o.?clock/, ""));
    const minutes = Number(parts[2]);
    return minutes < 60 ? (Number(parts[1]) % 12) + minutes / 60 : null;
  },
  step: 0.25,
  coarse: 1,
};

function showClock(hours: number): string {
  const minutes = Math.round(hours * 60) % 720;
  const hour = Math.floor(minutes / 60) || 12;
  return `${hour}:${String(minutes % 60).padStart(2, "0")}`;
}

/** A signed number of stops, to a tenth. */
export function signedStops(value: number): string {
  const text = value.toFixed(1);
  if (Number(text) === 0) return "0.0";
  return value > 0 ? `+${text}` : minus(text);
}
