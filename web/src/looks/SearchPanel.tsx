import { Search as SearchMark, Square } from "lucide-react";
import { api } from "../api/client";
import type { Placement, Search, TableSet } from "../api/types";
import { useShot } from "../kit/compared";
import { attempt } from "../set/attempt";
import { useSaid } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";
import { useBeginSearch, useSearch } from "./search";

/** Pixels across a placement's picture. */
const WIDTH = 320;

/** Whole placements for the set's look: found in the background, shown as they come. */
export function SearchPanel({ onTried }: { onTried: () => void }) {
  const begin = useBeginSearch();
  const { search, asked } = useSearch();
  const set = useTable((table) => table.possible);
  const running = search?.state === "RUNNING";
  const older = asked !== undefined && JSON.stringify(asked) !== JSON.stringify(set);
  return (
    <section aria-label="Placements" className="mt-3 rounded-panel bg-ground p-3">
      <div className="flex flex-wrap items-center gap-2">
        <h3 className="min-w-0 flex-1 font-semibold">Placements for this look</h3>
        {running ? (
          <Button look="outline" onClick={() => void attempt(() => api.stopSearch(search.id))}>
            <Square size={14} aria-hidden /> Stop
          </Button>
        ) : (
          <Button look="strong" disabled={!begin} onClick={() => void begin?.()}>
            <SearchMark size={15} aria-hidden /> Find placements
          </Button>
        )}
      </div>
      {search ? (
        <Found search={search} older={older} onTried={onTried} />
      ) : (
        <p className="mt-1 text-soft text-sm">
          Looks through your shapers and boards, and where each stands best on this table and in
          this room. It goes on while you work.
        </p>
      )}
    </section>
  );
}

type FoundProps = { search: Search; older: boolean; onTried: () => void };

function Found({ search, older, onTried }: FoundProps) {
  return (
    <>
      <p role="status" className="mt-1 text-soft text-sm" data-testid="search-state">
        {statusOf(search)}
        {older && " They were looked for from an earlier state of this set."}
      </p>
      {search.state === "RUNNING" && (
        <progress
          aria-label="How far the search has come"
          className="mt-1 h-1.5 w-full accent-sand"
          value={search.share}
          max={1}
        />
      )}
      <ol className={`mt-2 grid gap-2 ${older ? "older" : ""}`}>
        {search.placements.map((placement, at) => (
          <Row
            // biome-ignore lint/suspicious/noArrayIndexKey: what stands at a rank is replaced as a whole
            key={at}
            {...{ placement, at, onTried }}
          />
        ))}
      </ol>
      {search.ruledOut.length > 0 && (
        <details className="mt-2 text-sm">
          <summary className="min-h-6 cursor-pointer text-soft">Why others were ruled out</summary>
          <ul className="mt-1 grid gap-0.5 text-soft">
            {search.ruledOut.map(({ why, placements }) => (
              <li key={why}>
                {why}: {placements} places
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}

function statusOf({ state, share, evaluated, placements }: Search): string {
  const read = `${evaluated.toLocaleString("en")} places read`;
  switch (state) {
    case "RUNNING":
      return `Looking: ${Math.round(100 * share)} %, ${read}.`;
    case "DONE":
      return placements.length === 0
        ? `No placement can stand here and be any good; ${read}. See why below, and change the room, the kit or the look.`
        : `Done: ${read}.`;
    case "STOPPED":
      return `Stopped at ${Math.round(100 * share)} %; ${read}.`;
    default:
      return "The search could not go on for this set. Change something and try again.";
  }
}

type RowProps = { placement: Placement; at: number; onTried: () => void };

function Row({ placement, at, onTried }: RowProps) {
  const said = useSaid();
  const shot = useShot(placement.set, WIDTH);
  const { set, met, bands, misses, changes, headroomStops } = placement;
  const aspect = set.camera.sensorWidthMetres / set.camera.sensorHeightMetres;
  return (
    <li className="grid grid-cols-[minmax(0,9.5rem)_minmax(0,1fr)] gap-3 rounded-md bg-panel p-2">
      <span className="block overflow-hidden rounded bg-ground" style={{ aspectRatio: aspect }}>
        {shot.data && (
          <img src={shot.data} alt={`Placement ${at + 1}`} className="h-full w-full object-cover" />
        )}
      </span>
      <div className="min-w-0 text-sm">
        <p className="font-medium">
          {misses.length === 0 ? allMet(met, bands) : `${met} of ${bands} bands met`}
        </p>
        {misses.length > 0 && <p className="text-sand text-xs">{misses.join(", ")}</p>}
        <p className="text-xs">{said(sentence(changes))}</p>
        <p className="text-soft text-xs">{headroom(headroomStops)}</p>
        <div className="mt-1 flex flex-wrap gap-1">
          <Button look="outline" className="h-8" onClick={() => tried(set, at, onTried)}>
            Try it
          </Button>
        </div>
      </div>
    </li>
  );
}

function tried(set: TableSet, at: number, onTried: () => void): void {
  useTable.getState().replace(set);
  onTried();
  tell(`Placement ${at + 1} is on the table; keep it as a take with T, or save it`, {
    action: takeBack(),
  });
}

function sentence(changes: string[]): string {
  const all = changes.join("; ");
  return all === "" ? "As it stands." : `${all.charAt(0).toUpperCase()}${all.slice(1)}.`;
}

/** A band that the frame does not show is neither met nor missed. */
function allMet(met: number, bands: number): string {
  return met === bands ? `All ${bands} bands met` : `All met that the picture shows: ${met}`;
}

function headroom(stops: number): string {
  return stops < 0.05 ? "At full power, nothing left" : `${stops.toFixed(1)} stops of power left`;
}
