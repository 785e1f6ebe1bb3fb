import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Radio, Unplug } from "lucide-react";
import { type FormEvent, useState } from "react";
import { api } from "../api/client";
import type { PowerReceiver } from "../api/types";
import { Select } from "../fields/Choice";
import { attempt } from "../set/attempt";
import { Button, SymbolButton } from "../ui/Button";
import { tell } from "../ui/notices";
import { PanelButton } from "../ui/PanelButton";
import { TextInput } from "../ui/TextInput";

const KEY = ["power-receiver"];

/** A receiver is asked again how its lights stand after so long. */
const AGAIN_MS = 3000;

/** Sets the power of the light itself, where a receiver can. */
export function Remote({ mark }: { mark: string }) {
  const queries = useQueryClient();
  const { data, error } = useQuery({
    queryKey: KEY,
    queryFn: ({ signal }) => api.powerReceiver(signal),
    refetchInterval: ({ state }) => (state.data ? AGAIN_MS : false),
    retry: false,
  });
  const put = (receiver: PowerReceiver | null | undefined) => {
    if (receiver !== undefined) queries.setQueryData(KEY, receiver);
  };
  const disconnect = async () => {
    if (await attempt(() => api.disconnectPowerReceiver())) put(null);
  };
  if (data === undefined && !error) return null;
  return (
    <section aria-label="Set from here" className="col-span-full border-line border-t pt-2">
      {error ? (
        <p className="flex items-center gap-2 text-alarm text-sm" role="alert">
          <span className="min-w-0 flex-1">{error.message}</span>
          <PanelButton onClick={() => void queries.invalidateQueries({ queryKey: KEY })}>
            Try again
          </PanelButton>
          <PanelButton onClick={() => void disconnect()}>Disconnect</PanelButton>
        </p>
      ) : data ? (
        <Connected receiver={data} mark={mark} onDisconnect={() => void disconnect()} />
      ) : (
        <Connect onConnected={put} />
      )}
    </section>
  );
}

function Connect({ onConnected }: { onConnected: (receiver: PowerReceiver | undefined) => void }) {
  const [address, setAddress] = useState("");
  const connect = async (event: FormEvent) => {
    event.preventDefault();
    onConnected(await attempt(() => api.connectPowerReceiver(address)));
  };
  return (
    <form className="flex flex-wrap items-center gap-2" onSubmit={connect}>
      <TextInput
        label="Address of a receiver that sets the power"
        placeholder="Receiver, as 192.168.1.20:8490"
        value={address}
        onChange={setAddress}
      />
      <Button type="submit" look="outline" disabled={address.trim() === ""}>
        <Radio size={15} aria-hidden /> Connect
      </Button>
      <Button look="plain" onClick={async () => onConnected(await attempt(api.practisePower))}>
        Practise without one
      </Button>
    </form>
  );
}

type ConnectedProps = { receiver: PowerReceiver; mark: string; onDisconnect: () => void };

function Connected({ receiver, mark, onDisconnect }: ConnectedProps) {
  const queries = useQueryClient();
  const [picked, setPicked] = useState("");
  const group = receiver.groups.find(({ name }) => name === picked) ?? receiver.groups[0];
  if (!group) return null;
  const stands = bare(group.mark) === bare(mark);
  const set = async () => {
    const now = await attempt(() => api.setPower(group.name, mark));
    if (!now) return;
    tell(`Group ${now.name} is at ${now.mark}`);
    queries.setQueryData<PowerReceiver>(KEY, {
      ...receiver,
      groups: receiver.groups.map((one) => (one.name === now.name ? now : one)),
    });
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <div className="w-28">
        <Select
          label={receiver.name || "Receiver"}
          value={group.name}
          choices={receiver.groups.map(({ name }) => name)}
          testId="power.group"
          verbatim
          onChoose={setPicked}
        />
      </div>
      <p className="min-w-0 flex-1 self-center text-sm" role="status">
        At {group.mark}
        <span className="text-soft">
          {group.kind === "flash" &&
            (group.readyInSeconds > 0.05
              ? `, ready in ${Math.ceil(group.readyInSeconds)} s`
              : ", ready")}
        </span>
      </p>
      <Button look="strong" disabled={mark === "" || stands} onClick={() => void set()}>
        {stands ? "It is set" : mark === "" ? "Set …" : `Set ${mark}`}
      </Button>
      <SymbolButton name="Disconnect the receiver" onClick={onDisconnect}>
        <Unplug size={15} />
      </SymbolButton>
    </div>
  );
}

/** Marks are the same whatever their spaces. */
const bare = (mark: string) => mark.replaceAll(/\s/g, "");
