import { beforeEach, describe, expect, it } from "vitest";
import {
  pickCard,
  pickProp,
  SUBJECTS,
  subjectOf,
  useWorked,
  workOn,
  workOnSubject,
} from "./picked";

describe("what is worked on", () => {
  beforeEach(() => useWorked.setState({ part: "place", last: {}, card: 0, prop: 0 }));

  it("belongs to one subject", () => {
    for (const [subject, parts] of Object.entries(SUBJECTS)) {
      for (const part of parts) expect(subjectOf(part)).toBe(subject);
    }
  });

  it("is opened again where a subject was left", () => {
    workOn("power");
    workOnSubject("dish");
    expect(useWorked.getState().part).toBe("hero");
    workOnSubject("light");
    expect(useWorked.getState().part).toBe("power");
  });

  it("is the card or prop that was pointed at", () => {
    pickCard(2);
    expect(useWorked.getState()).toMatchObject({ part: "cards", card: 2 });
    pickProp(1);
    expect(useWorked.getState()).toMatchObject({ part: "props", prop: 1, card: 2 });
  });
});
