import { useEffect, useRef } from "react";
import { useConnection } from "./connection";

/**
 * Runs a task for the newest input: one run at a time, and what came while it ran is skipped but for the last. While a
 * light is dragged, answers so keep coming as fast as they can be had, and never an old one after a new one.
 */
export function useLatest<T>(input: T | null, task: (input: T) => Promise<void>): void {
  const returns = useConnection((connection) => connection.returns);
  const waiting = useRef<{ input: T } | null>(null);
  const running = useRef(false);
  const newestTask = useRef(task);
  newestTask.current = task;

  // biome-ignore lint/correctness/useExhaustiveDependencies: asked again when the server has come back
  useEffect(() => {
    if (input === null) return;
    waiting.current = { input };
    if (running.current) return;
    running.current = true;
    const run = async () => {
      while (waiting.current) {
        const next = waiting.current.input;
        waiting.current = null;
        await newestTask.current(next);
      }
      running.current = false;
    };
    void run();
  }, [input, returns]);
}
