import { useState } from "react";
import type { ReadingKind } from "../../api/types";
import { useAnswers } from "../../set/answers";
import { figure, give, type Kind } from "../../set/figures";
import { useLength } from "../../set/preferences";
import { Sheet } from "../../ui/Sheet";
import { Details } from "./Details";

type Props = { open: boolean; onClose: () => void; kinds: ReadingKind[] };

/** Every reading in a list, each with the rule of thumb beside it; one at a time opens. */
export function AllReadings({ open, onClose, kinds }: Props) {
  const readings = useAnswers((answers) => answers.readings);
  const length = useLength();
  const [chosen, setChosen] = useState<Kind | null>(null);
  return (
    <Sheet open={open} onClose={onClose} title="All readings">
      <ul className="-mx-2 mt-3 min-h-0 overflow-y-auto" data-testid="all-readings">
        {kinds.map((kind) => {
          const reading = readings.find((candidate) => candidate.kind === kind.kind);
          if (!reading) return null;
          const shown = reading.value === null ? null : figure(kind, reading.value, length);
          const ruled = reading.ruleOfThumb && figure(kind, reading.ruleOfThumb.value, length);
          const expanded = chosen === kind.kind;
          return (
            <li key={kind.kind} className="border-line border-b last:border-0">
              <button
                type="button"
                aria-expanded={expanded}
                onClick={() => setChosen(expanded ? null : kind.kind)}
                className="grid min-h-11 w-full grid-cols-[1fr_auto] items-baseline gap-x-4 px-2 py-1.5 text-left hover:bg-raised sm:grid-cols-[1fr_13rem_10rem]"
              >
                <span className="font-medium">{kind.title}</span>
                <span className="font-semibold text-base">
                  {shown ? [shown.text, give(reading), shown.unit].filter(Boolean).join(" ") : "—"}
                  {reading.text && <span className="ml-2 text-sand">{reading.text}</span>}
                </span>
                <span className="text-soft text-sm max-sm:col-span-full">
                  {ruled && `rule of thumb ${ruled.text} ${ruled.unit}`}
                </span>
              </button>
              {expanded && (
                <div className="px-2 pb-4 text-sm">
                  <Details kind={kind} reading={reading} />
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
}
