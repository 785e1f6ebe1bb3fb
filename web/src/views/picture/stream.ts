import { Unreachable } from "../../api/ask";
import { noteFailure } from "../../api/connection";
import type { FrameNews, Loupe, TableSet } from "../../api/types";

export type Wish = {
  set: TableSet;
  off: string[];
  deep: boolean;
  warnings: boolean;
  rollOff: boolean;
};

type Listener = {
  /** @param newest whether it answers the newest wish */
  frame: (news: FrameNews, png: Blob, wish: Wish, newest: boolean) => void;
  loupe: (loupe: Loupe) => void;
  problem: (words: string) => void;
};

/** Wishes sent in a row before one of them is answered. */
const MOST_UNANSWERED = 2;

/** How long to wait for an answer before the next wish is sent anyway. */
const PATIENCE_MS = 400;

/**
 * One connection for one view: wishes go out, frames come in as they get finer. While somebody drags, no more wishes go out
 * than come back; the newest is never lost. A frame that answers an older wish than one already shown is dropped.
 */
export class PictureStream {
  private socket: WebSocket | null = null;
  private turn = 0;
  private answered = 0;
  private shown = 0;
  private next: Wish | null = null;
  private newest: Wish | null = null;
  /** Those whose frames may still come, by their turn. */
  private readonly sent = new Map<number, Wish>();
  private patience: ReturnType<typeof setTimeout> | undefined;
  private closed = false;

  constructor(private readonly listener: Listener) {
    this.connect();
  }

  wish(wish: Wish): void {
    this.next = wish;
    this.newest = wish;
    this.flush();
  }

  look(across: number, down: number): void {
    if (this.socket?.readyState === WebSocket.OPEN) {
      this.socket.send(JSON.stringify({ look: { across, down } }));
    }
  }

  /** Connects anew after the server was away. */
  again(): void {
    if (this.socket?.readyState === WebSocket.OPEN) return;
    this.socket?.close();
    this.connect();
  }

  close(): void {
    this.closed = true;
    clearTimeout(this.patience);
    this.socket?.close();
  }

  private connect(): void {
    const scheme = location.protocol === "https:" ? "wss" : "ws";
    const socket = new WebSocket(`${scheme}://${location.host}/api/pictures`);
    socket.binaryType = "arraybuffer";
    socket.onopen = () => {
      this.answered = this.turn;
      this.next = this.newest;
      this.flush();
    };
    socket.onmessage = ({ data }) => {
      if (typeof data === "string") this.hear(JSON.parse(data));
      else this.show(data as ArrayBuffer);
    };
    socket.onclose = () => {
      if (!this.closed && this.socket === socket) noteFailure(new Unreachable());
    };
    this.socket = socket;
  }

  private flush(): void {
    if (!this.next || this.socket?.readyState !== WebSocket.OPEN) return;
    if (this.turn - this.answered >= MOST_UNANSWERED) return;
    this.turn += 1;
    this.sent.set(this.turn, this.next);
    this.socket.send(JSON.stringify({ turn: this.turn, ...this.next }));
    this.next = null;
    clearTimeout(this.patience);
    this.patience = setTimeout(() => {
      this.answered = this.turn;
      this.flush();
    }, PATIENCE_MS);
  }

  private show(message: ArrayBuffer): void {
    const length = new DataView(message).getUint32(0);
    const news = JSON.parse(
      new TextDecoder().decode(new Uint8Array(message, 4, length)),
    ) as FrameNews;
    const wish = this.sent.get(news.turn);
    if (!wish || news.turn < this.shown) return;
    for (const turn of this.sent.keys()) if (turn < news.turn) this.sent.delete(turn);
    this.shown = news.turn;
    this.answered = Math.max(this.answered, news.turn);
    const png = new Blob([message.slice(4 + length)], { type: "image/png" });
    this.listener.frame(news, png, wish, news.turn === this.turn && !this.next);
    this.flush();
  }

  private hear(words: { loupe?: Loupe; problem?: string }): void {
    if (words.loupe) this.listener.loupe(words.loupe);
    if (words.problem) {
      this.answered = this.turn;
      this.listener.problem(words.problem);
      this.flush();
    }
  }
}
