import type { Shoot, Unmet } from "../api/types";
import { Button } from "../ui/Button";
import { changeTo } from "./shoot";

/** What cannot be met, by name, each with the least that would mend it. */
export function UnmetList({ shoot, unmet }: { shoot: Shoot; unmet: Unmet[] }) {
  return (
    <ul className="space-y-1" data-testid="unmet">
      {unmet.map((one) => (
        <li
          key={`${one.kind} ${one.key}`}
          className="flex items-center gap-3 rounded-md bg-alarm-ground px-3 py-1.5 text-alarm"
        >
          <span role="alert" className="min-w-0 flex-1">
            {one.what}
          </span>
          {one.change && (
            <Button look="outline" onClick={() => changeTo(mended(shoot, one))}>
              {WORDS[one.change]}
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}

const WORDS: Record<NonNullable<Unmet["change"]>, string> = {
  PLATES: "Made again",
  DONE_BY: "Done later",
  FIXED_TIME: "Fix it then",
  ANY_TURN: "Any turn",
  MAY_FOLLOW: "Let it follow",
  SHOOT_ENDS: "End later",
};

/** The shoot with what was offered. */
export function mended(shoot: Shoot, { key, change, value }: Unmet): Shoot {
  const dishes = (part: Partial<Shoot["dishes"][number]>) => ({
    ...shoot,
    dishes: shoot.dishes.map((dish) => (dish.key === key ? { ...dish, ...part } : dish)),
  });
  switch (change) {
    case "PLATES":
      return dishes({ plates: "as-needed" });
    case "DONE_BY":
      return dishes({ byHours: value });
    case "FIXED_TIME":
      return dishes({ turn: { kind: "time-at", timeHours: value } });
    case "ANY_TURN":
      return dishes({ turn: { kind: "any-turn" } });
    case "MAY_FOLLOW":
      return { ...shoot, apart: shoot.apart.filter((pair) => pair.second !== key) };
    case "SHOOT_ENDS":
      return { ...shoot, endsHours: value };
    default:
      return shoot;
  }
}
