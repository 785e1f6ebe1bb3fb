/**
 * Lets tasks wait for each other. A browser keeps few connections to a server: what takes long must not have them all.
 *
 * What is no longer wanted when its turn comes is not begun.
 */
export function turns(): <T>(task: () => Promise<T>, signal: AbortSignal) => Promise<T> {
  let last: Promise<unknown> = Promise.resolve();
  return (task, signal) => {
    const turn = last.then(() => {
      signal.throwIfAborted();
      return task();
    });
    last = turn.catch(() => undefined);
    return turn;
  };
}
