import { expect, it } from "vitest";
import type { Mark, PhotographMarks } from "../../api/types";
import { handles, hint, NOTHING, type Pending, type Tool, withPlace } from "./marks";
import { mark, undo, usePhotograph } from "./store";

const at = (across: number, down: number): Mark => ({ across, down });

function put(tool: Tool, marks: PhotographMarks, ...places: Mark[]) {
  let state: { marks: PhotographMarks; pending: Pending } = { marks, pending: [] };
  for (const place of places) state = withPlace(tool, state.marks, state.pending, place);
  return state;
}

const RIM = [at(0.3, 0.5), at(0.5, 0.4), at(0.7, 0.5), at(0.6, 0.6), at(0.4, 0.6)];
const THING = [at(0.2, 0.5), at(0.2, 0.3), at(0.1, 0.55)];

it("waits until a rim has marks enough, then takes more", () => {
  const four = put("rim", NOTHING, ...RIM.slice(0, 4));
  expect(four.marks).toBe(NOTHING);
  expect(hint("rim", four.marks, four.pending)).toContain("1 more");
  const five = put("rim", NOTHING, ...RIM);
  expect(five.pending).toEqual([]);
  const { plane } = put("rim", five.marks, at(0.35, 0.45)).marks;
  expect(plane.kind === "round-rim" && plane.rim.length).toBe(6);
});

it("asks for foot, top and tip in turn", () => {
  const { marks, pending } = put("thing", NOTHING, ...THING.slice(0, 2));
  expect(hint("thing", marks, pending)).toContain("shadow");
  const [thing] = put("thing", NOTHING, ...THING).marks.things;
  expect(thing).toEqual({ foot: THING[0], top: THING[1], tip: THING[2], edges: [] });
});

it("gives an edge to the thing whose shadow it lies in", () => {
  const far = [at(0.8, 0.5), at(0.8, 0.3), at(0.9, 0.55)];
  const { marks } = put("thing", put("thing", NOTHING, ...THING).marks, ...far);
  const { things } = put("edge", marks, at(0.84, 0.5), at(0.86, 0.58)).marks;
  expect(things.map(({ edges }) => edges.length)).toEqual([0, 1]);
  expect(hint("edge", NOTHING, [])).toContain("upright first");
});

it("moves and takes away what a handle is of, and nothing else", () => {
  let { marks } = put("thing", put("rim", NOTHING, ...RIM).marks, ...THING);
  marks = put("edge", marks, at(0.1, 0.5), at(0.1, 0.6)).marks;
  marks = put("backdrop", put("highlight", marks, at(0.5, 0.5)).marks, at(0.5, 0.1)).marks;
  const all = handles(marks);
  expect(all).toHaveLength(5 + 3 + 2 + 1 + 1);
  for (const handle of all) {
    const moved = handles(handle.moved(marks, at(0.01, 0.02)));
    expect(
      moved.filter(({ mark: there }) => there.across === 0.01).map(({ name }) => name),
    ).toEqual([handle.name]);
    expect(handles(handle.without(marks)).length).toBeLessThan(all.length);
  }
});

it("undoes mark by mark, and a drag as one step", () => {
  const first = put("rim", NOTHING, ...RIM).marks;
  const second = put("thing", first, ...THING).marks;
  usePhotograph.setState({ marks: NOTHING, past: [], pending: [] });
  mark(first);
  mark(second);
  mark({ ...second, spots: [] }, [], true);
  mark(usePhotograph.getState().marks, [at(0, 0)]);
  undo();
  expect(usePhotograph.getState().pending).toEqual([]);
  undo();
  expect(usePhotograph.getState().marks).toBe(first);
  undo();
  undo();
  expect(usePhotograph.getState().marks).toBe(NOTHING);
});
