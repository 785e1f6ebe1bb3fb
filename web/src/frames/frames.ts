import { create } from "zustand";
import { api } from "../api/client";
import type {
  FrameAnswer,
  FramePatch,
  FrameRegistration,
  StoredFrame,
  TableSet,
} from "../api/types";
import { attempt } from "../set/attempt";
import { useTable } from "../set/store";
import { tell } from "../ui/notices";
import type { Place } from "../ui/place";
import { laidPicture } from "./registration";

/** How a frame is laid to the picture. */
export type Way = "flip" | "split" | "side" | "difference" | "lay";

type Frames = {
  /** Whether they are looked at. */
  open: boolean;
  /** The set whose frames these are. */
  of: string | null;
  frames: StoredFrame[];
  /** The frame that is looked at; none for the newest. */
  picked: string | null;
  /** Patches that were moved, frame by frame; others lie where they are proposed. */
  patches: Record<string, FramePatch[]>;
};

/** Test frames of the set that is open; the server keeps them. */
export const useFrames = create<Frames>(() => ({
  open: false,
  of: null,
  frames: [],
  picked: null,
  patches: {},
}));

export const showFrames = (open: boolean) => useFrames.setState({ open });

export const pick = (picked: string | null) => useFrames.setState({ picked });

/** The frame that is looked at: the one that was picked, or the newest. */
export function looked({ frames, picked }: Frames): StoredFrame | undefined {
  return frames.find(({ id }) => id === picked) ?? frames.at(-1);
}

/** Where a frame's picture is, as it lies on what was predicted of it. */
export const pictureOfFrame = ({ id, registration }: StoredFrame) =>
  registration ? laidPicture(id, registration) : `/api/frames/${id}/picture`;

/** Reads the frames anew; gives those that were not there before. */
export async function refreshFrames(): Promise<StoredFrame[]> {
  const { of } = useFrames.getState();
  if (!of) return [];
  const frames = await api.listFrames(of);
  if (useFrames.getState().of !== of) return [];
  const before = useFrames.getState().frames;
  const fresh = frames.filter(({ id }) => !before.some((frame) => frame.id === id));
  if (fresh.length === 0 && frames.length === before.length) return [];
  useFrames.setState({ frames });
  await tellHowItStood();
  return fresh;
}

/** Takes in what came by itself: the newest is looked at, or told. */
export async function takeIn(): Promise<void> {
  const fresh = await refreshFrames();
  const newest = fresh.at(-1);
  if (!newest) return;
  pick(newest.id);
  if (useFrames.getState().open) return;
  tell(`Test frame: ${newest.name}`, {
    action: { label: "Look at it", run: () => showFrames(true) },
  });
}

/** What stood on the table when the camera was fired from here, frame by frame that has not come in yet. */
const fired: { of: string; set: TableSet; lit: boolean }[] = [];

/** The next frame is of this set, whatever is changed until it comes in; gives what says that none will come. */
export function fires(of: string, set: TableSet, lit = true): () => void {
  const one = { of, set, lit };
  fired.push(one);
  return () => {
    if (fired.includes(one)) fired.splice(fired.indexOf(one), 1);
  };
}

/** Frames that came in by themselves are of what stood there when they were fired from here, others of what stands on the table now. */
async function tellHowItStood(): Promise<void> {
  const { of, frames } = useFrames.getState();
  const { id, possible } = useTable.getState();
  if (!possible || id !== of) return;
  for (const frame of frames.filter(({ stood }) => !stood)) {
    const at = fired.findIndex((one) => one.of === of);
    const [one] = fired.splice(at, at < 0 ? 0 : 1);
    const { set, lit } = one ?? { set: possible, lit: true };
    const told = await attempt(async () => {
      // a frame is read as soon as it is known how its set stood: what it was lit by comes first
      if (!lit) await api.putFrameLit(frame.id, false);
      return api.putFrameSet(frame.id, set);
    });
    if (told) replace(told);
    else if (one) fired.unshift(one);
  }
}

