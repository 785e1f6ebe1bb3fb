import type { ReactNode } from "react";

type Props = { old: boolean; onFlip: () => void; children: ReactNode };

/** All of a picture as a button that shows what was there before, and what is there now. */
export function FlipButton({ old, onFlip, children }: Props) {
  return (
    <button
      type="button"
      aria-pressed={old}
      className="absolute inset-0"
      onClick={onFlip}
      title="Click, or press Space, to flip"
    >
      {children}
    </button>
  );
}
