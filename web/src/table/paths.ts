import type { TableSet } from "../api/types";

/** The value at a path such as "light.distanceMetres" or "props.0.xMetres". */
export function valueAt(set: TableSet, path: string): unknown {
  return path
    .split(".")
    .reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], set);
}

/** The set with another value at a path; everything else is shared with the old one. */
export function withValueAt(set: TableSet, path: string, value: unknown): TableSet {
  return put(set, path.split("."), value) as TableSet;
}

function put(at: unknown, [name, ...rest]: string[], value: unknown): unknown {
  if (name === undefined) return value;
  if (Array.isArray(at))
    return at.map((part, i) => (String(i) === name ? put(part, rest, value) : part));
  const owner = at as Record<string, unknown>;
  return { ...owner, [name]: put(owner[name], rest, value) };
}
