import { Bookmark, FolderOpen, ImageUp, Trash2 } from "lucide-react";
import { type ChangeEvent, useRef, useState } from "react";
import { api } from "../api/client";
import type { Look, NamedLook } from "../api/types";
import { attempt, attemptLong } from "../set/attempt";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { Button, SymbolButton } from "../ui/Button";
import { tell } from "../ui/notices";
import { Sheet } from "../ui/Sheet";
import { Advice } from "./Advice";
import { LookBands } from "./LookBands";
import { freeTitle, useLookbook, useReadyLooks } from "./lookbook";
import { PhotographSheet } from "./photograph/PhotographSheet";
import { SearchPanel } from "./SearchPanel";
import { useBeginSearch } from "./search";

/** What the picture is meant to look like: chosen for the set on the table, changed, and kept. */
export function LooksSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const set = useTable((table) => table.set);
  const ready = useReadyLooks();
  const { looks: own, change } = useLookbook();
  const look = set?.look.kind === "named-look" ? set.look : null;
  const [reading, setReading] = useState(false);
  const begin = useBeginSearch();
  if (reading) {
    const given = (read: NamedLook) => {
      put(read);
      setReading(false);
    };
    return (
      <PhotographSheet
        open={open}
        onClose={onClose}
        onLook={given}
        onSearch={(read) => {
          given(read);
          void begin?.();
        }}
      />
    );
  }
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Looks"
      about="A look says what the picture is meant to be. Readings then say how far off they are, and the next move is looked for."
      wide
    >
      <div className="mt-3 min-h-0 flex-1 overflow-y-auto max-md:[&>*+*]:mt-4 md:grid md:grid-cols-[minmax(0,5fr)_minmax(0,6fr)] md:gap-4 md:overflow-hidden">
        <div className="min-h-0 md:overflow-y-auto md:pr-1">
          <Button look="outline" className="mb-2 w-full" onClick={() => setReading(true)}>
            <ImageUp size={15} aria-hidden /> Read the light from a photograph
          </Button>
          <OwnLooks own={own} change={change} />
          <Choices title="Usual looks" looks={ready} now={look} />
          {set && (
            <Button
              look="outline"
              className="mt-3 w-full"
              disabled={look === null}
              onClick={() => put({ kind: "no-look" })}
            >
              No look for this set
            </Button>
          )}
        </div>
        <div className="min-h-0 md:overflow-y-auto">
          {look ? (
            <LookBands look={look} onKeep={() => keep(look, own, change)} />
          ) : (
            <p className="rounded-panel bg-ground p-4 text-soft">
              {set
                ? "This set has no look. Choose one: its bands stand here, each to be changed."
                : "Open a set to give it a look."}
            </p>
          )}
          {look && <SearchPanel onTried={onClose} />}
          <Advice />
        </div>
      </div>
    </Sheet>
  );
}

type Change = ReturnType<typeof useLookbook>["change"];

/** Gives the set on the table a look, as a step that can be undone. */
function put(look: Look): void {
  const { set, change } = useTable.getState();
  if (!set) return;
  change("look", look);
  tell(look.kind === "named-look" ? `The look is “${look.title}” now` : "The set has no look now", {
    action: takeBack(),
  });
}

async function keep(look: NamedLook, own: NamedLook[], change: Change): Promise<void> {
  const title = freeTitle(look.title, own);
  const stored = await change((looks) => [...looks, { ...look, title: freeTitle(title, looks) }]);
  if (stored) tell(`“${title}” is among your looks now`);
}

type ChoicesProps = {
  title: string;
  looks: NamedLook[];
  now: NamedLook | null;
  onRemove?: (look: NamedLook) => void;
};

function Choices({ title, looks, now, onRemove }: ChoicesProps) {
  const set = useTable((table) => table.set);
  return (
    <section aria-label={title} className="mt-3 first:mt-0">
      <h3 className="mb-1 font-semibold text-soft text-xs">{title}</h3>
      <ul className="grid gap-1">
        {looks.map((look) => (
          <li key={look.title} className="flex items-stretch gap-1">
            <button
              type="button"
              disabled={!set}
              aria-pressed={now?.title === look.title}
              onClick={() => put(look)}
              className="min-h-11 min-w-0 flex-1 rounded-md border border-transparent px-2.5 py-1.5 text-left hover:bg-raised aria-pressed:border-sand"
            >
              <span className="block font-medium">{look.title}</span>
              <span className="block text-soft text-xs leading-snug">{look.why}</span>
              <span className="block text-soft text-xs leading-snug">For: {look.use}</span>
            </button>
            {onRemove && (
              <SymbolButton name={`Remove ${look.title}`} onClick={() => onRemove(look)}>
                <Trash2 size={16} />
              </SymbolButton>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function OwnLooks({ own, change }: { own: NamedLook[]; change: Change }) {
  const set = useTable((table) => table.possible);
  const now = useTable(({ set: onTable }) =>
    onTable?.look.kind === "named-look" ? onTable.look : null,
  );
  const [title, setTitle] = useState("");
  const picker = useRef<HTMLInputElement>(null);
  const remove = async (look: NamedLook) => {
    const stored = await change((looks) => looks.filter((other) => other.title !== look.title));
    if (!stored) return;
    tell(`Removed: “${look.title}”. Sets that have it keep it`, {
      action: { label: "Put it back", run: () => void change((looks) => [...looks, look]) },
    });
  };
  const ofSet = async () => {
    if (!set) return;
    const wanted = freeTitle(title.trim() || "Our look", own);
    const made = await attemptLong("Reading the set …", (stop) => api.ownLook(set, wanted, stop));
    const look = made?.looks[0];
    if (!look) return;
    const stored = await change((looks) => [...looks, look]);
    if (!stored) return;
    setTitle("");
    put(look);
  };
  const read = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = "";
    const opened = file && (await attempt(() => api.openLookbookFile(file)));
    if (!opened) return;
    const stored = await change((looks) => {
      const all = [...looks];
      for (const look of opened.looks) all.push({ ...look, title: freeTitle(look.title, all) });
      return all;
    });
    if (stored) tell(`${opened.looks.length} more among your looks`);
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-1">
        <input
          value={title}
          maxLength={60}
          autoComplete="off"
          placeholder="Our look"
          aria-label="Name of a look of your own"
          onChange={(event) => setTitle(event.target.value)}
          className="h-9 min-w-0 flex-1 rounded-md border border-edge/60 bg-raised px-2.5 max-sm:h-11"
        />
        <Button look="outline" disabled={!set} onClick={() => void ofSet()}>
          <Bookmark size={15} aria-hidden /> Make it of this set
        </Button>
        <input
          ref={picker}
          type="file"
          accept=".json,application/json"
          aria-label="Lookbook file"
          className="hidden"
          onChange={(event) => void read(event)}
        />
        <SymbolButton name="Open a lookbook file" onClick={() => picker.current?.click()}>
          <FolderOpen size={16} />
        </SymbolButton>
      </div>
      {own.length > 0 && (
        <Choices title="Your looks" looks={own} now={now} onRemove={(look) => void remove(look)} />
      )}
    </>
  );
}
