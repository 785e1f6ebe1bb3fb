import { useQueryClient } from "@tanstack/react-query";
import { Camera, FolderSync, Square } from "lucide-react";
import { type FormEvent, useState } from "react";
import { api } from "../api/client";
import type { PictureStyle, TetherStatus } from "../api/types";
import { attempt, attemptLong } from "../set/attempt";
import { PRACTICE_KIT } from "../set/practice";
import { useTable } from "../set/store";
import { Button } from "../ui/Button";
import { TextInput } from "../ui/TextInput";
import { fires } from "./frames";
import { TETHER, useComesIn, useTether } from "./tether";

/** Frames of a bracket. */
const BRACKET = 5;

/** Where frames come from: a folder that a camera writes into, or the camera to practise with. */
export function ComingIn() {
  const id = useTable((table) => table.id);
  const tether = useTether();
  const comesIn = useComesIn();
  const queries = useQueryClient();
  const [folder, setFolder] = useState("");
  const done = (status: TetherStatus | undefined) => {
    if (status) queries.setQueryData(TETHER, status);
  };
  const watch = async (event: FormEvent) => {
    event.preventDefault();
    if (id) done(await attempt(() => api.watchFolder(id, folder)));
  };
  if (!tether) return null;
  if (comesIn)
    return <Watched tether={tether} onStop={async () => done(await attempt(api.stopWatching))} />;
  return (
    <>
      <form className="flex min-w-0 flex-1 items-center gap-2 max-sm:basis-full" onSubmit={watch}>
        <TextInput
          label="Folder that the camera writes into"
          placeholder="/home/…/folder the camera writes into"
          value={folder}
          onChange={setFolder}
        />
        <Button type="submit" look="outline" disabled={folder.trim() === ""}>
          <FolderSync size={15} aria-hidden /> Watch it
        </Button>
      </form>
      <Button
        look="outline"
        onClick={async () => id && done(await attempt(() => api.practise(id)))}
      >
        <Camera size={15} aria-hidden /> Practise without a camera
      </Button>
    </>
  );
}

function Watched({ tether, onStop }: { tether: TetherStatus; onStop: () => void }) {
  const [firing, setFiring] = useState(false);
  // what was changed a moment ago is not what the camera would take yet
  const stands = useTable((table) => table.possible !== null && table.possible === table.set);
  const [style, setStyle] = useState<PictureStyle>("NEUTRAL");
  const fire = async ({ bracket = false, lit = true }) => {
    const { id, possible } = useTable.getState();
    if (!id || !possible) return;
    setFiring(true);
    const none = Array.from({ length: bracket ? BRACKET : 1 }, () => fires(id, possible, lit));
    const words = bracket
      ? "The practice camera takes five frames …"
      : "The practice camera takes the frame …";
    const taken = await attemptLong(words, (signal) =>
      api.takePracticeFrame({ kit: PRACTICE_KIT, style, lit, bracket }, possible, signal),
    );
    for (const one of none.slice(taken?.frames ?? 0)) one();
    setFiring(false);
  };
  return (
    <>
      {tether.practice && (
        <>
          <Button look="strong" disabled={firing || !stands} onClick={() => void fire({})}>
            <Camera size={15} aria-hidden /> {firing ? "Taking …" : "Fire"}
          </Button>
          <Button
            look="outline"
            disabled={firing || !stands}
            onClick={() => void fire({ bracket: true })}
          >
            Fire a bracket
          </Button>
          <Button
            look="outline"
            disabled={firing || !stands}
            onClick={() => void fire({ lit: false })}
          >
            Light off
          </Button>
          <label className="flex items-center gap-1.5 text-sm max-sm:h-11">
            <input
              type="checkbox"
              checked={style === "CONTRAST"}
              className="size-4 accent-sand"
              onChange={({ target }) => setStyle(target.checked ? "CONTRAST" : "NEUTRAL")}
            />
            Tone curve of its own
          </label>
        </>
      )}
      <div className="min-w-0 flex-1 text-sm max-sm:order-last max-sm:basis-full" role="status">
        <p className="truncate">
          {tether.practice ? (
            <span className="text-soft">A kit that is not quite what its numbers say</span>
          ) : (
            <>
              Watching <span className="text-soft">{tether.folder}</span>
            </>
          )}
          {tether.waiting > 0 && `, ${tether.waiting} to read`}
        </p>
        {tether.trouble && <p className="text-alarm">{tether.trouble}</p>}
        {tether.refused[0] && (
          <p className="truncate text-soft">
            No frame: {tether.refused[0].name}. {tether.refused[0].why}
          </p>
        )}
      </div>
      <Button look="outline" onClick={onStop}>
        <Square size={14} aria-hidden /> Stop
      </Button>
    </>
  );
}
