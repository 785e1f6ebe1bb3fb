import { api } from "../api/client";
import type { TableSet } from "../api/types";
import { attempt } from "./attempt";

/** Writes the set on the table to a file. */
export function download(set: TableSet): void {
  keep(new Blob([`${JSON.stringify(set, null, 2)}\n`], { type: "application/json" }), set, "json");
}

/** Writes the light on the table to a photometric file. */
export async function downloadLight(set: TableSet): Promise<void> {
  const file = await attempt(() => api.writeLightFile(set));
  if (file) keep(file, set, "ies");
}

/** Writes the set on the table in three dimensions. */
export async function downloadModel(set: TableSet): Promise<void> {
  const file = await attempt(() => api.writeModel(set));
  if (file) keep(file, set, "glb");
}

/** Hands a file to the person, named after the set. */
export function keep(file: Blob, set: TableSet, ending: string): void {
  const name = set.title.replace(/[^\p{L}\p{N}]+/gu, "-").replace(/^-|-$/g, "") || "set";
  keepFile(file, `${name}.${ending}`);
}

/** Hands a file to the person. */
export function keepFile(file: Blob, name: string): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(file);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
}
