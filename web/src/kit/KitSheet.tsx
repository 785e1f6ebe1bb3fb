import { Download, FolderOpen, Pencil, Plus, Projector, Trash2 } from "lucide-react";
import { Tabs } from "radix-ui";
import { type ChangeEvent, useId, useRef, useState } from "react";
import kitSchema from "../../../docs/formats/zephyrdune-kit-4.schema.json";
import { api } from "../api/client";
import type { Kit, UsualSpreads } from "../api/types";
import { KindChoice } from "../fields/KindChoice";
import { ROOMS, WINDOWS } from "../fields/kinds";
import { PartFields } from "../fields/PartFields";
import { ORIGINS, ShaperFields } from "../light/ShaperFields";
import { DialFields, GelFields, SourceFields } from "../light/SourceFields";
import { attempt } from "../set/attempt";
import { OwnerProvider } from "../set/owner";
import { pathOf } from "../set/paths";
import { useSaid } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { Button, SymbolButton } from "../ui/Button";
import { Menu } from "../ui/Menu";
import { tell } from "../ui/notices";
import { Sheet } from "../ui/Sheet";
import { useReadyMade, useUsualSpreads } from "./readyMade";
import { type Piece, SHELVES, type Shelf } from "./shelves";
import { useKit } from "./store";
import { addPiece, withPiece } from "./use";

type SheetProps = { open: boolean; onClose: () => void; onWallTest: () => void };

/** Everything that is owned: add ready-made pieces, change them, put them on the table. */
export function KitSheet({ open, onClose, onWallTest }: SheetProps) {
  const said = useSaid();
  const kit = useKit((state) => state.kit);
  const problem = useKit((state) => state.problem);
  return (
    <Sheet open={open} onClose={onClose} title="Kit" wide>
      {kit ? (
        <OwnerProvider
          value={{
            value: kit,
            schema: kitSchema,
            refused: problem ? pathOf(problem.field) : null,
            change: useKit.getState().change,
          }}
        >
          {problem && (
            <p
              role="alert"
              data-testid="kit-problem"
              className="mt-2 rounded-md border border-alarm bg-alarm-ground p-2 text-alarm text-sm"
            >
              Not saved: {said(problem.detail)}.
            </p>
          )}
          <Shelves kit={kit} onUsed={onClose} onWallTest={onWallTest} />
        </OwnerProvider>
      ) : (
        <p className="py-6 text-soft">Fetching the kit …</p>
      )}
    </Sheet>
  );
}

type ShelvesProps = { kit: Kit; onUsed: () => void; onWallTest: () => void };

