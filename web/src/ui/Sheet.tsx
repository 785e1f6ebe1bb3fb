import { X } from "lucide-react";
import { Dialog } from "radix-ui";
import { type ReactNode, useEffect } from "react";
import { Button } from "./Button";
import { Notices, sheetOpened } from "./notices";

type Props = {
  open: boolean;
  onClose: () => void;
  title: string;
  about?: string;
  wide?: boolean;
  /** As wide and high as the page. */
  widest?: boolean;
  children: ReactNode;
};

/** A sheet laid over the table. */
export function Sheet({
  open,
  onClose,
  title,
  about,
  wide = false,
  widest = false,
  children,
}: Props) {
  useEffect(() => (open ? sheetOpened() : undefined), [open]);
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/60" />
        <Dialog.Content
          {...(about ? {} : { "aria-describedby": undefined })}
          className={`fixed left-1/2 z-20 flex ${size(wide, widest)} -translate-x-1/2 flex-col rounded-panel border border-line bg-panel p-5 shadow-2xl`}
        >
          <div className="flex items-start justify-between gap-4">
            <Dialog.Title className="font-semibold text-xl">{title}</Dialog.Title>
            <Dialog.Close asChild>
              <Button aria-label="Close" className="-mt-1 w-9 px-0">
                <X size={18} />
              </Button>
            </Dialog.Close>
          </div>
          {about && <Dialog.Description className="mt-1 text-soft">{about}</Dialog.Description>}
          {children}
          <Notices inSheet={onClose} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function size(wide: boolean, widest: boolean): string {
  if (widest) return "top-3 h-[calc(100vh-24px)] w-[calc(100vw-24px)]";
  return `top-[8vh] max-h-[84vh] ${wide ? "w-[min(1000px,calc(100vw-24px))]" : "w-[min(640px,calc(100vw-24px))]"}`;
}
