import type { Reading, ReadingKind } from "../../api/types";
import { figure, give, type Kind } from "../../set/figures";
import { useLength, useSaid } from "../../set/preferences";
import type { Quantity } from "../../set/units";
import { Shares } from "./Shares";
import { Wanted } from "./Wanted";

/** Readings of what the hero gets: they say where it comes from. */
const EXPOSURES: Kind[] = ["POWER", "KEY_EXPOSURE", "OFF_EXPOSURE"];

/** What a reading means, the rule of thumb beside it, where it comes from, and how to get another value. */
export function Details({ kind, reading }: { kind: ReadingKind; reading: Reading }) {
  const said = useSaid();
  const length = useLength();
  const shown = reading.value === null ? null : figure(kind, reading.value, length);
  const rule = reading.ruleOfThumb;
  const ruled = rule && figure(kind, rule.value, length);
  return (
    <>
      <h3 className="font-semibold text-base">{kind.title}</h3>
      <p className="mt-1">{kind.meaning}</p>
      {reading.uncertainty !== null && (
        <p className="mt-2 text-soft">
          Found by following light at random until it was looked at long enough; with so much in its
          way it is sure to {give(reading)} stop.
        </p>
      )}
      {EXPOSURES.includes(kind.kind) && <Shares />}
      {reading.note && (
        <p className={`mt-2 ${reading.alarm ? "text-alarm" : ""}`}>{said(reading.note)}.</p>
      )}
      {rule && ruled && shown && (
        <dl
          className="mt-3 grid grid-cols-[auto_1fr] gap-x-3 rounded-md bg-panel p-2"
          data-testid="rule-of-thumb"
        >
          <dt className="text-soft">Exact</dt>
          <dd className="font-semibold">
            {shown.text} {give(reading)} {shown.unit}
          </dd>
          <dt className="text-soft">Rule of thumb</dt>
          <dd>
            <span className="font-semibold">
              {ruled.text} {ruled.unit}
            </span>
            <span className="block text-soft text-xs">{rule.words}</span>
          </dd>
        </dl>
      )}
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
        <dt className="text-soft">Formula</dt>
        <dd>{kind.formula}</dd>
        <dt className="text-soft">Source</dt>
        <dd>{kind.source}</dd>
        <dt className="text-soft">Moved by</dt>
        <dd>{kind.movedBy}</dd>
        <dt className="text-soft">Probed</dt>
        <dd>{places(reading, length)}</dd>
      </dl>
      <Wanted kind={kind} />
    </>
  );
}

function places(reading: Reading, length: Quantity): string {
  if (reading.places.length === 0) return "nowhere";
  const words = reading.places.map(
    ({ x, y, z }) => `${length.show(x)}, ${length.show(y)}, ${length.show(z)}`,
  );
  return `${words.join(" and ")} ${length.unit} right, back, up from the hero point`;
}
