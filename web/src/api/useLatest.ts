import { useEffect, useRef } from "react";
import { useConnection } from "./connection";

/** A run that has taken this long gives way to newer input. */
const PATIENCE_MS = 1500;

/**
 * Runs a task for the newest input: one run at a time, and what came while it ran is skipped but for the last. While a
 * light is dragged, answers so keep coming as fast as they can be had, and never an old one after a new one. A long run is
 * stopped when there is newer input, and any when there is none or the view goes away.
 */
export function useLatest<T>(
  input: T | null,
  task: (input: T, signal: AbortSignal) => Promise<void>,
): void {
  const returns = useConnection((connection) => connection.returns);
  const waiting = useRef<{ input: T } | null>(null);
  const running = useRef<{ stop: AbortController; since: number } | null>(null);
  const newestTask = useRef(task);
  newestTask.current = task;

  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when the server has come back
  useEffect(() => {
    if (input === null) {
      waiting.current = null;
      running.current?.stop.abort();
      return;
    }
    waiting.current = { input };
    if (running.current) {
      const { stop, since } = running.current;
      const left = Math.max(0, since + PATIENCE_MS - performance.now());
      const timer = setTimeout(() => stop.abort(), left);
      return () => clearTimeout(timer);
    }
    const run = async () => {
      while (waiting.current) {
        const next = waiting.current.input;
        waiting.current = null;
        const stop = new AbortController();
        running.current = { stop, since: performance.now() };
        await newestTask.current(next, stop.signal);
      }
      running.current = null;
    };
    void run();
  }, [input, returns]);

  useEffect(
    () => () => {
      waiting.current = null;
      running.current?.stop.abort();
    },
    [],
  );
}
