import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useId, useState } from "react";
import { api } from "../api/client";
import type { Board, Dish, OwnedSource, Shaper, TableSet, WorkPlace } from "../api/types";
import { spoken } from "../fields/Choice";
import { DISHES } from "../fields/dishes";
import { CARD } from "../fields/kinds";
import { attempt } from "../set/attempt";
import starter from "../set/starter.json";
import { setActions } from "../sets/actions";
import { Button } from "../ui/Button";
import { Sheet } from "../ui/Sheet";
import { useReadyMade } from "./readyMade";
import { type Piece, SHELVES, type Shelf } from "./shelves";
import { useKit } from "./store";
import { addPiece, inPlace, withShaper, withSource } from "./use";

const READY = "ready-made:";

type Picked = { sources: string; shapers: string; boards: string; places: string };

/** A new set: what is shot, with what, where, and a card to fill. What is picked ready-made joins the kit. */
export function NewSet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const kit = useKit((state) => state.kit);
  const ready = useReadyMade();
  const actions = setActions(useQueryClient());
  const [title, setTitle] = useState("");
  const [picked, setPicked] = useState<Partial<Picked>>({});
  const [dish, setDish] = useState<Dish["kind"]>((starter as TableSet).dish.kind);
  const [busy, setBusy] = useState(false);
  const titleId = useId();
  const dishId = useId();

  /** What stands first in a list is picked until another is: the own pieces, or a usual one. */
  const pick = (shelf: keyof Picked): string => {
    if (picked[shelf] !== undefined) return picked[shelf];
    const own = kit?.[shelf][0]?.name;
    if (own !== undefined) return own;
    const usual = shelf === "shapers" ? 7 : 0;
    return shelf === "places" ? "" : READY + (ready?.[shelf][usual]?.name ?? "");
  };
  const find = <T extends Piece>(shelf: Shelf, name: string): T | undefined =>
    (name.startsWith(READY)
      ? (ready?.[shelf] as Piece[] | undefined)?.find((one) => READY + one.name === name)
      : (kit?.[shelf] as Piece[] | undefined)?.find((one) => one.name === name)) as T | undefined;

  const start = async (event: FormEvent) => {
    event.preventDefault();
    const source = find<OwnedSource>("sources", pick("sources"));
    const shaper = find<Shaper>("shapers", pick("shapers"));
    const place = find<WorkPlace>("places", pick("places"));
    let set = starter as TableSet;
    if (title.trim()) set = { ...set, title: title.trim() };
    if (dish !== set.dish.kind) set = { ...set, dish: DISHES[dish] };
    if (source) set = { ...set, light: withSource(set.light, source) };
    if (shaper) set = { ...set, light: withShaper(set.light, shaper) };
    if (place) set = inPlace(set, place);
    setBusy(true);
    const board = find<Board>("boards", pick("boards"));
    const whole = board ? await attempt(() => withCard(set, board)) : set;
    const added = whole && (await actions.add(whole));
    setBusy(false);
    if (!added) return;
    const own: [Shelf, Piece | undefined][] = [
      ["sources", source],
      ["shapers", shaper],
      ["boards", board],
      ["places", place],
    ];
    for (const [shelf, piece] of own) {
      if (piece && pick(shelf as keyof Picked).startsWith(READY)) addPiece(shelf, piece);
    }
    setTitle("");
    setPicked({});
    onClose();
  };

  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="New set"
      about="What, with what light, and where? Everything can be changed on the table."
    >
      <form className="mt-3 grid gap-3" onSubmit={(event) => void start(event)}>
        <div>
          <label htmlFor={titleId} className="block text-soft text-sm">
            Title
          </label>
          <input
            id={titleId}
            value={title}
            maxLength={80}
            placeholder={starter.title}
            autoComplete="off"
            onChange={(event) => setTitle(event.target.value)}
            className="mt-1 h-11 w-full rounded-md border border-edge/60 bg-raised px-3"
          />
        </div>
        <div>
          <label htmlFor={dishId} className="block text-soft text-sm">
            What do you shoot?
          </label>
          <select
            id={dishId}
            value={dish}
            data-testid="new-dish"
            onChange={(event) => setDish(event.target.value as Dish["kind"])}
            className="mt-1 h-11 w-full rounded-md border border-edge/60 bg-raised px-3"
          >
            {(Object.keys(DISHES) as Dish["kind"][]).map((kind) => (
              <option key={kind} value={kind}>
                {spoken(kind)}
              </option>
            ))}
          </select>
        </div>
        {(["sources", "shapers", "boards", "places"] as const).map((shelf) => (
          <PieceChoice
            key={shelf}
            shelf={shelf}
            value={pick(shelf)}
            own={(kit?.[shelf] ?? []).map(({ name }) => name)}
            ready={(ready?.[shelf] ?? []).map(({ name }) => name)}
            onChoose={(name) => setPicked({ ...picked, [shelf]: name })}
          />
        ))}
        <Button type="submit" look="strong" disabled={busy} className="mt-1">
          Put it on the table
        </Button>
      </form>
    </Sheet>
  );
}

/** What a piece is asked for as, where that is not its shelf's own word. */
const ASKED: Partial<Record<keyof Picked, string>> = { boards: "Card opposite the light" };

/** What stands for none of a shelf. */
const NONE: Partial<Record<keyof Picked, string>> = {
  boards: "No card yet",
  places: "Open to all sides",
};

/** The set with a card opposite the light. */
async function withCard(
  set: TableSet,
  { surface, widthMetres, heightMetres }: Board,
): Promise<TableSet> {
  const card = { ...CARD, surface, widthMetres, heightMetres };
  return api.placeCard({ ...set, cards: [card] }, 0, "OUT_OF_FRAME");
}

type ChoiceProps = {
  shelf: keyof Picked;
  value: string;
  own: string[];
  ready: string[];
  onChoose: (name: string) => void;
};

function PieceChoice({ shelf, value, own, ready, onChoose }: ChoiceProps) {
  const id = useId();
  const one = SHELVES[shelf].one;
  return (
    <div>
      <label htmlFor={id} className="block text-soft text-sm">
        {ASKED[shelf] ?? one.charAt(0).toUpperCase() + one.slice(1)}
      </label>
      <select
        id={id}
        value={value}
        data-testid={`new-${shelf}`}
        onChange={(event) => onChoose(event.target.value)}
        className="mt-1 h-11 w-full rounded-md border border-edge/60 bg-raised px-3"
      >
        {NONE[shelf] !== undefined && <option value="">{NONE[shelf]}</option>}
        {own.length > 0 && (
          <optgroup label="In your kit">
            {own.map((name) => (
              <option key={name} value={name}>
                {name}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label="Ready-made; joins your kit">
          {ready.map((name) => (
            <option key={name} value={READY + name}>
              {name}
            </option>
          ))}
        </optgroup>
      </select>
    </div>
  );
}
