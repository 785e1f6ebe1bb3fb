import { useEffect, useState } from "react";
import type { FrameNews, Loupe } from "../../api/types";
import { useTable } from "../../set/store";
import { signedStops } from "../../set/units";

/** A picture of the set before is told as that when it stays longer: most are followed sooner. */
const SOON_MS = 200;

/** How far a picture has come, in words. */
function progressOf({ stage, done, share, secondsLeft }: FrameNews): string {
  if (done) return "Clean";
  if (stage !== "FINE") return "First look, sharpening …";
  if (secondsLeft < 0) return "Still grainy";
  const left =
    secondsLeft < 90
      ? `${Math.max(1, Math.round(secondsLeft))} s`
      : `${Math.round(secondsLeft / 60)} min`;
  return `Still grainy: ${Math.round(share * 100)} %, about ${left} left`;
}

type Props = {
  news: FrameNews;
  /** Whether the picture is of the set as it is now. */
  newest: boolean;
  loupe: Loupe | null;
  failed: string | null;
};

/** How far the picture has come, or that it is older than the set, and what is under the pointer. */
export function PictureState({ news, newest, loupe, failed }: Props) {
  const problem = useTable((table) => table.problem);
  const [late, setLate] = useState(false);
  useEffect(() => {
    setLate(false);
    if (newest) return;
    const timer = setTimeout(() => setLate(true), SOON_MS);
    return () => clearTimeout(timer);
  }, [newest]);
  const older = late && !newest && news.stage !== "COARSE";
  const words = problem
    ? "Last possible picture"
    : (failed ?? (older ? "Before the last move, drawing …" : progressOf(news)));
  return (
    <div className="pointer-events-none absolute inset-x-3 bottom-2 grid gap-1 text-right text-xs">
      {loupe && (
        <p data-testid="loupe">
          <span className="rounded bg-ground/85 px-2 py-0.5">
            {signedStops(loupe.tone)} stops from mid grey
          </span>
        </p>
      )}
      <p className="text-soft" aria-live="polite" data-testid="picture-state">
        {/* new words take the place of the old: they are not the same ones, pushed aside */}
        <span key={words} className="rounded bg-ground/85 px-2 py-0.5">
          {words}
        </span>
      </p>
    </div>
  );
}
