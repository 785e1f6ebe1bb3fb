import { create } from "zustand";
import { Refusal } from "../../api/ask";
import { api } from "../../api/client";
import type { PhotographMarks } from "../../api/types";
import { attempt } from "../../set/attempt";
import { NOTHING, type Pending, type Tool } from "./marks";

export type OpenPhotograph = {
  id: string;
  width: number;
  height: number;
  title: string;
  client: string;
  kept: boolean;
  /** What it was read from: it is sent again when the server has let go of it. */
  file: File | null;
};

/** How the photograph is laid to the picture on the table. */
export type Matching = "beside" | "flicker";

type State = {
  photograph: OpenPhotograph | null;
  marks: PhotographMarks;
  pending: Pending;
  tool: Tool;
  past: PhotographMarks[];
  matching: Matching | null;
};

/** The photograph whose light is read: it stays open while the sheet is closed. */
export const usePhotograph = create<State>(() => ({
  photograph: null,
  marks: NOTHING,
  pending: [],
  tool: "rim",
  past: [],
  matching: null,
}));

const MOST_UNDO = 100;

/** Changes the marks as a step that can be undone; a drag is one step. */
export function mark(marks: PhotographMarks, pending: Pending = [], going = false): void {
  const { marks: before, past } = usePhotograph.getState();
  const step = going || marks === before ? past : [...past, before].slice(-MOST_UNDO);
  usePhotograph.setState({ marks, pending, past: step });
}

export function undo(): void {
  const { past, pending } = usePhotograph.getState();
  if (pending.length > 0) {
    usePhotograph.setState({ pending: pending.slice(0, -1) });
    return;
  }
  const last = past.at(-1);
  if (last) usePhotograph.setState({ marks: last, past: past.slice(0, -1) });
}

export function take(tool: Tool): void {
  usePhotograph.setState({ tool, pending: [] });
}

/** Opens a file; nothing of it leaves this machine. */
export async function openFile(file: File): Promise<void> {
  const opened = await attempt(() => api.openPhotograph(file));
  if (!opened) return;
  usePhotograph.setState({
    photograph: {
      id: opened.id,
      width: opened.width,
      height: opened.height,
      title: file.name.replace(/\.\w+$/, "").slice(0, 80) || "Photograph",
      client: "",
      kept: false,
      file,
    },
    marks: { ...NOTHING, lens: opened.lens },
    pending: [],
    past: [],
    tool: "rim",
    matching: null,
  });
}

/** Asks about the open photograph; where the server has let go of it, its file is sent again first. */
export async function withPhotograph<T>(ask: (id: string) => Promise<T>): Promise<T> {
  const { photograph } = usePhotograph.getState();
  if (!photograph) throw new Error("no photograph is open");
  try {
    return await ask(photograph.id);
  } catch (error) {
    const gone = error instanceof Refusal && error.problem.status === 404 && photograph.file;
    if (!gone) throw error;
    const again = await api.openPhotograph(photograph.file as File);
    const now = usePhotograph.getState().photograph;
    if (now?.id === photograph.id) {
      usePhotograph.setState({ photograph: { ...photograph, id: again.id } });
    }
    return ask(again.id);
  }
}
