import { useQuery } from "@tanstack/react-query";
import type { PointerEvent } from "react";
import { api } from "../../api/client";
import type { TableSet } from "../../api/types";
import { Match } from "../../looks/photograph/Match";
import { usePhotograph } from "../../looks/photograph/store";
import { useTable } from "../../set/store";
import { useView } from "../../set/view";
import { Compare } from "./Compare";
import { FrameMover } from "./FrameMover";
import { Histogram } from "./Histogram";
import { MeterTool } from "./MeterTool";
import { PictureBar } from "./PictureBar";
import { PictureState } from "./PictureState";
import { ProfileTool } from "./ProfileTool";
import { StopLines } from "./StopLines";
import { Things } from "./Things";
import { useTakes } from "./takes";
import { usePicture, useShown } from "./usePicture";

/** What the camera sees, on a neutral surround. */
export function Picture() {
  const possible = useTable((table) => table.possible);
  const look = usePicture();
  const { url, news, newest, loupe, failed } = useShown();
  const view = useView();
  const comparing = useTakes((takes) => takes.comparing);
  const matching = usePhotograph((state) => state.matching !== null);
  const ratio = news ? news.width / news.height : 1.5;
  const point = (event: PointerEvent<HTMLElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    look((event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height);
  };
  return (
    <section
      aria-label="Picture, what the camera sees"
      className="flex h-full min-h-0 flex-col overflow-hidden rounded-panel bg-surround"
    >
      {possible && <PictureBar set={possible} />}
      <div
        className="relative grid min-h-0 flex-1 place-items-center"
        style={{ containerType: "size" }}
      >
        {url && possible ? (
          <div
            className="relative"
            style={{ width: `min(100cqw, ${100 * ratio}cqh)`, aspectRatio: ratio }}
            onPointerMove={point}
            onPointerLeave={() => useShown.setState({ loupe: null })}
          >
            <img
              src={url}
              alt={`The frame: ${possible.title}`}
              data-testid="picture"
              data-stage={news?.stage}
              data-turn={news?.turn}
              data-trace={news?.trace}
              data-fine={news?.stage === "FINE"}
              data-newest={newest}
              data-done={news?.done}
              draggable={false}
              className="size-full"
              style={news?.stage === "COARSE" ? { filter: softened(ratio, news.width) } : undefined}
            />
            {view.lines && <TableLines set={possible} />}
            <TextSpace set={possible} />
            {view.tool === "look" && !comparing && !matching && <Things set={possible} />}
            {view.tool === "frame" && <FrameMover />}
            {view.tool === "meter" && <MeterTool set={possible} />}
            {view.tool === "profile" && (
              <ProfileTool set={possible} onClose={() => view.take("look")} />
            )}
            {comparing && <Compare now={url} set={possible} />}
            {matching && !comparing && <Match now={url} />}
          </div>
        ) : (
          <p className="px-6 text-center text-soft">{failed ?? "Drawing the first picture …"}</p>
        )}
        {view.histogram && news && (
          <div className="absolute bottom-2 left-2">
            <Histogram news={news} />
          </div>
        )}
        {news && <PictureState news={news} newest={newest} loupe={loupe} failed={failed} />}
      </div>
    </section>
  );
}

/** A first look of few pixels is shown softened by a third of one: its edges would be stairs. */
function softened(ratio: number, pixels: number): string {
  return `blur(calc(min(100cqw, ${100 * ratio}cqh) * ${0.33 / pixels}))`;
}

function TableLines({ set }: { set: TableSet }) {
  const stops = useQuery({
    queryKey: ["picture-stops", set],
    queryFn: ({ signal }) => api.pictureStops(set, signal),
    placeholderData: (before) => before,
    gcTime: 0,
  });
  if (!stops.data) return null;
  const { columns, rows, stopHundredths } = stops.data;
  return (
    <StopLines
      testId="stop-lines"
      grid={{
        columns,
        rows,
        values: stopHundredths.map((value) => (value === null ? null : value / 100)),
      }}
    />
  );
}

/** The part of the frame that stays empty for words. */
function TextSpace({ set }: { set: TableSet }) {
  const { side, share } = set.camera.textSpace;
  if (side === "none") return null;
  const part = `${100 * share}%`;
  const rest = `${100 - 100 * share}%`;
  const inset = {
    left: `0 ${rest} 0 0`,
    right: `0 0 0 ${rest}`,
    top: `0 0 ${rest} 0`,
    bottom: `${rest} 0 0 0`,
  }[side];
  return (
    <div
      data-testid="text-space"
      className="pointer-events-none absolute flex items-start border border-white/70 border-dashed p-1.5"
      style={{ inset }}
      title={part}
    >
      <span className="rounded bg-black/60 px-1.5 text-[11px] text-white">Kept for text</span>
    </div>
  );
}
