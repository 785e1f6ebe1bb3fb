import type { FrameRegistration, StoredFrame } from "../api/types";
import type { Place } from "../ui/place";

/** How far from the frame's edge the points lie that it is laid by, at first. */
const IN = 0.2;

/** Finer than any pixel. */
const short = (share: number) => Number(share.toFixed(5));

/** A frame in the middle of a picture of other proportions, whole, before anybody has laid it. */
export function asItCame(
  { width, height }: { width: number; height: number },
  ratio: number,
): FrameRegistration {
  const narrow = Math.min(1, width / height / ratio);
  const low = Math.min(1, ratio / (width / height));
  const corners: [number, number][] = [
    [IN, IN],
    [1 - IN, IN],
    [1 - IN, 1 - IN],
    [IN, 1 - IN],
  ];
  return {
    ratio: short(ratio),
    points: corners.map(([frameAcross, frameDown]) => ({
      frameAcross,
      frameDown,
      pictureAcross: 0.5 + narrow * (frameAcross - 0.5),
      pictureDown: 0.5 + low * (frameDown - 0.5),
    })),
  };
}

/** One of its points lies elsewhere in the picture. */
export const withPoint = (
  registration: FrameRegistration,
  at: number,
  { across, down }: Place,
): FrameRegistration => ({
  ...registration,
  points: registration.points.map((point, i) =>
    i === at ? { ...point, pictureAcross: across, pictureDown: down } : point,
  ),
});

/** Where a frame's picture is, laid so. */
export function laidPicture(frame: string, { ratio, points }: FrameRegistration): string {
  const numbers = points.flatMap((point) => [
    point.frameAcross,
    point.frameDown,
    point.pictureAcross,
    point.pictureDown,
  ]);
  return `/api/frames/${frame}/laid?ratio=${ratio}&points=${numbers.map(short).join()}`;
}

/** Width over height of a frame as it is looked at. */
export const ratioOf = ({ registration, width, height }: StoredFrame) =>
  registration?.ratio ?? width / height;
