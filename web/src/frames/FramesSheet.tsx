import { useQuery } from "@tanstack/react-query";
import { FolderOpen, Trash2 } from "lucide-react";
import { type DragEvent, useState } from "react";
import { api } from "../api/client";
import type { FrameAnswer, LearningAnswer, StoredFrame } from "../api/types";
import { shutter } from "../fields/marks";
import { useTable } from "../set/store";
import { Button } from "../ui/Button";
import { FilePick, usePicker } from "../ui/FilePick";
import { Sheet } from "../ui/Sheet";
import { ComingIn } from "./ComingIn";
import { FramePicture } from "./FramePicture";
import {
  deleteFrame,
  dropFile,
  looked,
  pick,
  pictureOfFrame,
  setCounts,
  setLit,
  useFrames,
  type Way,
} from "./frames";
import { HandMeter, useMeterReadings } from "./HandMeter";
import { Learnt } from "./Learnt";
import { PatchTable } from "./PatchTable";
import { ToneCurveOf } from "./ToneCurveOf";

const KINDS = "image/*,.dng";

type Props = {
  open: boolean;
  onClose: () => void;
  /** Lays a frame to the picture on the table. */
  onCompare: (frame: string, way: Way) => void;
};

/** Test frames: each beside what was predicted of it, in stops, and what to set next. */
export function FramesSheet({ open, onClose, onCompare }: Props) {
  const state = useFrames();
  const frame = looked(state);
  const picker = usePicker();
  const [over, setOver] = useState(false);
  const { answer, failed } = useReading(frame);
  const { learning, older } = useLearning(open, answer);
  const held = learning?.held.map((one) => one.frame) ?? [];
  const drop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    for (const file of event.dataTransfer.files) void dropFile(file);
  };
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Test frames"
      about="What the camera took, beside what was predicted of it. Files are only read; what is kept here is a small copy."
      widest
    >
      <FilePick
        picker={picker}
        accept={KINDS}
        label="Test frame"
        testId="frame-file"
        onFile={(file) => void dropFile(file)}
      />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <ComingIn />
        <Button look="outline" onClick={() => picker.current?.click()}>
          <FolderOpen size={15} aria-hidden /> Open a frame
        </Button>
      </div>
      <section
        aria-label="Frames"
        className={`mt-2 flex min-h-0 flex-1 flex-col rounded-panel ${over ? "outline-2 outline-sand" : ""}`}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
      >
        {frame ? (
          <div className="min-h-0 flex-1 gap-4 overflow-y-auto max-md:[&>*+*]:mt-3 md:grid md:grid-cols-[minmax(0,1fr)_24rem] md:overflow-hidden">
            <div className="flex min-h-0 flex-col gap-2">
              <FramePicture frame={frame} answer={answer} />
              <Strip frames={state.frames} now={frame} />
              <p className="text-soft text-xs" data-testid="frames-kept">
                {state.frames.length === 1 ? "1 frame" : `${state.frames.length} frames`},{" "}
                {megabytes(state.frames)} MB kept here
              </p>
            </div>
            <div className="min-h-0 md:overflow-y-auto md:pr-1">
              <Title frame={frame} onCompare={(way) => onCompare(frame.id, way)} />
              {failed && <p className="mt-2 text-alarm text-sm">{failed}</p>}
              <PatchTable frame={frame} answer={answer} />
              {learning && <Counts frame={frame} learning={learning} />}
              {learning && <Learnt answer={learning} older={older} />}
              <HandMeter held={held} />
              <ToneCurveOf frame={frame} frames={state.frames} />
            </div>
          </div>
        ) : (
          <div className="min-h-0 flex-1 overflow-y-auto">
            <p className="rounded-panel bg-ground p-4 text-soft">
              No frame yet. Watch the folder that your camera or capture program writes into, drop a
              frame here, or practise with the camera that ships with the program: it takes the set
              as it really stands, with a kit that is not quite what its numbers say.
            </p>
            <div className="max-w-md">
              <HandMeter held={held} />
              {learning && <Learnt answer={learning} older={older} />}
            </div>
          </div>
        )}
      </section>
    </Sheet>
  );
}

function Title({ frame, onCompare }: { frame: StoredFrame; onCompare: (way: Way) => void }) {
  const settings = [
    frame.aperture && `f/${Number(frame.aperture.toFixed(1))}`,
    frame.shutter && shutter(frame.shutter),
    frame.speed && `ISO ${frame.speed}`,
  ].filter(Boolean);
  return (
    <div>
      <div className="flex items-center gap-1">
        <h3 className="min-w-0 flex-1 truncate font-semibold">{frame.name}</h3>
        <Button
          aria-label={`Delete ${frame.name}`}
          className="w-9 px-0"
          onClick={() => void deleteFrame(frame)}
        >
          <Trash2 size={15} />
        </Button>
      </div>
      <p className="text-soft text-sm">
        {settings.length > 0 ? settings.join(", ") : "The file does not say how it was taken"}
      </p>
      <label className="mt-1 flex items-center gap-1.5 text-sm max-sm:h-11">
        <input
          type="checkbox"
          checked={!frame.lit}
          className="size-4 accent-sand"
          onChange={({ target }) => void setLit(frame, !target.checked)}
        />
        The light was off: it shows the room alone
      </label>
      <div className="mt-2 flex flex-wrap gap-1">
        {(Object.keys(WAYS) as Way[]).map((way) => (
          <Button
            key={way}
            look="outline"
            className="h-8 px-2 text-xs"
            onClick={() => onCompare(way)}
          >
            {WAYS[way]}
          </Button>
        ))}
      </div>
    </div>
  );
}

