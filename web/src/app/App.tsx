import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect } from "react";
import { api } from "../api/client";
import { showFrames, useFrames } from "../frames/frames";
import { useIncoming } from "../frames/tether";
import { startNewSet, useNewSet } from "../kit/newSetOpen";
import { useKit } from "../kit/store";
import { useAnswersOf, useSurerAtRest } from "../set/answers";
import { useTable } from "../set/store";
import { useView } from "../set/view";
import { SETS, setActions } from "../sets/actions";
import { Conflict } from "../sets/Conflict";
import { Boundary } from "../ui/Boundary";
import { Button } from "../ui/Button";
import { Mark } from "../ui/Mark";
import { Notices } from "../ui/notices";
import { Controls } from "../views/controls/Controls";
import { Picture } from "../views/picture/Picture";
import { compare } from "../views/picture/takes";
import { Floor } from "../views/plan/Floor";
import { Rise } from "../views/plan/Rise";
import { useReach } from "../views/plan/scale";
import { Findings } from "../views/readings/Findings";
import { Readings } from "../views/readings/Readings";
import { useAddress } from "./address";
import { Banners } from "./Banners";
import { Header } from "./Header";
import { useKeys } from "./keys";
import { useTour } from "./tour";

const Tour = lazy(() => import("./Tour").then(({ Tour }) => ({ default: Tour })));
const FramesSheet = lazy(() =>
  import("../frames/FramesSheet").then(({ FramesSheet }) => ({ default: FramesSheet })),
);
const NewSet = lazy(() => import("../kit/NewSet").then(({ NewSet }) => ({ default: NewSet })));

export function App() {
  const reach = useReach();
  const touring = useTour((tour) => tour.at !== null);
  const isOpen = useTable((table) => table.id !== null);
  const asking = useNewSet(({ open }) => open);
  useEffect(() => void useKit.getState().fetch(), []);
  useAnswersOf(reach);
  useSurerAtRest(reach);
  const framing = useFrames(({ open }) => open);
  const known = useAddress();
  useKeys();
  useIncoming();
  return (
    <div className="flex min-h-full flex-col lg:h-full">
      <Header />
      <Banners />
      <Boundary name="This view">
        {isOpen ? (
          <WorkingView reach={reach} />
        ) : known ? (
          <NothingOpen />
        ) : (
          <main aria-busy className="flex-1" />
        )}
      </Boundary>
      {asking && (
        <Suspense fallback={null}>
          <NewSet open onClose={() => useNewSet.setState({ open: false })} />
        </Suspense>
      )}
      {framing && isOpen && (
        <Suspense fallback={null}>
          <FramesSheet
            open
            onClose={() => showFrames(false)}
            onCompare={(frame, way) => {
              compare({ frame, way });
              showFrames(false);
            }}
          />
        </Suspense>
      )}
      <Suspense fallback={null}>{touring && <Tour />}</Suspense>
      <Conflict />
      {!isOpen && <Notices />}
    </div>
  );
}

function WorkingView({ reach }: { reach: number }) {
  const tall = useView((view) => view.tall);
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2.5 px-3 pb-3 max-sm:pb-16 lg:grid-cols-[minmax(0,1fr)_minmax(400px,36%)] lg:grid-rows-[minmax(0,1fr)]">
      <div className="grid min-h-0 min-w-0 grid-cols-[minmax(0,1fr)] gap-2 max-lg:contents lg:grid-rows-[minmax(0,1fr)_auto_168px]">
        <div className="relative min-h-0 max-lg:sticky max-lg:top-0 max-lg:z-10 max-lg:aspect-[5/4] max-lg:max-h-[46vh] max-lg:w-full">
          <Boundary name="The picture">
            <Picture />
          </Boundary>
          <Notices inPicture />
        </div>
        <Boundary name="What stands in the way">
          <Findings />
        </Boundary>
        <Boundary name="The readings">
          <Readings />
        </Boundary>
      </div>
      <div
        className={`grid min-h-0 min-w-0 grid-cols-[minmax(0,1fr)] gap-2.5 max-lg:contents ${tall ? "lg:grid-rows-[minmax(0,1fr)_auto]" : "lg:grid-rows-[minmax(0,1fr)_minmax(0,0.4fr)_auto]"}`}
      >
        <div className="max-lg:h-80">
          <Boundary name="The view from above">
            <Floor reach={reach} />
          </Boundary>
        </div>
        <div className={`max-lg:h-44 ${tall ? "lg:hidden" : ""}`}>
          <Boundary name="The view from the side">
            <Rise reach={reach} />
          </Boundary>
        </div>
        <div className={tall ? "lg:h-[max(264px,52vh)]" : "lg:h-[264px]"}>
          <Boundary name="The numbers">
            <Controls />
          </Boundary>
        </div>
      </div>
    </main>
  );
}

/** Nothing is on the table: the first thing to do. */
function NothingOpen() {
  const sets = useQuery({ queryKey: SETS, queryFn: api.listSets });
  const actions = setActions(useQueryClient());
  const none = sets.data?.length === 0;
  return (
    <main className="grid flex-1 place-items-center p-6 text-center">
      <div className="max-w-md">
        <div className="flex justify-center">
          <Mark size={72} />
        </div>
        <h1 className="mt-4 font-semibold text-2xl">The table is empty</h1>
        <p className="mt-2 text-soft">
          {none
            ? "Say what lights it and where it stands, then drag the light and watch the frame."
            : "Open one of your sets, or start a new one."}
        </p>
        <Button look="strong" className="mt-5" onClick={startNewSet}>
          Start a new set
        </Button>
        <ul className="mt-6 grid gap-1">
          {sets.data?.map(({ id, title }) => (
            <li key={id}>
              <Button className="w-full" onClick={() => void actions.open(id)}>
                {title}
              </Button>
            </li>
          ))}
        </ul>
      </div>
    </main>
  );
}
