import schema from "../../../docs/formats/zephyrdune-set-5.schema.json";
import type { TableSet } from "../api/types";
import { valueAt } from "./paths";

type Node = {
  $ref?: string;
  properties?: Record<string, Node>;
  oneOf?: Node[];
  items?: Node;
  maxItems?: number;
  enum?: string[];
  const?: unknown;
  minimum?: number;
  maximum?: number;
};

export type Limits = { min: number; max: number };

function resolve(node: Node, value: unknown): Node {
  if (node.$ref) {
    const name = node.$ref.split("/").at(-1) ?? "";
    return resolve((schema.$defs as Record<string, Node>)[name] ?? {}, value);
  }
  if (node.oneOf) {
    const kind = (value as { kind?: string } | undefined)?.kind;
    const kinds = node.oneOf.map((choice) => resolve(choice, value));
    return kinds.find((choice) => choice.properties?.kind?.const === kind) ?? {};
  }
  return node;
}

function nodeAt(set: TableSet, path: string): Node {
  let node = resolve(schema as Node, set);
  let walked = "";
  for (const name of path.split(".")) {
    walked = walked ? `${walked}.${name}` : name;
    node = resolve(node.items ?? node.properties?.[name] ?? {}, valueAt(set, walked));
  }
  return node;
}

/** The limits that the set file's schema states for a number. */
export function limitsAt(set: TableSet, path: string): Limits {
  const { minimum = -Infinity, maximum = Infinity } = nodeAt(set, path);
  return { min: minimum, max: maximum };
}

/** The words that the set file's schema allows at a path. */
export function choicesAt(set: TableSet, path: string): string[] {
  return nodeAt(set, path).enum ?? [];
}

/** How many parts the schema allows in a list. */
export function mostAt(set: TableSet, path: string): number {
  return nodeAt(set, path).maxItems ?? 0;
}

export type PartField = { name: string; choice: boolean };

/** The numbers and choices that the schema gives a part, in its order; parts within it are left out. */
export function fieldsAt(set: TableSet, path: string): PartField[] {
  return Object.entries(nodeAt(set, path).properties ?? {}).flatMap<PartField>(([name, node]) => {
    const found = resolve(node, valueAt(set, `${path}.${name}`));
    if (found.enum) return [{ name, choice: true }];
    return found.minimum === undefined ? [] : [{ name, choice: false }];
  });
}
