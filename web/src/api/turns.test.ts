import { expect, it } from "vitest";
import { turns } from "./turns";

it("begins a task when the one before is over, however it ended, and none that is no longer wanted", async () => {
  const inTurn = turns();
  const begun: string[] = [];
  let fail = (_: Error) => {};
  const first = inTurn(() => {
    begun.push("first");
    return new Promise<string>((_, reject) => {
      fail = reject;
    });
  }, new AbortController().signal);
  const dropped = new AbortController();
  const second = inTurn(async () => begun.push("second"), dropped.signal);
  const third = inTurn(async () => begun.push("third"), new AbortController().signal);
  await Promise.resolve();
  expect(begun).toEqual(["first"]);
  dropped.abort();
  fail(new Error("gone"));
  await expect(first).rejects.toThrow("gone");
  await expect(second).rejects.toThrow();
  await third;
  expect(begun).toEqual(["first", "third"]);
});
