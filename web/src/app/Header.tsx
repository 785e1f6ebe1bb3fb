import { useQueryClient } from "@tanstack/react-query";
import {
  Backpack,
  BookOpen,
  CalendarClock,
  ClipboardCheck,
  Download,
  Eye,
  LayoutList,
  Moon,
  Redo2,
  Ruler,
  Save,
  Search,
  Sun,
  Undo2,
} from "lucide-react";
import { lazy, Suspense } from "react";
import { startNewSet } from "../kit/newSetOpen";
import { download } from "../set/files";
import { usePreferences } from "../set/preferences";
import { isChanged, useTable } from "../set/store";
import { setActions } from "../sets/actions";
import { Button, SymbolButton } from "../ui/Button";
import { Mark } from "../ui/Mark";
import { goToTheStand, openSheet, useSheets } from "./sheets";

const KitSheet = lazy(() =>
  import("../kit/KitSheet").then(({ KitSheet }) => ({ default: KitSheet })),
);
const WallSheet = lazy(() =>
  import("../kit/wall/WallSheet").then(({ WallSheet }) => ({ default: WallSheet })),
);
const SetsSheet = lazy(() =>
  import("../sets/SetsSheet").then(({ SetsSheet }) => ({ default: SetsSheet })),
);

const LooksSheet = lazy(() =>
  import("../looks/LooksSheet").then(({ LooksSheet }) => ({ default: LooksSheet })),
);

const Find = lazy(() => import("./Find").then(({ Find }) => ({ default: Find })));
const KeysSheet = lazy(() =>
  import("./KeysSheet").then(({ KeysSheet }) => ({ default: KeysSheet })),
);

export function Header() {
  const set = useTable((table) => table.set);
  const changed = useTable(isChanged);
  const undoable = useTable((table) => table.past.length > 0);
  const redoable = useTable((table) => table.future.length > 0);
  const { theme, lengthUnit, setTheme, setLengthUnit } = usePreferences();
  const sheet = useSheets(({ open }) => open);
  const close = () => openSheet(null);
  const actions = setActions(useQueryClient());
  const { undo, redo } = useTable.getState();
  return (
    <header className="flex min-h-13 items-center gap-x-1 px-3 max-sm:gap-x-0 max-sm:px-2">
      <div className="mr-2 flex items-center gap-2 max-sm:sr-only">
        <Mark />
        <span className="font-bold text-[17px] tracking-tight">Zephyrdune</span>
      </div>
      <Button look="outline" className="max-sm:w-11 max-sm:px-0" onClick={() => openSheet("sets")}>
        <LayoutList size={16} /> <span className="max-lg:sr-only">Sets</span>
      </Button>
      <Button look="outline" className="max-sm:w-11 max-sm:px-0" onClick={() => openSheet("kit")}>
        <Backpack size={16} /> <span className="max-lg:sr-only">Kit</span>
      </Button>
      <Button
        look="outline"
        className="max-sm:w-11 max-sm:px-0"
        data-testid="look"
        onClick={() => openSheet("looks")}
      >
        <Eye size={16} /> <span className="max-lg:sr-only">Looks</span>
      </Button>
      <a
        href="#/shoots"
        className="inline-flex h-9 items-center justify-center gap-2 rounded-md border border-edge/60 px-3 hover:bg-raised max-sm:hidden"
      >
        <CalendarClock size={16} /> <span className="max-lg:sr-only">Shoots</span>
      </a>
      <a
        href="#/log"
        className="inline-flex h-9 items-center justify-center gap-2 rounded-md border border-edge/60 px-3 hover:bg-raised max-sm:hidden"
      >
        <BookOpen size={16} /> <span className="max-lg:sr-only">Log</span>
      </a>
      {set && (
        <h1 className="mx-2 min-w-0 truncate font-semibold text-base max-sm:mx-1 max-sm:text-sm">
          {set.title}
          <span
            className="ml-2 font-normal text-soft text-xs max-sm:sr-only"
            data-testid="save-state"
          >
            {changed ? "not saved yet" : "saved"}
          </span>
        </h1>
      )}
      <span className="flex-1" />
      <SymbolButton name="Find an action" keys="/" onClick={() => openSheet("find")}>
        <Search size={17} />
      </SymbolButton>
      <SymbolButton name="Undo" keys="Ctrl+Z" disabled={!undoable} onClick={undo}>
        <Undo2 size={17} />
      </SymbolButton>
      <SymbolButton name="Redo" keys="Ctrl+Shift+Z" disabled={!redoable} onClick={redo}>
        <Redo2 size={17} />
      </SymbolButton>
      <SymbolButton
        name="Download as a file"
        className="w-9 px-0 max-sm:hidden"
        disabled={!set}
        onClick={() => set && download(set)}
      >
        <Download size={17} />
      </SymbolButton>
      <SymbolButton
        name="At the stand: what to measure and set"
        className="w-9 px-0 max-sm:hidden"
        disabled={!set}
        onClick={goToTheStand}
      >
        <ClipboardCheck size={17} />
      </SymbolButton>
      <SymbolButton
        name={lengthUnit === "cm" ? "Show inches" : "Show centimetres"}
        className="w-auto gap-1.5 px-2 max-sm:hidden"
        onClick={() => setLengthUnit(lengthUnit === "cm" ? "in" : "cm")}
      >
        <Ruler size={17} />
        <span className="w-5 text-left">{lengthUnit}</span>
      </SymbolButton>
      <SymbolButton
        name={theme === "dark" ? "Light theme" : "Dark theme"}
        className="w-9 px-0 max-sm:hidden"
        onClick={() => setTheme(theme === "dark" ? "light" : "dark")}
      >
        {theme === "dark" ? <Sun size={17} /> : <Moon size={17} />}
      </SymbolButton>
      <Button
        look="strong"
        className="max-sm:w-11 max-sm:px-0"
        disabled={!changed}
        onClick={() => void actions.save()}
      >
        <Save size={16} /> <span className="max-sm:sr-only">Save</span>
      </Button>
      <Suspense fallback={null}>
        {sheet === "kit" && <KitSheet open onClose={close} onWallTest={() => openSheet("wall")} />}
        {sheet === "wall" && <WallSheet onClose={close} />}
        {sheet === "looks" && <LooksSheet open onClose={close} />}
        {sheet === "sets" && <SetsSheet open onClose={close} onNew={startNewSet} />}
        {sheet === "find" && <Find onClose={close} />}
        {sheet === "keys" && <KeysSheet onClose={close} />}
      </Suspense>
    </header>
  );
}