/** Whether a frame counts for what is learnt; one that the others do not bear out is asked about. */
function Counts({ frame, learning }: { frame: StoredFrame; learning: LearningAnswer }) {
  const held = learning.held.find((one) => one.frame === frame.id);
  if (frame.counts === false) {
    return (
      <p className="mt-3 flex flex-wrap items-center gap-2 text-sm">
        <span className="min-w-0 flex-1">This frame is left out of what is learnt.</span>
        <Button look="outline" onClick={() => void setCounts(frame, null)}>
          Put it back
        </Button>
      </p>
    );
  }
  if (held) {
    return (
      <div className="mt-3 rounded-panel border border-line p-3 text-sm" data-testid="frame-held">
        <p>
          Held back: the other frames say {Math.abs(held.off).toFixed(1)} stop{" "}
          {held.off > 0 ? "less" : "more"}. {held.cause}?
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Button look="outline" onClick={() => void setCounts(frame, false)}>
            Leave it out
          </Button>
          <Button look="outline" onClick={() => void setCounts(frame, true)}>
            Count it all the same
          </Button>
        </div>
      </div>
    );
  }
  return (
    <p className="mt-3 text-sm">
      <Button look="outline" onClick={() => void setCounts(frame, false)}>
        Leave this frame out of what is learnt
      </Button>
    </p>
  );
}

const WAYS: Record<Way, string> = {
  flip: "Flip with the picture",
  split: "Split",
  side: "Side by side",
  difference: "Difference",
  lay: "Lay it on the picture",
};

/** All frames, the newest last. */
function Strip({ frames, now }: { frames: StoredFrame[]; now: StoredFrame }) {
  return (
    <ul className="flex shrink-0 gap-2 overflow-x-auto p-1" aria-label="All frames">
      {frames.map((frame, at) => (
        <li key={frame.id}>
          <button
            type="button"
            aria-pressed={frame.id === now.id}
            aria-label={`Frame ${at + 1}: ${frame.name}`}
            onClick={() => pick(frame.id)}
            className="relative h-14 w-21 overflow-hidden rounded aria-pressed:outline-2 aria-pressed:outline-sand"
          >
            <img
              src={pictureOfFrame(frame)}
              alt=""
              loading="lazy"
              className="size-full object-cover"
            />
            <span className="absolute right-0 bottom-0 bg-ground/85 px-1 text-xs">{at + 1}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** What a frame tells; as long as its patches are being moved, what it told before. */
function useReading(frame: StoredFrame | undefined): {
  answer: FrameAnswer | undefined;
  failed: string | null;
} {
  const patches = useFrames((state) => (frame && state.patches[frame.id]) ?? NONE);
  const now = useTable((table) => table.possible);
  const { data, error } = useQuery({
    queryKey: ["frame-reading", frame?.id, frame?.lit, frame?.registration, patches, now],
    queryFn: async ({ signal }) => {
      if (!frame || !now) throw new Error("no frame is looked at");
      return { of: frame.id, answer: await api.readFrame(frame.id, { patches, now }, signal) };
    },
    enabled: frame?.stood === true && now !== null,
    placeholderData: (before) => (before?.of === frame?.id ? before : undefined),
    retry: false,
    gcTime: 0,
  });
  return { answer: data?.answer, failed: error ? error.message : null };
}

const NONE: never[] = [];

/** What all frames say of the kit on the set; until that is known anew, what they said before, marked so. */
function useLearning(
  open: boolean,
  answer: FrameAnswer | undefined,
): { learning: LearningAnswer | undefined; older: boolean } {
  const set = useTable((table) => table.id);
  const now = useTable((table) => table.possible);
  const frames = useFrames((state) => state.frames);
  const counts = frames
    .map((frame) => `${frame.id} ${frame.stood} ${frame.lit} ${frame.counts}`)
    .join();
  const metered = (useMeterReadings(set) ?? []).map(({ id }) => id).join();
  const asked = open && set !== null && now !== null && (answer !== undefined || metered !== "");
  const { data, isPlaceholderData } = useQuery({
    queryKey: ["learning", set, now, counts, answer, metered],
    queryFn: async ({ signal }) => {
      if (!set || !now) throw new Error("no set is on the table");
      return { of: set, answer: await api.learning({ set, now }, signal) };
    },
    enabled: asked,
    placeholderData: (before) => (before?.of === set ? before : undefined),
    retry: false,
    gcTime: 0,
  });
  // with nothing to learn from, what was said before is true no more
  return { learning: asked ? data?.answer : undefined, older: isPlaceholderData };
}

function megabytes(frames: StoredFrame[]): string {
  const bytes = frames.reduce((sum, frame) => sum + frame.bytes, 0);
  return bytes > 0 && bytes < 5e4 ? "under 0.1" : (bytes / 1e6).toFixed(1);
}
