import type { Pin, Schools } from "../api/types";
import { Select } from "../fields/Choice";
import { useAdvice, useUsualSchools } from "./advice";

/** Where practitioners disagree: each question, and what the choices are called. */
const QUESTIONS: {
  [Name in keyof Schools]: { label: string; choices: Record<Schools[Name], string> };
} = {
  fill: {
    label: "Shade",
    choices: { WHEN_NEEDED: "Fill only when too deep", BY_HABIT: "Fill by habit" },
  },
  afterFirstFrame: {
    label: "After the first frame",
    choices: { CAMERA_STAYS: "Move and dial the light only", CAMERA_CHANGES: "Camera changes too" },
  },
  roomLight: {
    label: "Room light",
    choices: { BURIED: "Bury it, so that frames match", KEPT: "Keep it as a layer" },
  },
  lights: { label: "Lights", choices: { ONE: "One only", WITH_BASE: "One with a base" } },
  smallPool: {
    label: "A small soft pool",
    choices: { CUT_LARGE: "Cut a large light down", ENLARGE_SMALL: "Enlarge a small one" },
  },
};

const PINS: Record<Pin, string> = {
  LIGHT_PLACE: "Light’s place",
  SHAPER: "Shaper",
  CARDS: "Cards",
  CAMERA: "Camera",
};

/** How somebody works, and what is to stay as it is: the next moves keep to it. */
export function Advice() {
  const usual = useUsualSchools();
  const { schools: chosen, pinned, choose, pin } = useAdvice();
  const schools = usual && { ...usual, ...chosen };
  return (
    <section aria-label="How you work" className="mt-3 rounded-panel bg-ground p-3">
      <h3 className="font-semibold">How you work</h3>
      <p className="text-soft text-xs">Next moves keep to this, for every set.</p>
      {schools && (
        <div className="mt-2 grid gap-x-3 gap-y-2 sm:grid-cols-2">
          {(Object.keys(QUESTIONS) as (keyof Schools)[]).map((name) => {
            const { label, choices } = QUESTIONS[name];
            const words = Object.entries(choices) as [string, string][];
            return (
              <Select
                key={name}
                label={label}
                verbatim
                value={words.find(([word]) => word === schools[name])?.[1] ?? ""}
                choices={words.map(([, said]) => said)}
                testId={`school-${name}`}
                onChoose={(said) => {
                  const word = words.find(([, each]) => each === said)?.[0];
                  if (word) choose({ [name]: word } as Partial<Schools>);
                }}
              />
            );
          })}
        </div>
      )}
      <fieldset className="mt-3">
        <legend className="text-soft text-xs">Stays as it is</legend>
        <div className="flex flex-wrap gap-x-4">
          {(Object.keys(PINS) as Pin[]).map((name) => (
            <label key={name} className="flex min-h-9 items-center gap-2 text-sm max-sm:min-h-11">
              <input
                type="checkbox"
                checked={pinned.includes(name)}
                onChange={(event) => pin(name, event.target.checked)}
              />
              {PINS[name]}
            </label>
          ))}
        </div>
      </fieldset>
    </section>
  );
}
