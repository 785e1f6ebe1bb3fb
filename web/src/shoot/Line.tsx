import { useId, useState } from "react";
import { valueAt } from "../set/paths";
import { change, useShoot } from "./shoot";

type Props = { path: string; label: string; most: number; placeholder?: string };

/** A line of text of the shoot; taken over when it is left, and never empty. */
export function Line({ path, label, most, placeholder }: Props) {
  const value = useShoot(({ shoot }) => valueAt(shoot, path));
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  if (typeof value !== "string") return null;
  const commit = () => {
    const text = typed?.trim();
    setTyped(null);
    if (text && text !== value) change(path, text);
  };
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-soft text-xs">
        {label}
      </label>
      <input
        id={id}
        value={typed ?? value}
        maxLength={most}
        placeholder={placeholder}
        data-testid={path}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={commit}
        onKeyDown={(event) => {
          if (event.key === "Enter") commit();
          if (event.key === "Escape") setTyped(null);
        }}
        className="mt-0.5 h-9 w-full min-w-0 rounded-md border border-edge/60 bg-raised px-2.5 font-medium max-sm:h-11"
      />
    </div>
  );
}
