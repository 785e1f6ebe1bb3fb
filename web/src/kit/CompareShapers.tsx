import { ToggleGroup } from "radix-ui";
import { useState } from "react";
import type { Shaper, TableSet } from "../api/types";
import { asking, putAnswer } from "../set/late";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";
import { Sheet } from "../ui/Sheet";
import { Figures } from "./ComparedFigures";
import { Large } from "./ComparedLarge";
import { useCompared, useShot, WAYS, type Way } from "./compared";
import { useReadyMade } from "./readyMade";
import { useKit } from "./store";

const MOST = 5;

/** Pixels across a small picture. */
const SMALL = 320;
const NOW = "On the table now";

/** Shapers against the one on the table, put beside each other in one of three ways: a picture and figures of each. */
export function Compare({ open, onClose }: { open: boolean; onClose: () => void }) {
  const set = useTable((table) => table.possible);
  const kit = useKit((state) => state.kit);
  const ready = useReadyMade();
  const [names, setNames] = useState<string[]>([]);
  const [way, setWay] = useState<Way>("softness");
  const [large, setLarge] = useState<string | null>(null);
  const own = kit?.shapers ?? [];
  const others = (ready?.shapers ?? []).filter(({ name }) => !own.some((one) => one.name === name));
  const all = [...own, ...others];
  const chosen = names.flatMap((name) => all.find((one) => one.name === name) ?? []);
  const flip = (name: string) =>
    setNames(
      names.includes(name) ? names.filter((one) => one !== name) : [...names, name].slice(-MOST),
    );
  const slots = [NOW, ...names];
  const turn = (by: number) =>
    setLarge(slots[(slots.indexOf(large ?? NOW) + by + slots.length) % slots.length] ?? NOW);
  const shaper = chosen.find(({ name }) => name === large);
  if (!set) return null;
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Shapers compared"
      about={`Pick up to five. ${WAYS.find((one) => one.way === way)?.about}`}
      wide
    >
      {large === null && (
        <>
          <div className="mt-3 max-h-28 shrink-0 overflow-y-auto" data-testid="compare-choices">
            <div className="flex flex-wrap gap-1.5">
              {all.map(({ name }) => (
                <button
                  key={name}
                  type="button"
                  aria-pressed={names.includes(name)}
                  onClick={() => flip(name)}
                  className={`min-h-9 rounded-full border px-3 text-sm max-sm:min-h-11 ${names.includes(name) ? "border-sand bg-raised" : "border-edge/60 hover:bg-raised"}`}
                >
                  {name}
                </button>
              ))}
            </div>
          </div>
          <WayChoice way={way} choose={setWay} />
          <div
            // scrolled by the arrow keys too
            // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
            tabIndex={0}
            className="mt-2 grid min-h-0 flex-1 grid-cols-[repeat(auto-fit,minmax(140px,1fr))] gap-3 overflow-y-auto"
          >
            <section aria-label={NOW}>
              <h3 className="font-semibold text-sm">{NOW}</h3>
              <Shot set={set} name="the light on the table" enlarge={() => setLarge(NOW)} />
              <Figures set={set} />
            </section>
            {chosen.map((one) => (
              <Column
                key={one.name}
                {...{ set, way, shaper: one, onUsed: onClose }}
                enlarge={() => setLarge(one.name)}
              />
            ))}
          </div>
        </>
      )}
      {large === NOW && <Large name={NOW} set={set} turn={turn} back={() => setLarge(null)} />}
      {shaper && <LargeOf {...{ set, shaper, way, turn }} back={() => setLarge(null)} />}
    </Sheet>
  );
}

function WayChoice({ way, choose }: { way: Way; choose: (way: Way) => void }) {
  return (
    <ToggleGroup.Root
      type="single"
      value={way}
      aria-label="How they are put beside each other"
      className="mt-3 flex self-start rounded-md border border-edge/60 p-0.5"
      onValueChange={(next) => next && choose(next as Way)}
    >
      {WAYS.map((one) => (
        <ToggleGroup.Item
          key={one.way}
          value={one.way}
          className="h-8 rounded px-3 text-sm hover:bg-raised data-[state=on]:bg-edge/40 max-sm:h-11"
        >
          {one.label}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}

type OneProps = { set: TableSet; shaper: Shaper; way: Way };

function LargeOf({
  set,
  shaper,
  way,
  ...rest
}: OneProps & { turn: (by: number) => void; back: () => void }) {
  const there = useCompared(set, shaper, way).data;
  return there ? <Large name={shaper.name} set={there} {...rest} /> : null;
}

type ColumnProps = OneProps & { onUsed: () => void; enlarge: () => void };

function Column({ set, shaper, way, onUsed, enlarge }: ColumnProps) {
  const compared = useCompared(set, shaper, way);
  const there = compared.data;
  return (
    <section aria-label={shaper.name} data-testid="compared">
      <h3 className="truncate font-semibold text-sm">{shaper.name}</h3>
      {there && <Shot set={there} name={shaper.name} enlarge={enlarge} />}
      {there && <Figures set={there} />}
      {compared.isPending && <p className="py-2 text-soft text-sm">Looking for the distance …</p>}
      {compared.isError && <p className="py-2 text-alarm text-sm">{compared.error.message}.</p>}
      {there === null && (
        <p className="py-2 text-soft text-sm">
          {way === "softness" ? "No distance makes it as soft." : "No distance makes it as large."}
        </p>
      )}
      {there && (
        <Button
          look="outline"
          className="mt-2 w-full"
          onClick={() => {
            const asked = asking(set);
            onUsed();
            if (asked && putAnswer(asked, there)) {
              tell(`${shaper.name}: on the table`, { action: takeBack() });
            }
          }}
        >
          Put it there
        </Button>
      )}
    </section>
  );
}

/** A small picture; pressed, it is shown large. */
function Shot({ set, name, enlarge }: { set: TableSet; name: string; enlarge: () => void }) {
  const shot = useShot(set, SMALL);
  return (
    <button
      type="button"
      aria-label={`Show ${name} large`}
      onClick={enlarge}
      className="mt-1 block aspect-[3/2] w-full cursor-zoom-in overflow-hidden rounded bg-ground"
    >
      {shot.data ? (
        <img src={shot.data} alt={`With ${name}`} className="h-full w-full object-contain" />
      ) : (
        <span className="grid h-full place-items-center text-soft text-sm">
          {shot.isError ? "No picture: this cannot stand" : "Tracing the picture …"}
        </span>
      )}
    </button>
  );
}
