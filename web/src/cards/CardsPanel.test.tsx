import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, cleanup, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { api } from "../api/client";
import type { CardFill, CardSlides, TableSet } from "../api/types";
import { CARD } from "../fields/kinds";
import { pickCard } from "../set/picked";
import starter from "../set/starter.json";
import { useTable } from "../set/store";
import { CardsPanel } from "./CardsPanel";

const SET = { ...starter, cards: [CARD, CARD] } as unknown as TableSet;

const filled = (stops: number): CardFill => ({
  shadowSideStops: stops,
  litSideStops: stops,
  topStops: stops,
  unseenFromMetres: null,
});

const SLIDES = {
  slide: {
    near: { x: 0, y: 0, z: 0.1 },
    far: { x: 1, y: 0, z: 0.1 },
    nearestMetres: 0.1,
    farthestMetres: 1.1,
    nowMetres: 0.5,
  },
} as CardSlides;

beforeEach(() => {
  useTable.getState().open({ id: "a", version: 1, set: SET, updatedAt: "" } as never);
  useTable.setState({ possible: SET });
  pickCard(0);
});

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

it("what a card does and where it may slide is never that of the card picked before", async () => {
  const never = new Promise<never>(() => {});
  vi.spyOn(api, "cardFill").mockImplementation((_, card) =>
    card === 0 ? Promise.resolve(filled(0.7)) : never,
  );
  vi.spyOn(api, "cardSlide").mockImplementation((_, card) =>
    card === 0 ? Promise.resolve(SLIDES) : never,
  );
  render(
    <QueryClientProvider client={new QueryClient()}>
      <CardsPanel />
    </QueryClientProvider>,
  );
  await waitFor(() => expect(screen.getByTestId("card-fill").textContent).toContain("+0.7"));
  const slide = screen.getByTestId("card-slide");
  for (const button of ["Turn to bounce", "Remove it"]) {
    expect(
      screen.getByRole("button", { name: button }).compareDocumentPosition(slide),
      `${button} stays where it was when the slide is there`,
    ).toBe(Node.DOCUMENT_POSITION_FOLLOWING);
  }
  act(() => pickCard(1));
  expect(screen.getByTestId("card-fill").textContent).toBe("Working out what it does …");
  expect(screen.queryByTestId("card-slide")).toBeNull();
});
