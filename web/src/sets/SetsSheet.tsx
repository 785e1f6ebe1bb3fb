import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Copy, FolderOpen, Pencil, Plus, Trash2 } from "lucide-react";
import { type ChangeEvent, type FormEvent, useRef, useState } from "react";
import { Refusal } from "../api/ask";
import { api } from "../api/client";
import type { Problem, SetSummary } from "../api/types";
import { attempt } from "../set/attempt";
import { useSaid } from "../set/preferences";
import { useTable } from "../set/store";
import { Button, SymbolButton } from "../ui/Button";
import { Sheet } from "../ui/Sheet";
import { DELETED, SETS, setActions } from "./actions";
import { Thumbnail } from "./Thumbnail";
import { useShootSets } from "./useShootSets";

type Props = { open: boolean; onClose: () => void; onNew: () => void };

type Order = "opened" | "saved" | "title";

const ORDERS: { order: Order; label: string }[] = [
  { order: "opened", label: "Opened last" },
  { order: "saved", label: "Saved last" },
  { order: "title", label: "By title" },
];

/** Those that are called so, in the order wanted; what was only made counts as opened then. */
export function inOrder(sets: SetSummary[], order: Order, sought: string): SetSummary[] {
  const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
  const time = ({ openedAt, updatedAt }: SetSummary) =>
    order === "opened" ? (openedAt ?? updatedAt) : updatedAt;
  return sets
    .filter(({ title }) => words.every((word) => title.toLowerCase().includes(word)))
    .sort((a, b) =>
      order === "title" ? a.title.localeCompare(b.title) : time(b).localeCompare(time(a)),
    );
}

/** All saved sets: open, add, copy, rename, delete, and open a file from disk. */
export function SetsSheet({ open, onClose, onNew }: Props) {
  const sets = useQuery({ queryKey: SETS, queryFn: api.listSets, enabled: open });
  const actions = setActions(useQueryClient());
  const [refused, setRefused] = useState<{ name: string; problem: Problem } | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const [sought, setSought] = useState("");
  const [order, setOrder] = useState<Order>("opened");
  const byShoot = useShootSets(open);
  const listed = inOrder(byShoot.within(sets.data ?? []), order, sought);

  const close = () => {
    setRefused(null);
    onClose();
  };

  const openFile = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0];
    event.target.value = "";
    if (!file) return;
    setRefused(null);
    await attempt(async () => {
      try {
        if (await actions.add(await api.openSetFile(file))) close();
      } catch (error) {
        if (!(error instanceof Refusal)) throw error;
        setRefused({ name: file.name, problem: error.problem });
      }
    });
  };

  return (
    <Sheet open={open} onClose={close} title="Sets">
      <div className="mt-3 flex flex-wrap gap-2">
        <Button
          look="strong"
          onClick={() => {
            close();
            onNew();
          }}
        >
          <Plus size={16} /> New set
        </Button>
        <Button look="outline" onClick={() => picker.current?.click()}>
          <FolderOpen size={16} /> Open a file
        </Button>
        <input
          ref={picker}
          type="file"
          accept=".json,application/json"
          aria-label="Set file"
          className="hidden"
          onChange={(event) => void openFile(event)}
        />
      </div>
      {refused && <RefusedFile name={refused.name} problem={refused.problem} />}
      {(sets.data?.length ?? 0) > 1 && (
        <div className="mt-3 flex flex-wrap gap-2">
          <input
            type="search"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
            placeholder="Find a set"
            aria-label="Find a set"
            className="h-9 min-w-32 flex-1 rounded-md border border-edge/60 bg-raised px-2.5 text-base max-sm:h-11"
          />
          {byShoot.shoots.length > 0 && (
            <select
              value={byShoot.shoot}
              onChange={(event) => byShoot.setShoot(event.target.value)}
              aria-label="Of which shoot"
              className="h-9 max-w-40 rounded-md border border-edge/60 bg-raised px-2 max-sm:h-11"
            >
              <option value="">All sets</option>
              {byShoot.shoots.map((one) => (
                <option key={one.id} value={one.id}>
                  {one.title}, {one.date}
                </option>
              ))}
            </select>
          )}
          <select
            value={order}
            onChange={(event) => setOrder(event.target.value as Order)}
            aria-label="In which order"
            data-testid="sets-order"
            className="h-9 rounded-md border border-edge/60 bg-raised px-2 max-sm:h-11"
          >
            {ORDERS.map(({ order: one, label }) => (
              <option key={one} value={one}>
                {label}
              </option>
            ))}
          </select>
        </div>
      )}
      <ul className="mt-3 min-h-0 flex-1 overflow-y-auto" aria-label="Saved sets">
        {listed.map((summary) => (
          <Row
            key={summary.id}
            summary={summary}
            onOpen={async () => {
              if (await actions.open(summary.id)) close();
            }}
          />
        ))}
      </ul>
      {(sought !== "" || byShoot.shoot !== "") && listed.length === 0 && (
        <p className="py-6 text-soft">
          {sought !== "" ? "No set is called so." : "No set of this shoot is there."}
        </p>
      )}
      {sets.isPending && <p className="py-6 text-soft">Fetching the sets …</p>}
      {sets.isError && <p className="py-6 text-alarm">The sets cannot be fetched just now.</p>}
      {sets.data?.length === 0 && (
        <p className="py-6 text-soft">No sets are saved. Start a new one, or open a file.</p>
      )}
      <p className="pt-3 sm:hidden">
        <a className="inline-flex h-11 items-center px-2 underline" href="#/shoots">
          Shoots
        </a>
        <a className="inline-flex h-11 items-center px-2 underline" href="#/log">
          Log
        </a>
      </p>
      <Deleted enabled={open} />
      <p className="mt-3 text-soft text-xs">
        Zephyrdune, MIT licence. What it is built from:{" "}
        <a className="underline" href="/licences-page.txt" target="_blank" rel="noreferrer">
          the page
        </a>{" "}
        and{" "}
        <a className="underline" href="/licences-server.txt" target="_blank" rel="noreferrer">
          the server
        </a>
      </p>
    </Sheet>
  );
}

