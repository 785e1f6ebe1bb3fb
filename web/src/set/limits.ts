import setSchema from "../../../docs/formats/zephyrdune-set-12.schema.json";
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

export type Schema = { $ref: string; $defs: Record<string, unknown> };

/** A document, and the schema that it follows. */
export type Described = { value: unknown; schema: Schema };

function resolve(schema: Schema, node: Node, value: unknown): Node {
  if (node.$ref) {
    const name = node.$ref.split("/").at(-1) ?? "";
    return resolve(schema, (schema.$defs as Record<string, Node>)[name] ?? {}, value);
  }
  if (node.oneOf) {
    const kind = (value as { kind?: string } | undefined)?.kind;
    const kinds = node.oneOf.map((choice) => resolve(schema, choice, value));
    return kinds.find((choice) => choice.properties?.kind?.const === kind) ?? {};
  }
  return node;
}

function nodeAt({ value, schema }: Described, path: string): Node {
  let node = resolve(schema, schema as Node, value);
  let walked = "";
  for (const name of path.split(".")) {
    walked = walked ? `${walked}.${name}` : name;
    node = resolve(schema, node.items ?? node.properties?.[name] ?? {}, valueAt(value, walked));
  }
  return node;
}

/** The limits that the document's schema states for a number. */
export function limitsIn(document: Described, path: string): Limits {
  const { minimum = -Infinity, maximum = Infinity } = nodeAt(document, path);
  return { min: minimum, max: maximum };
}

/** The limits of a number of a set. */
export function limitsAt(set: unknown, path: string): Limits {
  return limitsIn({ value: set, schema: setSchema }, path);
}

/** The words that the document's schema allows at a path. */
export function choicesIn(document: Described, path: string): string[] {
  return nodeAt(document, path).enum ?? [];
}

/** How many parts the schema allows in a list. */
export function mostIn(document: Described, path: string): number {
  return nodeAt(document, path).maxItems ?? 0;
}

export type PartField = { name: string; choice: boolean };

/** The numbers and choices that the schema gives a part, in its order; parts within it are left out. */
export function fieldsIn(document: Described, path: string): PartField[] {
  const { schema, value } = document;
  return Object.entries(nodeAt(document, path).properties ?? {}).flatMap<PartField>(
    ([name, node]) => {
      const found = resolve(schema, node, valueAt(value, `${path}.${name}`));
      if (found.enum) return [{ name, choice: true }];
      return found.minimum === undefined ? [] : [{ name, choice: false }];
    },
  );
}
