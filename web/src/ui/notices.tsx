import { X } from "lucide-react";
import { Toast } from "radix-ui";
import { create } from "zustand";
import { Button } from "./Button";

type Notice = {
  id: number;
  text: string;
  tone: "plain" | "alarm";
  action?: { label: string; run: () => void };
};

const useNotices = create<{ notices: Notice[] }>(() => ({ notices: [] }));
let count = 0;

/** Says something in passing, with one action to take if there is one. */
export function tell(text: string, options: Partial<Pick<Notice, "tone" | "action">> = {}): void {
  const notice: Notice = { id: ++count, text, tone: "plain", ...options };
  useNotices.setState(({ notices }) => ({ notices: [...notices, notice].slice(-3) }));
}

function drop(id: number): void {
  useNotices.setState(({ notices }) => ({ notices: notices.filter((one) => one.id !== id) }));
}

export function Notices() {
  const notices = useNotices((state) => state.notices);
  return (
    <Toast.Provider swipeDirection="down" duration={9000} label="Notice">
      {notices.map(({ id, text, tone, action }) => (
        <Toast.Root
          key={id}
          onOpenChange={(open) => !open && drop(id)}
          className={`flex items-center gap-3 rounded-panel border px-4 py-2.5 shadow-xl ${tone === "alarm" ? "border-alarm bg-alarm-ground text-alarm" : "border-line bg-raised"}`}
        >
          <Toast.Description className="text-sm">{text}</Toast.Description>
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
      <Toast.Viewport className="fixed bottom-4 left-1/2 z-40 flex w-[min(560px,calc(100vw-24px))] -translate-x-1/2 flex-col gap-2 outline-none" />
    </Toast.Provider>
  );
}
