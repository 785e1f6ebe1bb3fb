import { useEffect, useRef, useState } from "react";
import { api, Refusal } from "../api/client";
import { noteFailure, useConnection } from "../api/connection";
import type { TableSet } from "../api/types";

/** How long the hand has to rest before the fine picture is asked for. */
const REST_MS = 200;

export type PictureState = { url: string | null; fine: boolean; failed: string | null };

/**
 * The picture of a set: a draft at once, then a fine one. Every request carries a turn; a later turn makes the server drop
 * an earlier one, and an answer to an earlier turn is never shown after a later one's.
 */
export function usePicture(set: TableSet | null): PictureState {
  const [state, setState] = useState<PictureState>({ url: null, fine: false, failed: null });
  const returns = useConnection((connection) => connection.returns);
  const desk = useRef<Desk | null>(null);

  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when the server has come back
  useEffect(() => {
    desk.current ??= new Desk(setState);
    if (set) desk.current.ask(set);
  }, [set, returns]);

  useEffect(() => {
    const stop = () => desk.current?.stop();
    addEventListener("pagehide", stop);
    return () => {
      removeEventListener("pagehide", stop);
      stop();
      desk.current = null;
    };
  }, []);
  return state;
}

class Desk {
  private readonly view = crypto.randomUUID();
  private turn = 0;
  private shown: string | null = null;
  private next: TableSet | null = null;
  private drafting = false;
  private fine: AbortController | null = null;
  private rest: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly show: (state: PictureState) => void) {}

  ask(set: TableSet): void {
    this.next = set;
    this.fine?.abort();
    clearTimeout(this.rest);
    if (!this.drafting) void this.draft();
  }

  stop(): void {
    this.next = null;
    this.fine?.abort();
    clearTimeout(this.rest);
    void api.closeView(this.view).catch(() => undefined);
  }

  /** Drafts until the newest set is drawn, then waits for the hand to rest. */
  private async draft(): Promise<void> {
    this.drafting = true;
    let drawn: TableSet | null = null;
    while (this.next) {
      drawn = this.next;
      this.next = null;
      await this.fetch(drawn, "DRAFT", new AbortController());
    }
    this.drafting = false;
    const settled = drawn;
    if (settled) this.rest = setTimeout(() => void this.refine(settled), REST_MS);
  }

  private async refine(set: TableSet): Promise<void> {
    this.fine = new AbortController();
    await this.fetch(set, "FINE", this.fine);
  }

  private async fetch(
    set: TableSet,
    sharpness: "DRAFT" | "FINE",
    abort: AbortController,
  ): Promise<void> {
    const turn = ++this.turn;
    try {
      const blob = await api.picture(set, this.view, turn, sharpness, abort.signal);
      if (turn === this.turn) this.put(URL.createObjectURL(blob), sharpness === "FINE");
    } catch (error) {
      if (abort.signal.aborted || (error instanceof Refusal && error.superseded)) return;
      noteFailure(error);
      if (error instanceof Refusal && error.problem.status >= 500) {
        this.show({ url: this.shown, fine: false, failed: error.problem.detail });
      }
    }
  }

  private put(url: string, fine: boolean): void {
    const before = this.shown;
    this.shown = url;
    this.show({ url, fine, failed: null });
    if (before) setTimeout(() => URL.revokeObjectURL(before), 1000);
  }
}
