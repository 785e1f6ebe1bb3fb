import type { ShootDish } from "../api/types";

/** The dishes, each to come when it is best unless it has a fixed time. */
export const freed = (dishes: ShootDish[]): ShootDish[] =>
  dishes.map((dish) =>
    dish.turn.kind === "turn-at" ? { ...dish, turn: { kind: "any-turn" } } : dish,
  );

/** The dishes with one of them at a turn of its own; another that was to have it takes the old one. */
export function moved(dishes: ShootDish[], key: string, from: number, to: number): ShootDish[] {
  return dishes.map((dish) => {
    if (dish.key === key) return { ...dish, turn: { kind: "turn-at", number: to } };
    return dish.turn.kind === "turn-at" && dish.turn.number === to
      ? { ...dish, turn: { kind: "turn-at", number: from } }
      : dish;
  });
}

/** The dishes with the pictures of one of them parted: the later half is a dish of its own after it, with its own plate. */
export function split(dishes: ShootDish[], key: string): ShootDish[] {
  return dishes.flatMap((dish) => {
    if (dish.key !== key || dish.shots.length < 2) return [dish];
    const half = Math.ceil(dish.shots.length / 2);
    const rest: ShootDish = {
      ...dish,
      key: freeKey(dishes),
      name: `${dish.name}, second part`.slice(0, 80),
      turn: { kind: "any-turn" },
      shots: dish.shots.slice(half),
    };
    return [{ ...dish, shots: dish.shots.slice(0, half) }, rest];
  });
}

/** A key that no dish has yet. */
export function freeKey(dishes: ShootDish[]): string {
  let number = dishes.length + 1;
  while (dishes.some(({ key }) => key === `dish-${number}`)) number++;
  return `dish-${number}`;
}
