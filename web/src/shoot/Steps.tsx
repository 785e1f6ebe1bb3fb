import type { ChangedLine, ChangeStep } from "../api/types";
import { useLength } from "../set/preferences";
import { measured } from "../stand/stand";
import { minutesLong } from "./times";

/** What is moved, put up and taken away, in the order in which it is done, each with its minutes. */
export function Steps({ steps }: { steps: ChangeStep[] }) {
  const length = useLength();
  if (steps.length === 0) return <p className="text-soft">Nothing has to be moved.</p>;
  return (
    <ol className="space-y-1.5">
      {steps.map((step) => (
        <li key={`${step.kind} ${step.what} ${step.lines[0]?.to ?? ""}`} className="flex gap-3">
          <span className="w-16 shrink-0 text-right text-soft">{minutesLong(step.minutes)}</span>
          <span className="min-w-0">
            <span className="font-medium">{step.title}</span>
            <span className="text-soft">
              {step.what && `: ${step.what}`}
              {step.moved > 0.005 && `, by ${length.show(step.moved)} ${length.unit}`}
            </span>
            {step.lines.length > 0 && (
              <span className="block text-soft text-xs">
                {step.lines.map((line) => to(line, length)).join(" · ")}
              </span>
            )}
          </span>
        </li>
      ))}
    </ol>
  );
}

function to(line: ChangedLine, length: ReturnType<typeof useLength>): string {
  const read = { ...line, value: line.to, more: "", less: "" };
  const goes = measured(read, line.to, length);
  const stood = line.from === null ? "" : `${measured(read, line.from, length)} → `;
  return `${line.title.toLowerCase()} ${stood}${goes}`;
}
