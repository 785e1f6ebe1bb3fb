import type { LengthUnit } from "../../set/units";

const LENGTHS: Record<LengthUnit, { metres: number; words: string }[]> = {
  cm: [
    { metres: 0.1, words: "10 cm" },
    { metres: 0.2, words: "20 cm" },
    { metres: 0.5, words: "50 cm" },
    { metres: 1, words: "1 m" },
    { metres: 2, words: "2 m" },
    { metres: 5, words: "5 m" },
  ],
  in: [
    { metres: 0.1016, words: "4 in" },
    { metres: 0.2032, words: "8 in" },
    { metres: 0.3048, words: "1 ft" },
    { metres: 0.9144, words: "3 ft" },
    { metres: 1.8288, words: "6 ft" },
    { metres: 4.572, words: "15 ft" },
  ],
};

/** A length to compare with, its right end at (x, y). */
export function Ruler(props: { perMetre: number; x: number; y: number; unit: string }) {
  const { perMetre, x, y, unit } = props;
  const choices = LENGTHS[unit === "in" ? "in" : "cm"];
  const fits = choices.filter(({ metres }) => metres * perMetre <= 90).at(-1) ?? choices[0];
  if (!fits) return null;
  const start = x - fits.metres * perMetre;
  return (
    <g className="fill-none stroke-soft">
      <path d={`M${start} ${y - 4}V${y}H${x}V${y - 4}`} strokeWidth={1.2} />
      <text
        x={(start + x) / 2}
        y={y - 5}
        textAnchor="middle"
        className="fill-soft stroke-none text-[11px]"
      >
        {fits.words}
      </text>
    </g>
  );
}
