import { create } from "zustand";

/** The five subjects, in the order in which people work, and the parts of each. */
export const SUBJECTS = {
  dish: ["hero", "props", "surfaces", "frame"],
  room: ["ambient", "walls"],
  light: ["place", "chain", "shaper", "source", "power"],
  fill: ["cards", "base"],
  camera: ["exposure", "meter"],
} as const;

export type Subject = keyof typeof SUBJECTS;
export type Part = (typeof SUBJECTS)[Subject][number];

export type Worked = {
  /** What is worked on. */
  part: Part;
  /** The part of each subject that was worked on last. */
  last: Partial<Record<Subject, Part>>;
  /** The card that is worked on. */
  card: number;
  /** The prop that is worked on. */
  prop: number;
};

/** What is worked on: marked in every view, its fields open. */
export const useWorked = create<Worked>(() => ({ part: "place", last: {}, card: 0, prop: 0 }));

export function subjectOf(part: Part): Subject {
  const found = (Object.keys(SUBJECTS) as Subject[]).find((subject) =>
    (SUBJECTS[subject] as readonly Part[]).includes(part),
  );
  return found ?? "light";
}

/** Opens a part. */
export function workOn(part: Part): void {
  useWorked.setState(({ last }) => ({ part, last: { ...last, [subjectOf(part)]: part } }));
}

/** Opens a subject where it was left. */
export function workOnSubject(subject: Subject): void {
  workOn(useWorked.getState().last[subject] ?? SUBJECTS[subject][0]);
}

/** Opens a card's numbers. */
export function pickCard(card: number): void {
  useWorked.setState({ card });
  workOn("cards");
}

/** Opens a prop's numbers. */
export function pickProp(prop: number): void {
  useWorked.setState({ prop });
  workOn("props");
}
