import { useQuery } from "@tanstack/react-query";
import { FolderOpen, Undo2 } from "lucide-react";
import { api } from "../../api/client";
import type { NamedLook, PhotographAnswer } from "../../api/types";
import { Button } from "../../ui/Button";
import { FilePick, usePicker } from "../../ui/FilePick";
import { Sheet } from "../../ui/Sheet";
import { KeptPhotographs } from "./KeptPhotographs";
import { KEPT } from "./kept";
import { MarkedPicture } from "./MarkedPicture";
import { ReadLines } from "./ReadLines";
import { openFile, undo, usePhotograph, withPhotograph } from "./store";
import { TableFields } from "./TableFields";
import { Tools } from "./Tools";
import { UseLook } from "./UseLook";

type Props = {
  open: boolean;
  onClose: () => void;
  /** Gives a look to the set on the table. */
  onLook: (look: NamedLook) => void;
  /** The same, and looks for placements. */
  onSearch: (look: NamedLook) => void;
};

/** The light read from a photograph, by marks on it. */
export function PhotographSheet({ open, onClose, onLook, onSearch }: Props) {
  const photograph = usePhotograph((state) => state.photograph);
  const past = usePhotograph((state) => state.past.length + state.pending.length);
  const picker = usePicker();
  const reading = useReading();
  const kept = useQuery({ queryKey: KEPT, queryFn: api.keptPhotographs });
  return (
    <Sheet
      open={open}
      onClose={onClose}
      title="Light from a photograph"
      about="Mark how the table lies, then something upright with its shadow. Nothing leaves this machine; a photograph is kept only if you keep it."
      widest
    >
      <FilePick
        picker={picker}
        accept="image/jpeg,image/png,image/tiff"
        label="Photograph"
        testId="photograph-file"
        onFile={(file) => void openFile(file)}
      />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Button look={photograph ? "outline" : "strong"} onClick={() => picker.current?.click()}>
          <FolderOpen size={15} aria-hidden /> Open a photograph
        </Button>
        {photograph && (
          <Button disabled={past === 0} onClick={undo}>
            <Undo2 size={15} aria-hidden /> Undo the last mark
          </Button>
        )}
        {photograph && <p className="min-w-0 flex-1 truncate text-soft">{photograph.title}</p>}
      </div>
      {photograph ? (
        <div className="mt-2 min-h-0 flex-1 gap-4 overflow-y-auto max-md:[&>*+*]:mt-3 md:grid md:grid-cols-[minmax(0,1fr)_22rem] md:overflow-hidden">
          <MarkedPicture photograph={photograph} reading={reading} />
          <div className="min-h-0 md:overflow-y-auto md:pr-1">
            <Tools />
            <TableFields />
            <ReadLines reading={reading} />
            <UseLook {...{ onClose, onLook, onSearch }} />
            <KeptPhotographs kept={kept.data ?? []} {...{ onLook }} />
          </div>
        </div>
      ) : (
        <div className="mt-3 min-h-0 overflow-y-auto">
          <p className="rounded-panel bg-ground p-4 text-soft">
            A photograph somebody shows you, or last season's: JPEG, PNG or TIFF. Good to read are a
            round plate or a sheet of paper on the table, something upright with its shadow in view,
            and the lens it was taken with, which the file mostly says.
          </p>
          <KeptPhotographs kept={kept.data ?? []} {...{ onLook }} />
        </div>
      )}
    </Sheet>
  );
}

/** What the open photograph tells by its marks; as long as newer marks are read, what the older ones told. */
function useReading(): PhotographAnswer | undefined {
  const { photograph, marks } = usePhotograph();
  const answer = useQuery({
    queryKey: ["photograph-reading", photograph?.id, marks],
    queryFn: ({ signal }) => withPhotograph((id) => api.readPhotograph(id, marks, signal)),
    enabled: photograph !== null,
    placeholderData: (before) => before,
    gcTime: 0,
  });
  return answer.data;
}
