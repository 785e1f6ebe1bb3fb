import type { ReactNode } from "react";

type Props = {
  onClick: () => void;
  children: ReactNode;
  /** What it does, where its words alone do not say. */
  name?: string;
  className?: string;
  disabled?: boolean;
  /** For one that stays pressed. */
  pressed?: boolean;
};

/** A button in line with the fields of a panel. */
export function PanelButton({
  onClick,
  children,
  name,
  className = "",
  disabled = false,
  pressed,
}: Props) {
  return (
    <button
      type="button"
      aria-label={name}
      aria-pressed={pressed}
      onClick={onClick}
      disabled={disabled}
      className={`inline-flex h-9 items-center justify-center gap-1.5 self-end disabled:opacity-40 whitespace-nowrap rounded-md border border-edge/60 px-2 text-sm hover:bg-raised max-sm:h-11 ${className}`}
    >
      {children}
    </button>
  );
}
