import { Check } from "lucide-react";
import { useEffect } from "react";
import type { SetSheet, SheetLine, SheetPart, Tick } from "../api/types";
import { useLength } from "../set/preferences";
import { Mark } from "../ui/Mark";
import { measured, standAt, standing, standsAt, tick, toChange, useStand } from "./stand";

/** At the stand, by phone: what to measure and set, large enough for an arm's length, each line ticked off as it is done. */
export function StandPage({ id }: { id: string }) {
  const { stored, sheet, lostSince, failed, ...kept } = useStand();
  useEffect(() => standAt(id), [id]);
  useAwake();
  const all = standing(kept);
  return (
    <div className="mx-auto min-h-full max-w-xl pb-16">
      <header className="sticky top-0 z-10 flex items-center gap-3 bg-ground px-3 py-2">
        <Mark />
        <h1 className="min-w-0 flex-1 truncate font-semibold text-lg">
          {stored?.set.title ?? "At the stand"}
        </h1>
        {sheet && <Count sheet={sheet} all={all} />}
      </header>
      {lostSince && (
        <p role="status" className="bg-raised px-3 py-2" data-testid="stand-lost">
          No connection since {new Date(lostSince).toTimeString().slice(0, 5)}. What you tick is
          kept, and sent when it is back
          {kept.unsent.length > 0 && `: ${kept.unsent.length} so far`}.
        </p>
      )}
      {failed && (
        <p role="alert" className="px-3 py-2 text-alarm">
          {failed}
        </p>
      )}
      {!sheet && !failed && <p className="px-3 py-4 text-soft">Working it out …</p>}
      <main>
        {sheet?.parts.map((part) => (
          <Part key={`${part.kind} ${part.number}`} part={part} mark={sheet.mark} all={all} />
        ))}
      </main>
      <p className="px-3 pt-6 text-soft">
        Angles and clock are as the dish sees them, lengths from its middle on the table. Weigh
        stands down, keep lamps off cloth and cables flat, and follow local rules.{" "}
        <a className="underline" href={`#/sets/${id}`}>
          The set itself
        </a>
      </p>
    </div>
  );
}

function Count({ sheet, all }: { sheet: SetSheet; all: Tick[] }) {
  const length = useLength();
  const lines = sheet.parts.flatMap((part) => part.lines.map((line) => ({ part, line })));
  const done = lines.filter(({ part, line }) => isDone(all, part, line, length)).length;
  return (
    <span className="text-soft tabular-nums" data-testid="stand-count">
      {done} of {lines.length}
    </span>
  );
}

function isDone(
  all: Tick[],
  part: SheetPart,
  line: SheetLine,
  length: ReturnType<typeof useLength>,
): boolean {
  const stands = standsAt(all, part, line);
  return stands !== null && toChange(line, stands, length) === null;
}

type PartProps = { part: SheetPart; mark: string; all: Tick[] };

function Part({ part, mark, all }: PartProps) {
  return (
    <section aria-label={part.title} className="mt-3">
      <h2 className="px-3 py-1 font-bold text-xl">{part.title}</h2>
      <ul>
        {part.lines.map((line) => (
          <Line key={line.measure} part={part} line={line} mark={mark} all={all} />
        ))}
      </ul>
    </section>
  );
}

function Line({ part, line, mark, all }: PartProps & { line: SheetLine }) {
  const length = useLength();
  const stands = standsAt(all, part, line);
  const change = stands === null ? null : toChange(line, stands, length);
  const done = stands !== null && change === null;
  return (
    <li className="border-line border-t">
      <label
        className="flex min-h-16 cursor-pointer items-center gap-3 px-3 py-2"
        data-testid={`stand-${part.kind}-${part.number}-${line.measure}`}
      >
        <input
          type="checkbox"
          checked={done}
          className="peer sr-only"
          onChange={() => tick(part, line, !done)}
        />
        <span
          aria-hidden
          className="grid size-9 shrink-0 place-items-center rounded-md border-2 border-edge/60 peer-checked:border-sand peer-checked:bg-sand peer-checked:text-on-sand peer-focus-visible:outline-2 peer-focus-visible:outline-sand"
        >
          {done && <Check size={24} />}
        </span>
        <span className="min-w-0 flex-1">
          <span className={`block text-lg leading-snug ${done ? "text-soft" : ""}`}>
            {line.title}
          </span>
          {change && stands !== null && (
            <span className="block text-sand">
              {change}; it stands at {measured(line, stands, length)}
            </span>
          )}
        </span>
        <span
          className={`shrink-0 font-semibold text-3xl tabular-nums ${done ? "text-soft" : ""}`}
          data-testid="stand-value"
        >
          {line.measure === "POWER" ? mark : measured(line, line.value, length)}
        </span>
      </label>
    </li>
  );
}

/** The screen stays on as long as the page is looked at, where the browser lets it. */
function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = async () => {
      if (document.visibilityState !== "visible" || !("wakeLock" in navigator)) return;
      const held = await navigator.wakeLock.request("screen").catch(() => undefined);
      if (left) void held?.release();
      else lock = held;
    };
    void hold();
    document.addEventListener("visibilitychange", hold);
    return () => {
      left = true;
      document.removeEventListener("visibilitychange", hold);
      void lock?.release();
    };
  }, []);
}
