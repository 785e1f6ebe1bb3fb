import { Bookmark, Search } from "lucide-react";
import { useState } from "react";
import { api } from "../../api/client";
import type { NamedLook } from "../../api/types";
import { attempt } from "../../set/attempt";
import { useTable } from "../../set/store";
import { Button } from "../../ui/Button";
import { tell } from "../../ui/notices";
import { useKeep } from "./kept";
import { type Matching, usePhotograph, withPhotograph } from "./store";

type Props = {
  onClose: () => void;
  onLook: (look: NamedLook) => void;
  onSearch: (look: NamedLook) => void;
};

/** What is done with what was read: a look, a search, a picture to match, or kept for later. */
export function UseLook({ onClose, onLook, onSearch }: Props) {
  const set = useTable((table) => table.set);
  const { photograph, marks } = usePhotograph();
  const keep = useKeep();
  const [client, setClient] = useState<string | null>(null);
  if (!photograph) return null;
  const look = async () => {
    const made = await attempt(() =>
      withPhotograph((id) => api.photographLook(id, photograph.title.slice(0, 60), marks)),
    );
    return made?.looks[0];
  };
  const match = (matching: Matching) => {
    usePhotograph.setState({ matching });
    onClose();
  };
  return (
    <section
      aria-label="What to do with it"
      className="mt-2 grid gap-2 rounded-panel bg-ground p-3"
    >
      <div className="flex flex-wrap gap-2">
        <Button
          look="strong"
          disabled={!set}
          onClick={() => void look().then((it) => it && onLook(it))}
        >
          Make it this set's look
        </Button>
        <Button
          look="outline"
          disabled={!set}
          onClick={() => void look().then((it) => it && onSearch(it))}
        >
          <Search size={15} aria-hidden /> Find placements
        </Button>
      </div>
      <div className="flex flex-wrap items-center gap-2">
        <span className="text-soft text-sm">With the picture:</span>
        <Button look="outline" disabled={!set} onClick={() => match("beside")}>
          Beside
        </Button>
        <Button look="outline" disabled={!set} onClick={() => match("flicker")}>
          In turns
        </Button>
      </div>
      <form
        className="flex flex-wrap gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          void keep(photograph.title, client ?? photograph.client).then(
            (kept) => kept && tell(`“${kept.title}” is kept with its marks`),
          );
        }}
      >
        <input
          value={client ?? photograph.client}
          maxLength={80}
          autoComplete="off"
          placeholder="Client"
          aria-label="Client whose look it shows"
          onChange={(event) => setClient(event.target.value)}
          className="h-9 min-w-0 flex-1 rounded-md border border-edge/60 bg-raised px-2.5 max-sm:h-11"
        />
        <Button look="outline" type="submit">
          <Bookmark size={15} aria-hidden /> {photograph.kept ? "Keep the marks" : "Keep it"}
        </Button>
      </form>
    </section>
  );
}
