import type { Card, Point, TableSet } from "../../api/types";
import { nameOf } from "../../cards/name";
import { useCardSlide } from "../../cards/slide";
import { axesOf, cardMovedTo, cardTurnedTo, middleOf } from "../../set/frame";
import { limitsAt } from "../../set/limits";
import { pickCard, useWorked } from "../../set/picked";
import { useLength } from "../../set/preferences";
import { useTable } from "../../set/store";
import type { Scale } from "./scale";
import { type Drawn, type Movable, useHandle } from "./useHandle";

type View = "floor" | "rise";

/** How far before a card the grip that turns it stands, pixels. */
const TURN_GRIP = 26;

/** How far outside a gap the grips on its edges stand, pixels. */
const EDGE_GRIP = 16;

const limitsOf = (set: TableSet, at: number) => (field: string) =>
  limitsAt(set, `cards.${at}.${field}`);

const withCard = (set: TableSet, at: number, card: Card): Partial<TableSet> => ({
  cards: set.cards.map((one, i) => (i === at ? card : one)),
});

const drawnIn = (view: View, { x, y, z }: Point): Drawn =>
  view === "floor" ? { across: x, up: y } : { across: y, up: z };

/** A card's middle, in one of the drawings. */
function middle(view: View, at: number): Movable {
  return {
    drawn: (set) => {
      const card = set.cards[at];
      if (!card) return null;
      return drawnIn(view, middleOf(card));
    },
    moved: (set, { across, up }) => {
      const card = set.cards[at];
      if (!card) return {};
      const now = middleOf(card);
      const place = view === "floor" ? { ...now, x: across, y: up } : { ...now, y: across, z: up };
      return withCard(set, at, cardMovedTo(card, place, limitsOf(set, at)));
    },
  };
}

/** The grip before a card that turns it, on the floor. */
function turn(at: number, away: number): Movable {
  return {
    drawn: (set) => {
      const card = set.cards[at];
      if (!card) return null;
      const { x, y } = middleOf(card);
      const { front } = axesOf(card);
      return { across: x + away * front.x, up: y + away * front.y };
    },
    moved: (set, { across, up }) => {
      const card = set.cards[at];
      return card
        ? withCard(set, at, cardTurnedTo(card, { x: across, y: up, z: 0 }, limitsOf(set, at)))
        : {};
    },
  };
}

/** One edge of a slit, its grip so far outside the gap: the gap opens and closes on that side alone. */
function edge(at: number, side: -1 | 1, out: number): Movable {
  return {
    drawn: (set) => {
      const card = set.cards[at];
      if (card?.cut.holes.kind !== "slit") return null;
      const { x, y } = middleOf(card);
      const { along } = axesOf(card);
      const away = card.cut.rightMetres + side * (card.cut.holes.gapMetres / 2 + out);
      return { across: x + away * along.x, up: y + away * along.y };
    },
    moved: (set, { across, up }) => {
      const card = set.cards[at];
      if (card?.cut.holes.kind !== "slit") return {};
      const { x, y } = middleOf(card);
      const { along } = axesOf(card);
      const other = card.cut.rightMetres - (side * card.cut.holes.gapMetres) / 2;
      const here = (across - x) * along.x + (up - y) * along.y - side * out;
      const { min, max } = limitsAt(set, `cards.${at}.cut.holes.gapMetres`);
      const gap = Math.min(max, Math.max(min, side * (here - other)));
      const cut = {
        ...card.cut,
        holes: { ...card.cut.holes, gapMetres: Number(gap.toFixed(4)) },
        rightMetres: Number((other + (side * gap) / 2).toFixed(4)),
      };
      return withCard(set, at, { ...card, cut });
    },
  };
}

