import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import { Select } from "./Choice";

type Props = {
  path: string;
  label: string;
  /** What each kind starts as. */
  kinds: Record<string, { kind: string }>;
};

/** Which kind a part of the set is; another one starts with usual values. */
export function KindChoice({ path, label, kinds }: Props) {
  const owner = useOwner();
  const kind = owner && (valueAt(owner.value, path) as { kind: string } | undefined)?.kind;
  if (!owner || !kind) return null;
  const choices = Object.keys(kinds);
  return (
    <Select
      label={label}
      value={kind}
      choices={choices.includes(kind) ? choices : [kind, ...choices]}
      testId={`${path}.kind`}
      onChoose={(word) => owner.change(path, kinds[word])}
    />
  );
}
