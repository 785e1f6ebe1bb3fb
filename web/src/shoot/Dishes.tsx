import { ClipboardPaste, Plus } from "lucide-react";
import { useState } from "react";
import { shoots } from "../api/shoots";
import type { SetSummary, Shoot, ShootDish } from "../api/types";
import { attempt } from "../set/attempt";
import { Button } from "../ui/Button";
import { DishFields } from "./DishFields";
import { change, changeTo } from "./shoot";
import { freeKey } from "./turns";

type Props = {
  shoot: Shoot;
  sets: SetSummary[];
  chosen: string | null;
  eatenCaution: string | null;
  onChoose: (key: string | null) => void;
};

/** The dishes of a shoot; the one that is chosen with all that is known of it. */
export function Dishes({ shoot, sets, chosen, eatenCaution, onChoose }: Props) {
  const [pasting, setPasting] = useState(false);
  const add = () => {
    const dish = fresh(shoot.dishes);
    change("dishes", [...shoot.dishes, dish]);
    onChoose(dish.key);
  };
  return (
    <section aria-label="Dishes" className="space-y-2">
      <div className="flex items-center gap-1">
        <Button look="outline" onClick={add}>
          <Plus size={15} /> Add a dish
        </Button>
        <Button aria-expanded={pasting} onClick={() => setPasting(!pasting)}>
          <ClipboardPaste size={15} /> Paste a list
        </Button>
      </div>
      {pasting && <Paste shoot={shoot} onDone={() => setPasting(false)} />}
      {shoot.dishes.length === 0 && !pasting && (
        <p className="text-soft">
          No dish yet. Add one, or paste the kitchen’s list: a line a dish.
        </p>
      )}
      <ul className="space-y-1">
        {shoot.dishes.map((dish, at) => (
          <li
            key={dish.key}
            className={`rounded-md border ${dish.key === chosen ? "border-sand" : "border-line"}`}
          >
            <button
              type="button"
              aria-expanded={dish.key === chosen}
              data-testid={`dish-${dish.key}`}
              className="flex w-full items-baseline gap-2 rounded-md px-2.5 py-1.5 text-left hover:bg-raised"
              onClick={() => onChoose(dish.key === chosen ? null : dish.key)}
            >
              <span className="min-w-0 flex-1 truncate font-medium">{dish.name}</span>
              <span className="shrink-0 text-soft text-xs">holds {dish.holdsMinutes} min</span>
            </button>
            {dish.key === chosen && (
              <div className="border-line border-t p-2.5">
                <DishFields
                  shoot={shoot}
                  at={at}
                  sets={sets}
                  eatenCaution={eatenCaution}
                  onGone={() => onChoose(null)}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function fresh(dishes: ShootDish[]): ShootDish {
  const key = freeKey(dishes);
  return {
    key,
    name: key.replace("dish-", "Dish "),
    spoils: "keeps",
    holdsMinutes: 20,
    preparesMinutes: 10,
    plates: "one",
    afterwards: "thrown-away",
    fromHours: 0,
    byHours: 30,
    turn: { kind: "any-turn" },
    shots: [{ title: "Picture", lastsMinutes: 6, set: { kind: "no-set-yet" } }],
  };
}

/** Dishes out of a list as the kitchen sends it. */
function Paste({ shoot, onDone }: { shoot: Shoot; onDone: () => void }) {
  const [text, setText] = useState("");
  const take = async () => {
    const next = await attempt(() => shoots.pasted(text, shoot));
    if (!next) return;
    changeTo(next);
    onDone();
  };
  return (
    <div className="rounded-md border border-line p-2.5">
      <label className="block text-soft text-xs">
        A line a dish, or a table; “12 min” is how long it holds, a word such as “melts” what ends
        it
        <textarea
          value={text}
          rows={5}
          data-testid="pasted"
          placeholder={"Smoked mussel chowder, 10 min, skins over\nPear and almond tart, 60 min"}
          onChange={(event) => setText(event.target.value)}
          className="mt-1 block w-full rounded-md border border-edge/60 bg-raised p-2 text-ink text-sm"
        />
      </label>
      <div className="mt-2 flex gap-1">
        <Button look="strong" disabled={!text.trim()} onClick={take}>
          Take them in
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </div>
  );
}
