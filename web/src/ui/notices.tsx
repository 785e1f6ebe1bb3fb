import { X } from "lucide-react";
import { create } from "zustand";
import { Button } from "./Button";

/** How long a notice stays; longer when there is something to do about it. */
const STAY_MS = 6000;
const STAY_TO_ACT_MS = 15000;

type Notice = {
  id: number;
  text: string;
  tone: "plain" | "alarm";
  action?: { label: string; run: () => void };
};

type Notices = {
  notices: Notice[];
  /** Open sheets: while there is one, it shows the notices, since all else is out of reach. */
  sheets: number;
};

const useNotices = create<Notices>(() => ({ notices: [], sheets: 0 }));
let count = 0;

/** Says something in passing, with one action to take if there is one. */
export function tell(text: string, options: Partial<Pick<Notice, "tone" | "action">> = {}): void {
  const notice: Notice = { id: ++count, text, tone: "plain", ...options };
  useNotices.setState(({ notices }) => ({ notices: [...notices, notice].slice(-3) }));
  setTimeout(() => drop(notice.id), options.action ? STAY_TO_ACT_MS : STAY_MS);
}

function drop(id: number): void {
  useNotices.setState(({ notices }) => ({ notices: notices.filter((one) => one.id !== id) }));
}

/** Takes the notices over while a sheet is open; call the result when it closes. */
export function sheetOpened(): () => void {
  useNotices.setState(({ sheets }) => ({ sheets: sheets + 1 }));
  return () => useNotices.setState(({ sheets }) => ({ sheets: sheets - 1 }));
}

export function Notices({ inSheet = false }: { inSheet?: boolean }) {
  const notices = useNotices((state) => state.notices);
  const sheets = useNotices((state) => state.sheets);
  if (sheets > 0 && !inSheet) return null;
  return (
    <ul
      aria-label="Notices"
      aria-live="polite"
      className={
        inSheet
          ? "mt-3 grid gap-2 empty:hidden"
          : "fixed bottom-4 left-1/2 z-40 grid w-[min(560px,calc(100vw-24px))] -translate-x-1/2 gap-2"
      }
    >
      {notices.map(({ id, text, tone, action }) => (
        <li
          key={id}
          className={`flex items-center gap-3 rounded-panel border py-1.5 pr-1.5 pl-4 text-sm shadow-xl ${tone === "alarm" ? "border-alarm bg-alarm-ground text-alarm" : "border-line bg-raised"}`}
        >
          <span className="flex-1">{text}</span>
          {action && (
            <Button
              look="outline"
              onClick={() => {
                drop(id);
                action.run();
              }}
            >
              {action.label}
            </Button>
          )}
          <Button aria-label="Dismiss" className="w-9 px-0" onClick={() => drop(id)}>
            <X size={16} />
          </Button>
        </li>
      ))}
    </ul>
  );
}
