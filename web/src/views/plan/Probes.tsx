import type { Point } from "../../api/types";
import { useAnswers } from "../../set/answers";

/** Marks the places of the reading that is pointed at. */
export function Probes({ at }: { at: (point: Point) => [number, number] }) {
  const probed = useAnswers((answers) => answers.probed);
  return (
    <g data-testid="probes">
      {probed.map((point) => {
        const [x, y] = at(point);
        return (
          <g key={`${point.x} ${point.y} ${point.z}`} transform={`translate(${x} ${y})`}>
            <circle r={7} className="fill-ground stroke-sand" strokeWidth={2} />
            <path d="M-3 0H3M0-3V3" className="stroke-ink" strokeWidth={1.5} />
          </g>
        );
      })}
    </g>
  );
}