/** The grips on the cards in one of the drawings; those to turn and to open for the card that is worked on. */
export function CardHandles({ view, scale }: { view: View; scale: Scale }) {
  const cards = useTable((table) => table.set?.cards);
  const picked = useWorked((worked) => worked.card);
  const open = useWorked((worked) => worked.part === "cards");
  if (!cards) return null;
  return (
    <g>
      {cards.map((card, at) => {
        const name = `Card ${at + 1}, ${nameOf(card).toLowerCase()}`;
        const chosen = open && at === picked;
        const key = `${at} of ${cards.length}`;
        const more = view === "floor" && chosen;
        return (
          <g key={key}>
            {chosen && <Beam view={view} scale={scale} at={at} />}
            {more && card.cut.holes.kind === "slit" && (
              <>
                <Grip
                  movable={edge(at, -1, EDGE_GRIP / scale.perMetre)}
                  scale={scale}
                  at={at}
                  look="edge"
                  label={`${name}: one edge of the gap; arrow keys move it`}
                  testId={`card-edge-left-${at}`}
                />
                <Grip
                  movable={edge(at, 1, EDGE_GRIP / scale.perMetre)}
                  scale={scale}
                  at={at}
                  look="edge"
                  label={`${name}: the other edge of the gap; arrow keys move it`}
                  testId={`card-edge-right-${at}`}
                />
              </>
            )}
            {more && (
              <Grip
                movable={turn(at, TURN_GRIP / scale.perMetre)}
                scale={scale}
                at={at}
                look="turn"
                label={`${name}: turn it; arrow keys move the grip`}
                testId={`card-turn-${at}`}
                from={middle(view, at)}
              />
            )}
            <Grip
              movable={middle(view, at)}
              scale={scale}
              at={at}
              look={chosen ? "chosen" : "card"}
              label={`${name}, ${view === "floor" ? "from above" : "from the side"}; arrow keys move it`}
              testId={`card-${view}-${at}`}
            />
          </g>
        );
      })}
    </g>
  );
}

/** The line along which the card slides between dish and light, its ends marked. */
function Beam({ view, scale, at }: { view: View; scale: Scale; at: number }) {
  const slide = useCardSlide(at);
  if (!slide) return null;
  const ends = [slide.near, slide.far].map((end) => drawnIn(view, end));
  return (
    <g data-testid={`card-beam-${view}-${at}`} className="pointer-events-none">
      <path
        d={scale.path(ends, false)}
        className="stroke-sand"
        strokeWidth={1.4}
        strokeDasharray="6 4"
      />
      {ends.map(({ across, up }) => (
        <circle
          key={`${across},${up}`}
          cx={scale.across(across)}
          cy={scale.up(up)}
          r={2.5}
          className="fill-sand"
        />
      ))}
    </g>
  );
}

type GripProps = {
  movable: Movable;
  scale: Scale;
  at: number;
  look: "card" | "chosen" | "turn" | "edge";
  label: string;
  testId: string;
  /** Where a line to the grip starts. */
  from?: Movable;
};

function Grip({ movable, scale, at, look, label, testId, from }: GripProps) {
  const set = useTable((table) => table.set);
  const length = useLength();
  const handlers = useHandle(movable, scale, () => pickCard(at));
  const drawn = set && movable.drawn(set);
  if (!drawn) return null;
  const start = from?.drawn(set);
  const place = ({ across, up }: Drawn) => `${scale.across(across)} ${scale.up(up)}`;
  return (
    <>
      {start && (
        <path
          d={`M${place(start)}L${place(drawn)}`}
          className="stroke-ink"
          strokeWidth={1}
          strokeDasharray="2 2"
        />
      )}
      <g
        role="slider"
        tabIndex={0}
        aria-label={label}
        aria-valuenow={0}
        aria-valuetext={`${length.show(drawn.across)}, ${length.show(drawn.up)} ${length.unit}`}
        data-testid={testId}
        transform={`translate(${place(drawn)})`}
        className="group cursor-grab touch-none outline-none active:cursor-grabbing"
        {...handlers}
      >
        <circle r={look === "edge" ? 9 : 13} fill="transparent" />
        <circle
          r={10}
          className="fill-transparent stroke-transparent stroke-2 group-focus-visible:stroke-sand"
        />
        {look === "turn" ? (
          <circle r={4} className="fill-panel stroke-ink" strokeWidth={1.6} />
        ) : look === "edge" ? (
          <path d="M0-6L5 0L0 6L-5 0Z" className="fill-panel stroke-sand" strokeWidth={1.8} />
        ) : (
          <rect
            x={-5}
            y={-5}
            width={10}
            height={10}
            rx={2}
            className={look === "chosen" ? "fill-sand stroke-ground" : "fill-ink stroke-ground"}
            strokeWidth={1.6}
          />
        )}
      </g>
    </>
  );
}
