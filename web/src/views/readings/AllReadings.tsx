import { useState } from "react";
import type { Reading, ReadingKind } from "../../api/types";
import { useAnswers } from "../../set/answers";
import { figure, give, type Kind } from "../../set/figures";
import { useLength } from "../../set/preferences";
import { Sheet } from "../../ui/Sheet";
import { Details } from "./Details";

type Props = { open: boolean; onClose: () => void; kinds: ReadingKind[] };

/** Every reading in a list, each with the rule of thumb beside it; one at a time opens. */
export function AllReadings({ open, onClose, kinds }: Props) {
  const readings = useAnswers((answers) => answers.readings);
  const [chosen, setChosen] = useState<Kind | null>(null);
  const [sought, setSought] = useState("");
  const groups = grouped(kinds, sought);
  return (
    <Sheet open={open} onClose={onClose} title="All readings">
      <input
        type="search"
        value={sought}
        onChange={(event) => setSought(event.target.value)}
        placeholder="Find a reading"
        aria-label="Find a reading"
        className="mt-3 h-9 w-full rounded-md border border-edge/60 bg-raised px-2.5 text-base max-sm:h-11"
      />
      <div className="-mx-2 mt-2 min-h-0 overflow-y-auto" data-testid="all-readings">
        {groups.length === 0 && (
          <p className="px-2 py-4 text-soft">No reading is called or explained so.</p>
        )}
        {groups.map(({ name, members }) => (
          <section key={name} aria-label={name}>
            <h3 className="sticky top-0 bg-panel px-2 pt-3 pb-1 font-semibold text-soft text-xs">
              {name}
            </h3>
            <ul>
              {members.map((kind) => (
                <Row
                  key={kind.kind}
                  kind={kind}
                  reading={readings.find((candidate) => candidate.kind === kind.kind)}
                  expanded={chosen === kind.kind}
                  onToggle={() => setChosen(chosen === kind.kind ? null : kind.kind)}
                />
              ))}
            </ul>
          </section>
        ))}
      </div>
    </Sheet>
  );
}

/** In the core's order, by what they are about; only those that are called or explained by the words sought. */
function grouped(kinds: ReadingKind[], sought: string) {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const found = kinds.filter(({ title, group, meaning }) => {
    const text = `${title} ${group} ${meaning}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  return [...new Set(found.map(({ group }) => group))].map((name) => ({
    name,
    members: found.filter(({ group }) => group === name),
  }));
}

type RowProps = {
  kind: ReadingKind;
  reading: Reading | undefined;
  expanded: boolean;
  onToggle: () => void;
};

function Row({ kind, reading, expanded, onToggle }: RowProps) {
  const length = useLength();
  if (!reading) return null;
  const shown = reading.value === null ? null : figure(kind, reading.value, length);
  const ruled = reading.ruleOfThumb && figure(kind, reading.ruleOfThumb.value, length);
  return (
    <li className="border-line border-b last:border-0">
      <button
        type="button"
        aria-expanded={expanded}
        onClick={onToggle}
        className="grid min-h-11 w-full grid-cols-[1fr_auto] items-baseline gap-x-4 px-2 py-1.5 text-left hover:bg-raised sm:grid-cols-[1fr_13rem_10rem]"
      >
        <span className="font-medium">{kind.title}</span>
        <span className="font-semibold text-base">
          {shown ? [shown.text, give(reading), shown.unit].filter(Boolean).join(" ") : "—"}
          {(reading.text || reading.word) && (
            <span className="ml-2 text-sand">{reading.text || reading.word}</span>
          )}
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
}
