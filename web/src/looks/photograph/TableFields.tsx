import marksSchema from "../../../../docs/formats/zephyrdune-marks-1.schema.json";
import { NumberField } from "../../fields/NumberField";
import { OwnerProvider } from "../../set/owner";
import { withValueAt } from "../../set/paths";
import { useLength } from "../../set/preferences";
import { angle, millimetres } from "../../set/units";
import { Button } from "../../ui/Button";
import { mark, usePhotograph } from "./store";

const NORMAL_LENS = {
  kind: "known-lens",
  equivalentFocalLengthMetres: 0.05,
  focalLengthMetres: 0.05,
} as const;

const LOOKING_DOWN = { kind: "known-tilt", elevationDegrees: 45, framedWidthMetres: 0.6 } as const;

/** Sizes and angles that no mark tells: of the rim, the rectangle, the lens. */
export function TableFields() {
  const marks = usePhotograph((state) => state.marks);
  const lengths = useLength();
  const { plane, lens } = marks;
  const owner = {
    value: marks,
    schema: marksSchema,
    refused: null,
    change: (path: string, value: unknown) =>
      mark(withValueAt(usePhotograph.getState().marks, path, value)),
  };
  return (
    <OwnerProvider value={owner}>
      <section aria-label="Table and lens" className="mt-2 rounded-panel bg-ground p-3">
        <div className="grid grid-cols-2 gap-2">
          {plane.kind === "round-rim" && (
            <>
              <NumberField path="plane.diameterMetres" label="Rim, across" quantity={lengths} />
              <NumberField path="plane.heightMetres" label="Rim above table" quantity={lengths} />
            </>
          )}
          {plane.kind === "flat-rectangle" && (
            <>
              <NumberField path="plane.firstMetres" label="Corner 1 to 2" quantity={lengths} />
              <NumberField path="plane.secondMetres" label="Corner 2 to 3" quantity={lengths} />
            </>
          )}
          {plane.kind === "known-tilt" && (
            <>
              <NumberField
                path="plane.elevationDegrees"
                label="Camera looks down by"
                quantity={angle}
              />
              <NumberField
                path="plane.framedWidthMetres"
                label="Frame's width"
                quantity={lengths}
              />
            </>
          )}
          {lens.kind === "known-lens" && (
            <>
              <NumberField
                path="lens.equivalentFocalLengthMetres"
                label="Lens, as on 36 × 24 mm"
                quantity={millimetres}
              />
              <NumberField
                path="lens.focalLengthMetres"
                label="Its own focal length"
                quantity={millimetres}
              />
            </>
          )}
        </div>
        {lens.kind === "unknown-lens" && (
          <p className="text-soft text-sm">
            The file does not say which lens it was.{" "}
            <Button
              look="outline"
              className="h-8"
              onClick={() => mark({ ...marks, lens: NORMAL_LENS })}
            >
              Say which lens
            </Button>
          </p>
        )}
        {plane.kind === "unmarked-table" && (
          <p className="mt-2 text-soft text-sm">
            Nothing round or square in view?{" "}
            <Button
              look="outline"
              className="h-8"
              onClick={() => mark({ ...marks, plane: LOOKING_DOWN })}
            >
              Say the camera's angle
            </Button>
          </p>
        )}
        {plane.kind !== "unmarked-table" && (
          <Button
            className="mt-2 h-8"
            onClick={() => mark({ ...marks, plane: { kind: "unmarked-table" } })}
          >
            Mark the table anew
          </Button>
        )}
      </section>
    </OwnerProvider>
  );
}
