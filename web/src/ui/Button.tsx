import { Tooltip } from "radix-ui";
import type { ButtonHTMLAttributes, ReactNode } from "react";

type Props = ButtonHTMLAttributes<HTMLButtonElement> & { look?: "plain" | "strong" | "outline" };

const LOOKS = {
  plain: "hover:bg-raised disabled:opacity-40",
  outline: "border border-edge/60 hover:bg-raised disabled:opacity-40",
  strong:
    "bg-sand text-on-sand font-semibold hover:brightness-110 disabled:bg-raised disabled:text-soft",
};

export function Button({ look = "plain", className = "", ...rest }: Props) {
  return (
    <button
      type="button"
      className={`inline-flex h-9 items-center justify-center gap-2 whitespace-nowrap rounded-md px-3 text-sm max-sm:h-11 [&>svg]:shrink-0 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}

/** A button that shows only a symbol; its name appears when it is pointed at. */
export function SymbolButton(props: Props & { name: string; keys?: string; children: ReactNode }) {
  const { name, keys, children, ...rest } = props;
  return (
    <Tooltip.Root>
      <Tooltip.Trigger asChild>
        <Button aria-label={name} className="w-9 px-0 max-sm:w-11" {...rest}>
          {children}
        </Button>
      </Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          sideOffset={4}
          className="z-30 rounded bg-ink px-2 py-1 text-ground text-xs"
        >
          {name}
          {keys && <span className="ml-2 opacity-70">{keys}</span>}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
