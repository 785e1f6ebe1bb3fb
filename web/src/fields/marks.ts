/** How marks are written. */

export const aperture = (mark: number) => `f/${mark}`;

export const shutter = (seconds: number) =>
  seconds < 0.3 ? `1/${Math.round(1 / seconds)} s` : `${Number(seconds.toFixed(1))} s`;

export const speed = (mark: number) => `ISO ${mark}`;
