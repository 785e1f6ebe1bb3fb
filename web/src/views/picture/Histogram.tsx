import type { FrameNews } from "../../api/types";
import { signedStops } from "../../set/units";

const HEIGHT = 56;

/** How the tones of the picture are spread, in quarters of a stop from mid grey. */
export function Histogram({ news }: { news: FrameNews }) {
  const most = Math.max(...news.histogram, 1e-6);
  const width = news.histogram.length * 4;
  const place = (stops: number) => ((stops - news.histogramFromStops) / news.histogramBinStops) * 4;
  const share = (part: number) => `${(100 * part).toFixed(1)} %`;
  return (
    <figure
      className="rounded bg-ground/85 p-2 text-xs"
      data-testid="histogram"
      aria-label="Spread of tones"
    >
      <svg width={width} height={HEIGHT + 14} role="img" aria-label="Tones in stops from mid grey">
        {news.histogram.map((part, i) => (
          <rect
            // biome-ignore lint/suspicious/noArrayIndexKey: a bin is known by its place
            key={i}
            x={4 * i}
            width={3.4}
            y={HEIGHT - (HEIGHT * part) / most}
            height={(HEIGHT * part) / most}
            className="fill-ink"
          />
        ))}
        {[-6, -4, -2, 0, 2].map((stops) => (
          <text
            key={stops}
            x={place(stops)}
            y={HEIGHT + 12}
            textAnchor="middle"
            className="fill-soft text-[10px]"
          >
            {stops === 0 ? "grey" : signedStops(stops).replace(".0", "")}
          </text>
        ))}
      </svg>
      <figcaption className="mt-1 flex justify-between gap-3 text-soft">
        <span>Blocked {share(news.blocked)}</span>
        <span>Clipped {share(news.clipped)}</span>
      </figcaption>
    </figure>
  );
}
