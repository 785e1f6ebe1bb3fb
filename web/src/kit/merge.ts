import type { Kit } from "../api/types";
import { freeName } from "./names";
import { SHELVES, type Shelf } from "./shelves";

type Named = { name: string };

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/** One list of pieces: theirs, with what was added, changed and taken out here. Pieces are known by their names. */
function shelf(before: Named[], mine: Named[], theirs: Named[]): Named[] {
  const was = new Map(before.map((piece) => [piece.name, piece]));
  const is = new Map(mine.map((piece) => [piece.name, piece]));
  const kept = theirs
    .filter(({ name }) => !was.has(name) || is.has(name))
    .map((piece) => {
      const own = is.get(piece.name);
      return own && was.has(piece.name) && !same(own, was.get(piece.name)) ? own : piece;
    });
  const there = new Set(kept.map(({ name }) => name));
  for (const piece of mine) {
    const untouched = was.has(piece.name) && same(piece, was.get(piece.name));
    if (untouched || (was.has(piece.name) && there.has(piece.name))) continue;
    kept.push({ ...piece, name: freeName(piece.name, kept) });
  }
  return kept;
}

/** A kit that was saved elsewhere, with what was changed here since both were the same. */
export function merged(before: Kit, mine: Kit, theirs: Kit): Kit {
  const lists = (Object.keys(SHELVES) as Shelf[]).map((name) => [
    name,
    shelf(before[name], mine[name], theirs[name]),
  ]);
  return { ...theirs, ...Object.fromEntries(lists) } as Kit;
}
