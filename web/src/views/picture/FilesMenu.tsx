import { Download } from "lucide-react";
import { useState } from "react";
import { api } from "../../api/client";
import type { PictureFileKind, TableSet } from "../../api/types";
import { attemptLong } from "../../set/attempt";
import { downloadModel, keep } from "../../set/files";
import { useLength } from "../../set/preferences";
import { useTable } from "../../set/store";
import { useView } from "../../set/view";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";

const FILES: { kind: PictureFileKind; label: string; ending: string }[] = [
  { kind: "PNG", label: "PNG, 8 bits", ending: "png" },
  { kind: "DEEP_PNG", label: "PNG, 16 bits", ending: "16.png" },
  { kind: "RADIANCE", label: "Linear, Radiance HDR", ending: "hdr" },
  { kind: "LAYERS", label: "Every layer, linear, in a ZIP", ending: "layers.zip" },
  { kind: "SET_SHEET", label: "Set sheet to build it up by, PDF", ending: "sheet.pdf" },
];

const WIDTHS = [900, 1600, 2400];
const LOOK_MS = 700;

/** Addresses that no phone can open. */
const THIS_MACHINE = /^(localhost|127\.|\[::1\])/;

const standAddress = (id: string) => `${location.origin}/#/stand/${id}`;

/** The picture as a file, at a size of one's choice; it says how far it is and can be stopped. */
export function FilesMenu({ set }: { set: TableSet }) {
  const { unit } = useLength();
  const id = useTable((table) => table.id);
  const [width, setWidth] = useState(WIDTHS[0] ?? 900);
  const [busy, setBusy] = useState<{ kind: PictureFileKind; share: number } | null>(null);
  const write = async (kind: PictureFileKind, ending: string) => {
    const name = crypto.randomUUID();
    setBusy({ kind, share: 0 });
    const looking = setInterval(() => {
      api.pictureProgress(name).then(
        ({ share }) => share !== null && setBusy({ kind, share }),
        () => undefined,
      );
    }, LOOK_MS);
    const file = await attemptLong("Tracing the picture to the end …", (signal) =>
      api.pictureFile(kind, set, useView.getState().off, {
        width,
        name,
        rollOff: useView.getState().rollOff,
        inches: unit === "in",
        address: id && !THIS_MACHINE.test(location.hostname) ? standAddress(id) : "",
        signal,
      }),
    );
    clearInterval(looking);
    if (file) keep(file, set, ending);
    setBusy(null);
  };
  return (
    <Menu
      name="Picture as a file"
      align="end"
      className="grid w-64 gap-1"
      trigger={
        <Button
          aria-label="Picture as a file"
          className="h-8 w-9 shrink-0 px-0 max-sm:h-11 max-sm:w-11"
        >
          <Download size={15} />
        </Button>
      }
    >
      <label className="flex items-center justify-between gap-2 px-2 pb-1 text-sm">
        Width, pixels
        <select
          value={width}
          onChange={(event) => setWidth(Number(event.target.value))}
          data-testid="file-width"
          className="h-8 rounded-md border border-edge/60 bg-raised px-1.5 max-sm:h-11"
        >
          {WIDTHS.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      {FILES.map(({ kind, label, ending }) => (
        <Button
          key={kind}
          className="justify-start"
          disabled={busy !== null}
          onClick={() => void write(kind, ending)}
        >
          {busy?.kind === kind ? `${label}: ${Math.round(100 * busy.share)} %` : label}
        </Button>
      ))}
      <Button className="justify-start" onClick={() => void downloadModel(set)}>
        The set in 3D, glTF
      </Button>
    </Menu>
  );
}
