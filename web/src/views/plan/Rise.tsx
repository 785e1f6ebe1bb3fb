import { useMemo } from "react";
import { useAnswers } from "../../set/answers";
import { useLength } from "../../set/preferences";
import { useTable } from "../../set/store";
import { CardHandles } from "./CardHandles";
import { LightHandle } from "./LightHandle";
import { Pickable } from "./Pickable";
import { Probes } from "./Probes";
import { Ruler } from "./Ruler";
import { SourceSpot } from "./SourceSpot";
import { RiseSurroundings } from "./Surroundings";
import { Scale, useSize } from "./scale";

/** Room under the table line, pixels. */
const BELOW = 30;

const yz = ({ y, z }: { y: number; z: number }) => ({ across: y, up: z });

/** The set from its right side, true to scale: the camera stands to the left, the backdrop to the right. */
export function Rise({ reach }: { reach: number }) {
  const [ref, { width, height }] = useSize();
  const plan = useAnswers((answers) => answers.plan);
  const set = useTable((table) => table.possible);
  const backdrop = set?.backdrop;
  const length = useLength();
  const scale = useMemo(
    () => new Scale(Math.max(1, height - BELOW) / (1.15 * reach), width / 2, height - BELOW),
    [width, height, reach],
  );
  return (
    <section aria-label="The set from the side" className="relative h-full min-h-0">
      <div ref={ref} className="absolute inset-0 overflow-hidden rounded-panel bg-panel">
        {plan && width > 0 && (
          <svg width={width} height={height} className="block">
            <title>The set from the side</title>
            {set && <RiseSurroundings plan={plan} set={set} scale={scale} />}
            {backdrop && (
              <Pickable
                part="surfaces"
                title="Backdrop"
                d={scale.path(
                  [0, backdrop.heightMetres].map((up) => ({ across: backdrop.distanceMetres, up })),
                  false,
                )}
                className="stroke-edge"
                strokeWidth={3}
              />
            )}
            <path
              d={scale.path([yz(plan.lens), { across: 0, up: 0 }], false)}
              className="stroke-ink"
              strokeWidth={1}
              opacity={0.4}
            />
            <g
              transform={`translate(${scale.across(plan.lens.y)} ${scale.up(plan.lens.z)})`}
              className="fill-raised stroke-ink"
            >
              <circle r={6} strokeWidth={1.4} />
              <circle r={2} />
            </g>
            {plan.shadow && (
              <path
                d={scale.path(
                  [plan.faceCentre, plan.shadow.tipEdge, plan.shadow.tip].map(yz),
                  false,
                )}
                fill="none"
                className="stroke-sand"
                strokeWidth={1}
                strokeDasharray="4 3"
              />
            )}
            <path
              d={scale.path([yz(plan.faceCentre), yz(plan.aim)], false)}
              className="stroke-sand"
              strokeWidth={1}
              opacity={0.7}
            />
            {plan.rims.map((rim) => (
              <Pickable
                key={`${rim.height} ${rim.halfWidth}`}
                part="hero"
                title="Hero"
                d={scale.path([
                  { across: -rim.halfDepth, up: 0 },
                  { across: rim.halfDepth, up: 0 },
                  { across: rim.halfDepth, up: rim.height },
                  { across: -rim.halfDepth, up: rim.height },
                ])}
                className="fill-raised stroke-ink"
                strokeWidth={1.4}
              />
            ))}
            <path
              d={scale.path(plan.faceCorners.map(yz))}
              className="fill-sand/25 stroke-sand"
              strokeWidth={2}
              strokeLinejoin="round"
            />
            {[...plan.cards.flat(), ...plan.doors].map((corners) => (
              <path
                key={`${corners[0]?.y} ${corners[0]?.z} ${corners[1]?.x} ${corners[1]?.y}`}
                d={scale.path(corners.map(yz))}
                className="fill-ink/20 stroke-ink"
                strokeWidth={1.8}
                strokeLinejoin="round"
              />
            ))}
            <SourceSpot from={yz(plan.source)} to={yz(plan.faceCentre)} scale={scale} />
            <Probes at={(point) => [scale.across(point.y), scale.up(point.z)]} />
            <CardHandles view="rise" scale={scale} />
            <LightHandle view="rise" scale={scale} />
            <Ruler perMetre={scale.perMetre} x={width - 14} y={height - 10} unit={length.unit} />
          </svg>
        )}
      </div>
      <h2 className="pointer-events-none absolute top-2 left-3 font-semibold text-soft text-xs">
        From the side
      </h2>
      <p className="pointer-events-none absolute bottom-1.5 left-3 text-[11px] text-soft">
        camera side · backdrop side to the right
      </p>
    </section>
  );
}
