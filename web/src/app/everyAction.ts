import type { QueryClient } from "@tanstack/react-query";
import { addCard, placeSlit, softSun } from "../cards/actions";
import { READY_MADE } from "../cards/readyMade";
import { showFrames } from "../frames/frames";
import { startNewSet } from "../kit/newSetOpen";
import { download, downloadModel } from "../set/files";
import { type Part, SUBJECTS, type Subject, workOn, workOnSubject } from "../set/picked";
import { usePreferences } from "../set/preferences";
import { useTable } from "../set/store";
import { type Tool, useView } from "../set/view";
import { setActions } from "../sets/actions";
import { PART_LABELS, SUBJECT_LABELS } from "../views/controls/labels";
import { lightsAlone, showOnly } from "../views/picture/only";
import { keepShown } from "../views/picture/takes";
import { goToShoots, goToTheLog, goToTheStand, openSheet } from "./sheets";
import { startTour } from "./tour";

/** Something that can be done from anywhere. */
export type Action = {
  group: string;
  words: string;
  /** Keys that do it too, as they are written: "Ctrl+S", "T". */
  keys?: string;
  run: () => void | Promise<void>;
  /** Whether one goes on in the panel of numbers. */
  toPanel?: boolean;
};

/** Does it, and puts the focus where one goes on. */
export async function act({ run, toPanel }: Action): Promise<void> {
  await run();
  // a sheet that closes gives the focus back first
  if (toPanel) setTimeout(() => document.querySelector<HTMLElement>("[data-panel]")?.focus());
}

const TOOLS: [tool: Tool, words: string][] = [
  ["profile", "Edge profile"],
  ["meter", "Metering point"],
  ["frame", "Move the frame"],
];

const SWITCHES: [
  name: "lines" | "warnings" | "histogram" | "deep" | "rollOff" | "tall",
  words: string,
][] = [
  ["lines", "Stop lines"],
  ["warnings", "Clipped and blocked"],
  ["histogram", "Histogram"],
  ["deep", "Depth of field"],
  ["rollOff", "Straight sRGB, highlights cut off"],
  ["tall", "Larger panel, over the view from the side"],
];

/** Everything that can be done just now, by group. */
export function everyAction(queries: QueryClient): Action[] {
  const always = [...sheets(), ...looks()];
  return useTable.getState().set ? [...ofTheSet(queries), ...ofThePicture(), ...always] : always;
}

function sheets(): Action[] {
  const group = "Go to";
  return [
    { group, words: "Sets", run: () => openSheet("sets") },
    { group, words: "Kit", run: () => openSheet("kit") },
    { group, words: "Wall test", run: () => openSheet("wall") },
    { group, words: "Looks", run: () => openSheet("looks") },
    { group, words: "New set", run: startNewSet },
    { group, words: "Find an action", keys: "/", run: () => openSheet("find") },
    { group, words: "Keys", keys: "?", run: () => openSheet("keys") },
    ...(useTable.getState().set ? [{ group, words: "Tour", run: startTour }] : []),
    ...(useTable.getState().id ? [{ group, words: "At the stand", run: goToTheStand }] : []),
    { group, words: "Shoots", run: goToShoots },
    { group, words: "Log", run: goToTheLog },
  ];
}

function looks(): Action[] {
  const group = "Show";
  const { lengthUnit, theme, setLengthUnit, setTheme } = usePreferences.getState();
  return [
    lengthUnit === "cm"
      ? { group, words: "Show inches", run: () => setLengthUnit("in") }
      : { group, words: "Show centimetres", run: () => setLengthUnit("cm") },
    theme === "dark"
      ? { group, words: "Light theme", run: () => setTheme("light") }
      : { group, words: "Dark theme", run: () => setTheme("dark") },
  ];
}

function ofTheSet(queries: QueryClient): Action[] {
  const { undo, redo, set } = useTable.getState();
  const group = "This set";
  return [
    { group, words: "Save", keys: "Ctrl+S", run: () => void setActions(queries).save() },
    { group, words: "Undo", keys: "Ctrl+Z", run: undo },
    { group, words: "Redo", keys: "Ctrl+Shift+Z", run: redo },
    { group, words: "Test frames", keys: "F", run: () => showFrames(true) },
    { group, words: "Keep a take", keys: "T", run: () => void keepShown() },
    { group, words: "Download as a file", run: () => (set ? download(set) : undefined) },
    {
      group,
      words: "Download in 3D, glTF",
      run: () => (set ? void downloadModel(set) : undefined),
    },
    ...parts(),
    ...READY_MADE.flatMap(({ cards }) =>
      cards.map(({ name, card, place }) => ({
        group: "Fill and cut",
        words: `Add: ${name}`,
        run: () => addCard(card, place),
        toPanel: true,
      })),
    ),
    { group: "Fill and cut", words: "Slit look", run: placeSlit, toPanel: true },
    { group: "Fill and cut", words: "Soft sun", run: softSun, toPanel: true },
  ];
}

/** Subjects by their number, and every part of each. */
function parts(): Action[] {
  const group = "Work on";
  return (Object.keys(SUBJECTS) as Subject[]).flatMap((subject, i) => [
    {
      group,
      words: SUBJECT_LABELS[subject],
      keys: String(i + 1),
      run: () => workOnSubject(subject),
      toPanel: true,
    },
    ...(SUBJECTS[subject] as readonly Part[]).map((part) => ({
      group,
      words: `${SUBJECT_LABELS[subject]}: ${PART_LABELS[part]}`,
      run: () => workOn(part),
      toPanel: true,
    })),
  ]);
}

function ofThePicture(): Action[] {
  const group = "Picture";
  const { set } = useTable.getState();
  const { take, toggle } = useView.getState();
  return [
    ...(set ? lightsAlone(set) : []).map(({ name, keys, off }) => ({
      group,
      words: name,
      keys,
      run: () => showOnly(off),
    })),
    ...SWITCHES.map(([name, words]) => ({ group, words, run: () => toggle(name) })),
    ...TOOLS.map(([tool, words]) => ({ group, words, run: () => take(tool) })),
  ];
}
