import { Trash2 } from "lucide-react";
import type { WallFound, WallStep } from "../../api/types";
import { useLength } from "../../set/preferences";
import { signedStops } from "../../set/units";
import { SymbolButton } from "../../ui/Button";
import { WallPlot } from "./WallPlot";

type Props = { step: WallStep; onRemove: () => void };

/** What the frame of one shaper says. */
export function WallFinding({ step, onRemove }: Props) {
  const { shaper, found, mark, bare } = step;
  return (
    <section aria-label={shaper} className="min-w-0">
      <div className="flex items-center justify-between">
        <h3 className="font-semibold">{shaper}</h3>
        {found && (
          <SymbolButton name={`Forget the frame of ${shaper}`} onClick={onRemove}>
            <Trash2 size={15} />
          </SymbolButton>
        )}
      </div>
      {found ? (
        <Found found={found} bare={bare} />
      ) : (
        <p className="mt-1 text-soft">
          Put it on, set the power to <b className="text-ink">{mark.text}</b>, and fire. Nothing
          else changes.
        </p>
      )}
    </section>
  );
}

function Found({ found, bare }: { found: WallFound; bare: boolean }) {
  const length = useLength();
  const { stated, found: was } = found;
  const under = (stops: number | null | undefined) =>
    stops === null || stops === undefined ? "–" : `${stops.toFixed(2)} stops`;
  return (
    <>
      {found.trouble && (
        <p
          role="alert"
          className="mt-1 rounded-md border border-alarm bg-alarm-ground p-2 text-alarm text-sm"
        >
          {found.trouble} It is not taken into the kit.
        </p>
      )}
      <WallPlot points={found.points} />
      <table className="mt-2 w-full text-sm tabular-nums">
        <thead className="text-soft text-xs">
          <tr className="[&>*]:py-1 [&>*]:pr-2">
            <td />
            <th scope="col" className="text-right font-normal">
              stated
            </th>
            <th scope="col" className="text-right font-normal">
              found
            </th>
          </tr>
        </thead>
        <tbody>
          <Figures
            title="Beam, to half the intensity"
            stated={`${stated.beamAngleDegrees.toFixed(1)}°`}
            found={`${was.beamAngleDegrees.toFixed(1)}°`}
          />
          <Figures
            title="Field, to a tenth"
            stated={`${stated.fieldAngleDegrees.toFixed(1)}°`}
            found={`${was.fieldAngleDegrees.toFixed(1)}°`}
          />
          <Figures
            title="Even to a third of a stop"
            stated={`${length.show(stated.evenWidthMetres)} ${length.unit}`}
            found={`${length.show(was.evenWidthMetres)} ${length.unit}`}
          />
          {!bare && (
            <Figures
              title="Middle under the bare source"
              stated={under(stated.underBareStops)}
              found={under(was.underBareStops)}
            />
          )}
          {found.numbers.map((number) => (
            <Figures
              key={number.title}
              title={number.told ? number.title : `${number.title}; this frame says little of it`}
              stated={inUnit(number.stated, number.unit)}
              found={`${inUnit(number.found, number.unit)} ± ${inUnit(number.spread, number.unit)}`}
            />
          ))}
          {typeof found.loss === "number" && (
            <Figures
              title="Takes more than stated"
              stated=""
              found={`${signedStops(found.loss)} ± ${found.lossSpread.toFixed(2)} stop`}
            />
          )}
        </tbody>
      </table>
      {Math.abs(found.unplaced) > 0.05 && (
        <p className="mt-1 text-soft text-xs">
          {signedStops(-found.unplaced)} stop of it fits into none of its numbers.
        </p>
      )}
      {!bare && found.loss === null && (
        <p className="mt-1 text-soft text-xs">
          What it takes is told by a frame with nothing on the source.
        </p>
      )}
    </>
  );
}

function inUnit(value: number, unit: string): string {
  switch (unit) {
    case "degrees":
      return `${value.toFixed(1)}°`;
    case "metres":
      return `${(1000 * value).toFixed(1)} mm`;
    case "stops":
      return `${value.toFixed(2)} stops`;
    default:
      return value.toFixed(2);
  }
}

function Figures({ title, stated, found }: { title: string; stated: string; found: string }) {
  return (
    <tr className="border-line border-t [&>*]:py-1 [&>*]:pr-2">
      <th scope="row" className="text-left font-normal">
        {title}
      </th>
      <td className="whitespace-nowrap text-right text-soft">{stated}</td>
      <td className="whitespace-nowrap text-right font-semibold">{found}</td>
    </tr>
  );
}
