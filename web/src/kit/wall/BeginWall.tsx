import { type FormEvent, useState } from "react";
import setSchema from "../../../../docs/formats/zephyrdune-set-12.schema.json";
import { api } from "../../api/client";
import type { Kit } from "../../api/types";
import { Select } from "../../fields/Choice";
import { MarkChoice } from "../../fields/MarkChoice";
import { aperture, shutter, speed } from "../../fields/marks";
import { NumberField } from "../../fields/NumberField";
import { attemptLong } from "../../set/attempt";
import { OwnerProvider } from "../../set/owner";
import { withEnteredAt } from "../../set/paths";
import { useLength } from "../../set/preferences";
import { Button } from "../../ui/Button";
import { useReadyMade } from "../readyMade";
import { useKit } from "../store";
import { tested, USUAL, withUsual } from "./pieces";
import { useWallTestChanged } from "./useWallTest";

/** How the light and the camera stand before the wall, by the names that sets have for it. */
const USUAL_PLACE = {
  light: { distanceMetres: 1.5 },
  camera: { framedWidthMetres: 2.4 },
  exposure: { apertureFNumber: 8, shutterSeconds: 0.008, speedIso: 100 },
};

/** What is tested, and how it stands. */
export function BeginWall({ kit }: { kit: Kit }) {
  const ready = useReadyMade();
  const length = useLength();
  const changed = useWallTestChanged();
  const [place, setPlace] = useState(USUAL_PLACE);
  const [source, setSource] = useState("");
  const [left, setLeft] = useState<string[] | null>(null);
  const out = left ?? kit.shapers.map(({ name }) => name).filter((name) => !USUAL.includes(name));
  const on = kit.sources.find(({ name }) => name === source) ?? kit.sources[0];
  const shapers = kit.shapers.filter(({ name }) => !out.includes(name));
  if (!on || kit.shapers.length === 0) {
    return (
      <div className="py-4">
        <p>
          A wall test is of what is in your kit. There is {on ? "no shaper" : "no source"} in it
          yet.
        </p>
        <Button
          look="strong"
          className="mt-3"
          disabled={!ready}
          onClick={() => ready && useKit.getState().replace(withUsual(kit, ready))}
        >
          Start with a flash and seven usual shapers
        </Button>
      </div>
    );
  }
  const begin = async (event: FormEvent) => {
    event.preventDefault();
    const { light, camera, exposure } = place;
    changed(
      await attemptLong("Looking at what each shaper should do …", (signal) =>
        api.beginWallTest(
          {
            kit: tested(kit, on, shapers),
            distanceMetres: light.distanceMetres,
            framedWidthMetres: camera.framedWidthMetres,
            aperture: exposure.apertureFNumber,
            shutterSeconds: exposure.shutterSeconds,
            speed: exposure.speedIso,
          },
          signal,
        ),
      ),
    );
  };
  return (
    <form onSubmit={begin} className="mt-3 grid min-h-0 gap-4 overflow-y-auto md:grid-cols-2">
      <div>
        <ol className="list-decimal space-y-1 pl-5 text-sm">
          <li>A plain, pale, matte wall in a dark room. All other light off.</li>
          <li>
            The light square to it, so far that the beam fits into the frame: from the shaper’s
            front to the wall.
          </li>
          <li>
            The camera straight above or below the light, pointed at the beam’s middle. It stays
            there, at one aperture and ISO, white balance and focus by hand.
          </li>
          <li>One frame with nothing on the source, then one of each shaper at the mark shown.</li>
        </ol>
        <p className="mt-2 text-soft text-xs">
          Keep eyes away from the flash, and let hot reflectors and bulbs cool before you change
          them.
        </p>
        <OwnerProvider
          value={{
            value: place,
            schema: setSchema,
            refused: null,
            change: (path, value) => setPlace(withEnteredAt(place, path, value)),
          }}
        >
          <div className="mt-3 grid grid-cols-2 gap-x-3 gap-y-2">
            <NumberField
              path="light.distanceMetres"
              label="From the front to the wall"
              quantity={length}
            />
            <NumberField
              path="camera.framedWidthMetres"
              label="Wall across the frame"
              quantity={length}
            />
            <MarkChoice
              path="exposure.apertureFNumber"
              label="Aperture"
              scale="apertures"
              show={aperture}
            />
            <MarkChoice path="exposure.speedIso" label="Speed" scale="speeds" show={speed} />
            {!on.source.kind.includes("flash") && (
              <MarkChoice
                path="exposure.shutterSeconds"
                label="Shutter"
                scale="shutters"
                show={shutter}
              />
            )}
            <div className="col-span-2">
              <Select
                label="Source"
                value={on.name}
                choices={kit.sources.map(({ name }) => name)}
                testId="wall.source"
                verbatim
                onChoose={setSource}
              />
            </div>
          </div>
        </OwnerProvider>
      </div>
      <fieldset className="min-w-0">
        <legend className="text-soft text-xs">Shapers to test</legend>
        <ul className="mt-1 max-h-72 overflow-y-auto rounded-md border border-line p-2">
          {kit.shapers.map(({ name }) => (
            <li key={name}>
              <label className="flex min-h-8 items-center gap-2 max-sm:min-h-11">
                <input
                  type="checkbox"
                  className="size-4 accent-sand"
                  checked={!out.includes(name)}
                  onChange={({ target }) =>
                    setLeft(target.checked ? out.filter((other) => other !== name) : [...out, name])
                  }
                />
                <span className="min-w-0 truncate">{name}</span>
              </label>
            </li>
          ))}
        </ul>
        {ready && withUsual(kit, ready).shapers.length > kit.shapers.length && (
          <Button className="mt-1" onClick={() => useKit.getState().replace(withUsual(kit, ready))}>
            Add the usual ones to the kit
          </Button>
        )}
        <Button type="submit" look="strong" className="mt-3 w-full" disabled={shapers.length === 0}>
          Begin with {shapers.length === 1 ? "1 shaper" : `${shapers.length} shapers`}
        </Button>
      </fieldset>
    </form>
  );
}
