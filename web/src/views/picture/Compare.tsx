import { useQuery } from "@tanstack/react-query";
import { X } from "lucide-react";
import { type ImgHTMLAttributes, type KeyboardEvent, type PointerEvent, useState } from "react";
import { api } from "../../api/client";
import type { Difference, StoredFrame, TableSet } from "../../api/types";
import { pictureOfFrame, useFrames } from "../../frames/frames";
import { Button } from "../../ui/Button";
import { FlipButton } from "../../ui/FlipButton";
import { LayFrame } from "./LayFrame";
import { StopLines } from "./StopLines";
import { compare, comparedTake, pictureOf, type Take, useTakes } from "./takes";

const STEP = 0.02;

/** What is laid over the picture. */
type Other = { name: string; picture: string | null };

/** A take or a test frame laid over the picture, so that the two can be told apart in place. */
export function Compare({ now, set }: { now: string; set: TableSet }) {
  const comparing = useTakes((state) => state.comparing);
  const take = useTakes(comparedTake);
  const frame = useFrames((state) =>
    state.frames.find(({ id }) => comparing && "frame" in comparing && id === comparing.frame),
  );
  if (!comparing || !(take || frame)) return null;
  const other: Other = take
    ? { name: take.name, picture: pictureOf(take) }
    : { name: frame?.name ?? "", picture: frame ? pictureOfFrame(frame) : null };
  return (
    <div className="absolute inset-0" data-testid={`compare-${comparing.way}`}>
      {comparing.way === "flip" && <Flip other={other} />}
      {comparing.way === "split" && <Split other={other} />}
      {comparing.way === "side" && <Side other={other} now={now} />}
      {comparing.way === "difference" && take && <TakeDiffers take={take} set={set} />}
      {comparing.way === "difference" && frame && <FrameDiffers frame={frame} />}
      {comparing.way === "lay" && frame && <LayFrame key={frame.id} frame={frame} set={set} />}
      <Button
        look="outline"
        className="absolute top-2 right-2 h-8 bg-ground/85"
        onClick={() => compare(null)}
      >
        <X size={15} aria-hidden /> Stop comparing
      </Button>
    </div>
  );
}

/** A picture, or the word that it is still made. */
function Then({
  other,
  className = "",
  ...rest
}: { other: Other } & ImgHTMLAttributes<HTMLImageElement>) {
  return other.picture ? (
    <img src={other.picture} alt={other.name} draggable={false} className={className} {...rest} />
  ) : (
    <p className={`grid place-items-center bg-surround text-soft ${className}`}>
      The picture of {other.name} is being made …
    </p>
  );
}

function Name({ children, right = false }: { children: string; right?: boolean }) {
  return (
    <span
      className={`absolute top-2 max-w-[calc(100%-11rem)] rounded bg-ground/85 px-2 py-1 text-sm ${right ? "right-40" : "left-2"}`}
    >
      {children}
    </span>
  );
}

function Flip({ other }: { other: Other }) {
  const [old, setOld] = useState(true);
  return (
    <FlipButton old={old} onFlip={() => setOld(!old)}>
      {old && <Then other={other} className="size-full object-fill" />}
      <Name>{old ? other.name : "Now"}</Name>
    </FlipButton>
  );
}

function Split({ other }: { other: Other }) {
  const [at, setAt] = useState(0.5);
  const inside = (value: number) => Math.min(1, Math.max(0, value));
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (event.buttons === 0) return;
    const box = event.currentTarget.getBoundingClientRect();
    setAt(inside((event.clientX - box.left) / box.width));
  };
  const press = (event: KeyboardEvent) => {
    const way = event.key === "ArrowLeft" ? -STEP : event.key === "ArrowRight" ? STEP : 0;
    if (way === 0) return;
    event.preventDefault();
    setAt(inside(at + way));
  };
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={`${other.name} on the left, now on the right`}
      aria-valuenow={Math.round(at * 100)}
      aria-valuemin={0}
      aria-valuemax={100}
      className="absolute inset-0 cursor-ew-resize touch-none"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag(event);
      }}
      onPointerMove={drag}
      onKeyDown={press}
    >
      <Then
        other={other}
        className="size-full object-fill"
        style={{ clipPath: `inset(0 ${100 - 100 * at}% 0 0)` }}
      />
      <div className="absolute inset-y-0 w-0.5 bg-sand" style={{ left: `${100 * at}%` }} />
      <Name>{other.name}</Name>
      <Name right>Now</Name>
    </div>
  );
}

function Side({ other, now }: { other: Other; now: string }) {
  return (
    <div className="absolute inset-0 grid grid-cols-2 items-center gap-1 bg-surround">
      <figure className="relative">
        <Then other={other} className="w-full" />
        <figcaption className="p-1 text-center text-sm">{other.name}</figcaption>
      </figure>
      <figure className="relative">
        <img src={now} alt="Now" className="w-full" />
        <figcaption className="p-1 text-center text-sm">Now</figcaption>
      </figure>
    </div>
  );
}

function TakeDiffers({ take, set }: { take: Take; set: TableSet }) {
  const { data } = useQuery({
    queryKey: ["difference", take.id, set],
    queryFn: ({ signal }) => api.difference(set, take.set, signal),
    staleTime: Infinity,
  });
  return <Differs found={data} what={`Now against ${take.name}`} />;
}

/** A frame against the picture that was predicted of it, as its set stood then. */
function FrameDiffers({ frame }: { frame: StoredFrame }) {
  const { data, error } = useQuery({
    queryKey: ["frame-difference", frame.id, frame.lit, frame.registration],
    enabled: frame.stood,
    queryFn: ({ signal }) => api.frameDifference(frame.id, signal),
    retry: false,
    gcTime: 0,
  });
  return (
    <Differs found={data} what="The frame against what was predicted" failed={error?.message} />
  );
}

type DiffersProps = {
  found: Difference | undefined;
  what: string;
  failed?: string | undefined;
};

function Differs({ found, what, failed }: DiffersProps) {
  return (
    <>
      <div className="absolute inset-0 bg-black/45" />
      {found && (
        <StopLines
          testId="difference-lines"
          grid={{
            columns: found.width,
            rows: found.height,
            values: found.stopHundredths.map((hundredths) => hundredths / 100),
          }}
        />
      )}
      <Name>
        {found
          ? `${what}: lines in stops, + where it is brighter`
          : (failed ?? "Working out the difference …")}
      </Name>
    </>
  );
}
