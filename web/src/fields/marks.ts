/** How marks are written. */

export const aperture = (mark: number) => `f/${mark}`;

export const shutter = (seconds: number) =>
  seconds < 0.3 ? `1/${Math.round(1 / seconds)} s` : `${seconds} s`;

export const speed = (mark: number) => `ISO ${mark}`;