const replace = (frame: StoredFrame) =>
  useFrames.setState(({ frames }) => ({
    frames: frames.map((one) => (one.id === frame.id ? frame : one)),
  }));

export async function dropFile(file: File): Promise<void> {
  const { of } = useFrames.getState();
  const added = of && (await attempt(() => api.addFrame(of, file.name, file)));
  if (!added || useFrames.getState().of !== of) return;
  if (useFrames.getState().frames.some(({ id }) => id === added.id)) {
    tell(`${file.name} is here already`);
  }
  await refreshFrames();
  pick(added.id);
}

/** Tells whether the lights were on for a frame. */
export async function setLit({ id }: StoredFrame, lit: boolean): Promise<void> {
  const told = await attempt(() => api.putFrameLit(id, lit));
  if (told) replace(told);
}

/** Tells how a frame lies on its picture; null for as it came in. */
export async function lay(
  { id }: StoredFrame,
  registration: FrameRegistration | null,
): Promise<boolean> {
  const told = await attempt(() =>
    registration ? api.putFrameRegistration(id, registration) : api.deleteFrameRegistration(id),
  );
  if (told) replace(told);
  return told !== undefined;
}

/** Leaves a frame out of what is learnt, counts it whatever the others say, or lets them judge. */
export async function setCounts({ id }: StoredFrame, counts: boolean | null): Promise<void> {
  const told = await attempt(() =>
    counts === null ? api.deleteFrameCounts(id) : api.putFrameCounts(id, counts),
  );
  if (told) replace(told);
}

export async function deleteFrame({ id, name }: StoredFrame): Promise<void> {
  const { of } = useFrames.getState();
  if (!(await attempt(() => api.deleteFrame(id)))) return;
  useFrames.setState(({ frames }) => ({ frames: frames.filter((frame) => frame.id !== id) }));
  const bringBack = async () => {
    const back = await attempt(() => api.restoreFrame(id));
    if (back && useFrames.getState().of === of) await refreshFrames();
  };
  tell(`Deleted “${name}” here; its file stays`, {
    action: { label: "Bring back", run: () => void bringBack() },
  });
}

/** Another set is open, with frames of its own. */
async function load(of: string | null): Promise<void> {
  useFrames.setState({ of, frames: [], picked: null, patches: {} });
  if (of) await attempt(refreshFrames);
}

/** What a grey card reflects unless it says otherwise. */
const MID_GREY = 0.18;

/** Where the patches of a frame lie. */
const placed = ({ patches }: FrameAnswer): FramePatch[] =>
  patches.map(({ part, across, down, reflectance }) => ({ part, across, down, reflectance }));

/** Moves one patch of a frame. */
export function movePatch(frame: string, answer: FrameAnswer, at: number, to: Place): void {
  const patches = placed(answer).map((patch, i) => (i === at ? { ...patch, ...to } : patch));
  useFrames.setState((state) => ({ patches: { ...state.patches, [frame]: patches } }));
}

/** A grey card lies in the frame: where, is for somebody to say. */
export function addGreyCard(frame: string, answer: FrameAnswer): void {
  const patches = placed(answer);
  patches.push({ part: "GREY_CARD", across: 0.5, down: 0.85, reflectance: MID_GREY });
  useFrames.setState((state) => ({ patches: { ...state.patches, [frame]: patches } }));
}

/** What the grey card that lies in the frame reflects. */
export function setReflectance(frame: string, answer: FrameAnswer, reflectance: number): void {
  const patches = placed(answer).map((patch) =>
    patch.part === "GREY_CARD" ? { ...patch, reflectance } : patch,
  );
  useFrames.setState((state) => ({ patches: { ...state.patches, [frame]: patches } }));
}

/** Patches where they are proposed. */
export function proposeAnew(frame: string): void {
  useFrames.setState(({ patches: { [frame]: _, ...patches } }) => ({ patches }));
}

useTable.subscribe((now, before) => {
  if (now.id !== before.id) void load(now.id);
});
