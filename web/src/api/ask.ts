import type { Problem } from "./types";

/** The server answered, and said no. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }

  /** Whether it is about how much there is to compute, not about what was sent. */
  get isOfWork(): boolean {
    return isBusy(this.problem) || this.problem.type === "urn:zephyrdune:problem:too-heavy";
  }
}

/** The server did not answer. */
export class Unreachable extends Error {
  constructor() {
    super("The server is not answering");
  }
}

/** How often a busy server is asked again. */
const MOST_TRIES = 4;

export async function ask(path: string, init: RequestInit = {}, tries = 1): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(path, init);
  } catch (error) {
    if (init.signal?.aborted) throw error;
    throw new Unreachable();
  }
  if (response.ok) return response;
  const problem = await problemOf(response);
  const wait = Number(response.headers.get("retry-after"));
  if (isBusy(problem) && wait > 0 && tries < MOST_TRIES) {
    await new Promise((resolve) => setTimeout(resolve, 1000 * wait));
    init.signal?.throwIfAborted();
    return ask(path, init, tries + 1);
  }
  throw new Refusal(problem);
}

const isBusy = ({ type }: Problem) => type === "urn:zephyrdune:problem:busy";

async function problemOf(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem;
  } catch {
    const detail = "The server gave no reason";
    return { title: "Refused", status: response.status, detail };
  }
}

export function send(method: string, body?: unknown, signal?: AbortSignal): RequestInit {
  return {
    method,
    ...(body === undefined
      ? {}
      : { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
    ...(signal ? { signal } : {}),
  };
}

export function bytes(file: Blob, method = "POST"): RequestInit {
  return { method, body: file, headers: { "content-type": "application/octet-stream" } };
}

export async function json<T>(path: string, init?: RequestInit): Promise<T> {
  return (await (await ask(path, init)).json()) as T;
}
