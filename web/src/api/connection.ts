import { create } from "zustand";
import { Unreachable } from "./ask";
import { api } from "./client";

const RETRY_MS = 1500;

type Connection = {
  lost: boolean;
  /** Counts the times the server came back, so that what failed meanwhile is asked for again. */
  returns: number;
};

export const useConnection = create<Connection>(() => ({ lost: false, returns: 0 }));

/** Notes a failure to reach the server and looks for it until it is back. Other errors pass. */
export function noteFailure(error: unknown): void {
  if (!(error instanceof Unreachable) || useConnection.getState().lost) return;
  useConnection.setState({ lost: true });
  const look = async () => {
    if (await api.isUp()) {
      useConnection.setState(({ returns }) => ({ lost: false, returns: returns + 1 }));
    } else {
      setTimeout(look, RETRY_MS);
    }
  };
  setTimeout(look, RETRY_MS);
}
