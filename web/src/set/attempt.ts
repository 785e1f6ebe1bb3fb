import { Refusal, Unreachable } from "../api/ask";
import { noteFailure } from "../api/connection";
import { tell } from "../ui/notices";
import { said } from "./preferences";

/** Runs a task and says so when it fails. */
export async function attempt<T>(task: () => Promise<T>): Promise<T | undefined> {
  try {
    return await task();
  } catch (error) {
    noteFailure(error);
    const text =
      error instanceof Refusal
        ? said(error.problem.detail)
        : error instanceof Unreachable
          ? "The server is not answering. Your work is kept in this browser; try again in a moment"
          : "Something went wrong on this page; your work is kept. Reload it and try again";
    tell(text, { tone: "alarm" });
    return undefined;
  }
}

/** Shorter work than this is not worth a word. */
const SOON_MS = 400;

/** The same for work of seconds: it says that it goes on, and can be stopped. */
export async function attemptLong<T>(
  words: string,
  task: (signal: AbortSignal) => Promise<T>,
): Promise<T | undefined> {
  const stopping = new AbortController();
  let done = () => {};
  const timer = setTimeout(() => {
    done = tell(words, { action: { label: "Stop", run: () => stopping.abort() } });
  }, SOON_MS);
  try {
    return await attempt(async () => {
      try {
        return await task(stopping.signal);
      } catch (error) {
        if (stopping.signal.aborted) return undefined;
        throw error;
      }
    });
  } finally {
    clearTimeout(timer);
    done();
  }
}
