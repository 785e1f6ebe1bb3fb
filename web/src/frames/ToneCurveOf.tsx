import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { type FormEvent, useState } from "react";
import { api } from "../api/client";
import type { StoredFrame, ToneCurve } from "../api/types";
import { Select } from "../fields/Choice";
import { attempt, attemptLong } from "../set/attempt";
import { Button } from "../ui/Button";
import { tell } from "../ui/notices";
import { TextInput } from "../ui/TextInput";

/** As files say of themselves. */
const SRGB = "Neutral, as sRGB";

type Props = {
  frame: StoredFrame;
  /** All of the set. */
  frames: StoredFrame[];
};

/** What the codes of a camera's files stand for: as sRGB has it, or as a bracket told. */
export function ToneCurveOf({ frame, frames }: Props) {
  const { camera } = frame;
  const queries = useQueryClient();
  const { data: curves } = useQuery({
    queryKey: ["tone-curves", camera],
    queryFn: ({ signal }) => api.toneCurves(camera, signal),
    enabled: camera !== "",
  });
  const [style, setStyle] = useState("");
  if (camera === "" || !curves) return null;
  const used = curves.find(({ inUse }) => inUse);
  const changed = async (now: ToneCurve[] | undefined) => {
    if (!now) return;
    queries.setQueryData(["tone-curves", camera], now);
    await queries.resetQueries({ queryKey: ["frame-reading"] });
  };
  const learn = async (event: FormEvent) => {
    event.preventDefault();
    const told = await attemptLong("Learning the tone curve …", (signal) =>
      api.learnToneCurve(frame.id, style, signal),
    );
    if (told) setStyle("");
    await changed(told);
  };
  const remove = async (curve: ToneCurve) => {
    if (!(await attempt(() => api.deleteToneCurve(camera, curve.style)))) return;
    tell(`Deleted the curve “${curve.style}”; its bracket tells it again`);
    await changed(curves.filter((one) => one !== curve));
  };
  return (
    <section aria-label="Tone curve" className="mt-4 border-line border-t pt-3">
      <h3 className="font-semibold">Tone curve of “{camera}”</h3>
      <div className="mt-1 flex items-end gap-2">
        <div className="min-w-0 flex-1">
          <Select
            label="Its frames are read"
            value={used?.style ?? SRGB}
            choices={[SRGB, ...curves.map((curve) => curve.style)]}
            testId="tone-curve-in-use"
            verbatim
            onChoose={async (word) =>
              changed(await attempt(() => api.putToneCurveInUse(camera, word === SRGB ? "" : word)))
            }
          />
        </div>
        {used && (
          <Button
            aria-label={`Delete the curve ${used.style}`}
            className="w-9 px-0"
            onClick={() => void remove(used)}
          >
            <Trash2 size={15} />
          </Button>
        )}
      </div>
      {used && <Learnt curve={used} />}
      <form className="mt-2 flex items-center gap-2" onSubmit={learn}>
        <TextInput
          label="Picture style that the camera was set to"
          placeholder="Picture style, as the camera names it"
          value={style}
          onChange={setStyle}
        />
        <Button type="submit" look="outline" disabled={style.trim() === ""}>
          Learn it
        </Button>
      </form>
      <p className="mt-1 text-soft text-xs">
        From three frames or more of one set, nothing moved, each at another aperture or ISO, best
        by unequal steps; {same(frame, frames)} of this camera are here.
      </p>
    </section>
  );
}

function same({ camera }: StoredFrame, frames: StoredFrame[]): string {
  const count = frames.filter((one) => one.camera === camera).length;
  return count === 1 ? "1 frame" : `${count} frames`;
}

const WIDTH = 264;
const HEIGHT = 120;

/** The curve beside sRGB's, stops from mid grey over codes. */
function Learnt({ curve }: { curve: ToneCurve }) {
  const all = curve.tones.flatMap(({ stops, standard }) => [stops, standard]);
  const top = Math.ceil(Math.max(...all));
  const low = Math.floor(Math.min(...all));
  const y = (stops: number) => (HEIGHT * (top - stops)) / (top - low);
  const path = (of: (tone: ToneCurve["tones"][number]) => number) =>
    `M${curve.tones.map((tone) => `${((WIDTH * tone.code) / 255).toFixed(1)} ${y(of(tone)).toFixed(1)}`).join("L")}`;
  const marks = Array.from({ length: top - low + 1 }, (_, i) => low + i).filter((s) => s % 2 === 0);
  return (
    <figure className="mt-2">
      <svg
        viewBox={`-26 -6 ${WIDTH + 30} ${HEIGHT + 22}`}
        className="w-full max-w-md"
        role="img"
        aria-label={`Light by code, from ${low} to ${top} stops from mid grey, beside sRGB`}
        data-testid="tone-curve"
      >
        {marks.map((stops) => (
          <g key={stops}>
            <line x1={0} x2={WIDTH} y1={y(stops)} y2={y(stops)} className="stroke-line" />
            <text x={-5} y={y(stops) + 3} textAnchor="end" className="fill-soft text-[9px]">
              {stops > 0 ? `+${stops}` : stops}
            </text>
          </g>
        ))}
        {[0, 118, 255].map((code) => (
          <text
            key={code}
            x={(WIDTH * code) / 255}
            y={HEIGHT + 12}
            textAnchor={code === 0 ? "start" : code === 255 ? "end" : "middle"}
            className="fill-soft text-[9px]"
          >
            {code}
          </text>
        ))}
        <path
          d={path(({ standard }) => standard)}
          fill="none"
          strokeDasharray="3 3"
          className="stroke-soft"
        />
        <path d={path(({ stops }) => stops)} fill="none" strokeWidth={2} className="stroke-sand" />
      </svg>
      <figcaption className="text-soft text-xs">
        Stops from mid grey by 8-bit code; dashed: sRGB. Learnt from {curve.frames} frames, which
        agree within {curve.residual.toFixed(2)} stop.
      </figcaption>
    </figure>
  );
}
