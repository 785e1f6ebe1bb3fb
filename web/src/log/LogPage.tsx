import { useQuery, useQueryClient } from "@tanstack/react-query";
import { BookOpen, ChevronDown, Search, X } from "lucide-react";
import { useEffect, useState } from "react";
import { pictureOf, type RecordQuery, records } from "../api/records";
import type { LoggedRecord } from "../api/types";
import { Button } from "../ui/Button";
import { Mark } from "../ui/Mark";
import { Notices } from "../ui/notices";
import { RecordSide } from "./RecordSide";

const REST_MS = 250;
const PAGE = 60;
const WAIT_MS = 1500;

const NOTHING: RecordQuery = { words: "", kind: "", side: "", softness: "", skip: 0 };

/** The log: everything that was kept as a take or frame, found by words and by its light. */
export function LogPage() {
  const [query, setQuery] = useState(NOTHING);
  const [typed, setTyped] = useState("");
  const [chosen, setChosen] = useState<LoggedRecord | null>(null);
  const [alike, setAlike] = useState<LoggedRecord | null>(null);
  const queries = useQueryClient();
  useEffect(() => {
    const timer = setTimeout(() => setQuery((old) => ({ ...old, words: typed, skip: 0 })), REST_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  const found = useQuery({
    queryKey: ["records", query],
    queryFn: ({ signal }) => records.find(query, signal),
    placeholderData: (before) => before,
    refetchInterval: ({ state }) => (state.data?.pending ? WAIT_MS : false),
  });
  const like = useQuery({
    queryKey: ["alike", alike?.id],
    queryFn: () => records.alike(alike?.id ?? ""),
    enabled: alike !== null,
  });
  const shown = alike ? (like.data ?? []) : (found.data?.records ?? []);
  const put = (part: Partial<RecordQuery>) => setQuery((old) => ({ ...old, skip: 0, ...part }));
  const filtered = query.words || query.kind || query.side || query.softness;
  return (
    <div className="flex min-h-full flex-col px-3 pb-3">
      <header className="flex min-h-13 flex-wrap items-center gap-2 py-2">
        <Mark />
        <h1 className="flex items-center gap-2 font-semibold text-lg">
          <BookOpen size={17} aria-hidden /> Log
        </h1>
        <Filters typed={typed} onType={setTyped} query={query} onPut={put} />
        <span className="flex-1" />
        <a className="px-2 underline" href="#/shoots">
          Shoots
        </a>
        <a className="px-2 underline" href="#/">
          The table
        </a>
      </header>
      {found.isError && (
        <p role="alert" className="py-2 text-alarm">
          The log cannot be had: the server is not answering.
        </p>
      )}
      <p className="pb-2 text-soft" data-testid="log-sum" aria-busy={found.isFetching}>
        {alike ? (
          <>
            Light like that of “{alike.name}”, the nearest first
            <Button className="ml-2 h-7 px-2" onClick={() => setAlike(null)}>
              <X size={14} /> All records
            </Button>
          </>
        ) : (
          found.data && said(found.data.found, found.data.pending)
        )}
      </p>
      <main className="flex min-h-0 flex-1 gap-3 max-lg:flex-col">
        <div className="min-w-0 flex-1">
          {found.data?.found === 0 && !alike && (
            <p className="py-10 text-center text-soft">
              {filtered
                ? "Nothing in the log is like that. Take a word out, or show every side and softness."
                : "Nothing is kept yet. T keeps what the table looks like as a take; test frames come in by themselves."}
            </p>
          )}
          <ul
            aria-label="Records"
            className={`grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-2 max-sm:grid-cols-2 ${found.isPlaceholderData ? "older" : ""}`}
          >
            {shown.map((record) => (
              <li key={record.id}>
                <Tile
                  record={record}
                  chosen={record.id === chosen?.id}
                  onChoose={() => setChosen(record)}
                />
              </li>
            ))}
          </ul>
          {!alike && found.data && (
            <Pages query={query} found={found.data.found} onSkip={(skip) => put({ skip })} />
          )}
        </div>
        {chosen && (
          <RecordSide
            key={chosen.id}
            record={chosen}
            onClose={() => setChosen(null)}
            onAlike={() => setAlike(chosen)}
            onNoted={() => void queries.invalidateQueries({ queryKey: ["records"] })}
          />
        )}
      </main>
      <Notices />
    </div>
  );
}

function said(found: number, pending: number): string {
  const records = found === 1 ? "1 record" : `${found} records`;
  return pending > 0 ? `${records}; the light of ${pending} more is being worked out` : records;
}

type FiltersProps = {
  typed: string;
  onType: (words: string) => void;
  query: RecordQuery;
  onPut: (part: Partial<RecordQuery>) => void;
};

function Filters({ typed, onType, query, onPut }: FiltersProps) {
  const choices = useQuery({
    queryKey: ["record-choices"],
    queryFn: records.choices,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <search className="flex min-w-0 flex-wrap items-center gap-2">
      <span className="relative">
        <Search
          size={15}
          aria-hidden
          className="pointer-events-none absolute top-1/2 left-2.5 -translate-y-1/2 text-soft"
        />
        <input
          type="search"
          value={typed}
          aria-label="Words"
          placeholder="Dish, client, card, notes …"
          onChange={(event) => onType(event.target.value)}
          className="h-9 w-64 rounded-md border border-edge/60 bg-raised pr-2 pl-8 max-sm:h-11"
        />
      </span>
      <Pick label="Light from" value={query.side} onPick={(side) => onPut({ side })}>
        {choices.data?.sides.map(({ side, word }) => (
          <option key={side} value={side}>
            {word}
          </option>
        ))}
      </Pick>
      <Pick label="Shadow edge" value={query.softness} onPick={(softness) => onPut({ softness })}>
        {choices.data?.softness.map((word) => (
          <option key={word} value={word}>
            {word}
          </option>
        ))}
      </Pick>
      <Pick label="Takes and frames" value={query.kind} onPick={(kind) => onPut({ kind })}>
        <option value="TAKE">takes</option>
        <option value="FRAME">test frames</option>
      </Pick>
    </search>
  );
}

type PickProps = {
  label: string;
  value: string;
  onPick: (value: string) => void;
  children: React.ReactNode;
};

function Pick({ label, value, onPick, children }: PickProps) {
  return (
    <span className="relative">
      <select
        aria-label={label}
        value={value}
        onChange={(event) => onPick(event.target.value)}
        className={`h-9 appearance-none rounded-md border bg-raised pr-7 pl-2.5 max-sm:h-11 ${value ? "border-sand text-sand" : "border-edge/60"}`}
      >
        <option value="">{label}</option>
        {children}
      </select>
      <ChevronDown
        size={14}
        aria-hidden
        className="pointer-events-none absolute top-1/2 right-2 -translate-y-1/2 text-soft"
      />
    </span>
  );
}

type TileProps = { record: LoggedRecord; chosen: boolean; onChoose: () => void };

function Tile({ record, chosen, onChoose }: TileProps) {
  const [none, setNone] = useState(false);
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onChoose}
      data-testid={`record-${record.id}`}
      className={`block w-full overflow-hidden rounded-md border bg-panel text-left hover:border-edge ${chosen ? "border-sand" : "border-line"}`}
    >
      <span className="grid aspect-[3/2] place-items-center bg-surround">
        {none ? (
          <span className="text-soft text-xs">no picture</span>
        ) : (
          <img
            src={pictureOf(record)}
            alt=""
            loading="lazy"
            onError={() => setNone(true)}
            className="h-full w-full object-cover"
          />
        )}
      </span>
      <span className="block px-2 py-1.5">
        <span className="block truncate font-medium">{record.setTitle}</span>
        <span className="block truncate text-soft text-xs">
          {record.name} · {day(record.at)}
        </span>
        <span className="block truncate text-soft text-xs">
          {record.words.slice(0, 2).join(", ")}
          {record.rating > 0 && ` · ${"★".repeat(record.rating)}`}
        </span>
      </span>
    </button>
  );
}

const day = (at: string) =>
  new Date(at).toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" });

type PagesProps = { query: RecordQuery; found: number; onSkip: (skip: number) => void };

function Pages({ query, found, onSkip }: PagesProps) {
  if (found <= PAGE) return null;
  return (
    <nav aria-label="Pages" className="flex items-center justify-center gap-2 pt-4">
      <Button look="outline" disabled={query.skip === 0} onClick={() => onSkip(query.skip - PAGE)}>
        Later
      </Button>
      <span className="text-soft">
        {query.skip + 1} to {Math.min(found, query.skip + PAGE)} of {found}
      </span>
      <Button
        look="outline"
        disabled={query.skip + PAGE >= found}
        onClick={() => onSkip(query.skip + PAGE)}
      >
        Earlier
      </Button>
    </nav>
  );
}
