import { create } from "zustand";
import { usePreferences } from "../set/preferences";

/** One thing of the working view that a newcomer needs to know. */
export type Stop = {
  /** The label of the region it is about. */
  region: string;
  title: string;
  words: string;
};

export const STOPS: Stop[] = [
  {
    region: "The set from above",
    title: "Drag the light",
    words:
      "Pull the gold dot round the dish for direction and distance. From the side you set its height.",
  },
  {
    region: "Picture, what the camera sees",
    title: "This is your frame",
    words:
      "It follows every move and gets cleaner while you look. Click a dish, a card or the table in it to work on that.",
  },
  {
    region: "Readings",
    title: "Is it soft, is it flat, is there power?",
    words:
      "Each tile has a word and a figure, and what it was before your last move. Press one for what is behind it and what would change it.",
  },
  {
    region: "Findings",
    title: "What would spoil the frame",
    words:
      "Clipped whites, a card in the picture, a room that shows: the button beside it mends it.",
  },
  {
    region: "The set in numbers",
    title: "Five subjects, in the order of work",
    words: "Dish, room, light, fill and cut, camera: keys 1 to 5. Anything here can be typed.",
  },
  {
    region: "Picture",
    title: "Keep takes",
    words:
      "T keeps the set with its picture. Takes lets you lay two side by side, figures and all.",
  },
];

/** Where a tour is; null while there is none. */
export const useTour = create<{ at: number | null }>(() => ({ at: null }));

export const startTour = () => goTo(0);

export function endTour(): void {
  usePreferences.getState().setToured();
  useTour.setState({ at: null });
}

/** To another stop; past the last the tour ends. */
export function goTo(at: number): void {
  if (at < STOPS.length) useTour.setState({ at: Math.max(0, at) });
  else endTour();
}
