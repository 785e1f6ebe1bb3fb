import { create } from "zustand";

type Shaping = {
  /** The card that is worked on. */
  picked: number;
  /** The part of the set whose numbers are shown. */
  tab: string;
};

export const useShaping = create<Shaping>(() => ({ picked: 0, tab: "place" }));

/** Shows a card's numbers. */
export function pickCard(picked: number): void {
  useShaping.setState({ picked, tab: "cards" });
}
