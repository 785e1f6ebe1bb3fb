import { useAnswers } from "../readings/answers";
import { useTable } from "../table/store";
import { usePicture } from "./usePicture";

/** What the camera sees, on a neutral surround. */
export function Picture() {
  const possible = useTable((table) => table.possible);
  const problem = useTable((table) => table.problem);
  const { url, fine, failed } = usePicture(possible);
  const inFrame = useAnswers((answers) => answers.plan?.lightInFrame);
  return (
    <section
      aria-label="Picture, what the camera sees"
      className="relative grid h-full min-h-0 place-items-center overflow-hidden rounded-panel bg-surround"
    >
      {url ? (
        <img
          src={url}
          alt={`The frame: ${possible?.title ?? ""}`}
          data-testid="picture"
          data-fine={fine}
          draggable={false}
          className="h-full w-full object-contain"
        />
      ) : (
        <p className="text-soft">{failed ?? "Drawing the first picture …"}</p>
      )}
      {inFrame && inFrame.face + inFrame.back > 0 && (
        <p
          role="status"
          data-testid="light-in-frame"
          className="absolute bottom-2 left-3 rounded bg-ground/85 px-2 py-0.5 text-sm"
        >
          {inFrame.back > inFrame.face
            ? "The back of the light covers "
            : "The light itself fills "}
          {Math.max(1, Math.round(100 * (inFrame.face + inFrame.back)))} % of the frame
        </p>
      )}
      <p
        className="absolute right-3 bottom-2 rounded bg-ground/80 px-2 py-0.5 text-soft text-xs"
        aria-live="polite"
      >
        {problem
          ? "Last possible picture"
          : failed
            ? failed
            : fine
              ? "Fine"
              : "Draft, sharpening …"}
      </p>
    </section>
  );
}
