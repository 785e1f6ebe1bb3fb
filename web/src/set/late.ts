import type { TableSet } from "../api/types";
import { tell } from "../ui/notices";
import { useTable } from "./store";

/** What an answer that is on its way is about: a state of the set, and which set that was. */
export type Asked = { id: string | null; set: TableSet };

/** A question about the set as it is on the table, or as it was when something else was answered. */
export function asking(about?: TableSet | null): Asked | null {
  const { id, set } = useTable.getState();
  const asked = about ?? set;
  return asked && { id, set: asked };
}

const same = (one: unknown, other: unknown) =>
  one === other || JSON.stringify(one) === JSON.stringify(other);

type Part = keyof TableSet;

/**
 * Puts an answer on the table. What was changed meanwhile stays as it is; an answer that would change the same part, or another
 * set, is dropped, and that is said.
 *
 * @returns whether it was put there
 */
export function putAnswer({ id, set: asked }: Asked, answered: TableSet): boolean {
  const { id: now, set, replace } = useTable.getState();
  if (set === asked && id === now) {
    replace(answered);
    return true;
  }
  const parts = (Object.keys(answered) as Part[]).filter(
    (part) => !same(asked[part], answered[part]),
  );
  if (!set || id !== now) {
    tell("Another set is open by now; the answer that came was for the one before");
    return false;
  }
  if (parts.some((part) => !same(set[part], asked[part]))) {
    tell("The set was changed meanwhile, just where this would change it too; ask again", {
      tone: "alarm",
    });
    return false;
  }
  replace({ ...set, ...Object.fromEntries(parts.map((part) => [part, answered[part]])) });
  return true;
}
