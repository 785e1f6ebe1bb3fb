import { useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { api } from "../../api/client";
import type { KeptPhotograph, NamedLook } from "../../api/types";
import { attempt } from "../../set/attempt";
import { useTable } from "../../set/store";
import { Button, SymbolButton } from "../../ui/Button";
import { tell } from "../../ui/notices";
import { KEPT } from "./kept";
import { usePhotograph } from "./store";

type Props = { kept: KeptPhotograph[]; onLook: (look: NamedLook) => void };

/** Photographs that are kept, client by client. */
export function KeptPhotographs({ kept, onLook }: Props) {
  if (kept.length === 0) return null;
  const clients = [...new Set(kept.map(({ client }) => client))];
  return (
    <section aria-label="Kept photographs" className="mt-2 rounded-panel bg-ground p-3">
      <h3 className="font-semibold">Kept</h3>
      {clients.map((client) => (
        <Client
          key={client}
          client={client}
          kept={kept.filter((photograph) => photograph.client === client)}
          onLook={onLook}
        />
      ))}
    </section>
  );
}

function Client({ client, kept, onLook }: Props & { client: string }) {
  const set = useTable((table) => table.set);
  const usual = async () => {
    const made = await attempt(() => api.clientLook(client, `Usual look: ${client}`.slice(0, 60)));
    const look = made?.looks[0];
    if (look) onLook(look);
  };
  return (
    <div className="mt-1">
      <div className="flex items-center gap-2">
        <h4 className="min-w-0 flex-1 truncate text-soft text-sm">{client || "No client"}</h4>
        {client && kept.length > 1 && (
          <Button look="outline" className="h-8" disabled={!set} onClick={() => void usual()}>
            Usual look of {kept.length}
          </Button>
        )}
      </div>
      <ul>
        {kept.map((photograph) => (
          <Row key={photograph.id} photograph={photograph} />
        ))}
      </ul>
    </div>
  );
}

function Row({ photograph }: { photograph: KeptPhotograph }) {
  const queries = useQueryClient();
  const { id, title, client, marks } = photograph;
  const open = async () => {
    const opened = await attempt(() => api.photograph(id));
    if (!opened) return;
    usePhotograph.setState({
      photograph: {
        id,
        width: opened.width,
        height: opened.height,
        title,
        client,
        kept: true,
        file: null,
      },
      marks,
      pending: [],
      past: [],
      matching: null,
    });
  };
  const forget = async () => {
    const done = await attempt(() => api.forgetPhotograph(id).then(() => true));
    if (!done) return;
    await queries.invalidateQueries({ queryKey: KEPT });
    const { photograph: now } = usePhotograph.getState();
    if (now?.id === id) usePhotograph.setState({ photograph: { ...now, kept: false } });
    tell(`“${title}” is no longer kept`, {
      action: {
        label: "Keep it after all",
        run: () =>
          void attempt(() => api.keepPhotograph(id, { title, client, marks })).then(() =>
            queries.invalidateQueries({ queryKey: KEPT }),
          ),
      },
    });
  };
  return (
    <li className="flex items-center gap-2 py-0.5">
      <img
        src={`/api/photographs/${id}/picture`}
        alt=""
        loading="lazy"
        className="size-10 rounded object-cover"
      />
      <Button className="min-w-0 flex-1 justify-start" onClick={() => void open()}>
        <span className="truncate">{title}</span>
      </Button>
      <SymbolButton name={`Forget ${title}`} onClick={() => void forget()}>
        <Trash2 size={15} />
      </SymbolButton>
    </li>
  );
}
