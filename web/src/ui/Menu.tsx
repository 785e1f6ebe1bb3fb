import { Popover } from "radix-ui";
import type { ReactNode } from "react";

type Props = {
  /** What opens it. */
  trigger: ReactNode;
  name: string;
  align: "start" | "end";
  className?: string;
  /** Where what is in it closes it too. */
  open?: boolean;
  onOpen?: (open: boolean) => void;
  children: ReactNode;
};

/** What opens under a button, and closes by itself. */
export function Menu({ trigger, name, align, className = "", open, onOpen, children }: Props) {
  return (
    <Popover.Root open={open} onOpenChange={onOpen}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align={align}
          sideOffset={4}
          aria-label={name}
          className={`z-50 rounded-panel border border-line bg-panel p-2 shadow-2xl ${className}`}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
