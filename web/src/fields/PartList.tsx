import { Plus, Trash2 } from "lucide-react";
import { type ReactNode, useState } from "react";
import { mostIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import { PanelButton } from "../ui/PanelButton";
import { Select } from "./Choice";

type Props<T> = {
  path: string;
  /** What one of them is called. */
  word: string;
  name: (part: T, index: number) => string;
  fresh: T;
  /** The one that is worked on, where that is known elsewhere too. */
  picked?: number;
  onPick?: (at: number) => void;
  fields: (path: string) => ReactNode;
};

/** A list of parts of the set: pick one, change it, add, remove. */
export function PartList<T>({ path, word, name, fresh, fields, ...known }: Props<T>) {
  const owner = useOwner();
  const [own, setOwn] = useState(0);
  if (!owner) return null;
  const picked = known.picked ?? own;
  const onPick = known.onPick ?? setOwn;
  const parts = valueAt(owner.value, path) as T[];
  const at = Math.min(picked, parts.length - 1);
  const { change } = owner;
  const names = parts.map((part, i) => `${i + 1}. ${name(part, i)}`);
  return (
    <>
      {parts.length > 0 ? (
        <Select
          label={`${word}, one of ${parts.length}`}
          value={names[at] ?? ""}
          choices={names}
          testId={`${path}.picked`}
          onChoose={(chosen) => onPick(names.indexOf(chosen))}
        />
      ) : (
        <p className="self-end pb-2 text-soft text-sm">None on this table.</p>
      )}
      <PanelButton
        disabled={parts.length >= mostIn(owner, path)}
        onClick={() => {
          change(path, [...parts, fresh]);
          onPick(parts.length);
        }}
      >
        <Plus size={15} aria-hidden /> Add a {word.toLowerCase()}
      </PanelButton>
      {parts.length > 0 && (
        <>
          <PanelButton
            onClick={() => {
              change(
                path,
                parts.filter((_, i) => i !== at),
              );
              onPick(Math.max(0, at - 1));
            }}
          >
            <Trash2 size={15} aria-hidden /> Remove it
          </PanelButton>
          {fields(`${path}.${at}`)}
        </>
      )}
    </>
  );
}
