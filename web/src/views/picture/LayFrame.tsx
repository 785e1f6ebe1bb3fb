import { useEffect, useRef, useState } from "react";
import type { StoredFrame, TableSet } from "../../api/types";
import { lay, showFrames } from "../../frames/frames";
import { Grip } from "../../frames/Grip";
import { asItCame, laidPicture, withPoint } from "../../frames/registration";
import { Button } from "../../ui/Button";
import { tell } from "../../ui/notices";
import { placeIn } from "../../ui/place";
import { compare } from "./takes";

/** A test frame that is brought onto the picture: four places of it are dragged to where the picture has them. */
export function LayFrame({ frame, set }: { frame: StoredFrame; set: TableSet }) {
  const box = useRef<HTMLDivElement>(null);
  const ratio = set.camera.sensorWidthMetres / set.camera.sensorHeightMetres;
  const [laid, setLaid] = useState(() => frame.registration ?? asItCame(frame, ratio));
  const [clear, setClear] = useState(0.5);
  const { url, onDone, failed } = useOneAtATime(laidPicture(frame.id, laid));
  const done = () => {
    compare(null);
    showFrames(true);
  };
  const keep = async (to: typeof laid | null) => {
    const before = frame.registration;
    if (!(await lay(frame, to))) return;
    done();
    tell(to ? "The frame is read as it lies now" : "The frame is read as it came in", {
      action: { label: "Undo", run: () => void lay(frame, before) },
    });
  };
  return (
    <div ref={box} className="absolute inset-0 overflow-hidden">
      <img
        src={url}
        alt={`${frame.name}, as it lies on the set`}
        data-testid="laid-frame"
        draggable={false}
        className="size-full object-fill"
        style={{ opacity: 1 - clear }}
        onLoad={() => onDone(false)}
        onError={() => onDone(true)}
      />
      {laid.points.map(({ pictureAcross, pictureDown, frameAcross, frameDown }, i) => (
        <Grip
          key={`${frameAcross} ${frameDown}`}
          number={i + 1}
          title="A place of the frame"
          place={{ across: pictureAcross, down: pictureDown }}
          ratio={ratio}
          onMove={(to) => setLaid(withPoint(laid, i, to))}
          at={(event) => placeIn(box.current, event)}
        />
      ))}
      <div className="absolute top-2 right-44 left-2 flex flex-wrap items-center gap-x-2 gap-y-1 rounded bg-ground/90 px-2 py-1 text-sm max-sm:fixed max-sm:top-auto max-sm:right-2 max-sm:bottom-16 max-sm:z-20 max-sm:justify-between max-sm:bg-raised max-sm:p-3">
        <p className="min-w-0 flex-1 basis-56 max-sm:sr-only">
          {failed
            ? "The four places cross: keep them in the order of their numbers, round the picture."
            : "Drag the four numbers until the frame lies on the picture."}
        </p>
        <label className="flex items-center gap-2">
          Frame
          <input
            type="range"
            min={0}
            max={1}
            step={0.05}
            value={clear}
            className="w-24 accent-sand"
            onChange={({ target }) => setClear(Number(target.value))}
          />
          Picture
        </label>
        <Button look="outline" onClick={() => void keep(null)}>
          As it came in
        </Button>
        <Button look="strong" disabled={failed} onClick={() => void keep(laid)}>
          Keep it so
        </Button>
      </div>
    </div>
  );
}

/** The newest of pictures that are asked for faster than they come: never more than one under way. */
function useOneAtATime(wanted: string) {
  const busy = useRef(true);
  const [url, setUrl] = useState(wanted);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (busy.current) return;
    busy.current = true;
    setUrl(wanted);
  }, [wanted]);
  const onDone = (broken: boolean) => {
    setFailed(broken);
    busy.current = url !== wanted;
    setUrl(wanted);
  };
  return { url, onDone, failed };
}
