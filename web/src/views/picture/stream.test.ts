import { beforeEach, describe, expect, it, vi } from "vitest";
import type { TableSet } from "../../api/types";
import { PictureStream } from "./stream";

/** The server's end of a connection. */
class Socket {
  static readonly OPEN = 1;
  static last: Socket;
  readyState = 0;
  binaryType = "";
  sent: { turn?: number; off?: string[] }[] = [];
  onopen?: () => void;
  onmessage?: (event: { data: unknown }) => void;
  onclose?: () => void;
  constructor(readonly url: string) {
    Socket.last = this;
  }
  send(text: string) {
    this.sent.push(JSON.parse(text));
  }
  close() {
    this.readyState = 3;
  }
  open() {
    this.readyState = Socket.OPEN;
    this.onopen?.();
  }
  answer(turn: number) {
    const news = new TextEncoder().encode(JSON.stringify({ turn }));
    const message = new Uint8Array(4 + news.length + 1);
    new DataView(message.buffer).setUint32(0, news.length);
    message.set(news, 4);
    this.onmessage?.({ data: message.buffer });
  }
}

const listener = { frame: vi.fn(), loupe: vi.fn(), problem: vi.fn() };
const wish = (name: string) => ({
  set: {} as TableSet,
  off: [name],
  deep: false,
  warnings: false,
  rollOff: true,
});
const asked = () => Socket.last.sent.map(({ off }) => off?.[0]);

beforeEach(() => {
  vi.useFakeTimers();
  vi.clearAllMocks();
  vi.stubGlobal("WebSocket", Socket);
});

describe("the stream of pictures", () => {
  it("sends what was wished for before the connection stood", () => {
    const stream = new PictureStream(listener);
    stream.wish(wish("a"));
    stream.wish(wish("b"));
    Socket.last.open();
    expect(asked()).toEqual(["b"]);
  });

  it("asks for no more than comes back, and never loses the newest", () => {
    const stream = new PictureStream(listener);
    Socket.last.open();
    for (const name of ["a", "b", "c", "d", "e"]) stream.wish(wish(name));
    expect(asked()).toEqual(["a", "b"]);
    Socket.last.answer(1);
    expect(asked()).toEqual(["a", "b", "e"]);
  });

  it("asks anyway when no answer comes", () => {
    const stream = new PictureStream(listener);
    Socket.last.open();
    for (const name of ["a", "b", "c"]) stream.wish(wish(name));
    vi.advanceTimersByTime(500);
    expect(asked()).toEqual(["a", "b", "c"]);
  });

  it("drops a frame that answers an older wish than one already shown", () => {
    const stream = new PictureStream(listener);
    Socket.last.open();
    stream.wish(wish("a"));
    stream.wish(wish("b"));
    Socket.last.answer(2);
    Socket.last.answer(1);
    expect(listener.frame).toHaveBeenCalledTimes(1);
    expect(listener.frame.mock.calls[0]?.[3]).toBe(true);
  });

  it("says whether a frame answers the newest wish", () => {
    const stream = new PictureStream(listener);
    Socket.last.open();
    stream.wish(wish("a"));
    stream.wish(wish("b"));
    Socket.last.answer(1);
    expect(listener.frame.mock.calls[0]?.[3]).toBe(false);
  });

  it("asks for the newest again over a new connection", () => {
    const stream = new PictureStream(listener);
    Socket.last.open();
    stream.wish(wish("a"));
    Socket.last.readyState = 3;
    stream.again();
    Socket.last.open();
    expect(asked()).toEqual(["a"]);
  });

  it("tells of a problem and goes on", () => {
    const stream = new PictureStream(listener);
    Socket.last.open();
    stream.wish(wish("a"));
    Socket.last.onmessage?.({ data: JSON.stringify({ problem: "too heavy" }) });
    expect(listener.problem).toHaveBeenCalledWith("too heavy");
    stream.wish(wish("b"));
    expect(asked()).toEqual(["a", "b"]);
  });
});
