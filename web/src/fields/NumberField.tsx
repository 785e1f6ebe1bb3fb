import { type KeyboardEvent, useId, useState } from "react";
import { limitsIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { valueAt } from "../set/paths";
import type { Quantity } from "../set/units";
import { IMPOSSIBLE_ID } from "../ui/ids";

type Props = { path: string; label: string; quantity: Quantity; wraps?: boolean };

/**
 * One number of the set: type it, or nudge it with the arrow keys (Shift for a coarse step, Alt for a tenth). What cannot be
 * is not taken over; the field says why and keeps what was typed.
 */
export function NumberField({ path, label, quantity, wraps = false }: Props) {
  const owner = useOwner();
  const refused = owner?.refused === path;
  const [typed, setTyped] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  const id = useId();
  if (!owner) return null;
  const value = valueAt(owner.value, path);
  if (typeof value !== "number") return null;
  const limits = limitsIn(owner, path);
  const wrong = error !== null || refused;

  const range = `${quantity.show(limits.min)} to ${quantity.show(limits.max)} ${quantity.unit}`;

  const commit = (text: string) => {
    const read = quantity.read(text);
    if (read === null) return setError(`Not a number. Give ${range}`);
    if (!(read >= limits.min - 1e-9 && read <= limits.max + 1e-9)) {
      return setError(`Must be ${range}`);
    }
    setError(null);
    setTyped(null);
    if (quantity.show(read) !== quantity.show(value)) put(read);
  };

  const put = (next: number) => {
    const inside = Math.min(limits.max, Math.max(limits.min, next));
    owner.change(path, inside);
  };

  const nudge = (event: KeyboardEvent, way: number) => {
    event.preventDefault();
    const step = event.shiftKey
      ? quantity.coarse
      : event.altKey
        ? quantity.step / 10
        : quantity.step;
    const from = typed === null ? value : (quantity.read(typed) ?? value);
    const next = from + way * step;
    const span = limits.max - limits.min;
    setTyped(null);
    setError(null);
    put(tidy(wraps ? ((((next - limits.min) % span) + span) % span) + limits.min : next));
  };

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "ArrowUp") nudge(event, 1);
    else if (event.key === "ArrowDown") nudge(event, -1);
    else if (event.key === "Enter") commit(event.currentTarget.value);
    else if (event.key === "Escape" && typed !== null) {
      event.stopPropagation();
      setTyped(null);
      setError(null);
    }
  };

  return (
    <div className="min-w-0">
      <label htmlFor={id} className="block text-soft text-xs">
        {label}
      </label>
      <div
        className={`mt-0.5 flex h-9 items-center rounded-md border bg-raised focus-within:border-sand max-sm:h-11 ${wrong ? "border-alarm" : "border-edge/60"}`}
      >
        <input
          id={id}
          type="text"
          inputMode="text"
          autoComplete="off"
          role="spinbutton"
          aria-valuenow={value}
          aria-valuemin={limits.min}
          aria-valuemax={limits.max}
          aria-valuetext={`${quantity.show(value)} ${quantity.unit}`}
          aria-invalid={wrong}
          aria-describedby={error ? `${id}-error` : refused ? IMPOSSIBLE_ID : undefined}
          data-testid={path}
          data-typing={typed !== null}
          value={typed ?? quantity.show(value)}
          onChange={(event) => setTyped(event.target.value)}
          onFocus={(event) => event.target.select()}
          onBlur={() => typed !== null && commit(typed)}
          onKeyDown={onKeyDown}
          className="h-full w-full min-w-0 bg-transparent px-2.5 font-medium outline-none"
        />
        <span className="pr-2.5 text-soft text-xs">{quantity.unit}</span>
      </div>
      {error && (
        <p id={`${id}-error`} role="alert" className="mt-0.5 text-alarm text-xs leading-tight">
          {error}
        </p>
      )}
    </div>
  );
}

/** Without the dust of adding decimals. */
function tidy(value: number): number {
  return Number(value.toFixed(9));
}
