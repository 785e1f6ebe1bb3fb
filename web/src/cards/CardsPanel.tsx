import { useQuery } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { api } from "../api/client";
import type { Card, TableSet } from "../api/types";
import { Select } from "../fields/Choice";
import { NumberField } from "../fields/NumberField";
import { PartFields } from "../fields/PartFields";
import { mostIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { pickCard, useWorked } from "../set/picked";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { angle, signedStops } from "../set/units";
import { PanelButton } from "../ui/PanelButton";
import { AddCard } from "./AddCard";
import { placeCard, placeSlit, removeCard } from "./actions";
import { BeamSlide } from "./BeamSlide";
import { CutFields } from "./CutFields";
import { nameOf } from "./name";

/** Cards, flags and patterns: one at a time. */
export function CardsPanel() {
  const set = useTable((table) => table.set);
  const picked = useWorked((worked) => worked.card);
  const owner = useOwner();
  if (!set || !owner) return null;
  const names = set.cards.map((card, i) => `${i + 1}. ${nameOf(card)}`);
  const at = Math.max(0, Math.min(picked, names.length - 1));
  const card = set.cards[at];
  return (
    <>
      {card ? (
        <div className="col-span-2 min-w-0">
          <Select
            label={`Card, one of ${names.length}`}
            value={names[at] ?? ""}
            choices={names}
            verbatim
            testId="cards.picked"
            onChoose={(chosen) => pickCard(names.indexOf(chosen))}
          />
        </div>
      ) : (
        <p className="self-end pb-1 text-soft text-sm leading-tight">
          Nothing is put round the dish yet.
        </p>
      )}
      <AddCard full={names.length >= mostIn(owner, "cards")} />
      {!card && <PanelButton onClick={() => void placeSlit()}>Slit look</PanelButton>}
      {card && <CardFields at={at} card={card} />}
    </>
  );
}

function CardFields({ at, card }: { at: number; card: Card }) {
  const length = useLength();
  const path = `cards.${at}`;
  const slit = card.cut.holes.kind === "slit";
  return (
    <>
      {/* each card its own: what the one picked before does and may do is not shown for this one */}
      <Effect key={`effect of ${at}`} card={at} mirror={card.surface === "mirror"} />
      <div className="col-span-full flex flex-wrap gap-1.5">
        <PanelButton onClick={() => void placeCard(at, "OPPOSITE")}>Opposite the light</PanelButton>
        <PanelButton onClick={() => void placeCard(at, "BOUNCE")}>Turn to bounce</PanelButton>
        <PanelButton onClick={() => void placeCard(at, "IN_THE_WAY")}>
          Into the light’s way
        </PanelButton>
        {slit && (
          <PanelButton onClick={() => void placeSlit()}>Cover the hero, darken behind</PanelButton>
        )}
        <PanelButton onClick={() => removeCard(at)}>
          <Trash2 size={15} aria-hidden /> Remove it
        </PanelButton>
      </div>
      {/* known a moment later: under the buttons, so that none of them moves away from the pointer */}
      <BeamSlide key={`slide of ${at}`} at={at} />
      <PartFields path={path} />
      <CutFields at={at} card={card} />
      {card.cut.holes.kind !== "no-holes" && (
        <>
          <NumberField path={`${path}.cut.turnDegrees`} label="Pattern turned" quantity={angle} />
          <NumberField
            path={`${path}.cut.rightMetres`}
            label="Pattern to the right"
            quantity={length}
          />
          <NumberField path={`${path}.cut.upMetres`} label="Pattern up" quantity={length} />
        </>
      )}
    </>
  );
}

/** What the card adds where it matters, and how near it can come before the frame sees it. */
function Effect({ card, mirror }: { card: number; mirror: boolean }) {
  const set = useTable((table) => table.possible);
  const dragging = useTable((table) => table.dragging);
  const length = useLength();
  const effect = useQuery({
    queryKey: ["card-fill", card, set],
    queryFn: ({ signal }) => api.cardFill(set as TableSet, card, signal),
    enabled: set !== null && !dragging && card < set.cards.length,
    placeholderData: (before) => before,
    gcTime: 0,
  });
  const { data } = effect;
  const stops = (value: number | null) => (value === null ? "—" : signedStops(value));
  return (
    <p
      className={`col-span-full min-h-10 text-sm ${effect.isFetching ? "text-soft" : ""}`}
      data-testid="card-fill"
    >
      {!data ? (
        "Working out what it does …"
      ) : (
        <>
          Shadow side <b>{stops(data.shadowSideStops)}</b>, lit side{" "}
          <b>{stops(data.litSideStops)}</b>, top <b>{stops(data.topStops)}</b> stop.{" "}
          {data.unseenFromMetres === null
            ? "The frame sees it wherever it stands."
            : `Out of the frame from ${length.show(data.unseenFromMetres)} ${length.unit}.`}
          {mirror && !data.secondLight && " Its second light goes level or up, past the table."}
          {data.secondLight &&
            ` Its second light lands ${length.show(data.secondLight.middle.x)} ${length.unit} right, ${length.show(data.secondLight.middle.y)} ${length.unit} behind the hero.`}
        </>
      )}
    </p>
  );
}
