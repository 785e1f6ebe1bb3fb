import { X } from "lucide-react";
import { Toast } from "radix-ui";
import { create } from "zustand";
import { Button } from "./Button";

/** How long a notice stays unless it is pointed at or has the focus; one with something to do stays as long as that can be done. */
const STAY_MS = 6000;
const MOST = 3;

export type Action = {
  label: string;
  run: () => void;
  /** Calls back once it can be done no more; returns what ends the listening. */
  expires?: (gone: () => void) => () => void;
};

type Notice = {
  id: number;
  text: string;
  tone: "plain" | "alarm";
  action?: Action;
};

type Notices = {
  notices: Notice[];
  /** Open sheets: while there is one, it shows the notices, since all else is out of reach. */
  sheets: number;
};

const useNotices = create<Notices>(() => ({ notices: [], sheets: 0 }));
let count = 0;

/** Says something in passing, with one action to take if there is one; call the result to take it down. */
export function tell(
  text: string,
  options: Partial<Pick<Notice, "tone" | "action">> = {},
): () => void {
  const notice: Notice = { id: ++count, text, tone: "plain", ...options };
  useNotices.setState(({ notices }) => ({ notices: [...notices, notice].slice(-MOST) }));
  const stop = notice.action?.expires?.(() => {
    stop?.();
    drop(notice.id);
  });
  return () => drop(notice.id);
}

function drop(id: number): void {
  useNotices.setState(({ notices }) => ({ notices: notices.filter((one) => one.id !== id) }));
}

/** Takes the notices over while a sheet is open; call the result when it closes. */
export function sheetOpened(): () => void {
  useNotices.setState(({ sheets }) => ({ sheets: sheets + 1 }));
  return () => useNotices.setState(({ sheets }) => ({ sheets: sheets - 1 }));
}

type Props = {
  /** Whether it stands in a sheet, and what closes that: Escape is for the sheet then, not for a notice. */
  inSheet?: () => void;
  /** Whether it stands at the foot of the picture, clear of tools and tiles. */
  inPicture?: boolean;
};

export function Notices({ inSheet, inPicture = false }: Props) {
  const notices = useNotices((state) => state.notices);
  const sheets = useNotices((state) => state.sheets);
  if (sheets > 0 && !inSheet) return null;
  return (
    <Toast.Provider swipeDirection="right" duration={STAY_MS} label="Notice">
      {notices.map(({ id, text, tone, action }) => (
        <Toast.Root
          key={id}
          data-testid="notice"
          duration={action ? Number.POSITIVE_INFINITY : STAY_MS}
          onEscapeKeyDown={(event) => {
            if (!inSheet) return;
            event.preventDefault();
            inSheet();
          }}
          onOpenChange={(open) => !open && drop(id)}
          className={`flex items-center gap-3 rounded-panel border py-1.5 pr-1.5 pl-4 text-sm shadow-xl ${tone === "alarm" ? "border-alarm bg-alarm-ground text-alarm" : "border-line bg-raised"}`}
        >
          <Toast.Description className="flex-1">{text}</Toast.Description>
          {action && (
            <Toast.Action altText={action.label} asChild>
              <Button look="outline" onClick={action.run}>
                {action.label}
              </Button>
            </Toast.Action>
          )}
          <Toast.Close asChild>
            <Button aria-label="Dismiss" className="w-9 px-0">
              <X size={16} />
            </Button>
          </Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport
        label="Notices ({hotkey})"
        className={
          inSheet
            ? "mt-3 grid gap-2 empty:hidden"
            : `${inPicture ? "absolute bottom-10 w-[min(560px,calc(100%-24px))]" : "fixed bottom-4 w-[min(560px,calc(100vw-24px))]"} left-1/2 z-40 grid -translate-x-1/2 gap-2 outline-none`
        }
      />
    </Toast.Provider>
  );
}
