import { describe, expect, it } from "vitest";
import schema from "../../../docs/formats/zephyrdune-set-12.schema.json";
import { labelOf } from "./labels";

type Part = { properties?: Record<string, { const?: string }> };

const UNIT = /(Metres|Degrees|Hours|Stops)$/;

/** Every kind that the schema knows, with its fields' names without their units. */
const KINDS = Object.values(schema.$defs as unknown as Record<string, Part>).flatMap(
  ({ properties }) => {
    const kind = properties?.kind?.const;
    return kind
      ? [
          {
            kind,
            fields: Object.keys(properties)
              .filter((name) => name !== "kind")
              .map((name) => name.replace(UNIT, "")),
          },
        ]
      : [];
  },
);

function labels(wanted: string): string[] {
  return KINDS.find(({ kind }) => kind === wanted)?.fields.map((f) => labelOf(f, wanted)) ?? [];
}

describe("labels", () => {
  it("say the same only of the same field", () => {
    const fields = new Map<string, Set<string>>();
    for (const { kind, fields: names } of KINDS) {
      for (const name of names) {
        const label = labelOf(name, kind);
        fields.set(label, (fields.get(label) ?? new Set()).add(name));
      }
    }
    const shared = [...fields].filter(([, names]) => names.size > 1);
    expect(shared).toEqual([]);
  });

  it("call nothing but round holes a hole, and nothing but a room's sides walls", () => {
    for (const { kind } of KINDS) {
      const said = labels(kind).join(", ");
      if (kind !== "round-holes") expect(said).not.toMatch(/hole/i);
      if (kind !== "walled-room") expect(said).not.toMatch(/wall|ceiling|floor/i);
      if (kind !== "barn-doors") expect(said).not.toMatch(/flap/i);
    }
  });

  it("are each used once in a kind", () => {
    for (const { kind } of KINDS) {
      expect(new Set(labels(kind)).size, kind).toBe(labels(kind).length);
    }
  });

  it("are what one expects of dishes, doors and rooms", () => {
    for (const dish of [
      "plate",
      "bowl",
      "tart",
      "drink-glass",
      "bottle",
      "jar",
      "heap",
      "biscuit",
      "cup",
      "gateau",
      "salad",
    ]) {
      expect(labels(dish)[0]).toBe("Diameter");
    }
    expect(labels("round-holes").slice(0, 2)).toEqual(["Largest hole", "Smallest hole"]);
    expect(labels("barn-doors")).toEqual([
      "Flaps long",
      "Left flap",
      "Right flap",
      "Upper flap",
      "Lower flap",
    ]);
    expect(labels("walled-room")[4]).toBe("To the ceiling");
    expect(labels("off-room").slice(1)).toEqual(["Turned aside", "Turned up"]);
  });
});
