import type { Mark, PhotographMarks, StandingThing, TonePart } from "../../api/types";

/** What the next click on a photograph puts down. */
export type Tool = "rim" | "corner" | "thing" | "edge" | "highlight" | TonePart;

/** Marks on their way: a thing of which foot or top are put, an edge of which one end is. */
export type Pending = Mark[];

export const NOTHING: PhotographMarks = {
  format: "zephyrdune-marks",
  version: 1,
  plane: { kind: "unmarked-table" },
  lens: { kind: "unknown-lens" },
  things: [],
  spots: [],
  highlights: [],
};

/** The places of a plane that is not marked enough yet to be one. */
export type Begun = { kind: "rim" | "corner"; places: Mark[] };

export const LEAST: Record<Begun["kind"], number> = { rim: 5, corner: 4 };

/** Handles on a photograph: what is marked where, and how it is moved and taken away. */
export type Handle = {
  name: string;
  mark: Mark;
  moved: (marks: PhotographMarks, to: Mark) => PhotographMarks;
  without: (marks: PhotographMarks) => PhotographMarks;
};

function put<T>(list: T[], at: number, value: T): T[] {
  return list.map((old, i) => (i === at ? value : old));
}

function without<T>(list: T[], at: number): T[] {
  return list.filter((_, i) => i !== at);
}

function changedThing(
  marks: PhotographMarks,
  at: number,
  change: (thing: StandingThing) => StandingThing,
): PhotographMarks {
  return {
    ...marks,
    things: marks.things.map((thing, i) => (i === at ? change(thing) : thing)),
  };
}

export const PARTS: Record<TonePart, string> = {
  "brightest-matte": "Brightest matte part",
  "lit-side": "Lit side",
  "shadow-side": "Shadow side",
  "lit-table": "Table in the light",
  "shaded-table": "Table in the shadow",
  backdrop: "Background",
};

/** All handles, in the order in which they are reached by keyboard. */
export function handles(marks: PhotographMarks): Handle[] {
  return [...planeHandles(marks), ...thingHandles(marks), ...spotHandles(marks)];
}

function planeHandles({ plane }: PhotographMarks): Handle[] {
  if (plane.kind === "round-rim") {
    return plane.rim.map((mark, at) => ({
      name: `Rim, mark ${at + 1}`,
      mark,
      moved: (marks, to) => ({ ...marks, plane: { ...plane, rim: put(plane.rim, at, to) } }),
      without: (marks) => ({
        ...marks,
        plane:
          plane.rim.length > LEAST.rim
            ? { ...plane, rim: without(plane.rim, at) }
            : { kind: "unmarked-table" },
      }),
    }));
  }
  if (plane.kind !== "flat-rectangle") return [];
  return plane.corners.map((mark, at) => ({
    name: `Corner ${at + 1}`,
    mark,
    moved: (marks, to) => ({ ...marks, plane: { ...plane, corners: put(plane.corners, at, to) } }),
    without: (marks) => ({ ...marks, plane: { kind: "unmarked-table" } }),
  }));
}

function thingHandles({ things }: PhotographMarks): Handle[] {
  return things.flatMap((thing, at) => [
    ...(["foot", "top", "tip"] as const).map((part) => ({
      name: `Thing ${at + 1}, ${part === "tip" ? "shadow tip" : part}`,
      mark: thing[part],
      moved: (marks: PhotographMarks, to: Mark) =>
        changedThing(marks, at, (old) => ({ ...old, [part]: to })),
      without: (marks: PhotographMarks) => ({ ...marks, things: without(marks.things, at) }),
    })),
    ...thing.edges.flatMap((edge, line) =>
      (["from", "to"] as const).map((end) => ({
        name: `Thing ${at + 1}, edge line ${line + 1}, ${end === "from" ? "first" : "second"} end`,
        mark: edge[end],
        moved: (marks: PhotographMarks, to: Mark) =>
          changedThing(marks, at, (old) => ({
            ...old,
            edges: old.edges.map((other, i) => (i === line ? { ...other, [end]: to } : other)),
          })),
        without: (marks: PhotographMarks) =>
          changedThing(marks, at, (old) => ({ ...old, edges: without(old.edges, line) })),
      })),
    ),
  ]);
}

