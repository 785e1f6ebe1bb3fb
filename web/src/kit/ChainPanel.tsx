import { ArrowRight } from "lucide-react";
import { Fragment, useState } from "react";
import type { Link, OwnedSource, Shaper } from "../api/types";
import { Select } from "../fields/Choice";
import { NO_GEL } from "../fields/kinds";
import { ORIGINS } from "../light/ShaperFields";
import { useAnswers } from "../set/answers";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { tell } from "../ui/notices";
import { PanelButton } from "../ui/PanelButton";
import { Compare } from "./CompareShapers";
import { useKit } from "./store";
import { addPiece, same, withShaper, withSource } from "./use";

const OTHER = "As on the table";
const NONE = "None";

/** The light from source to face: what it is made of, and link by link what each takes and does. */
export function ChainPanel() {
  const light = useTable((table) => table.set?.light);
  const kit = useKit((state) => state.kit);
  const [comparing, setComparing] = useState(false);
  if (!light) return null;
  const { change } = useTable.getState();
  const source = kit?.sources.find((one) => same(one.source, light.source));
  const shaper = kit?.shapers.find((one) => same(withShaper(light, one), light));
  const keepSource = () => {
    const piece: OwnedSource = { name: "My source", source: light.source, origin: "entered" };
    addPiece("sources", piece);
    tell("Kept in the kit as “My source”; give it its name there");
  };
  const keepShaper = () => {
    const { face, filling, spread, losses } = light;
    const piece: Shaper = { name: "My shaper", face, filling, spread, losses, origin: "entered" };
    addPiece("shapers", piece);
    tell("Kept in the kit as “My shaper”; give it its name there");
  };
  return (
    <>
      <Select
        label="Source"
        value={source?.name ?? OTHER}
        choices={[...(source ? [] : [OTHER]), ...(kit?.sources ?? []).map(({ name }) => name)]}
        testId="kit-source"
        verbatim
        onChoose={(name) => {
          const piece = kit?.sources.find((one) => one.name === name);
          if (piece) change("light", withSource(light, piece));
        }}
      />
      <Select
        label="Shaper"
        value={shaper?.name ?? OTHER}
        choices={[...(shaper ? [] : [OTHER]), ...(kit?.shapers ?? []).map(({ name }) => name)]}
        testId="kit-shaper"
        verbatim
        onChoose={(name) => {
          const piece = kit?.shapers.find((one) => one.name === name);
          if (piece) change("light", withShaper(light, piece));
        }}
      />
      <GelChoice />
      {shaper ? (
        <PanelButton onClick={() => setComparing(true)}>Compare shapers</PanelButton>
      ) : (
        <PanelButton onClick={keepShaper}>Keep shaper in kit</PanelButton>
      )}
      <Links />
      {shaper === undefined && (
        <PanelButton onClick={() => setComparing(true)}>Compare shapers</PanelButton>
      )}
      {!source && <PanelButton onClick={keepSource}>Keep source in kit</PanelButton>}
      <Compare open={comparing} onClose={() => setComparing(false)} />
    </>
  );
}

/** The gel before the source: none, one of the kit, or as it is typed in. */
function GelChoice() {
  const gel = useTable((table) => table.set?.light.gel);
  const gels = useKit((state) => state.kit?.gels) ?? [];
  if (!gel) return null;
  const none = same(gel, NO_GEL);
  const piece = gels.find((one) => same(one.gel, gel));
  const now = piece?.name ?? (none ? NONE : OTHER);
  return (
    <Select
      label="Gel"
      value={now}
      choices={[...(now === OTHER ? [OTHER] : []), NONE, ...gels.map(({ name }) => name)]}
      testId="kit-gel"
      verbatim
      onChoose={(name) => {
        const chosen = name === NONE ? NO_GEL : gels.find((one) => one.name === name)?.gel;
        if (chosen) useTable.getState().change("light.gel", chosen);
      }}
    />
  );
}

function Links() {
  const chain = useAnswers((answers) => answers.chain);
  const stale = useTable((table) => table.problem !== null);
  const [picked, setPicked] = useState(0);
  const at = Math.min(picked, chain.length - 1);
  const link = chain[at];
  if (!link) return null;
  return (
    <div className={`col-span-full ${stale ? "older" : ""}`}>
      <ol className="flex flex-wrap items-center gap-y-1" data-testid="chain">
        {chain.map((one, i) => (
          <Fragment key={`${one.kind} ${one.field}`}>
            {i > 0 && <ArrowRight size={11} aria-hidden className="mx-px shrink-0 text-soft" />}
            <li>
              <button
                type="button"
                aria-pressed={i === at}
                onClick={() => setPicked(i)}
                className={`min-h-10 rounded-md border px-1.5 py-0.5 text-left leading-tight max-sm:min-h-11 ${i === at ? "border-sand bg-raised" : "border-edge/60 hover:bg-raised"}`}
              >
                <span className="block whitespace-nowrap text-xs">{one.title}</span>
                <span className="block font-semibold text-sm">
                  {i === 0 ? "all" : minus(one.lossStops)}
                </span>
              </button>
            </li>
          </Fragment>
        ))}
      </ol>
      <LinkWords link={link} chain={chain} />
    </div>
  );
}

function minus(stops: number): string {
  const text = Math.max(0, stops).toFixed(stops >= 0.095 || stops < 0.005 ? 1 : 2);
  return Number(text) === 0 ? "0" : `−${text}`;
}

function LinkWords({ link, chain }: { link: Link; chain: Link[] }) {
  const length = useLength();
  const all = chain.reduce((sum, { lossStops }) => sum + lossStops, 0);
  const size =
    link.across > 0
      ? `${length.show(link.across)} × ${length.show(link.along)} ${length.unit}`
      : "a point";
  const degrees = Math.round((link.spread * 180) / Math.PI);
  return (
    <p className="mt-1.5 text-sm leading-snug" data-testid="link-words">
      <span className="font-medium">{link.effect}.</span>{" "}
      <span className="text-soft">
        After it: {size}
        {link.across > 0 && `, ${Math.round(100 * link.used)} % of it acts`}, half as bright{" "}
        {Math.round(degrees / 2)}° off the axis.
        {link.origin && ` ${ORIGINS[link.origin.toLowerCase()]}.`} Whole chain {minus(all)} stops.
      </span>
    </p>
  );
}
