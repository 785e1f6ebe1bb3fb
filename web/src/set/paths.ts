/** The path of a field as the server names it: "look.bands[2].from" as "look.bands.2.from". */
export function pathOf(field: string): string {
  return field.replaceAll(/\[(\d+)\]/g, ".$1");
}

/** The value at a path such as "light.distanceMetres" or "props.0.xMetres". */
export function valueAt(set: unknown, path: string): unknown {
  return path
    .split(".")
    .reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], set);
}

/** The document with another value at a path; everything else is shared with the old one. */
export function withValueAt<T>(document: T, path: string, value: unknown): T {
  return put(document, path.split("."), value) as T;
}

/**
 * The same, for something that a person typed: a part that says where its numbers come from then says that they were
 * entered.
 */
export function withEnteredAt<T>(document: T, path: string, value: unknown): T {
  let changed = withValueAt(document, path, value);
  const names = path.split(".");
  while (names.length > 1) {
    names.pop();
    const origin = `${names.join(".")}.origin`;
    if (typeof valueAt(changed, origin) === "string" && origin !== path) {
      changed = withValueAt(changed, origin, "entered");
    }
  }
  return changed;
}

function put(at: unknown, [name, ...rest]: string[], value: unknown): unknown {
  if (name === undefined) return value;
  if (Array.isArray(at))
    return at.map((part, i) => (String(i) === name ? put(part, rest, value) : part));
  const owner = at as Record<string, unknown>;
  return { ...owner, [name]: put(owner[name], rest, value) };
}
