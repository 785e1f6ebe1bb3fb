import type { Quantity } from "../set/units";

/** A reading as it is said in a list: edges in millimetres, where inches are not chosen. */
export function figure(unit: string, value: number, length: Quantity): string {
  const signed = (digits: number) => value.toFixed(digits).replace("-", "−");
  switch (unit) {
    case "METRE":
      return length.unit === "cm" ? `${(1000 * value).toFixed(0)} mm` : `${length.show(value)} in`;
    case "STOP":
      return `${signed(1)} stops`;
    case "MIRED":
      return `${signed(0)} mired`;
    default:
      return value.toFixed(2);
  }
}
