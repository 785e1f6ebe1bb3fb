import { act, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it, vi } from "vitest";
import { Boundary } from "./Boundary";
import { Notices, tell } from "./notices";

it("a failure of one part leaves the others, and can be tried again", async () => {
  vi.spyOn(console, "error").mockImplementation(() => undefined);
  let fails = true;
  const Part = () => {
    if (fails) throw new Error("broken");
    return <p>here again</p>;
  };
  render(
    <>
      <Boundary name="The picture">
        <Part />
      </Boundary>
      <p>the rest</p>
    </>,
  );
  expect(screen.getByRole("alert").textContent).toContain("The picture could not be shown");
  expect(screen.getByText("the rest")).toBeTruthy();
  fails = false;
  await userEvent.click(screen.getByRole("button", { name: "Try again" }));
  expect(screen.getByText("here again")).toBeTruthy();
});

it("a notice with something to do stays until that is done or can be done no more", async () => {
  const run = vi.fn();
  let gone: () => void = () => undefined;
  const action = {
    label: "Take it back",
    run,
    expires: (now: () => void) => {
      gone = now;
      return () => undefined;
    },
  };
  render(<Notices />);
  act(() => tell("Moved", { action }));
  await userEvent.click(screen.getByRole("button", { name: "Take it back" }));
  expect(run).toHaveBeenCalledTimes(1);
  expect(screen.queryByText("Moved")).toBeNull();
  act(() => tell("Moved again", { action }));
  expect(screen.getByText("Moved again")).toBeTruthy();
  act(() => gone());
  expect(screen.queryByText("Moved again")).toBeNull();
});
