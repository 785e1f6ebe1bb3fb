import { limitsIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import { Select } from "./Choice";
import { useMarks } from "./useMarks";

type Props = {
  path: string;
  label: string;
  scale: "apertures" | "shutters" | "speeds";
  /** How a mark is written. */
  show: (mark: number) => string;
};

/** A camera setting, by its marks in third stops. */
export function MarkChoice({ path, label, scale, show }: Props) {
  const owner = useOwner();
  const marks = useMarks();
  if (!owner) return null;
  const value = valueAt(owner.value, path);
  if (typeof value !== "number") return null;
  const { min, max } = limitsIn(owner, path);
  const within = (marks?.[scale] ?? []).filter((mark) => mark >= min && mark <= max);
  // a value between the marks stays what it is until another is chosen
  const same = within.find((mark) => Math.abs(mark / value - 1) < 1e-6);
  const all = same === undefined ? [value, ...within] : within;
  return (
    <Select
      label={label}
      value={show(same ?? value)}
      choices={all.map(show)}
      testId={path}
      onChoose={(word) =>
        owner.change(
          path,
          all.find((mark) => show(mark) === word),
        )
      }
    />
  );
}
