import { useQuery } from "@tanstack/react-query";
import { Bookmark, Download, Plus, X } from "lucide-react";
import { api } from "../api/client";
import type { Band, NamedLook, Verdict } from "../api/types";
import { NumberField } from "../fields/NumberField";
import { useAnswers } from "../set/answers";
import { fieldsIn } from "../set/limits";
import { useOwner } from "../set/owner";
import { useTable } from "../set/store";
import { angle, clock, mired, plain, type Quantity, stops } from "../set/units";
import { Button, SymbolButton } from "../ui/Button";
import { Menu } from "../ui/Menu";
import { BandBar } from "./BandBar";
import { aspectOf, said, unitOf } from "./bands";

/** The words that go with every aspect. */
export function useAspects() {
  const aspects = useQuery({ queryKey: ["aspects"], queryFn: api.aspects, staleTime: Infinity });
  return aspects.data ?? [];
}

/** The bands of the set's look, each with where the set lies in it. */
export function LookBands({ look, onKeep }: { look: NamedLook; onKeep: () => void }) {
  const set = useTable((table) => table.set);
  const problem = useTable((table) => table.problem);
  const write = () => {
    const link = document.createElement("a");
    const book = { format: "zephyrdune-lookbook", version: 1, looks: [look] };
    link.href = URL.createObjectURL(
      new Blob([`${JSON.stringify(book, null, 2)}\n`], { type: "application/json" }),
    );
    link.download = `${look.title.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, "-")}.look.json`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  };
  if (!set) return null;
  return (
    <section aria-label="Bands of the look" className="rounded-panel bg-ground p-3">
      <div className="flex items-center gap-1">
        <h3 className="min-w-0 flex-1 truncate font-semibold">{look.title}</h3>
        <SymbolButton name="Keep among your looks" onClick={onKeep}>
          <Bookmark size={16} />
        </SymbolButton>
        <SymbolButton name="Download the look as a file" onClick={write}>
          <Download size={16} />
        </SymbolButton>
      </div>
      {problem?.field.startsWith("look") && (
        <p role="alert" className="mt-1 text-alarm text-sm">
          {problem.detail}.
        </p>
      )}
      <ul className="mt-1">
        {look.bands.map((band, at) => (
          <BandRow key={band.kind} {...{ band, at, look }} />
        ))}
      </ul>
      <AddBand look={look} />
    </section>
  );
}

const QUANTITIES: [ending: RegExp, quantity: Quantity][] = [
  [/Degrees$/, angle],
  [/Hours$/, clock],
  [/Stops$/, stops],
  [/Mired$/, mired],
];

function BandRow({ band, at, look }: { band: Band; at: number; look: NamedLook }) {
  const owner = useOwner();
  const aspects = useAspects();
  const verdict = useAnswers(({ look: verdicts }) =>
    verdicts.find(({ aspect }) => aspect === aspectOf(band)),
  );
  const aspect = aspects.find(({ aspect: name }) => name === aspectOf(band));
  if (!owner || !aspect) return null;
  const path = `look.bands.${at}`;
  const names = fieldsIn(owner, path).map(({ name }) => name);
  const quantity = QUANTITIES.find(([ending]) => ending.test(names[0] ?? ""))?.[1] ?? {
    ...plain,
    step: 0.05,
  };
  return (
    <li className="grid grid-cols-[minmax(0,1fr)_5.5rem_5.5rem_auto] items-end max-sm:grid-cols-[1fr_1fr_auto] max-sm:[&>:first-child]:col-span-full gap-x-2 border-line border-b py-2 last:border-0">
      <div className="min-w-0 pb-1">
        <span className="font-medium text-sm">{aspect.title}</span>
        {verdict && <Lies verdict={verdict} unit={aspect.unit} />}
      </div>
      {names.map((name) => (
        <NumberField
          key={name}
          path={`${path}.${name}`}
          label={name.startsWith("from") ? "From" : "To"}
          quantity={quantity}
        />
      ))}
      <SymbolButton
        name={`Do not ask for ${aspect.title.toLowerCase()}`}
        disabled={look.bands.length === 1}
        onClick={() =>
          owner.change(
            "look.bands",
            look.bands.filter((_, i) => i !== at),
          )
        }
      >
        <X size={15} />
      </SymbolButton>
    </li>
  );
}

/** Where the set lies in a band, in words and on a bar. */
function Lies({ verdict, unit }: { verdict: Verdict; unit: Parameters<typeof said>[0] }) {
  const value =
    verdict.value === null ? null : `${said(unit, verdict.value)} ${unitOf(unit)}`.trim();
  return (
    <>
      <span
        className={`block truncate text-xs ${verdict.off === 0 ? "text-soft" : "text-sand"}`}
        title={verdict.why}
      >
        {value === null ? verdict.why : `now ${value}`}
        {verdict.words && `, ${verdict.words}`}
      </span>
      <span className="mt-1 block">
        <BandBar verdict={verdict} />
      </span>
    </>
  );
}

/** What else can be asked for. */
function AddBand({ look }: { look: NamedLook }) {
  const owner = useOwner();
  const aspects = useAspects();
  const asked = new Set(look.bands.map(aspectOf));
  const left = aspects.filter(({ aspect }) => !asked.has(aspect));
  if (!owner || left.length === 0) return null;
  return (
    <Menu
      align="start"
      name="What else to ask for"
      className="w-64"
      trigger={
        <Button className="mt-1">
          <Plus size={15} aria-hidden /> Ask for more
        </Button>
      }
    >
      <ul>
        {left.map(({ aspect, title, open }) => (
          <li key={aspect}>
            <Button
              className="w-full justify-start"
              onClick={() => owner.change("look.bands", [...look.bands, open])}
            >
              {title}
            </Button>
          </li>
        ))}
      </ul>
    </Menu>
  );
}
