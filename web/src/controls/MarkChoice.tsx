import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import type { Marks } from "../api/types";
import { limitsAt } from "../table/limits";
import { valueAt } from "../table/paths";
import { useTable } from "../table/store";
import { Select } from "./Choice";

type Props = {
  path: string;
  label: string;
  scale: keyof Marks;
  /** How a mark is written. */
  show: (mark: number) => string;
};

/** A camera setting, by its marks in third stops. */
export function MarkChoice({ path, label, scale, show }: Props) {
  const set = useTable((table) => table.set);
  const marks = useQuery({ queryKey: ["marks"], queryFn: api.marks, staleTime: Infinity });
  if (!set) return null;
  const value = valueAt(set, path);
  if (typeof value !== "number") return null;
  const { min, max } = limitsAt(set, path);
  const within = (marks.data?.[scale] ?? []).filter((mark) => mark >= min && mark <= max);
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
        useTable.getState().change(
          path,
          all.find((mark) => show(mark) === word),
        )
      }
    />
  );
}
