import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { useReadingKinds } from "../set/answers";
import { changeWords } from "../set/changes";
import { asking, putAnswer } from "../set/late";
import { useLength } from "../set/preferences";
import { useTable } from "../set/store";
import { takeBack } from "../set/takeBack";
import { signedStops } from "../set/units";
import { tell } from "../ui/notices";
import { PanelButton } from "../ui/PanelButton";

/** What to do when the control has come to its end, each with what else it changes; a button tries it. */
export function PowerWays() {
  const set = useTable((table) => table.possible);
  const length = useLength();
  const kinds = useReadingKinds();
  const ways = useQuery({
    queryKey: ["power-help", set],
    queryFn: ({ signal }) => (set ? api.powerHelp(set, signal) : Promise.resolve([])),
    enabled: set !== null && set.light.powerChoice === "follows",
    staleTime: Infinity,
    gcTime: 10_000,
  });
  if (!ways.data || ways.data.length === 0) return null;
  return (
    <ul className="col-span-full grid gap-1" data-testid="power-ways">
      {ways.data.map((way) => {
        const also = changeWords(way.changes, kinds, length);
        return (
          <li key={way.way} className="flex items-center gap-2 text-sm">
            <PanelButton
              className="shrink-0"
              onClick={() => {
                const asked = asking(set);
                if (asked && putAnswer(asked, way.set)) {
                  tell(`${way.words}: done`, { action: takeBack() });
                }
              }}
            >
              {way.words}
            </PanelButton>
            <span className="leading-tight">
              {signedStops(way.gainedStops)} stops
              {way.leftStops > 0.05 && `, ${way.leftStops.toFixed(1)} still to go`}
              {also.length > 0 && <span className="text-soft"> · {also.join(" · ")}</span>}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
