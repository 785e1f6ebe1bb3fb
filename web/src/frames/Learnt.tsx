import type { LearningAnswer, NumberAnswer, TableSet } from "../api/types";
import { withLearntLight } from "../kit/learnt";
import { useKit } from "../kit/store";
import { same } from "../kit/use";
import { useTable } from "../set/store";
import { signedStops } from "../set/units";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";

/** Less than this is no news, stops. */
const NO_NEWS = 0.02;

type Props = {
  answer: LearningAnswer;
  /** Whether it is what was said before the last change. */
  older: boolean;
};

/** What all frames together say of the kit, and the set with that in its numbers. */
export function Learnt({ answer, older }: Props) {
  const { numbers, learnt, stated } = answer;
  if (!learnt || numbers.length === 0) return null;
  const news = Math.abs(answer.lightsMore) > NO_NEWS;
  const use = (set: typeof learnt, words: string) => {
    useTable.getState().replace(set);
    tell(words, { action: { label: "Undo", run: () => useTable.getState().undo() } });
  };
  return (
    <section aria-label="What the frames teach" className={`mt-4 ${older ? "older" : ""}`}>
      <h3 className="font-semibold">What the frames teach</h3>
      <p className="text-sm" data-testid="learnt-lights">
        {answer.frames === 1
          ? "1 frame or reading says"
          : `${answer.frames} frames and readings say`}
        : this light comes out{" "}
        <strong>
          {signedStops(answer.lightsMore)} ± {answer.lightsSpread.toFixed(2)} stop
        </strong>{" "}
        from its numbers.
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          look="strong"
          disabled={older || !news}
          onClick={() => use(learnt, "The set has the learnt numbers")}
        >
          {news ? "Use what was learnt" : "The set has it in its numbers"}
        </Button>
        <IntoKit learnt={learnt} stated={stated} older={older} />
        {stated && (
          <Button
            look="outline"
            disabled={older}
            onClick={() => use(stated, "The set has the numbers that were stated")}
          >
            Back to the stated numbers
          </Button>
        )}
      </div>
      <table className="mt-3 w-full text-sm">
        <caption className="pb-1 text-left text-soft text-xs">
          Stops more than this set says, with what they are sure to; before any frame in brackets.
        </caption>
        <tbody>
          {numbers.map((number) => (
            <Row key={number.title} number={number} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

type IntoKitProps = { learnt: TableSet; stated: TableSet | null; older: boolean };

/** The same numbers into the pieces of the kit that this light is made of. */
function IntoKit({ learnt, stated, older }: IntoKitProps) {
  const kit = useKit((state) => state.kit);
  const now = useTable((table) => table.possible);
  if (!kit || !now) return null;
  const changed = withLearntLight(kit, learnt.light, [
    now.light,
    ...(stated ? [stated.light] : []),
  ]);
  if (same(changed, kit)) return null;
  const use = () => {
    const { replace } = useKit.getState();
    replace(changed);
    tell("The kit’s pieces have the learnt numbers", {
      action: {
        label: "Take it back",
        run: () => replace(kit),
        expires: (gone) => useKit.subscribe((state) => state.kit !== changed && gone()),
      },
    });
  };
  return (
    <Button look="outline" disabled={older} onClick={use}>
      Into the kit
    </Button>
  );
}

function Row({ number }: { number: NumberAnswer }) {
  return (
    <tr className="border-line border-t align-baseline [&>*]:py-1 [&>*]:pr-2">
      <th scope="row" className="text-left font-normal">
        {number.title}
        <span className="block text-soft text-xs">
          {number.frames === 1 ? "learnt from 1 frame" : `learnt from ${number.frames} frames`}
          {number.with.length > 0 &&
            `; not told apart from: ${number.with.join(", ").toLowerCase()}. Told by ${number.tells}`}
        </span>
      </th>
      <td className="whitespace-nowrap text-right font-semibold tabular-nums">
        {signedStops(number.more)}
      </td>
      <td className="whitespace-nowrap text-right tabular-nums">
        ± {number.spread.toFixed(2)} <span className="text-soft">({number.before.toFixed(2)})</span>
      </td>
    </tr>
  );
}
