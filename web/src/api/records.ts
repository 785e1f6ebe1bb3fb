import { ask, json, send } from "./ask";
import type { ChangeStep, LoggedRecord, RecordChoices, RecordsAnswer, TableSet } from "./types";

export type RecordQuery = {
  words: string;
  kind: string;
  side: string;
  softness: string;
  skip: number;
};

/** What the server knows of the log. */
export const records = {
  find: ({ words, kind, side, softness, skip }: RecordQuery, signal?: AbortSignal) => {
    const query = new URLSearchParams({ words, skip: String(skip) });
    if (kind) query.set("kind", kind);
    if (side) query.set("side", side);
    if (softness) query.set("softness", softness);
    return json<RecordsAnswer>(`/api/records?${query}`, signal ? { signal } : {});
  },
  /** How many were kept of a set since a moment. */
  count: async (set: string, since: string) =>
    (await json<RecordsAnswer>(`/api/records?set=${set}&from=${encodeURIComponent(since)}`)).found,
  choices: () => json<RecordChoices>("/api/records/choices"),
  alike: (id: string) => json<LoggedRecord[]>(`/api/records/${id}/alike`),
  set: async (id: string) => (await json<{ set: TableSet }>(`/api/records/${id}/set`)).set,
  note: (id: string, notes: string, rating: number) =>
    ask(`/api/records/${id}`, send("PUT", { notes, rating })),
  notesFile: async (id: string, lengths: "CENTIMETRES" | "INCHES") =>
    (await ask(`/api/records/${id}/notes-file?lengths=${lengths}`)).blob(),
  change: (stands: TableSet, wanted: TableSet) =>
    json<ChangeStep[]>("/api/set-changes", send("POST", { stands, wanted })),
};

/** Where the picture of a record is. */
export const pictureOf = ({ id, kind }: LoggedRecord) =>
  kind === "TAKE" ? `/api/takes/${id}/picture` : `/api/frames/${id}/picture`;
