import { useQuery } from "@tanstack/react-query";
import { create } from "zustand";
import { api } from "../api/client";
import type { Pin, Schools } from "../api/types";

type AdviceState = {
  /** What differs from the usual ways of working. */
  schools: Partial<Schools>;
  pinned: Pin[];
  choose: (schools: Partial<Schools>) => void;
  pin: (pin: Pin, pinned: boolean) => void;
};

const KEPT = "zephyrdune:advice";

function kept(): Pick<AdviceState, "schools" | "pinned"> {
  try {
    const found = JSON.parse(localStorage.getItem(KEPT) ?? "{}");
    return { schools: found.schools ?? {}, pinned: found.pinned ?? [] };
  } catch {
    return { schools: {}, pinned: [] };
  }
}

/** How somebody works, and what is to stay as it is. */
export const useAdvice = create<AdviceState>((put, get) => {
  const keep = (next: Partial<AdviceState>) => {
    put(next);
    const { schools, pinned } = get();
    try {
      localStorage.setItem(KEPT, JSON.stringify({ schools, pinned }));
    } catch {
      // holds until the page is closed
    }
  };
  return {
    ...kept(),
    choose: (schools) => keep({ schools: { ...get().schools, ...schools } }),
    pin: (pin, pinned) =>
      keep({
        pinned: pinned
          ? [...get().pinned.filter((other) => other !== pin), pin]
          : get().pinned.filter((other) => other !== pin),
      }),
  };
});

/** The ways that most begin with. */
export function useUsualSchools(): Schools | null {
  const usual = useQuery({
    queryKey: ["schools"],
    queryFn: api.usualSchools,
    staleTime: Infinity,
  });
  return usual.data ?? null;
}
