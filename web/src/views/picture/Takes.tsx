import { Images, Trash2, Undo2 } from "lucide-react";
import { Popover } from "radix-ui";
import type { Way } from "../../frames/frames";
import { useTable } from "../../set/store";
import { useView } from "../../set/view";
import { Button } from "../../ui/Button";
import { FilePick, usePicker } from "../../ui/FilePick";
import { Menu } from "../../ui/Menu";
import { KeepSteps } from "./KeepSteps";
import {
  compare,
  deleteTake,
  keepShown,
  openTakes,
  pictureOf,
  renameTake,
  saveTakes,
  type Take,
  useTakes,
} from "./takes";

const WAYS: { way: Exclude<Way, "lay">; label: string }[] = [
  { way: "flip", label: "Flip" },
  { way: "split", label: "Split" },
  { way: "side", label: "Side by side" },
  { way: "difference", label: "Difference" },
];

/** The kept states of this set, to compare and to bring back. */
export function Takes() {
  const takes = useTakes((state) => state.takes);
  const picker = usePicker();
  return (
    <Menu
      name="Takes"
      align="end"
      className="max-h-[70vh] w-[min(430px,calc(100vw-16px))] overflow-y-auto"
      trigger={
        <Button className="h-8 gap-1.5 px-1.5 max-sm:h-11" data-testid="takes">
          <Images size={15} aria-hidden /> Takes{" "}
          <span className="w-3 text-left text-soft text-xs">
            {takes.length > 0 && takes.length}
          </span>
        </Button>
      }
    >
      <div className="flex items-center justify-between gap-2">
        <p className="text-soft text-sm">
          {takes.length === 0
            ? "Keep a take, change something, and compare the two."
            : "Kept with this set."}
        </p>
        <Button look="outline" className="shrink-0" onClick={() => void keepShown()}>
          Keep a take <kbd className="text-soft text-xs">T</kbd>
        </Button>
      </div>
      <KeepSteps />
      <div className="mt-2 grid grid-cols-2 gap-2">
        <FilePick
          picker={picker}
          accept=".json,application/json"
          label="File of takes"
          testId="takes-file"
          onFile={(file) => void openTakes(file)}
        />
        <Button look="outline" disabled={takes.length === 0} onClick={() => void saveTakes()}>
          Save as a file
        </Button>
        <Button look="outline" onClick={() => picker.current?.click()}>
          Open a file
        </Button>
      </div>
      <ul className="mt-2 grid grid-cols-[minmax(0,1fr)] gap-2">
        {takes.map((take) => (
          <li key={take.id} className="flex gap-2.5 rounded-md bg-raised p-2">
            <Thumbnail take={take} />
            <div className="min-w-0 flex-1">
              <div className="flex items-center gap-1">
                <input
                  aria-label="Name of the take"
                  value={take.name}
                  maxLength={60}
                  onChange={(event) => renameTake(take.id, event.target.value)}
                  className="h-8 min-w-0 flex-1 rounded border border-transparent bg-transparent px-1 font-medium hover:border-edge/60 focus:border-sand"
                />
                <Button
                  aria-label={`Put ${take.name} back on the table`}
                  className="w-9 px-0"
                  onClick={() => {
                    useTable.getState().replace(take.set);
                    useView.setState({ off: take.off });
                  }}
                >
                  <Undo2 size={15} />
                </Button>
                <Button
                  aria-label={`Delete ${take.name}`}
                  className="w-9 px-0"
                  onClick={() => void deleteTake(take)}
                >
                  <Trash2 size={15} />
                </Button>
              </div>
              {take.about && <p className="px-1 pb-1 text-soft text-xs">{take.about}</p>}
              <div className="flex flex-wrap gap-1">
                {WAYS.map(({ way, label }) => (
                  <Popover.Close asChild key={way}>
                    <Button
                      look="outline"
                      className="h-8 px-2 text-xs"
                      onClick={() => compare({ take: take.id, way })}
                    >
                      {label}
                    </Button>
                  </Popover.Close>
                ))}
              </div>
            </div>
          </li>
        ))}
      </ul>
    </Menu>
  );
}

/** A take's picture; before there is one, and while it is rough, that is said. */
function Thumbnail({ take }: { take: Take }) {
  const picture = pictureOf(take);
  return (
    <div className="relative h-16 w-24 shrink-0 overflow-hidden rounded bg-surround">
      {picture && <img src={picture} alt="" className="size-full object-cover" />}
      {take.picture !== "FINE" && (
        <span className="absolute inset-x-0 bottom-0 bg-ground/85 px-1 text-center text-[11px] text-soft">
          {picture ? "sharpening …" : "drawing …"}
        </span>
      )}
    </div>
  );
}
