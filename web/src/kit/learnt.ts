import type { Kit, Light, Shaper } from "../api/types";
import { same } from "./use";

/** The parts of a light that a shaper is. */
const shaped = ({ face, filling, spread, losses }: Light | Shaper) => [
  face,
  filling,
  spread,
  losses,
];

/**
 * The kit with what was learnt of a light in the pieces that it is made of.
 *
 * @param stated the light as it was stated, once or several times
 */
export function withLearntLight(kit: Kit, learnt: Light, stated: Light[]): Kit {
  return {
    ...kit,
    sources: kit.sources.map((piece) =>
      stated.some(({ source }) => same(source, piece.source)) && !same(learnt.source, piece.source)
        ? { ...piece, source: learnt.source, origin: "calibrated" }
        : piece,
    ),
    shapers: kit.shapers.map((piece) =>
      stated.some((light) => same(shaped(light), shaped(piece))) &&
      !same(shaped(learnt), shaped(piece))
        ? { ...piece, filling: learnt.filling, losses: learnt.losses, origin: "calibrated" }
        : piece,
    ),
  };
}
