import { Camera, RotateCcw } from "lucide-react";
import { useState } from "react";
import { api } from "../../api/client";
import type { WallStep, WallTest } from "../../api/types";
import { attempt, attemptLong } from "../../set/attempt";
import { PRACTICE_KIT } from "../../set/practice";
import { useLength } from "../../set/preferences";
import { Button } from "../../ui/Button";
import { FilePick, usePicker } from "../../ui/FilePick";
import { tell } from "../../ui/notices";
import { useKit } from "../store";
import { withLearnt } from "./pieces";
import { useWallTestChanged } from "./useWallTest";
import { WallFinding } from "./WallFinding";

/** Shaper by shaper: the mark to set, its frame, and what that says. */
export function WallRun({ test }: { test: WallTest }) {
  const length = useLength();
  const changed = useWallTestChanged();
  const [picked, setPicked] = useState<string | null>(null);
  const [practice, setPractice] = useState(false);
  const [firing, setFiring] = useState<string | null>(null);
  const next = test.steps.find(({ found }) => !found);
  const shown =
    test.steps.find(({ shaper }) => shaper === picked) ?? next ?? (test.steps[0] as WallStep);
  const taken = test.steps.filter(({ found }) => found).length;
  const add = async (
    shaper: string,
    file: (signal: AbortSignal) => Promise<Blob>,
    words: string,
  ) => {
    setFiring(shaper);
    const read = await attemptLong(words, async (signal) =>
      api.addWallFrame(shaper, await file(signal), signal),
    );
    setFiring(null);
    changed(read);
    if (read) setPicked(shaper);
    return read;
  };
  const fire = (shaper: string) =>
    add(
      shaper,
      (signal) => api.takePracticeWallFrame(PRACTICE_KIT, shaper, signal),
      `The practice camera takes the wall with “${shaper}” …`,
    );
  const fireAll = async () => {
    for (const { shaper, found } of test.steps) {
      if (!found && !(await fire(shaper))) return;
    }
  };
  const end = async () => {
    if (await attempt(() => api.endWallTest())) changed(null);
  };
  return (
    <>
      <p className="mt-2 text-soft text-sm">
        {test.source}, {length.show(test.distanceMetres)} {length.unit} from the wall;{" "}
        {length.show(test.framedWidthMetres)} {length.unit} of it in the frame. {taken} of{" "}
        {test.steps.length} shapers fired.
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Learnt test={test} />
        <label className="flex items-center gap-1.5 text-sm max-sm:h-11">
          <input
            type="checkbox"
            className="size-4 accent-sand"
            checked={practice}
            onChange={({ target }) => setPractice(target.checked)}
          />
          Practise without a camera
        </label>
        {practice && next && (
          <Button look="outline" disabled={firing !== null} onClick={() => void fireAll()}>
            <Camera size={15} aria-hidden /> Fire all that are left
          </Button>
        )}
        <Button className="ml-auto" onClick={() => void end()}>
          <RotateCcw size={15} aria-hidden /> Begin anew
        </Button>
      </div>
      <div className="mt-3 grid min-h-0 flex-1 gap-4 overflow-y-auto md:grid-cols-[22rem_1fr]">
        <ol aria-label="Shapers">
          {test.steps.map((step) => (
            <Row
              key={step.shaper}
              step={step}
              shown={step === shown}
              busy={firing !== null}
              practice={practice}
              onShow={() => setPicked(step.shaper)}
              onFire={() => void fire(step.shaper)}
              onFile={(file) =>
                void add(step.shaper, async () => file, `Reading the wall of “${step.shaper}” …`)
              }
            />
          ))}
        </ol>
        <WallFinding
          step={shown}
          onRemove={async () => changed(await attempt(() => api.removeWallFrame(shown.shaper)))}
        />
      </div>
    </>
  );
}

/** What was found, into the kit. */
function Learnt({ test }: { test: WallTest }) {
  const kit = useKit((state) => state.kit);
  const count = test.learnt.shapers.length;
  if (!kit) return null;
  const with_ = withLearnt(kit, test.learnt);
  const news = JSON.stringify(with_) !== JSON.stringify(kit);
  const use = () => {
    const { replace } = useKit.getState();
    replace(with_);
    tell("The kit has what the wall says; sets keep the pieces they were built with", {
      action: {
        label: "Take it back",
        run: () => replace(kit),
        expires: (gone) => useKit.subscribe((state) => state.kit !== with_ && gone()),
      },
    });
  };
  return (
    <Button look="strong" disabled={!news} onClick={use}>
      {news || count === 0
        ? `Use in the kit (${count === 1 ? "1 shaper" : `${count} shapers`})`
        : "The kit has it"}
    </Button>
  );
}

type RowProps = {
  step: WallStep;
  shown: boolean;
  busy: boolean;
  practice: boolean;
  onShow: () => void;
  onFire: () => void;
  onFile: (file: File) => void;
};

function Row({ step, shown, busy, practice, onShow, onFire, onFile }: RowProps) {
  const picker = usePicker();
  const { shaper, mark, found } = step;
  return (
    <li
      className={`flex min-h-12 items-center gap-1 border-line border-b ${shown ? "bg-raised" : ""}`}
    >
      <button
        type="button"
        aria-current={shown}
        className="min-w-0 flex-1 px-2 py-1 text-left"
        onClick={onShow}
      >
        <span className="block truncate font-medium">{shaper}</span>
        <span className={`block truncate text-xs ${found?.trouble ? "text-alarm" : "text-soft"}`}>
          {found
            ? found.trouble
              ? "Something is off"
              : `Beam ${Math.round(found.found.beamAngleDegrees)}°, stated ${Math.round(found.stated.beamAngleDegrees)}°`
            : `Set ${mark.text}`}
        </span>
      </button>
      {practice && (
        <Button look="outline" aria-label={`Fire with ${shaper}`} disabled={busy} onClick={onFire}>
          Fire
        </Button>
      )}
      <Button
        look="outline"
        aria-label={`Frame of ${shaper}, from a file`}
        disabled={busy}
        onClick={() => picker.current?.click()}
      >
        {found ? "Again …" : "Frame …"}
      </Button>
      <FilePick
        picker={picker}
        accept="image/jpeg,image/png,image/tiff"
        label={`Frame of ${shaper}`}
        testId={`wall.frame.${shaper}`}
        onFile={onFile}
      />
    </li>
  );
}