function spotHandles({ spots, highlights }: PhotographMarks): Handle[] {
  return [
    ...spots.map(({ part, mark }, at) => ({
      name: PARTS[part],
      mark,
      moved: (marks: PhotographMarks, to: Mark) => ({
        ...marks,
        spots: put(marks.spots, at, { part, mark: to }),
      }),
      without: (marks: PhotographMarks) => ({ ...marks, spots: without(marks.spots, at) }),
    })),
    ...highlights.map((mark, at) => ({
      name: `Highlight ${at + 1}`,
      mark,
      moved: (marks: PhotographMarks, to: Mark) => ({
        ...marks,
        highlights: put(marks.highlights, at, to),
      }),
      without: (marks: PhotographMarks) => ({
        ...marks,
        highlights: without(marks.highlights, at),
      }),
    })),
  ];
}

const DINNER_PLATE = { diameterMetres: 0.27, heightMetres: 0.025 };
const SHEET = { firstMetres: 0.297, secondMetres: 0.21 };

/** What has been marked, with one more place; what is not whole yet waits. */
export function withPlace(
  tool: Tool,
  marks: PhotographMarks,
  pending: Pending,
  place: Mark,
): { marks: PhotographMarks; pending: Pending } {
  const all = [...pending, place];
  switch (tool) {
    case "rim":
      if (marks.plane.kind === "round-rim") {
        return {
          marks: { ...marks, plane: { ...marks.plane, rim: [...marks.plane.rim, place] } },
          pending: [],
        };
      }
      return all.length < LEAST.rim
        ? { marks, pending: all }
        : {
            marks: { ...marks, plane: { kind: "round-rim", rim: all, ...DINNER_PLATE } },
            pending: [],
          };
    case "corner":
      return all.length < LEAST.corner
        ? { marks, pending: all }
        : {
            marks: { ...marks, plane: { kind: "flat-rectangle", corners: all, ...SHEET } },
            pending: [],
          };
    case "thing": {
      const [foot, top, tip] = all;
      return foot && top && tip
        ? {
            marks: { ...marks, things: [...marks.things, { foot, top, tip, edges: [] }] },
            pending: [],
          }
        : { marks, pending: all };
    }
    case "edge": {
      const [from, to] = all;
      if (!from || !to) return { marks, pending: all };
      const at = nearest(marks.things, from, to);
      return {
        marks: changedThing(marks, at, (thing) => ({
          ...thing,
          edges: [...thing.edges, { from, to }],
        })),
        pending: [],
      };
    }
    case "highlight":
      return { marks: { ...marks, highlights: [...marks.highlights, place] }, pending: [] };
    default:
      return {
        marks: { ...marks, spots: [...marks.spots, { part: tool, mark: place }] },
        pending: [],
      };
  }
}

/** The thing whose shadow lies nearest to a line. */
function nearest(things: StandingThing[], from: Mark, to: Mark): number {
  const away = things.map(({ foot, tip }) =>
    Math.hypot(
      foot.across + tip.across - from.across - to.across,
      foot.down + tip.down - from.down - to.down,
    ),
  );
  return away.indexOf(Math.min(...away));
}

/** What to click next, in words. */
export function hint(tool: Tool, marks: PhotographMarks, pending: Pending): string {
  switch (tool) {
    case "rim":
      return marks.plane.kind === "round-rim"
        ? "Drag the marks onto the rim, or click to add another"
        : `Click on the rim of a plate or bowl, all the way round: ${LEAST.rim - pending.length} more`;
    case "corner":
      return marks.plane.kind === "flat-rectangle"
        ? "Drag the marks onto the corners"
        : `Click the corners of a tray, board or sheet, one after the other: ${LEAST.corner - pending.length} more`;
    case "thing":
      return [
        "Click the foot of something upright: straight below the point whose shadow you see",
        "Now its top: the tip of a bottle, the corner of a box",
        "Now where the shadow of that very point falls",
      ][pending.length] as string;
    case "edge":
      if (marks.things.length === 0)
        return "Mark something upright first, then the edge of its shadow";
      return pending.length === 0
        ? "Click well inside the shadow; for a soft light, at its side near the foot"
        : "Now straight across its edge, well outside";
    case "highlight":
      return "Click into the mirror image of the light on a plate, a sauce, a glass";
    default:
      return `Click a spot: ${PARTS[tool].toLowerCase()}`;
  }
}
