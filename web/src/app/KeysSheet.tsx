import { useQueryClient } from "@tanstack/react-query";
import { Button } from "../ui/Button";
import { Sheet } from "../ui/Sheet";
import { everyAction } from "./everyAction";
import { startTour } from "./tour";

/** Keys that mean something where the focus is. */
const WHERE: [keys: string, words: string][] = [
  ["Arrow keys", "on the light, a card or a grip: move it by 1 cm, with Shift by 10 cm"],
  ["↑ ↓", "in a number: one step, with Shift a large one"],
  ["Tab", "to the next thing"],
  ["Escape", "close, or give up what is typed"],
];

/** What every key does. */
export function KeysSheet({ onClose }: { onClose: () => void }) {
  const actions = everyAction(useQueryClient());
  const rows: [string, string][] = [
    ...actions.flatMap(({ keys, words }): [string, string][] => (keys ? [[keys, words]] : [])),
    ...WHERE,
  ];
  return (
    <Sheet open onClose={onClose} title="Keys" about="They work wherever nothing is being typed.">
      <dl
        tabIndex={0}
        className="mt-3 grid min-h-0 grid-cols-[auto_1fr] gap-x-5 gap-y-1.5 overflow-y-auto"
      >
        {rows.map(([keys, words]) => (
          <div key={keys} className="contents">
            <dt>
              <kbd className="rounded border border-edge/60 bg-raised px-1.5 py-0.5 text-sm">
                {keys}
              </kbd>
            </dt>
            <dd>{words}</dd>
          </div>
        ))}
      </dl>
      <Button
        look="outline"
        className="mt-4 justify-self-start"
        onClick={() => {
          onClose();
          startTour();
        }}
      >
        Show me round
      </Button>
    </Sheet>
  );
}