/** Sets that were deleted in the last thirty days. */
function Deleted({ enabled }: { enabled: boolean }) {
  const deleted = useQuery({ queryKey: DELETED, queryFn: api.deletedSets, enabled });
  const actions = setActions(useQueryClient());
  if (!deleted.data?.length) return null;
  return (
    <details className="mt-3 max-h-[40%] overflow-y-auto border-line border-t pt-2 text-sm">
      <summary className="min-h-11 cursor-pointer content-center rounded-md px-2 text-soft hover:bg-raised">
        Deleted ({deleted.data.length}): kept for thirty days
      </summary>
      <ul aria-label="Deleted sets">
        {deleted.data.map(({ id, title, deletedAt }) => (
          <li key={id} className="flex items-center gap-2 py-0.5 pl-2">
            <span className="min-w-0 flex-1">
              <span className="block truncate">{title}</span>
              <span className="text-soft text-xs">
                deleted {new Date(deletedAt).toLocaleString()}
              </span>
            </span>
            <Button
              look="outline"
              aria-label={`Bring back ${title}`}
              onClick={() => void actions.bringBack(id)}
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
    </details>
  );
}

function RefusedFile({ name, problem }: { name: string; problem: Problem }) {
  const said = useSaid();
  const errors = problem.errors ?? [];
  return (
    <div
      role="alert"
      data-testid="refused-file"
      className="mt-3 rounded-md border border-alarm bg-alarm-ground p-3 text-alarm text-sm"
    >
      <p className="font-semibold">“{name}” was not opened; the set on the table is as it was.</p>
      <ul className="mt-1 list-disc pl-5">
        {errors.slice(0, 6).map(({ field, detail }) => (
          <li key={`${field} ${detail}`}>{said(detail)}</li>
        ))}
        {errors.length === 0 && <li>{said(problem.detail)}</li>}
        {errors.length > 6 && <li>and {errors.length - 6} more</li>}
      </ul>
    </div>
  );
}

function Row({ summary, onOpen }: { summary: SetSummary; onOpen: () => void }) {
  const actions = setActions(useQueryClient());
  const isOpen = useTable((table) => table.id === summary.id);
  const [title, setTitle] = useState<string | null>(null);

  const rename = async (event: FormEvent) => {
    event.preventDefault();
    const next = title?.trim() ?? "";
    setTitle(null);
    if (next && next !== summary.title) await actions.rename(summary.id, next);
  };

  return (
    <li className="flex items-center gap-1 max-sm:flex-wrap max-sm:justify-end border-line border-b py-1">
      {title === null ? (
        <button
          type="button"
          onClick={onOpen}
          className="flex min-h-11 min-w-0 flex-1 items-center max-sm:basis-full gap-3 rounded-md px-2 py-1 text-left hover:bg-raised"
        >
          <Thumbnail summary={summary} />
          <span className="min-w-0">
            <span className="block font-medium sm:truncate">{summary.title}</span>
            <span className="text-soft text-xs">
              {isOpen ? "On the table · " : ""}saved {new Date(summary.updatedAt).toLocaleString()}
            </span>
          </span>
        </button>
      ) : (
        <form onSubmit={(event) => void rename(event)} className="flex min-h-11 flex-1 gap-2">
          <input
            // biome-ignore lint/a11y/noAutofocus: the person has just asked to type here
            autoFocus
            value={title}
            maxLength={80}
            aria-label={`New title of ${summary.title}`}
            onChange={(event) => setTitle(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Escape") {
                event.stopPropagation();
                setTitle(null);
              }
            }}
            className="min-w-0 flex-1 rounded-md border border-edge/60 bg-raised px-2"
          />
          <Button type="submit" look="outline">
            Rename
          </Button>
        </form>
      )}
      <SymbolButton name={`Rename ${summary.title}`} onClick={() => setTitle(summary.title)}>
        <Pencil size={16} />
      </SymbolButton>
      <SymbolButton
        name={`Duplicate ${summary.title}`}
        onClick={() => void actions.duplicate(summary.id)}
      >
        <Copy size={16} />
      </SymbolButton>
      <SymbolButton name={`Delete ${summary.title}`} onClick={() => void actions.remove(summary)}>
        <Trash2 size={16} />
      </SymbolButton>
    </li>
  );
}
