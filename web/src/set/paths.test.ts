import { expect, it } from "vitest";
import { valueAt, withEnteredAt, withValueAt } from "./paths";

const set = { light: { at: 1, losses: [{ amount: 1, origin: "default" }] }, room: { wide: 2 } };

it("a value at a path is read, and nothing where there is none", () => {
  expect(valueAt(set, "light.losses.0.amount")).toBe(1);
  expect(valueAt(set, "light.losses.3.amount")).toBeUndefined();
});

it("a changed document shares what did not change", () => {
  const changed = withValueAt(set, "light.losses.0.amount", 2);
  expect(changed.light.losses[0]?.amount).toBe(2);
  expect(set.light.losses[0]?.amount).toBe(1);
  expect(changed.room).toBe(set.room);
});

it("what a person typed is no default any more", () => {
  expect(withEnteredAt(set, "light.losses.0.amount", 2).light.losses[0]?.origin).toBe("entered");
  expect(withEnteredAt(set, "light.at", 2).light.losses[0]?.origin).toBe("default");
});
