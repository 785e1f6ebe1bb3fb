import { ask, bytes, json, send } from "./ask";
import type {
  BalanceAnswer,
  BalanceQuestion,
  DeletedShoot,
  FactLine,
  RunSheet,
  Shoot,
  ShootEvent,
  ShootSummary,
  StoredShoot,
} from "./types";

const at = (id: string) => `/api/shoots/${id}`;

export type RunSheetFile = "CSV" | "CALENDAR" | "PDF";

/** What the server knows of shoots. */
export const shoots = {
  list: () => json<ShootSummary[]>("/api/shoots"),
  deleted: () => json<DeletedShoot[]>("/api/shoots/deleted"),
  get: (id: string) => json<StoredShoot>(at(id)),
  add: (shoot: Shoot) => json<StoredShoot>("/api/shoots", send("POST", shoot)),
  save: (id: string, version: number, shoot: Shoot) =>
    json<StoredShoot>(at(id), send("PUT", { version, shoot })),
  remove: (id: string, version: number) => ask(`${at(id)}?version=${version}`, send("DELETE")),
  restore: (id: string) => json<StoredShoot>(`${at(id)}/restore`, send("POST")),
  pasted: (text: string, shoot: Shoot) =>
    json<Shoot>("/api/shoots/dishes", send("POST", { text, shoot })),
  events: (id: string) => json<ShootEvent[]>(`${at(id)}/events`),
  putEvents: (id: string, events: ShootEvent[]) =>
    json<ShootEvent[]>(`${at(id)}/events`, send("PUT", events)),
  takeBack: (id: string, event: string) =>
    json<ShootEvent[]>(`${at(id)}/events/${event}`, send("DELETE")),
  sheet: (shoot: Shoot, events: ShootEvent[], now: string | null, signal?: AbortSignal) =>
    json<RunSheet>("/api/run-sheets", send("POST", { shoot, events, now }, signal)),
  consistency: (shoot: Shoot, against: string) =>
    json<FactLine[]>(
      `/api/consistency${against ? `?against=${against}` : ""}`,
      send("POST", shoot),
    ),
  balance: (stand: BalanceQuestion) => json<BalanceAnswer>("/api/balance", send("POST", stand)),
  archive: async (id: string) => (await ask(`${at(id)}/archive`)).blob(),
  openArchive: (file: Blob) => json<{ id: string }>("/api/shoot-archives", bytes(file)),
  file: async (kind: RunSheetFile, shoot: Shoot, lengths: string) => {
    const path = `/api/run-sheet-files?kind=${kind}&lengths=${lengths}`;
    return (await ask(path, send("POST", { shoot, events: [], now: null }))).blob();
  },
};
