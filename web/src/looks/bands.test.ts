import { expect, it } from "vitest";
import type { Band, NamedLook, Verdict } from "../api/types";
import { aspectOf, onBar, said } from "./bands";
import { freeTitle } from "./lookbook";
import { type Advised, asAdvice, moreLike } from "./nextMoves";

const verdict = (value: number | null, off: number) =>
  ({ from: 1, to: 3, value, off }) as unknown as Verdict;

it("says values as photographers do", () => {
  expect(said("CLOCK_RADIAN", Math.PI / 4)).toBe("1:30");
  expect(said("RADIAN", Math.PI / 4)).toBe("45°");
  expect(said("STOP", -1.25)).toBe("−1.3");
  expect(said("RATIO", 0.5)).toBe("0.50");
});

it("finds the aspect of a band by its kind", () => {
  expect(aspectOf({ kind: "shadow-depth-band" } as unknown as Band)).toBe("SHADOW_DEPTH");
});

it("draws what is met within the band and what misses beside it", () => {
  expect(onBar(verdict(1, 0)).at).toBeCloseTo(0.3);
  expect(onBar(verdict(3, 0)).at).toBeCloseTo(0.7);
  expect(onBar(verdict(0.5, -3)).at).toBeCloseTo(0.15);
  expect(onBar(verdict(9, 60)).at).toBeCloseTo(1);
  expect(onBar(verdict(null, 0)).at).toBeNaN();
});

it("gives a look a title of its own", () => {
  const looks = [{ title: "Ours" }, { title: "ours 2" }] as NamedLook[];
  expect(freeTitle("Ours", looks)).toBe("Ours 3");
  expect(freeTitle("Theirs", looks)).toBe("Theirs");
});

it("says a move in the words of a finding", () => {
  const move = {
    kind: "TURN",
    action: "Light round to 9:00",
    met: 7,
    metBefore: 4,
    bands: 9,
    misses: ["Height too low"],
    makeUpStops: 0.62,
  };
  expect(asAdvice(move as never).words).toBe(
    "Nearer to the look: 7 of 9 met, now 4; then still height too low; power +0.6 stops",
  );
});

it("steps on with what was tried, until that is taken back", () => {
  const set = { title: "After it" } as unknown as NonNullable<Advised["set"]>;
  const tried = { key: "TURN", words: "", action: "Light round to 4:00", set };
  const next = { ...tried, action: "Light round to 3:00" };
  const standing = { title: "After it" } as never;
  expect(moreLike(tried, next, standing).label).toBe("More like this: Light round to 3:00");
  expect(moreLike(tried, { ...next, key: "HEIGHT" }, standing).label).toBeUndefined();
  expect(moreLike(tried, next, { title: "Before it" } as never).label).toBeUndefined();
  expect(moreLike(null, next, standing).label).toBeUndefined();
});
