import type { Verdict } from "../api/types";
import { onBar } from "./bands";

/** Where a value lies against its band. What it says is said in words beside it too. */
export function BandBar({ verdict }: { verdict: Verdict }) {
  const { band, at } = onBar(verdict);
  const met = verdict.value !== null && verdict.off === 0;
  return (
    <span aria-hidden className="relative block h-1.5 w-full rounded-full bg-edge/30">
      <span
        className="absolute inset-y-0 rounded-full bg-edge"
        style={{ left: `${100 * band[0]}%`, width: `${100 * (band[1] - band[0])}%` }}
      />
      {Number.isFinite(at) && (
        <span
          className={`-translate-x-1/2 -translate-y-1/2 absolute top-1/2 h-3 w-1 rounded-sm ${met ? "bg-ink" : "bg-sand"}`}
          style={{ left: `${100 * at}%` }}
        />
      )}
    </span>
  );
}
