import { useState } from "react";
import type { FrameAnswer, NextAnswer, StoredFrame, WhiteAnswer } from "../api/types";
import { useTable } from "../set/store";
import { percent, signedStops } from "../set/units";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";
import { addGreyCard, proposeAnew, setReflectance, useFrames } from "./frames";
import { Room } from "./Room";

type Props = { frame: StoredFrame; answer: FrameAnswer | undefined };

/** Predicted, measured and the difference, patch by patch; and what to set next. */
export function PatchTable({ frame, answer }: Props) {
  const moved = useFrames((state) => state.patches[frame.id] !== undefined);
  if (!answer) return <p className="mt-3 text-soft">Reading the frame …</p>;
  return (
    <div className="mt-3">
      {frame.lit ? <Next next={answer.next} /> : <Room room={answer.room} />}
      <table className="mt-3 w-full text-sm">
        <caption className="pb-1 text-left text-soft text-xs">
          Stops from mid grey. Drag a number on the frame to read another place.
        </caption>
        <thead>
          <tr className="text-left text-soft text-xs [&>th]:pr-2 [&>th]:font-normal">
            <th scope="col">Place</th>
            <th scope="col" className="text-right">
              Predicted
            </th>
            <th scope="col" className="text-right">
              Frame
            </th>
            <th scope="col" className="text-right">
              Off
            </th>
          </tr>
        </thead>
        <tbody>
          {answer.patches.map((patch, i) => (
            <tr
              key={patch.part}
              data-testid={`patch-${patch.part}`}
              className="border-line border-t align-baseline [&>*]:py-1 [&>*]:pr-2"
            >
              <th scope="row" className="text-left font-normal">
                <span className="mr-1.5 text-soft">{i + 1}</span>
                {patch.title}
                {patch.part === "GREY_CARD" && (
                  <Reflectance
                    key={patch.reflectance}
                    value={patch.reflectance}
                    onChange={(to) => setReflectance(frame.id, answer, to)}
                  />
                )}
                {patch.trouble && <span className="block text-soft text-xs">{patch.trouble}</span>}
              </th>
              <td className="text-right tabular-nums">{shown(patch.predicted)}</td>
              <td className="text-right tabular-nums">{shown(patch.measured)}</td>
              <td className="text-right font-semibold tabular-nums">{shown(patch.off)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {Math.abs(answer.brighter) > 0.05 && (
        <p className="mt-2 text-sm">
          The camera was set {signedStops(answer.brighter)} stops from what this set says; the
          prediction counts it.
        </p>
      )}
      {answer.white && <p className="mt-2 text-sm">{justWhite(answer.white)}</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        {!answer.patches.some(({ part }) => part === "GREY_CARD") && (
          <Button look="outline" onClick={() => addGreyCard(frame.id, answer)}>
            A grey card is in it
          </Button>
        )}
        {moved && (
          <Button look="outline" onClick={() => proposeAnew(frame.id)}>
            Patches where they were proposed
          </Button>
        )}
      </div>
    </div>
  );
}

/** What the card reflects, as its maker states it. */
function Reflectance({ value, onChange }: { value: number; onChange: (to: number) => void }) {
  const [typed, setTyped] = useState(percent.show(value));
  const put = () => {
    const to = percent.read(typed);
    if (to === null) setTyped(percent.show(value));
    else if (percent.show(to) !== percent.show(value)) onChange(to);
  };
  return (
    <label className="mt-0.5 flex items-center gap-1 text-soft text-xs max-sm:h-11">
      It reflects
      <input
        inputMode="decimal"
        value={typed}
        className="h-7 w-12 rounded border border-edge/60 bg-transparent px-1 text-right max-sm:h-11"
        onChange={({ target }) => setTyped(target.value)}
        onBlur={put}
        onKeyDown={(event) => {
          if (event.key === "Enter") put();
        }}
      />
      %
    </label>
  );
}

/** What brings the background to white, and what becomes of the hero then. */
function justWhite({ mark, enough, heroTop, heroClips }: WhiteAnswer): string {
  if (!enough) return "Background just white: full power is not enough.";
  const hero = heroClips
    ? "; the hero’s top would be clipped, so the background wants a light of its own"
    : heroTop === null
      ? ""
      : `; the hero’s top then lies ${signedStops(heroTop)} stops from mid grey`;
  return `Background just white: power at ${mark}${hero}.`;
}

const shown = (stops: number | null) => (stops === null ? "–" : signedStops(stops));

/** What the frame says of the light, and the mark to set. */
export function Next({ next }: { next: NextAnswer | null }) {
  const set = useTable((table) => table.set);
  if (!next) {
    return (
      <p className="rounded-panel bg-ground p-3 text-soft">
        Nothing of the light is seen in this frame, so it does not say what to set: did it fire, and
        is it the dish of this set?
      </p>
    );
  }
  const stands =
    set?.light.powerChoice === "fixed" && Math.abs(set.light.powerStops - next.below) < 1e-6;
  const put = () => {
    if (!set) return;
    useTable.getState().replace({
      ...set,
      light: { ...set.light, powerChoice: "fixed", powerStops: next.below },
    });
    tell(`Power at ${next.mark}`, {
      action: { label: "Undo", run: () => useTable.getState().undo() },
    });
  };
  return (
    <div className="rounded-panel bg-ground p-3" data-testid="frame-next">
      <p>
        The light gives{" "}
        <strong>
          {next.clipped && "at least "}
          {Math.abs(next.keyOff).toFixed(1)}
          {!next.clipped && ` ± ${Math.max(0.1, next.spread).toFixed(1)}`} stop
        </strong>{" "}
        {next.keyOff < 0 ? "less" : "more"} than its numbers say
        {next.clipped && ": the frame is clipped wherever it falls"}.
      </p>
      <p className="mt-1 font-semibold text-lg">
        {next.flash ? "Flash" : "LED"} to {next.mark}
      </p>
      <p className="text-soft text-sm">
        {next.clipped
          ? "Set so, the next frame tells how much."
          : next.enough
            ? `The next frame then lies ${signedStops(next.left)} stop from what is wanted.`
            : "Full power is not enough: move the light in, open up, or raise ISO."}
      </p>
      <Button look="strong" className="mt-2" disabled={stands} onClick={put}>
        {stands ? "It is set" : `Set it to ${next.mark}`}
      </Button>
    </div>
  );
}
