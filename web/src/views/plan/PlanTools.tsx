import { CircleDashed, Maximize, Minus, Plus, Ruler, Spline } from "lucide-react";
import type { ReactNode } from "react";
import { useView } from "../../set/view";

type Props = { fitted: boolean; fit: () => void; step: (closer: boolean) => void };

/** How the set from above is looked at: closer, farther, fitted; rings, lines, a tape. */
export function PlanTools({ fitted, fit, step }: Props) {
  const { rings, contours, tape, toggle } = useView();
  return (
    <div
      role="toolbar"
      aria-label="From above"
      className="absolute top-1 right-1 flex gap-0.5 rounded-md bg-panel/85 p-0.5"
    >
      <Tool name="Stop rings: the light moved there" on={rings} press={() => toggle("rings")}>
        <CircleDashed size={15} />
      </Tool>
      <Tool name="Lines of light on the table" on={contours} press={() => toggle("contours")}>
        <Spline size={15} />
      </Tool>
      <Tool name="Measure between two places" on={tape} press={() => toggle("tape")}>
        <Ruler size={15} />
      </Tool>
      <Tool name="Farther" press={() => step(false)}>
        <Minus size={15} />
      </Tool>
      <Tool name="Closer" press={() => step(true)}>
        <Plus size={15} />
      </Tool>
      {!fitted && (
        <Tool name="Fit" press={fit}>
          <Maximize size={15} />
        </Tool>
      )}
    </div>
  );
}

function Tool(props: { name: string; on?: boolean; press: () => void; children: ReactNode }) {
  const { name, on, press, children } = props;
  return (
    <button
      type="button"
      aria-label={name}
      aria-pressed={on}
      title={name}
      onClick={press}
      className={`grid size-7 place-items-center rounded hover:bg-raised max-sm:size-11 ${on === false ? "text-soft/60" : on ? "text-sand" : "text-ink"}`}
    >
      {children}
    </button>
  );
}
