import { Sheet } from "../../ui/Sheet";
import { useKit } from "../store";
import { BeginWall } from "./BeginWall";
import { useWallTest } from "./useWallTest";
import { WallRun } from "./WallRun";

/** The wall test: one frame of a plain wall for each shaper says how its beam really lies, and what it takes. */
export function WallSheet({ onClose }: { onClose: () => void }) {
  const kit = useKit((state) => state.kit);
  const test = useWallTest();
  return (
    <Sheet
      open
      onClose={onClose}
      title="Wall test"
      about="One frame of a plain wall for each shaper tells how its beam really lies and what it takes."
      wide
    >
      {kit && test !== undefined ? (
        test ? (
          <WallRun test={test} />
        ) : (
          <BeginWall kit={kit} />
        )
      ) : (
        <p className="py-6 text-soft">Fetching the kit …</p>
      )}
    </Sheet>
  );
}
