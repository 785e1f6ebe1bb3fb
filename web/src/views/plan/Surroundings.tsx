import type { Plan, TableSet } from "../../api/types";
import type { Scale } from "./scale";

type Props = { plan: Plan; set: TableSet; scale: Scale };

/** From above: the table's edge, the walls, the window and the board behind a panel. */
export function FloorSurroundings({ plan, set, scale }: Props) {
  const { tableTop, room } = set;
  const box = (part: Record<"left" | "right" | "behind" | "before", number>) =>
    scale.path([
      { across: -part.left, up: -part.before },
      { across: part.right, up: -part.before },
      { across: part.right, up: part.behind },
      { across: -part.left, up: part.behind },
    ]);
  return (
    <g fill="none" className="pointer-events-none">
      <path
        d={box({
          left: tableTop.leftMetres,
          right: tableTop.rightMetres,
          behind: tableTop.behindMetres,
          before: tableTop.beforeMetres,
        })}
        className="stroke-edge"
        strokeWidth={1}
        data-testid="table-edge"
      />
      {room.kind === "walled-room" && (
        <path
          d={box({
            left: room.leftMetres,
            right: room.rightMetres,
            behind: room.behindMetres,
            before: room.beforeMetres,
          })}
          className="stroke-edge"
          strokeWidth={4}
          data-testid="walls"
        />
      )}
      <Outlines plan={plan} scale={scale} drawn={({ x, y }) => ({ across: x, up: y })} />
    </g>
  );
}

/** From the side: the table, the floor, the walls and the ceiling. */
export function RiseSurroundings({ plan, set, scale }: Props) {
  const { tableTop, room } = set;
  return (
    <g fill="none">
      <path
        d={scale.path(
          [-tableTop.beforeMetres, tableTop.behindMetres].map((across) => ({ across, up: 0 })),
          false,
        )}
        className="stroke-edge"
        strokeWidth={2}
      />
      {room.kind === "walled-room" && (
        <path
          d={scale.path([
            { across: -room.beforeMetres, up: -room.belowMetres },
            { across: room.behindMetres, up: -room.belowMetres },
            { across: room.behindMetres, up: room.aboveMetres },
            { across: -room.beforeMetres, up: room.aboveMetres },
          ])}
          className="stroke-edge"
          strokeWidth={4}
        />
      )}
      <Outlines plan={plan} scale={scale} drawn={({ y, z }) => ({ across: y, up: z })} />
    </g>
  );
}

type Drawn = (point: { x: number; y: number; z: number }) => { across: number; up: number };

function Outlines({ plan, scale, drawn }: { plan: Plan; scale: Scale; drawn: Drawn }) {
  return (
    <>
      {plan.window.length > 0 && (
        <path
          d={scale.path(plan.window.map(drawn))}
          className="fill-ink/10 stroke-ink"
          strokeWidth={2}
          strokeDasharray="7 3"
          data-testid="window"
        />
      )}
      {plan.leaves.map((corners) => (
        <path
          key={`${corners[0]?.x} ${corners[0]?.y} ${corners[0]?.z}`}
          d={scale.path(corners.map(drawn))}
          className="fill-sand/15 stroke-sand"
          strokeWidth={2}
          strokeDasharray="5 3"
          data-testid="leaf"
        />
      ))}
      {plan.board.length > 0 && (
        <path
          d={scale.path(plan.board.map(drawn))}
          className="fill-ink/10 stroke-ink"
          strokeWidth={2}
          data-testid="bounce-board"
        />
      )}
    </>
  );
}
