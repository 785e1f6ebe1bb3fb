import { useQueryClient } from "@tanstack/react-query";
import { useTable } from "../set/store";
import { Button } from "../ui/Button";
import { Sheet } from "../ui/Sheet";
import { setActions, takeTheirs } from "./actions";
import { useTheirs } from "./theirs";

const forget = () => useTheirs.setState({ theirs: null });

/** Asked when a save met a newer one: keep both, or take the other. Nothing is overwritten. */
export function Conflict() {
  const theirs = useTheirs((state) => state.theirs);
  const actions = setActions(useQueryClient());
  if (!theirs) return null;
  const keepMine = async () => {
    const { set } = useTable.getState();
    if (set) {
      const room = 80 - " (mine)".length;
      const stored = await actions.add({ ...set, title: `${set.title.slice(0, room)} (mine)` });
      if (!stored) return;
    }
    forget();
  };
  const open = () => {
    takeTheirs(theirs);
    forget();
  };
  return (
    <Sheet
      open
      onClose={forget}
      title="This set was saved elsewhere"
      about={`“${theirs.set.title}” was saved at ${new Date(theirs.updatedAt).toLocaleTimeString()} in another tab or by someone else. Nothing was overwritten, and your version is still on this screen.`}
    >
      <div className="mt-5 flex flex-wrap justify-end gap-2">
        <Button onClick={forget}>Go on without saving</Button>
        <Button look="outline" onClick={open}>
          Open the saved one
        </Button>
        <Button look="strong" onClick={() => void keepMine()}>
          Keep mine as a new set
        </Button>
      </div>
    </Sheet>
  );
}
