import { valueAt } from "../table/paths";
import { useTable } from "../table/store";
import { Select } from "./Choice";

type Props = {
  path: string;
  label: string;
  /** What each kind starts as. */
  kinds: Record<string, { kind: string }>;
};

/** Which kind a part of the set is; another one starts with usual values. */
export function KindChoice({ path, label, kinds }: Props) {
  const kind = useTable((table) => {
    const part = table.set && (valueAt(table.set, path) as { kind: string } | undefined);
    return part?.kind;
  });
  if (!kind) return null;
  const choices = Object.keys(kinds);
  return (
    <Select
      label={label}
      value={kind}
      choices={choices.includes(kind) ? choices : [kind, ...choices]}
      testId={`${path}.kind`}
      onChoose={(word) => useTable.getState().change(path, kinds[word])}
    />
  );
}
