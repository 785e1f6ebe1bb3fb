import { createContext, useContext } from "react";
import setSchema from "../../../docs/formats/zephyrdune-set-12.schema.json";
import type { Schema } from "./limits";
import { pathOf } from "./paths";
import { useTable } from "./store";

/** The document whose parts a field shows and changes: the set on the table, or within its provider the kit. */
export type Owner = {
  value: unknown;
  schema: Schema;
  /** Path of the field that the server refused, if it refused one. */
  refused: string | null;
  change: (path: string, value: unknown) => void;
  /** What is changed from here to the end of the drag is one step to undo, where there is undo. */
  startDrag?: () => void;
  endDrag?: () => void;
};

const OwnerContext = createContext<Owner | null>(null);

export const OwnerProvider = OwnerContext.Provider;

export function useOwner(): Owner | null {
  const given = useContext(OwnerContext);
  const set = useTable((table) => table.set);
  const refused = useTable((table) => (table.problem ? pathOf(table.problem.field) : null));
  if (given) return given;
  const { change, startDrag, endDrag } = useTable.getState();
  return set && { value: set, schema: setSchema, refused, change, startDrag, endDrag };
}
