import { Plus, Split, Trash2, X } from "lucide-react";
import type { SetSummary, Shoot, ShootDish, Shot } from "../api/types";
import { Choice, Select } from "../fields/Choice";
import { NumberField } from "../fields/NumberField";
import { Button, SymbolButton } from "../ui/Button";
import { Line } from "./Line";
import { change } from "./shoot";
import { dueTime, minutes, timeOfDay } from "./times";
import { split } from "./turns";

const WITHOUT = "No set yet";
const TURNS = { "any-turn": "When it is best", "turn-at": "In a turn", "time-at": "At a time" };

type Props = {
  shoot: Shoot;
  at: number;
  sets: SetSummary[];
  /** What is to be minded with food that is eaten. */
  eatenCaution: string | null;
  onGone: () => void;
};

/** A dish: how long it holds and the kitchen needs, when it is wanted, and the pictures of it. */
export function DishFields({ shoot, at, sets, eatenCaution, onGone }: Props) {
  const dish = shoot.dishes[at];
  if (!dish) return null;
  const path = `dishes.${at}`;
  const remove = () => {
    change(
      "dishes",
      shoot.dishes.filter((one) => one !== dish),
    );
    onGone();
  };
  return (
    <div className="space-y-3" data-testid="dish-fields">
      <Line path={`${path}.name`} label="Dish or product" most={80} />
      <div className="grid grid-cols-2 gap-2">
        <NumberField path={`${path}.holdsMinutes`} label="Looks good for" quantity={minutes} />
        <Choice path={`${path}.spoils`} label="Then it" />
        <NumberField path={`${path}.preparesMinutes`} label="Kitchen needs" quantity={minutes} />
        <Choice path={`${path}.plates`} label="Plates" />
        <NumberField path={`${path}.fromHours`} label="Ready not before" quantity={timeOfDay} />
        <NumberField path={`${path}.byHours`} label="Done by" quantity={dueTime} />
        <TurnField dish={dish} path={path} />
        <Choice path={`${path}.afterwards`} label="Afterwards" />
      </div>
      {dish.afterwards === "eaten" && (
        <p className="text-soft text-xs leading-snug">{eatenCaution}</p>
      )}
      <section aria-label="Pictures of it">
        <div className="flex items-center justify-between">
          <h3 className="font-medium">Pictures of it</h3>
          <Button
            className="h-7 px-2"
            disabled={dish.shots.length >= 8}
            onClick={() => change(`${path}.shots`, [...dish.shots, fresh(dish.shots)])}
          >
            <Plus size={14} /> Add a picture
          </Button>
        </div>
        <ul className="space-y-2">
          {dish.shots.map((shot, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a title may be changed while it is typed
            <li key={i} className="rounded-md border border-line p-2">
              <div className="flex items-end gap-1">
                <div className="grid min-w-0 flex-1 grid-cols-[3fr_2fr] gap-2">
                  <Line path={`${path}.shots.${i}.title`} label="Picture" most={60} />
                  <NumberField
                    path={`${path}.shots.${i}.lastsMinutes`}
                    label="Takes"
                    quantity={minutes}
                  />
                </div>
                {dish.shots.length > 1 && (
                  <SymbolButton
                    name="Take it out"
                    className="w-8 px-0 max-sm:w-11"
                    onClick={() =>
                      change(
                        `${path}.shots`,
                        dish.shots.filter((_, other) => other !== i),
                      )
                    }
                  >
                    <X size={15} />
                  </SymbolButton>
                )}
              </div>
              <SetField shot={shot} path={`${path}.shots.${i}.set`} sets={sets} />
            </li>
          ))}
        </ul>
      </section>
      <div className="flex flex-wrap gap-2">
        {dish.shots.length > 1 && (
          <Button
            look="outline"
            onClick={() => change("dishes", split(shoot.dishes, dish.key))}
            title="The later pictures become a dish of their own, with their own plate and turn"
          >
            <Split size={15} /> Split it in two
          </Button>
        )}
        <Button look="outline" onClick={remove}>
          <Trash2 size={15} /> Take the dish out
        </Button>
      </div>
    </div>
  );
}

function fresh(shots: Shot[]): Shot {
  const title = ["From above", "Closer", "Another angle"].find(
    (one) => !shots.some((shot) => shot.title === one),
  );
  return {
    title: title ?? `Picture ${shots.length + 1}`,
    lastsMinutes: 5,
    set: { kind: "no-set-yet" },
  };
}

function TurnField({ dish, path }: { dish: ShootDish; path: string }) {
  const choose = (said: string) => {
    const kind = Object.entries(TURNS).find(([, words]) => words === said)?.[0];
    if (kind === "turn-at") change(`${path}.turn`, { kind, number: 1 });
    else if (kind === "time-at") change(`${path}.turn`, { kind, timeHours: 14 });
    else change(`${path}.turn`, { kind: "any-turn" });
  };
  return (
    <>
      <Select
        label="Comes"
        value={TURNS[dish.turn.kind]}
        choices={Object.values(TURNS)}
        testId={`${path}.turn`}
        verbatim
        onChoose={choose}
      />
      {dish.turn.kind === "time-at" && (
        <NumberField path={`${path}.turn.timeHours`} label="At" quantity={timeOfDay} />
      )}
      {dish.turn.kind === "turn-at" && (
        <NumberField
          path={`${path}.turn.number`}
          label="As number"
          quantity={{ ...minutes, unit: "" }}
        />
      )}
    </>
  );
}

/** On which set a picture is taken. */
function SetField({ shot, path, sets }: { shot: Shot; path: string; sets: SetSummary[] }) {
  const id = shot.set.kind === "kept-set" ? shot.set.id : null;
  const known = sets.find((set) => set.id === id);
  const titles = titled(sets);
  const gone = id !== null && !known;
  return (
    <div className="mt-2 flex items-end gap-2">
      <div className="min-w-0 flex-1">
        <Select
          label="On the set"
          value={gone ? "A set that is deleted" : (titles.get(id ?? "") ?? WITHOUT)}
          choices={[WITHOUT, ...(gone ? ["A set that is deleted"] : []), ...titles.values()]}
          testId={path}
          verbatim
          onChoose={(said) => {
            const found = [...titles].find(([, title]) => title === said)?.[0];
            change(path, found ? { kind: "kept-set", id: found } : { kind: "no-set-yet" });
          }}
        />
      </div>
      {known && (
        <a
          href={`#/sets/${known.id}`}
          className="inline-flex h-9 items-center rounded-md px-2 text-sm underline hover:bg-raised max-sm:h-11"
        >
          Open it
        </a>
      )}
    </div>
  );
}

/** What sets are called by, those of one title with a number. */
function titled(sets: SetSummary[]): Map<string, string> {
  const seen = new Map<string, number>();
  return new Map(
    sets.map(({ id, title }) => {
      const times = (seen.get(title) ?? 0) + 1;
      seen.set(title, times);
      return [id, times > 1 ? `${title} (${times})` : title];
    }),
  );
}
