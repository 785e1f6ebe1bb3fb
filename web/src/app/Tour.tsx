import { Popover } from "radix-ui";
import { useEffect, useRef, useState } from "react";
import { Button } from "../ui/Button";
import { endTour, goTo, STOPS, useTour } from "./tour";

/** How far the frame of a stop stands off its region, pixels. */
const OFF = 3;

/** A short walk round the working view; everything can be used meanwhile. */
export function Tour() {
  const at = useTour((tour) => tour.at);
  const stop = at === null ? undefined : STOPS[at];
  const region = useRegion(stop?.region);
  const anchor = useRef<{ getBoundingClientRect: () => DOMRect } | null>(null);
  if (at === null || !stop || !region) return null;
  anchor.current = region.element;
  const { left, top, width, height } = region.box;
  return (
    <>
      <div
        aria-hidden
        className="pointer-events-none fixed z-30 rounded-panel border-2 border-sand"
        style={{
          left: left - OFF,
          top: top - OFF,
          width: width + 2 * OFF,
          height: height + 2 * OFF,
        }}
      />
      <Popover.Root key={at} open>
        <Popover.Anchor virtualRef={anchor as React.RefObject<HTMLElement>} />
        <Popover.Portal>
          <Popover.Content
            aria-label={`Tour, ${at + 1} of ${STOPS.length}: ${stop.title}`}
            side={width > window.innerWidth / 2 ? "bottom" : "left"}
            sideOffset={10}
            collisionPadding={10}
            sticky="always"
            data-testid="tour"
            onInteractOutside={(event) => event.preventDefault()}
            onEscapeKeyDown={endTour}
            className="z-40 w-[min(320px,calc(100vw-20px))] rounded-panel border border-sand bg-raised p-4 shadow-xl outline-none"
          >
            <p className="text-soft text-xs">
              {at + 1} of {STOPS.length}
            </p>
            <h2 className="mt-0.5 font-semibold">{stop.title}</h2>
            <p className="mt-1 text-sm">{stop.words}</p>
            <div className="mt-3 flex gap-2">
              <Button look="strong" onClick={() => goTo(at + 1)}>
                {at + 1 < STOPS.length ? "Next" : "Done"}
              </Button>
              {at > 0 && (
                <Button look="outline" onClick={() => goTo(at - 1)}>
                  Back
                </Button>
              )}
              {at + 1 < STOPS.length && (
                <Button className="ml-auto" onClick={endTour}>
                  Skip the rest
                </Button>
              )}
            </div>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </>
  );
}

/** The element of a labelled region and where it is, followed while the page moves. */
function useRegion(label: string | undefined) {
  const [region, setRegion] = useState<{ element: Element; box: DOMRect } | null>(null);
  useEffect(() => {
    setRegion(null);
    const element = label && document.querySelector(`[aria-label="${label}"]`);
    if (!element) return;
    element.scrollIntoView({ block: "nearest" });
    const look = () => setRegion({ element, box: element.getBoundingClientRect() });
    look();
    const resized = new ResizeObserver(look);
    resized.observe(element);
    window.addEventListener("scroll", look, true);
    window.addEventListener("resize", look);
    return () => {
      resized.disconnect();
      window.removeEventListener("scroll", look, true);
      window.removeEventListener("resize", look);
    };
  }, [label]);
  return region;
}
