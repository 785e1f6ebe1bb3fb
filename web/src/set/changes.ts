import type { Change, ReadingKind } from "../api/types";
import { figure } from "./figures";
import type { Quantity } from "./units";

/** Readings before and after something was done, as words; those that look the same are left out. */
export function changeWords(changes: Change[], kinds: ReadingKind[], length: Quantity): string[] {
  return changes.flatMap(({ kind, before, after }) => {
    const found = kinds.find((one) => one.kind === kind);
    if (!found || before === null || after === null) return [];
    const was = figure(found, before, length);
    const is = figure(found, after, length);
    return was.text === is.text
      ? []
      : [`${found.title.toLowerCase()} ${was.text} → ${is.text} ${is.unit}`];
  });
}
