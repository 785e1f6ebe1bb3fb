import { useMemo, useState } from "react";
import { Refusal } from "../api/ask";
import { noteFailure } from "../api/connection";
import { shoots } from "../api/shoots";
import type { RunSheet, Shoot, ShootEvent } from "../api/types";
import { useLatest } from "../api/useLatest";

type Question = { shoot: Shoot; events: ShootEvent[]; now: string | null };

type Asked = {
  sheet: RunSheet | null;
  /** Whether it is of what is on the page, or older. */
  current: boolean;
  failed: string | null;
};

/** The run sheet of a shoot as it is, from a moment on or from its start; the last one stands until there is a newer. */
export function useRunSheet(shoot: Shoot | null, events: ShootEvent[], now: number | null): Asked {
  const question = useMemo(
    () =>
      shoot ? { shoot, events, now: now === null ? null : new Date(now).toISOString() } : null,
    [shoot, events, now],
  );
  const [answer, setAnswer] = useState<{ of: Question; sheet: RunSheet } | null>(null);
  const [failed, setFailed] = useState<{ of: Question; why: string } | null>(null);
  useLatest(question, async (asked, signal) => {
    try {
      const sheet = await shoots.sheet(asked.shoot, asked.events, asked.now, signal);
      setAnswer({ of: asked, sheet });
      setFailed(null);
    } catch (error) {
      if (signal.aborted) return;
      noteFailure(error);
      const first = error instanceof Refusal ? error.problem.errors?.[0]?.detail : undefined;
      setFailed({ of: asked, why: first ?? (error as Error).message });
    }
  });
  return {
    sheet: answer?.sheet ?? null,
    current: answer?.of === question,
    failed: failed?.of === question ? (failed?.why ?? null) : null,
  };
}
