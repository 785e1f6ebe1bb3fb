import { useQueryClient } from "@tanstack/react-query";
import { CircleHelp, HardDrive, Hourglass, TriangleAlert, WifiOff } from "lucide-react";
import { useState } from "react";
import { useConnection } from "../api/connection";
import { useAnswers } from "../set/answers";
import { useDrafts } from "../set/drafts";
import { pathOf } from "../set/paths";
import { useLength, usePreferences, useSaid } from "../set/preferences";
import { type Problem, useTable } from "../set/store";
import { angle } from "../set/units";
import { setActions } from "../sets/actions";
import { Button } from "../ui/Button";
import { IMPOSSIBLE_ID } from "../ui/ids";
import { endTour, startTour, useTour } from "./tour";

/** What stands in the way just now: the server is away, or the set cannot be. */
export function Banners() {
  const lost = useConnection((connection) => connection.lost);
  const problem = useTable((table) => table.problem);
  const dragging = useTable((table) => table.dragging);
  const possible = useTable((table) => table.possible);
  const takeBack = useTable((table) => table.takeBack);
  const doubts = useAnswers((answers) => answers.doubts);
  const unanswered = useAnswers((answers) => answers.unanswered);
  const said = useSaid();
  const unkept = useDrafts((drafts) => drafts.failed);
  const actions = setActions(useQueryClient());
  const offered = usePreferences(({ toured }) => !toured) && possible !== null;
  const touring = useTour((tour) => tour.at !== null);
  const [dismissed, setDismissed] = useState<string[]>([]);
  const open = problem ? [] : doubts.filter(({ words }) => !dismissed.includes(words));
  const tour = offered && !touring;
  if (!lost && !problem && !unanswered && !unkept && !tour && open.length === 0) return null;
  return (
    <div className="pointer-events-none fixed inset-x-0 top-24 z-15 flex flex-col items-center gap-2 px-3 lg:right-[37%]">
      {lost && (
        <p
          role="status"
          data-testid="server-away"
          className="pointer-events-auto flex items-center gap-2 rounded-panel border border-alarm bg-alarm-ground px-4 py-2 text-alarm shadow-xl"
        >
          <WifiOff size={17} aria-hidden />
          The server is not answering. Your work is kept in this browser; looking for it again …
        </p>
      )}
      {unkept && (
        <div
          role="alert"
          data-testid="not-kept"
          className="pointer-events-auto flex items-center gap-3 rounded-panel border border-alarm bg-alarm-ground px-4 py-2 text-alarm shadow-xl"
        >
          <HardDrive size={17} aria-hidden className="shrink-0" />
          This browser has no room for unsaved work: it is lost when the page is closed before you
          save.
          <Button look="outline" className="border-alarm" onClick={() => void actions.save()}>
            Save now
          </Button>
        </div>
      )}
      {unanswered && (
        <p
          role="status"
          data-testid="unanswered"
          className="pointer-events-auto flex max-w-3xl items-center gap-3 rounded-panel border border-sand bg-raised px-4 py-2 text-sm shadow-xl"
        >
          <Hourglass size={17} aria-hidden className="shrink-0 text-sand" />
          {said(unanswered)}.
        </p>
      )}
      {open.map(({ field, words }) => (
        <div
          key={field}
          role="status"
          data-testid="doubt"
          className="pointer-events-auto flex max-w-3xl items-center gap-3 rounded-panel border border-sand bg-raised px-4 py-2 text-sm shadow-xl"
        >
          <CircleHelp size={17} aria-hidden className="shrink-0 text-sand" />
          <span>{said(words)}.</span>
          <Button look="outline" onClick={() => setDismissed([...dismissed, words])}>
            It is right
          </Button>
        </div>
      ))}
      {tour && (
        <div
          role="status"
          data-testid="tour-offer"
          className="pointer-events-auto flex items-center gap-3 rounded-panel border border-line bg-raised px-4 py-2 text-sm shadow-xl"
        >
          New here? Six things to know, in a minute.
          <Button look="strong" onClick={startTour}>
            Show me round
          </Button>
          <Button onClick={endTour}>Not now</Button>
        </div>
      )}
      {problem && (
        <div
          role="alert"
          data-testid="impossible"
          className="pointer-events-auto flex items-center gap-3 rounded-panel border border-alarm bg-alarm-ground px-4 py-2 text-alarm shadow-xl"
        >
          <TriangleAlert size={17} aria-hidden className="shrink-0" />
          <span id={IMPOSSIBLE_ID}>{said(problem.detail)}.</span>
          {!dragging && <Remedy problem={problem} />}
          {!dragging && possible && (
            <Button look="outline" className="border-alarm" onClick={takeBack}>
              Take back
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

/** The one change that makes the set possible, where one is known. */
function Remedy({ problem: { field, remedy } }: { problem: Problem }) {
  const length = useLength();
  if (remedy === undefined) return null;
  const quantity = field.endsWith("Degrees") ? angle : length;
  const path = pathOf(field);
  return (
    <Button
      look="outline"
      className="shrink-0 border-alarm"
      data-testid="remedy"
      onClick={() => useTable.getState().change(path, remedy)}
    >
      Set {quantity.show(remedy)} {quantity.unit}
    </Button>
  );
}
