import { useQuery } from "@tanstack/react-query";
import { ChevronDown, Search } from "lucide-react";
import { Popover } from "radix-ui";
import { useEffect, useState } from "react";
import { api } from "../../api/client";
import type { Finding, TableSet } from "../../api/types";
import { tryOut } from "../../cards/actions";
import { type Advised, asAdvice, moreLike, useNextMoves } from "../../looks/nextMoves";
import { useAnswers } from "../../set/answers";
import { asking } from "../../set/late";
import { useSaid } from "../../set/preferences";
import { useTable } from "../../set/store";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";

/** A set is looked over when it has been left alone for so long. */
const REST_MS = 350;

/** What spoils the picture, the worst first; each can be tried on the spot and taken back. */
export function Findings() {
  const set = useRested();
  const found = useQuery({
    queryKey: ["findings", set],
    queryFn: async ({ signal }) => ({
      asked: set as TableSet,
      findings: await api.findings(set as TableSet, signal),
    }),
    enabled: set !== null,
    placeholderData: (before) => before,
    gcTime: 0,
  });
  const next = useNextMoves(set);
  const said = useSaid();
  const [tried, setTried] = useState<Advised | null>(null);
  const asked = found.data?.asked;
  const findings = found.data?.findings ?? [];
  const moves = next.data?.asked === asked ? (next.data?.moves ?? []) : [];
  // first what ruins any picture, then what brings it nearer to its look, then what else spoils it
  const [first, ...rest]: Advised[] = [
    ...findings.filter(({ ruinous }) => ruinous).map(finding),
    ...moves.map(asAdvice).map((move) => moreLike(tried, move, asked)),
    ...findings.filter(({ ruinous }) => !ruinous).map(finding),
  ];
  const ofLook = useOfLook(next);
  const trying = { asked, onTry: setTried };
  const fresh = useTable((table) => table.set === asked) && !found.isFetching;
  const impossible = useTable((table) => table.problem !== null);
  return (
    <section
      aria-label="Findings"
      aria-busy={!fresh}
      data-testid="findings"
      data-fresh={fresh}
      className={`flex min-h-9 items-center gap-2 rounded-panel bg-panel px-3 text-sm max-sm:flex-wrap max-sm:py-2 ${fresh || impossible ? "" : "older"}`}
    >
      <Search size={15} aria-hidden className="shrink-0 text-soft" />
      {first && !impossible ? (
        <>
          <span
            className="min-w-0 flex-1 max-sm:basis-[calc(100%-2rem)] sm:truncate"
            title={said(first.words)}
            role="status"
          >
            {said(first.words)}
          </span>
          <Try advised={first} {...trying} />
          {rest.length > 0 && (
            <Menu
              name="More advice"
              align="end"
              className="w-[min(520px,calc(100vw-16px))]"
              trigger={
                <Button className="h-7 shrink-0 px-2 max-sm:h-11" data-testid="more-findings">
                  {rest.length} more <ChevronDown size={14} aria-hidden />
                </Button>
              }
            >
              <ul className="grid gap-1.5">
                {rest.map((advised) => (
                  <li key={advised.key} className="flex items-center gap-2 px-1 text-sm">
                    <span className="flex-1">{said(advised.words)}</span>
                    <Popover.Close asChild>
                      <Try advised={advised} {...trying} />
                    </Popover.Close>
                  </li>
                ))}
              </ul>
            </Menu>
          )}
        </>
      ) : (
        <span className="min-w-0 flex-1 text-soft sm:truncate" role="status">
          {found.error
            ? `The set was not looked over: ${found.error.message}.`
            : impossible
              ? "Not looked over: the set cannot stand as it is."
              : fresh
                ? `All well: power and shutter, tones, room, things in the frame, flare, shade, hot spots, pattern, fill, space for text.${ofLook}`
                : set
                  ? "Looking the set over …"
                  : "Not looked over yet."}
        </span>
      )}
    </section>
  );
}

/** What there is to say of the look where nothing brings the set nearer to it. */
function useOfLook({ isFetching, data }: ReturnType<typeof useNextMoves>): string {
  const verdicts = useAnswers((answers) => answers.look);
  if (verdicts.length === 0) return "";
  if (verdicts.every(({ off }) => off === 0)) return " The look is there.";
  if (isFetching || !data) return " Looking for what brings it nearer to its look …";
  return " No single move brings it nearer to its look; find placements under Looks.";
}

const finding = (found: Finding): Advised => ({ key: found.kind, ...found });

type TryProps = {
  advised: Advised;
  asked: TableSet | undefined;
  onTry: (advised: Advised) => void;
};

function Try({ advised, asked, onTry, ...rest }: TryProps) {
  const { set, action, label = action } = advised;
  const said = useSaid();
  if (!set) return null;
  return (
    <button
      type="button"
      className="h-7 shrink-0 rounded-md border border-edge/60 px-2 hover:bg-raised max-sm:h-11"
      onClick={() => {
        onTry(advised);
        tryOut(asking(asked), set, `${said(action)}: done`);
      }}
      {...rest}
    >
      {said(label)}
    </button>
  );
}

/** The newest possible set, once nobody has moved anything for a moment. */
function useRested(): TableSet | null {
  const possible = useTable((table) => table.possible);
  const dragging = useTable((table) => table.dragging);
  const [rested, setRested] = useState<TableSet | null>(null);
  useEffect(() => {
    if (dragging) return;
    const timer = setTimeout(() => setRested(possible), REST_MS);
    return () => clearTimeout(timer);
  }, [possible, dragging]);
  return rested;
}
