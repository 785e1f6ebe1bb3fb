import { useEffect, useRef } from "react";
import { create } from "zustand";
import { useConnection } from "../../api/connection";
import type { FrameNews, Loupe } from "../../api/types";
import { useTable } from "../../set/store";
import { useView } from "../../set/view";
import { PictureStream, type Wish } from "./stream";

/** A frame, and the wish that it answers. */
export type Frame = { png: Blob; news: FrameNews; wish: Wish };

type Shown = {
  url: string | null;
  frame: Frame | null;
  news: FrameNews | null;
  /** Whether it shows what was wished for last. */
  newest: boolean;
  loupe: Loupe | null;
  failed: string | null;
};

/** The newest frame and what is said of it. */
export const useShown = create<Shown>(() => ({
  url: null,
  frame: null,
  news: null,
  newest: false,
  loupe: null,
  failed: null,
}));

/** How long a frame's address is kept after the next one is shown. */
const LINGER_MS = 1000;

/** Keeps the picture in step with the set and with how it is looked at; returns a way to ask what is under a place. */
export function usePicture(): (across: number, down: number) => void {
  const set = useTable((table) => table.possible);
  const off = useView((view) => view.off);
  const deep = useView((view) => view.deep);
  const warnings = useView((view) => view.warnings);
  const rollOff = useView((view) => view.rollOff);
  const returns = useConnection((connection) => connection.returns);
  const stream = useRef<PictureStream | null>(null);

  useEffect(() => {
    stream.current = new PictureStream({
      frame: (news, png, wish, newest) => {
        const before = useShown.getState().url;
        useShown.setState({
          url: URL.createObjectURL(png),
          frame: { png, news, wish },
          news,
          newest,
          failed: null,
        });
        if (before) setTimeout(() => URL.revokeObjectURL(before), LINGER_MS);
      },
      loupe: (loupe) => useShown.setState({ loupe }),
      problem: (failed) => useShown.setState({ failed }),
    });
    return () => {
      stream.current?.close();
      stream.current = null;
      useShown.setState({ url: null, frame: null, news: null, loupe: null });
    };
  }, []);

  useEffect(() => {
    if (returns > 0) stream.current?.again();
  }, [returns]);

  useEffect(() => {
    if (!set) return;
    useShown.setState({ newest: false });
    stream.current?.wish({ set, off, deep, warnings, rollOff });
  }, [set, off, deep, warnings, rollOff]);

  return (across, down) => stream.current?.look(across, down);
}
