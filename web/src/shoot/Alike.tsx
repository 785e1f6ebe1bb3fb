import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { shoots } from "../api/shoots";
import type { FactLine, Shoot } from "../api/types";
import { useLength } from "../set/preferences";
import type { Quantity } from "../set/units";
import { figure } from "./figure";

/** How alike the dishes of a shoot are lit, number by number; those that stray, by name. */
export function Alike({ shoot, id }: { shoot: Shoot; id: string }) {
  const [against, setAgainst] = useState("");
  const others = useQuery({ queryKey: ["shoots"], queryFn: shoots.list });
  const earlier = others.data?.filter((one) => one.id !== id) ?? [];
  return (
    <div className="space-y-2">
      {earlier.length > 0 && (
        <label className="flex items-center gap-2 px-1 text-soft">
          Held against
          <select
            value={against}
            data-testid="against"
            onChange={(event) => setAgainst(event.target.value)}
            className="h-9 min-w-0 rounded-md border border-edge/60 bg-raised px-2 text-ink max-sm:h-11"
          >
            <option value="">the others of this shoot</option>
            {earlier.map((one) => (
              <option key={one.id} value={one.id}>
                {one.title}, {one.date}
              </option>
            ))}
          </select>
        </label>
      )}
      <Strips shoot={shoot} against={against} />
    </div>
  );
}

function Strips({ shoot, against }: { shoot: Shoot; against: string }) {
  const alike = useQuery({
    queryKey: ["consistency", shoot.dishes, against],
    queryFn: () => shoots.consistency(shoot, against),
    placeholderData: (before) => before,
  });
  if (alike.isError)
    return (
      <p role="alert" className="text-alarm">
        It cannot be worked out: {(alike.error as Error).message}
      </p>
    );
  if (!alike.data) return <p className="p-3 text-soft">Reading the light of each dish …</p>;
  if (alike.data.length === 0)
    return (
      <p className="p-3 text-soft">
        Three dishes with a set each are needed to say which of them strays.
      </p>
    );
  return (
    <section
      aria-label="Alike"
      aria-busy={alike.isFetching}
      data-testid="alike"
      className={alike.isPlaceholderData ? "older" : ""}
    >
      <p className="px-1 pb-2 text-soft">
        Each dot is a dish on the set of its first picture, numbered as under Dishes. Within the
        band nobody sees a difference; outside of it a dish strays from the others.
      </p>
      <ul className="space-y-1">
        {alike.data.map((line) => (
          <Strip key={line.fact} line={line} shoot={shoot} />
        ))}
      </ul>
    </section>
  );
}

/** How much room the ends of a strip leave, of what it shows. */
const MARGIN = 0.08;

function Strip({ line, shoot }: { line: FactLine; shoot: Shoot }) {
  const length = useLength();
  const values = line.places.map(({ value }) => value);
  const from = Math.min(line.least, ...values);
  const to = Math.max(line.most, ...values);
  const at = (value: number) =>
    `${(100 * (MARGIN + ((1 - 2 * MARGIN) * (value - from)) / (to - from))).toFixed(2)}%`;
  const strays = line.places.filter((place) => place.strays);
  return (
    <li className="rounded-md border border-line bg-panel px-3 py-2">
      <div className="grid grid-cols-[10rem_1fr] items-center gap-3 max-sm:grid-cols-1">
        <p>
          <span className="block font-medium">{line.title}</span>
          <span className="text-soft text-xs">middle {figure(line.unit, line.middle, length)}</span>
        </p>
        <div className="relative h-8" aria-hidden>
          <span className="absolute inset-x-0 top-1/2 h-px bg-line" />
          <span
            className="absolute top-1 h-6 rounded bg-raised"
            style={{
              left: at(line.least),
              width: `calc(${at(line.most)} - ${at(line.least)})`,
            }}
          />
          {line.places.map((place) => (
            <span
              key={place.key}
              title={`${nameOf(shoot, place.key)}: ${figure(line.unit, place.value, length)}`}
              className={`absolute top-1/2 grid size-5 -translate-x-1/2 -translate-y-1/2 place-items-center rounded-full font-semibold text-[11px] ${place.strays ? "bg-sand text-on-sand" : "border border-edge bg-panel"}`}
              style={{ left: at(place.value) }}
            >
              {shoot.dishes.findIndex(({ key }) => key === place.key) + 1}
            </span>
          ))}
        </div>
      </div>
      {strays.length > 0 && (
        <ul className="pt-1">
          {strays.map((place) => (
            <li key={place.key}>
              <span className="font-medium text-sand">{nameOf(shoot, place.key)}</span>:{" "}
              {figure(line.unit, place.value, length)}; {wanted(shoot, place.key, line, length)}
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

const nameOf = (shoot: Shoot, key: string) =>
  shoot.dishes.find((dish) => dish.key === key)?.name ?? key;

/** What to ask of its set to be like the others, with the way there. */
function wanted(shoot: Shoot, key: string, line: FactLine, length: Quantity) {
  const set = shoot.dishes.find((dish) => dish.key === key)?.shots[0]?.set;
  const value = figure(line.unit, line.middle, length);
  if (set?.kind !== "kept-set") return `${value} would be like the others`;
  return (
    <a className="underline" href={`#/sets/${set.id}`}>
      open its set and ask for {value} there
    </a>
  );
}