function Shelves({ kit, onUsed, onWallTest }: ShelvesProps) {
  return (
    <Tabs.Root defaultValue="sources" className="mt-2 flex min-h-0 flex-1 flex-col">
      <div className="flex flex-wrap items-center gap-1 border-line border-b">
        <Tabs.List aria-label="Shelves of the kit" className="flex flex-1">
          {(Object.keys(SHELVES) as Shelf[]).map((shelf) => (
            <Tabs.Trigger
              key={shelf}
              value={shelf}
              className="-mb-px h-10 border-transparent border-b-2 px-3 font-medium text-soft hover:text-ink data-[state=active]:border-sand data-[state=active]:text-ink max-sm:h-11 max-sm:px-2"
            >
              {SHELVES[shelf].title}{" "}
              <span className="text-xs" aria-hidden>
                {kit[shelf].length}
              </span>
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <KitFiles kit={kit} />
      </div>
      {(Object.keys(SHELVES) as Shelf[]).map((shelf) => (
        <Tabs.Content key={shelf} value={shelf} className="min-h-0 flex-1 overflow-y-auto pt-3">
          <div className="flex flex-wrap gap-2">
            <AddMenu shelf={shelf} />
            {shelf === "shapers" && (
              <Button look="outline" onClick={onWallTest}>
                <Projector size={16} aria-hidden /> Wall test
              </Button>
            )}
          </div>
          <ul className="mt-2" aria-label={SHELVES[shelf].title}>
            {kit[shelf].map((piece, i) => (
              <PieceRow
                // biome-ignore lint/suspicious/noArrayIndexKey: a piece's name changes while it is typed
                key={i}
                {...{ shelf, i, piece, onUsed }}
              />
            ))}
          </ul>
          {kit[shelf].length === 0 && (
            <p className="py-4 text-soft">
              No {SHELVES[shelf].title.toLowerCase()} yet. Add a ready-made one, and change its
              numbers to those of yours.
            </p>
          )}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}

/** The ready-made pieces of a shelf, to add. */
function AddMenu({ shelf }: { shelf: Shelf }) {
  const ready = useReadyMade();
  const one = SHELVES[shelf].one;
  return (
    <Menu
      align="start"
      name={`Ready-made ${SHELVES[shelf].title.toLowerCase()}`}
      className="max-h-[50vh] w-80 max-w-[90vw] overflow-y-auto"
      trigger={
        <Button look="outline">
          <Plus size={16} /> Add a {one}
        </Button>
      }
    >
      <ul>
        {((ready?.[shelf] ?? []) as Piece[]).map((piece) => (
          <li key={piece.name}>
            <Button className="w-full justify-start" onClick={() => addPiece(shelf, piece)}>
              {piece.name}
            </Button>
          </li>
        ))}
      </ul>
    </Menu>
  );
}

type RowProps = { shelf: Shelf; i: number; piece: Piece; onUsed: () => void };

function PieceRow({ shelf, i, piece, onUsed }: RowProps) {
  const [open, setOpen] = useState(false);
  const onTable = useTable((table) => table.set);
  const spreads = useUsualSpreads();
  const spread = (shelf in (spreads ?? {}) && spreads?.[shelf as keyof UsualSpreads][i]) || 0;
  const origin = "origin" in piece ? ORIGINS[piece.origin] : null;
  const use = () => {
    const { set, replace } = useTable.getState();
    if (!set) return;
    replace(withPiece(set, shelf, piece));
    onUsed();
    tell(`${piece.name}: on the table`, { action: takeBack() });
  };
  const remove = () => {
    const { kit, replace } = useKit.getState();
    if (!kit) return;
    setOpen(false);
    replace({ ...kit, [shelf]: kit[shelf].filter((_, at) => at !== i) } as Kit);
    tell(`Taken out of the kit: ${piece.name}. Sets that use it keep it`, {
      action: { label: "Put it back", run: () => addPiece(shelf, piece) },
    });
  };
  return (
    <li className="border-line border-b py-1">
      <div className="flex min-h-11 items-center gap-1">
        <span className="min-w-0 flex-1 px-1">
          <span className="block truncate font-medium">{piece.name}</span>
          {origin && (
            <span className="text-soft text-xs">
              {origin}
              {spread > 0 && `; yours may lie ${spread.toFixed(1)} stop off`}
            </span>
          )}
        </span>
        {onTable && (
          <Button look="outline" aria-label={`Put ${piece.name} on the table`} onClick={use}>
            Use
          </Button>
        )}
        <SymbolButton
          name={`Change ${piece.name}`}
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <Pencil size={16} />
        </SymbolButton>
        <SymbolButton name={`Take ${piece.name} out of the kit`} onClick={remove}>
          <Trash2 size={16} />
        </SymbolButton>
      </div>
      {open && (
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 rounded-md bg-ground p-3 sm:grid-cols-3">
          <NameField path={`${shelf}.${i}.name`} name={piece.name} />
          <PieceFields shelf={shelf} at={`${shelf}.${i}`} />
        </div>
      )}
    </li>
  );
}

function NameField({ path, name }: { path: string; name: string }) {
  const id = useId();
  return (
    <div className="col-span-full">
      <label htmlFor={id} className="block text-soft text-xs">
        Name
      </label>
      <input
        id={id}
        value={name}
        maxLength={60}
        autoComplete="off"
        data-testid={path}
        onChange={(event) => useKit.getState().change(path, event.target.value)}
        className="mt-0.5 h-9 w-full rounded-md border border-edge/60 bg-raised px-2.5 font-medium max-sm:h-11"
      />
    </div>
  );
}

function PieceFields({ shelf, at }: { shelf: Shelf; at: string }) {
  switch (shelf) {
    case "sources":
      return (
        <>
          <SourceFields at={`${at}.source`} />
          <DialFields at={`${at}.source.dial`} />
        </>
      );
    case "shapers":
      return <ShaperFields at={at} />;
    case "gels":
      return <GelFields at={`${at}.gel`} />;
    case "boards":
      return <PartFields path={at} />;
    case "places":
      return (
        <>
          <KindChoice path={`${at}.room`} label="Walls" kinds={ROOMS} />
          <PartFields path={`${at}.room`} />
          <PartFields path={`${at}.ambient`} />
          <KindChoice path={`${at}.ambient.window`} label="Window" kinds={WINDOWS} />
          <PartFields path={`${at}.ambient.window`} />
        </>
      );
  }
}

/** The kit as a file, out and in. */
function KitFiles({ kit }: { kit: Kit }) {
  const picker = useRef<HTMLInputElement>(null);
  const write = () => {
    const link = document.createElement("a");
    const text = `${JSON.stringify(kit, null, 2)}\n`;
    link.href = URL.createObjectURL(new Blob([text], { type: "application/json" }));
    link.download = "kit.json";
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  };
  const read = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = "";
    if (!file) return;
    const opened = await attempt(() => api.openKitFile(file));
    if (!opened) return;
    const before = useKit.getState().kit;
    useKit.getState().replace(opened);
    tell("The kit of that file is yours now", {
      action: {
        label: "Take it back",
        run: () => before && useKit.getState().replace(before),
        expires: (gone) => useKit.subscribe(({ kit }) => kit !== opened && gone()),
      },
    });
  };
  return (
    <>
      <input
        ref={picker}
        type="file"
        accept=".json,application/json"
        aria-label="Kit file"
        className="hidden"
        onChange={(event) => void read(event)}
      />
      <SymbolButton name="Open a kit file" onClick={() => picker.current?.click()}>
        <FolderOpen size={16} />
      </SymbolButton>
      <SymbolButton name="Download the kit as a file" onClick={write}>
        <Download size={16} />
      </SymbolButton>
    </>
  );
}
