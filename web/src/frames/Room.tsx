import type { RoomAlone, TableSet } from "../api/types";
import { useTable } from "../set/store";
import { signedStops } from "../set/units";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";

/** Less than this is no news, stops. */
const NO_NEWS = 0.05;

/** What a frame without the lights says of the room, and what makes it count as gone. */
export function Room({ room }: { room: RoomAlone | null }) {
  if (!room) {
    return (
      <p className="rounded-panel bg-ground p-3 text-soft">
        Nothing of the room is seen in this frame: where it is black, open up, take a longer time or
        raise ISO until there is something to read. A set without room light says nothing either.
      </p>
    );
  }
  const use = (set: TableSet, words: string) => {
    useTable.getState().replace(set);
    tell(words, { action: { label: "Undo", run: () => useTable.getState().undo() } });
  };
  const lux = `${Number(room.lux.toPrecision(2))} lx`;
  const news = Math.abs(room.more) > NO_NEWS;
  return (
    <div className="rounded-panel bg-ground p-3" data-testid="frame-room">
      <p>
        The room gives{" "}
        <strong>
          {signedStops(room.more)} ± {Math.max(0.1, room.spread).toFixed(1)} stop
        </strong>{" "}
        from what the set says: about {lux}.
      </p>
      <p className="mt-1 font-semibold text-lg">{buried(room)}</p>
      {room.wanted !== null && room.under < room.wanted && !room.dark && (
        <p className="text-soft text-sm">No setting of the camera does that: darken the room.</p>
      )}
      {room.dark && <p className="text-soft text-sm">{room.dark} would make it count as gone.</p>}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          look="strong"
          disabled={!news}
          onClick={() => use(room.set, `The set’s room has ${lux}`)}
        >
          {news ? `Set the room to ${lux}` : "The set has it"}
        </Button>
        {room.darkSet && (
          <Button
            look="outline"
            onClick={() => room.darkSet && use(room.darkSet, `Set: ${room.dark}`)}
          >
            Set that and the room
          </Button>
        )}
      </div>
    </div>
  );
}

function buried({ under, wanted }: RoomAlone): string {
  const lies = `It lies ${Math.abs(under).toFixed(1)} stops ${under < 0 ? "over" : "under"} a correct exposure`;
  if (wanted === null) return `${lies}; it is to be kept`;
  return under >= wanted ? `${lies}: gone` : `${lies}; to be gone it would lie ${wanted} under`;
}
