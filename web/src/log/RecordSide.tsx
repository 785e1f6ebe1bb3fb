import { useQuery } from "@tanstack/react-query";
import { Copy, FileDown, Hammer, Star, X } from "lucide-react";
import { useState } from "react";
import { api } from "../api/client";
import { pictureOf, records } from "../api/records";
import type { LoggedRecord } from "../api/types";
import { attempt } from "../set/attempt";
import { keepFile } from "../set/files";
import { useLength } from "../set/preferences";
import { figure } from "../shoot/figure";
import { Steps } from "../shoot/Steps";
import { Button, SymbolButton } from "../ui/Button";

const RATINGS = [1, 2, 3, 4, 5];

type Props = {
  record: LoggedRecord;
  onClose: () => void;
  onAlike: () => void;
  onNoted: () => void;
};

/** A record opened: its picture, what was read of its light, notes, and the way back to it. */
export function RecordSide({ record, onClose, onAlike, onNoted }: Props) {
  const [notes, setNotes] = useState(record.notes);
  const [rating, setRating] = useState(record.rating);
  const [rebuilding, setRebuilding] = useState(false);
  const keep = async (next: { notes: string; rating: number }) => {
    if (await attempt(() => records.note(record.id, next.notes, next.rating))) onNoted();
  };
  const rate = (value: number) => {
    const next = value === rating ? 0 : value;
    setRating(next);
    void keep({ notes, rating: next });
  };
  const asNew = async () => {
    const stored = await attempt(async () => api.addSet(await records.set(record.id)));
    if (stored) location.hash = `#/sets/${stored.id}`;
  };
  const lengths = useLength().unit === "in" ? "INCHES" : "CENTIMETRES";
  const notesFile = async () => {
    const file = await attempt(() => records.notesFile(record.id, lengths));
    if (file) keepFile(file, `${record.setTitle} ${record.name}.xmp`);
  };
  return (
    <aside
      aria-label="Record"
      data-testid="record"
      className="w-[26rem] shrink-0 space-y-3 overflow-y-auto rounded-panel border border-line bg-panel p-3 max-lg:w-full lg:sticky lg:top-3 lg:max-h-[calc(100vh-1.5rem)] lg:self-start"
    >
      <div className="flex items-start gap-2">
        <div className="min-w-0 flex-1">
          <h2 className="truncate font-semibold text-base">{record.setTitle}</h2>
          <p className="text-soft">
            {record.name} · {new Date(record.at).toLocaleString("en-GB")}
            {record.shoot && (
              <>
                <br />
                {record.shoot}, {record.client}
              </>
            )}
          </p>
        </div>
        <SymbolButton name="Close" onClick={onClose}>
          <X size={16} />
        </SymbolButton>
      </div>
      <img
        src={pictureOf(record)}
        alt={`${record.setTitle}, ${record.name}`}
        className="w-full rounded-md bg-surround"
      />
      <p>{record.words.join(" · ")}</p>
      <Figures record={record} />
      <fieldset className="flex items-center" aria-label="Rating">
        {RATINGS.map((value) => (
          <SymbolButton
            key={value}
            name={`${value} of 5`}
            className="w-8 px-0 max-sm:w-11"
            aria-pressed={value <= rating}
            onClick={() => rate(value)}
          >
            <Star size={16} className={value <= rating ? "fill-sand text-sand" : "text-soft"} />
          </SymbolButton>
        ))}
      </fieldset>
      <label className="block text-soft text-xs">
        Notes
        <textarea
          value={notes}
          rows={3}
          maxLength={4000}
          onChange={(event) => setNotes(event.target.value)}
          onBlur={() => notes !== record.notes && keep({ notes, rating })}
          className="mt-0.5 block w-full rounded-md border border-edge/60 bg-raised p-2 text-ink text-sm"
        />
      </label>
      <div className="flex flex-wrap gap-1">
        <Button look="strong" aria-expanded={rebuilding} onClick={() => setRebuilding(!rebuilding)}>
          <Hammer size={15} /> Rebuild it
        </Button>
        <Button look="outline" onClick={onAlike}>
          Others like this one
        </Button>
        <Button look="outline" onClick={asNew}>
          <Copy size={15} /> As a new set
        </Button>
        <Button look="outline" onClick={notesFile}>
          <FileDown size={15} /> Lighting notes (.xmp)
        </Button>
      </div>
      {rebuilding && <Rebuild record={record} />}
    </aside>
  );
}

function Figures({ record }: { record: LoggedRecord }) {
  const length = useLength();
  return (
    <dl className="grid grid-cols-[1fr_auto] gap-x-4 gap-y-0.5">
      {record.readings.map(({ fact, title, unit, value }) => (
        <div key={fact} className="contents">
          <dt className="text-soft">{title}</dt>
          <dd className="text-right">{figure(unit, value, length)}</dd>
        </div>
      ))}
    </dl>
  );
}

/** What to move from what stands now; the set that stands is its own, unless another one is said. */
function Rebuild({ record }: { record: LoggedRecord }) {
  const [stands, setStands] = useState(record.setId);
  const sets = useQuery({ queryKey: ["sets"], queryFn: api.listSets });
  const steps = useQuery({
    queryKey: ["rebuild", record.id, stands],
    queryFn: async () => {
      const [now, wanted] = await Promise.all([api.getSet(stands), records.set(record.id)]);
      return records.change(now.set, wanted);
    },
  });
  return (
    <section
      ref={(section) => section?.scrollIntoView({ block: "nearest" })}
      aria-label="Rebuild"
      className="border-line border-t pt-3"
      data-testid="rebuild"
    >
      <label className="block text-soft text-xs">
        What stands now
        <select
          value={stands}
          onChange={(event) => setStands(event.target.value)}
          className="mt-0.5 mb-3 block h-9 w-full rounded-md border border-edge/60 bg-raised px-2 text-ink text-sm max-sm:h-11"
        >
          {sets.data?.map((set) => (
            <option key={set.id} value={set.id}>
              {set.title}
            </option>
          ))}
        </select>
      </label>
      {steps.isError && (
        <p role="alert" className="text-alarm">
          What to move cannot be worked out: {(steps.error as Error).message}
        </p>
      )}
      {steps.data && <Steps steps={steps.data} />}
      {steps.data && steps.data.length > 0 && (
        <p className="pt-3 text-soft">
          Then fire a test frame and lay it beside this one: Test frames, at the set.
        </p>
      )}
    </section>
  );
}
