import type { PhotographAnswer, PhotographLine } from "../../api/types";
import { useLength, useSaid } from "../../set/preferences";
import type { Quantity } from "../../set/units";
import { said, unitOf } from "../bands";

/** What the photograph tells, each with how sure that is, and what is wrong with marks that tell nothing. */
export function ReadLines({ reading }: { reading: PhotographAnswer | undefined }) {
  const lengths = useLength();
  const say = useSaid();
  if (!reading) return null;
  return (
    <section aria-label="What the photograph tells" className="mt-2 rounded-panel bg-ground p-3">
      {reading.troubles.map(({ field, what }) => (
        <p key={field + what} role="alert" className="mb-1 text-alarm text-sm">
          {say(what)}.
        </p>
      ))}
      <dl className="grid gap-1">
        {reading.lines.map((line) => (
          <div
            key={line.kind}
            data-testid={`told-${line.kind}`}
            className="grid grid-cols-[8.5rem_1fr] gap-2"
          >
            <dt className="text-sm">{line.title}</dt>
            <dd className="min-w-0 text-sm">
              {line.value === null ? (
                <span className="text-soft text-xs">{line.note}</span>
              ) : (
                <>
                  <span className="font-semibold tabular-nums">{shown(line, lengths)}</span>
                  {line.word && <span className="ml-1">{line.word}</span>}
                  <span className="block text-soft text-xs">{line.note}</span>
                </>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {reading.tones.length > 0 && (
        <table className="mt-2 w-full text-sm">
          <caption className="text-left font-semibold text-soft text-xs">
            Stops below the brightest
          </caption>
          <tbody>
            {reading.tones.map(({ part, title, stops }) => (
              <tr key={part}>
                <th scope="row" className="text-left font-normal">
                  {title}
                </th>
                <td className="text-right tabular-nums">
                  {stops === null ? "clipped" : stops.toFixed(1)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}

function shown({ unit, value, spread }: PhotographLine, lengths: Quantity): string {
  if (value === null) return "";
  if (unit === "METRE") {
    const whole = (metres: number) => lengths.show(Math.round(metres * 100) / 100);
    return `${whole(value)} ± ${whole(spread ?? 0)} ${lengths.unit}`;
  }
  const off =
    unit === "CLOCK_RADIAN" || unit === "RADIAN"
      ? `${Math.max(1, Math.round(((spread ?? 0) * 180) / Math.PI))}°`
      : said(unit, spread ?? 0);
  const after = unit === "CLOCK_RADIAN" ? "" : ` ${unitOf(unit)}`;
  return `${said(unit, clockwise(unit, value))} ± ${off}${after}`.trim();
}

/** Directions are told from -pi to pi; a clock has none before 12. */
function clockwise(unit: PhotographLine["unit"], value: number): number {
  return unit === "CLOCK_RADIAN" && value < 0 ? value + 2 * Math.PI : value;
}
