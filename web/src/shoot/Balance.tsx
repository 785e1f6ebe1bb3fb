import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { shoots } from "../api/shoots";
import { useLength } from "../set/preferences";

const USUAL = { load: 1.5, reach: 0.8, stand: 3, feet: 0.45 };

/** What a boom turns its stand over with, and the sandbag that would just balance it. */
export function Balance() {
  const [stand, setStand] = useState(USUAL);
  const length = useLength();
  const balance = useQuery({
    queryKey: ["balance", stand],
    queryFn: () => shoots.balance(stand),
    placeholderData: (before) => before,
    retry: false,
  });
  const mass = (key: "load" | "stand", label: string) => (
    <Field
      label={label}
      unit="kg"
      shown={String(stand[key])}
      onRead={(text) => Number(text.replace(",", "."))}
      onPut={(value) => setStand({ ...stand, [key]: value })}
    />
  );
  const reach = (key: "reach" | "feet", label: string) => (
    <Field
      label={label}
      unit={length.unit}
      shown={length.show(stand[key])}
      onRead={(text) => length.read(text) ?? Number.NaN}
      onPut={(value) => setStand({ ...stand, [key]: value })}
    />
  );
  return (
    <details className="rounded-md border border-line p-2.5">
      <summary className="cursor-pointer font-medium">Does the boom tip?</summary>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {mass("load", "On the boom, with half of it")}
        {reach("reach", "Reach, level from the stand")}
        {mass("stand", "The stand itself")}
        {reach("feet", "From its middle to a foot")}
      </div>
      {balance.isError && (
        <p role="alert" className="mt-2 text-alarm">
          {(balance.error as Error).message}
        </p>
      )}
      {balance.data && !balance.isError && (
        <p className="mt-2" data-testid="balance" aria-busy={balance.isFetching}>
          {balance.data.sandbag > 0
            ? `It tips, with ${balance.data.tippingMoment.toFixed(1)} N m; ${balance.data.sandbag.toFixed(1)} kg hung at the stand’s middle would just balance it. Hang more.`
            : "By these numbers it stands by its own mass. Hang a sandbag all the same."}
        </p>
      )}
      <p className="mt-1 text-soft text-xs leading-snug">
        An estimate for a stand on three legs at rest on level ground: a cable that is pulled and an
        elbow are not in it. The makers’ limits and local rules come first.
      </p>
    </details>
  );
}

type FieldProps = {
  label: string;
  unit: string;
  shown: string;
  onRead: (text: string) => number;
  onPut: (value: number) => void;
};

function Field({ label, unit, shown, onRead, onPut }: FieldProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const commit = () => {
    const value = typed === null ? Number.NaN : onRead(typed.trim());
    setTyped(null);
    if (Number.isFinite(value)) onPut(value);
  };
  return (
    <label className="block min-w-0 text-soft text-xs">
      {label}
      <span className="mt-0.5 flex h-9 items-center rounded-md border border-edge/60 bg-raised pr-2.5 max-sm:h-11">
        <input
          value={typed ?? shown}
          inputMode="decimal"
          onChange={(event) => setTyped(event.target.value)}
          onBlur={commit}
          onKeyDown={(event) => event.key === "Enter" && commit()}
          className="h-full w-full min-w-0 bg-transparent px-2.5 font-medium text-ink text-sm outline-none"
        />
        {unit}
      </span>
    </label>
  );
}
