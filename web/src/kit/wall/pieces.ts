import type { Kit, OwnedSource, Shaper } from "../../api/types";

/** Shapers that most lights have, in the order in which they are put on. */
export const USUAL = [
  "Bare head",
  "White beauty dish",
  "White beauty dish with sock",
  "Softbox 60 × 60, one baffle",
  "Softbox 60 × 60, two baffles",
  "Reflector with 20° grid",
  "Snoot",
];

/** The kit with the usual pieces of the ready-made one added, those left out that it has by name. */
export function withUsual(kit: Kit, ready: Kit): Kit {
  const missing = ready.shapers.filter(
    ({ name }) => USUAL.includes(name) && !kit.shapers.some((own) => own.name === name),
  );
  return {
    ...kit,
    sources: kit.sources.length > 0 ? kit.sources : ready.sources.slice(0, 1),
    shapers: [...kit.shapers, ...missing],
  };
}

/** A kit of one source and some shapers: what a wall test is of. */
export function tested(kit: Kit, source: OwnedSource, shapers: Shaper[]): Kit {
  return { ...kit, sources: [source], shapers, gels: [], boards: [], places: [] };
}

/** The kit with what was learnt in the place of the pieces of the same name. */
export function withLearnt(kit: Kit, learnt: Kit): Kit {
  const replaced = <T extends { name: string }>(own: T[], found: T[]) =>
    own.map((piece) => found.find(({ name }) => name === piece.name) ?? piece);
  return {
    ...kit,
    sources: replaced(kit.sources, learnt.sources),
    shapers: replaced(kit.shapers, learnt.shapers),
  };
}
