import { useQuery } from "@tanstack/react-query";
import { useId, useState } from "react";
import { api } from "../../api/client";
import type { Lever, ReadingKind, TableSet } from "../../api/types";
import { attemptLong } from "../../set/attempt";
import { figure, typedIn } from "../../set/figures";
import { asking, putAnswer } from "../../set/late";
import { useLength } from "../../set/preferences";
import { useTable } from "../../set/store";
import { signedStops } from "../../set/units";
import { Button } from "../../ui/Button";

const BY: Record<Lever, string> = {
  LIGHT_DISTANCE: "Move light",
  FACE_SIZE: "Resize light",
  BACKDROP_DISTANCE: "Move backdrop",
  CARD_DISTANCE: "Move card",
  CARD_SIZE: "Resize card",
  SLIT_GAP: "Open or close slit",
  CUT_DISTANCE: "Move flag or pattern",
};

const NOW_AT: Record<Lever, string> = {
  LIGHT_DISTANCE: "The light is",
  FACE_SIZE: "The light is now as wide as",
  BACKDROP_DISTANCE: "The backdrop is",
  CARD_DISTANCE: "The card is",
  CARD_SIZE: "The card is now as wide as",
  SLIT_GAP: "The slit is now",
  CUT_DISTANCE: "It is",
};

/** Levers that are sizes, not distances. */
const SIZES: Lever[] = ["FACE_SIZE", "CARD_SIZE", "SLIT_GAP"];

/** Asks what to move for a wanted value, and tries it on the table. */
export function Wanted({ kind }: { kind: ReadingKind }) {
  const length = useLength();
  const id = useId();
  const [text, setText] = useState("");
  const [answer, setAnswer] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  /** What the last move put on the table: as long as it is there, it can be taken back here. */
  const [moved, setMoved] = useState<TableSet | null>(null);
  const onTable = useTable((table) => table.set);
  const asSaved = useAsSaved(kind);
  if (kind.levers.length === 0) return null;
  const { unit, size } = typedIn(kind, length);
  const typed = text.trim() === "" ? Number.NaN : Number(text.replace(",", ".").replace("−", "-"));

  const go = async (lever: Lever) => {
    const asked = asking();
    if (!asked) return;
    if (!Number.isFinite(typed)) {
      setAnswer(`Type a number of ${unit === ": 1" ? "times" : unit} first.`);
      return;
    }
    setBusy(true);
    const move = await attemptLong("Looking for the place …", (stop) =>
      api.move(asked.set, kind.kind, typed * size, lever, stop),
    );
    setBusy(false);
    if (!move) return;
    if (!move.set || move.metres === null || move.reached === null) {
      setAnswer(`No place of it gives ${text.trim()} ${unit}. Try another way.`);
      return;
    }
    if (!putAnswer(asked, move.set)) return;
    const reads = figure(kind, move.reached, length);
    const where = `${length.show(move.metres)} ${length.unit}`;
    const power =
      Math.abs(move.makeUpStops ?? 0) < 0.05
        ? ""
        : `; ${signedStops(move.makeUpStops ?? 0)} stops of power keep the exposure`;
    const said = `${NOW_AT[lever]} ${where}${SIZES.includes(lever) ? "" : " away"}: ${reads.text} ${reads.unit}${power}`;
    setAnswer(`${said}.`);
    setMoved(move.set);
  };

  return (
    <form
      className="mt-3 border-line border-t pt-3"
      data-testid="wanted"
      onSubmit={(event) => {
        event.preventDefault();
        const [first] = kind.levers;
        if (first) void go(first);
      }}
    >
      <div className="flex flex-wrap items-center gap-2">
        <label htmlFor={id} className="font-medium">
          I want
        </label>
        <input
          id={id}
          value={text}
          inputMode="decimal"
          autoComplete="off"
          onChange={(event) => setText(event.target.value)}
          className="h-9 w-20 rounded-md border border-edge/60 bg-panel px-2 font-medium max-sm:h-11"
        />
        <span className="text-soft">{unit}</span>
        {[...asSaved, ...kind.targets].map(({ words, value }) => (
          <button
            key={words}
            type="button"
            onClick={() => setText(String(Number((value / size).toFixed(3))))}
            className="h-9 rounded-full border border-edge/60 px-2.5 text-xs hover:bg-panel max-sm:h-11"
          >
            {words}
          </button>
        ))}
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        {kind.levers.map((lever) => (
          <Button
            key={lever}
            look="outline"
            disabled={busy}
            data-testid={`lever-${lever}`}
            onClick={() => void go(lever)}
          >
            {BY[lever]}
          </Button>
        ))}
      </div>
      <p role="status" className="mt-2 empty:hidden">
        {answer}
      </p>
      {moved && moved === onTable && (
        <Button
          look="outline"
          className="mt-2"
          onClick={() => {
            useTable.getState().undo();
            setAnswer(null);
          }}
        >
          Take it back
        </Button>
      )}
    </form>
  );
}

/** The reading of the saved set, as something to want again after another face has been put up. */
function useAsSaved(kind: ReadingKind): ReadingKind["targets"] {
  const id = useTable((table) => table.id);
  const version = useTable((table) => table.version);
  const saved = useTable((table) => table.saved);
  const changed = useTable((table) => table.set !== table.saved);
  const before = useQuery({
    queryKey: ["saved-readings", id, version],
    queryFn: ({ signal }) => api.readings(saved as TableSet, signal),
    enabled: saved !== null && changed && kind.levers.length > 0,
    staleTime: Infinity,
  });
  const reading = before.data?.readings.find((one) => one.kind === kind.kind);
  return changed && typeof reading?.value === "number"
    ? [{ words: "as saved", value: reading.value }]
    : [];
}
