import { ChevronLeft, ChevronRight } from "lucide-react";
import type { KeyboardEvent } from "react";
import type { TableSet } from "../api/types";
import { Button } from "../ui/Button";
import { Figures } from "./ComparedFigures";
import { useHighlightOf, useShot } from "./compared";

/** Pixels across the large picture: enough to enlarge a highlight. */
const WIDTH = 1200;

/** How much room there is about an enlarged highlight, and the least part of the frame that is shown of it. */
const ABOUT = 2.5;
const LEAST = 0.12;

type Props = { name: string; set: TableSet; turn: (by: number) => void; back: () => void };

/** One of those compared, large, its highlight enlarged; the arrow keys go to the next at the same place. */
export function Large({ name, set, turn, back }: Props) {
  const shot = useShot(set, WIDTH);
  const highlight = useHighlightOf(set).data?.highlight;
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "ArrowRight") turn(1);
    if (event.key === "ArrowLeft") turn(-1);
  };
  const aspect = set.camera.sensorWidthMetres / set.camera.sensorHeightMetres;
  return (
    <section
      aria-label={name}
      data-testid="compared-large"
      className="mt-3 min-h-0 overflow-y-auto"
    >
      {/* biome-ignore lint/a11y/noStaticElementInteractions: its buttons have the focus */}
      <div className="flex items-center gap-2" onKeyDown={onKeyDown}>
        <Button look="outline" onClick={back} autoFocus>
          All of them
        </Button>
        <Button aria-label="The one before" className="w-9 px-0" onClick={() => turn(-1)}>
          <ChevronLeft size={18} />
        </Button>
        <Button aria-label="The next" className="w-9 px-0" onClick={() => turn(1)}>
          <ChevronRight size={18} />
        </Button>
        <h3 className="truncate font-semibold">{name}</h3>
      </div>
      <div className="mt-2 grid gap-3 sm:grid-cols-[minmax(0,1fr)_230px]">
        <div className="overflow-hidden rounded bg-ground" style={{ aspectRatio: aspect }}>
          {shot.data ? (
            <img src={shot.data} alt={`With ${name}, large`} className="h-full w-full" />
          ) : (
            <p className="grid h-full place-items-center text-soft text-sm">
              {shot.isError ? "No picture: this cannot stand" : "Tracing it large, some seconds …"}
            </p>
          )}
        </div>
        <div>
          {highlight && shot.data && (
            <Enlarged src={shot.data} aspect={aspect} name={name} {...highlight} />
          )}
          {highlight === null && (
            <p className="text-soft text-sm">
              No highlight: the hero is matte, or mirrors no light.
            </p>
          )}
          <Figures set={set} />
        </div>
      </div>
    </section>
  );
}

type EnlargedProps = {
  src: string;
  aspect: number;
  name: string;
  across: number;
  down: number;
  frameShare: number;
};

/** A square of the picture about the highlight. */
function Enlarged({ src, aspect, name, across, down, frameShare }: EnlargedProps) {
  const part = Math.min(0.6, Math.max(LEAST, ABOUT * frameShare));
  // of the square's side, the picture is so wide and high
  const wide = 1 / part;
  const high = wide / aspect;
  const inside = (middle: number, size: number) =>
    Math.min(0, Math.max(1 - size, 0.5 - middle * size));
  return (
    <div className="relative mb-2 aspect-square overflow-hidden rounded bg-ground">
      <img
        src={src}
        alt={`The highlight with ${name}, enlarged`}
        className="absolute max-w-none"
        style={{
          width: `${100 * wide}%`,
          height: `${100 * high}%`,
          left: `${100 * inside(across, wide)}%`,
          top: `${100 * inside(down, high)}%`,
        }}
      />
    </div>
  );
}
