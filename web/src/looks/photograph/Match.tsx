import { X } from "lucide-react";
import { useEffect, useState } from "react";
import { Button } from "../../ui/Button";
import { FlipButton } from "../../ui/FlipButton";
import { usePhotograph } from "./store";

/** Slow enough for every eye: three flashes a second are the most that may be (WCAG 2.3.1). */
const TURN_MS = 800;

/** The photograph to match, beside the picture on the table or in turns with it. */
export function Match({ now }: { now: string }) {
  const { photograph, matching } = usePhotograph();
  if (!photograph || !matching) return null;
  const src = `/api/photographs/${photograph.id}/picture`;
  return (
    <div className="absolute inset-0" data-testid={`match-${matching}`}>
      {matching === "beside" ? (
        <div className="grid size-full grid-cols-2 gap-1 bg-surround">
          <img src={now} alt="Now" draggable={false} className="size-full object-contain" />
          <img
            src={src}
            alt={photograph.title}
            draggable={false}
            className="size-full object-contain"
          />
        </div>
      ) : (
        <InTurns src={src} title={photograph.title} />
      )}
      <div className="absolute top-2 right-2 flex gap-1">
        <Button
          look="outline"
          className="h-8 bg-ground/85"
          onClick={() =>
            usePhotograph.setState({ matching: matching === "beside" ? "flicker" : "beside" })
          }
        >
          {matching === "beside" ? "In turns" : "Beside"}
        </Button>
        <Button
          look="outline"
          className="h-8 bg-ground/85"
          onClick={() => usePhotograph.setState({ matching: null })}
        >
          <X size={15} aria-hidden /> Put the photograph away
        </Button>
      </div>
    </div>
  );
}

/** By itself, or at a click where somebody wants nothing to move. */
function InTurns({ src, title }: { src: string; title: string }) {
  const [old, setOld] = useState(true);
  useEffect(() => {
    if (matchMedia("(prefers-reduced-motion: reduce)").matches) return;
    const timer = setInterval(() => setOld((before) => !before), TURN_MS);
    return () => clearInterval(timer);
  }, []);
  return (
    <FlipButton old={old} onFlip={() => setOld(!old)}>
      {old && (
        <img
          src={src}
          alt={title}
          draggable={false}
          className="size-full bg-surround object-contain"
        />
      )}
      <span className="absolute top-2 left-2 rounded bg-ground/85 px-2 py-1 text-sm">
        {old ? title : "Now"}
      </span>
    </FlipButton>
  );
}
