import { Layers2 } from "lucide-react";
import { useState } from "react";
import { api } from "../../api/client";
import type { Step } from "../../api/types";
import { attempt } from "../../set/attempt";
import { usePreferences } from "../../set/preferences";
import { useTable } from "../../set/store";
import { Button } from "../../ui/Button";
import { keepTake } from "./takes";

/** Keeps the frames that show what each light and card does: key alone, with card, card off, base, pattern, everything. */
export function KeepSteps() {
  const [said, setSaid] = useState<string | null>(null);
  const oneLight = usePreferences((preferences) => preferences.oneLight);
  const keepAll = async () => {
    const { possible } = useTable.getState();
    if (!possible) return;
    setSaid("Taking the set apart …");
    const all = await attempt(() => api.steps(possible));
    const steps = (all ?? []).filter(({ kind }) => !oneLight || kind !== "BASE_ONLY");
    for (const [i, step] of steps.entries()) {
      setSaid(`${step.words}, ${i + 1} of ${steps.length} …`);
      await keepTake(step.set, { name: step.words, off: step.off, about: readings(step) });
    }
    setSaid(null);
  };
  return (
    <Button
      look="outline"
      className="mt-2 w-full"
      disabled={said !== null}
      data-testid="keep-steps"
      onClick={() => void keepAll()}
    >
      <Layers2 size={15} aria-hidden /> {said ?? "Keep the steps: key, card, base, pattern"}
    </Button>
  );
}

function readings({ litToShadowStops, shadowDepthStops }: Step): string {
  const parts = [];
  if (litToShadowStops !== null)
    parts.push(`lit to shadow side ${litToShadowStops.toFixed(1)} stops`);
  if (shadowDepthStops !== null) parts.push(`shadow ${shadowDepthStops.toFixed(1)} stops`);
  return parts.join(", ") || "no light there to read";
}
