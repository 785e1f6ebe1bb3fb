import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { api } from "./api/client";
import { Banners } from "./Banners";
import { Controls } from "./controls/Controls";
import { Header } from "./Header";
import { NewSet } from "./kit/NewSet";
import { startNewSet, useNewSet } from "./kit/newSetOpen";
import { useKit } from "./kit/store";
import { Picture } from "./picture/Picture";
import { Floor } from "./plan/Floor";
import { Rise } from "./plan/Rise";
import { useReach } from "./plan/scale";
import { useAnswersOf } from "./readings/answers";
import { Readings } from "./readings/Readings";
import { idInAddress, SETS, setActions } from "./sets/actions";
import { Conflict } from "./sets/Conflict";
import { Findings } from "./shaping/Findings";
import { useTable } from "./table/store";
import { Boundary } from "./ui/Boundary";
import { Button } from "./ui/Button";
import { Mark } from "./ui/Mark";
import { Notices } from "./ui/notices";

export function App() {
  const reach = useReach();
  const isOpen = useTable((table) => table.id !== null);
  const asking = useNewSet(({ open }) => open);
  useEffect(() => void useKit.getState().fetch(), []);
  useAnswersOf(reach);
  useAddress();
  useKeys();
  return (
    <div className="flex min-h-full flex-col lg:h-full">
      <Header />
      <Banners />
      <Boundary name="This view">
        {isOpen ? <WorkingView reach={reach} /> : <NothingOpen />}
      </Boundary>
      <NewSet open={asking} onClose={() => useNewSet.setState({ open: false })} />
      <Conflict />
      <Notices />
    </div>
  );
}

function WorkingView({ reach }: { reach: number }) {
  return (
    <main className="grid min-h-0 flex-1 gap-2.5 px-3 pb-3 lg:grid-cols-[minmax(0,1fr)_minmax(400px,36%)] lg:grid-rows-[minmax(0,1fr)]">
      <div className="grid min-h-0 gap-2 lg:grid-rows-[minmax(0,1fr)_auto_168px]">
        <div className="min-h-0 max-lg:aspect-[5/4]">
          <Boundary name="The picture">
            <Picture />
          </Boundary>
        </div>
        <Boundary name="What stands in the way">
          <Findings />
        </Boundary>
        <Boundary name="The readings">
          <Readings />
        </Boundary>
      </div>
      <div className="grid min-h-0 gap-2.5 lg:grid-rows-[minmax(0,1fr)_minmax(0,0.5fr)_auto]">
        <div className="max-lg:h-80">
          <Boundary name="The view from above">
            <Floor reach={reach} />
          </Boundary>
        </div>
        <div className="max-lg:h-44">
          <Boundary name="The view from the side">
            <Rise reach={reach} />
          </Boundary>
        </div>
        <div className="lg:h-[238px]">
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

/** Opens the set named in the address; on a bare address, the one saved last. */
function useAddress(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const actions = setActions(queries);
    const follow = async () => {
      const id = idInAddress();
      if (id) {
        if (id !== useTable.getState().id) await actions.open(id);
      } else if (location.hash === "") {
        const sets = await queries.fetchQuery({ queryKey: SETS, queryFn: api.listSets });
        const first = sets[0];
        if (first) await actions.open(first.id);
      }
    };
    const listen = () => void follow().catch(() => undefined);
    listen();
    addEventListener("popstate", listen);
    return () => removeEventListener("popstate", listen);
  }, [queries]);
}

/** Whether text is being written that the browser itself takes back. */
function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement) return true;
  if (!(target instanceof HTMLInputElement)) return false;
  return target.role === "spinbutton"
    ? target.dataset.typing === "true"
    : ["text", "search"].includes(target.type);
}

function useKeys(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const actions = setActions(queries);
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey) return;
      const { undo, redo } = useTable.getState();
      const key = event.key.toLowerCase();
      if (key === "s") void actions.save();
      // what is being typed is undone by the browser
      else if (isTyping(event.target)) return;
      else if (key === "z" && event.shiftKey) redo();
      else if (key === "z") undo();
      else if (key === "y") redo();
      else return;
      event.preventDefault();
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [queries]);
}
