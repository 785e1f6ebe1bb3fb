import type { ReactNode } from "react";
import { PARTS, type Tool } from "./marks";
import { take, usePhotograph } from "./store";

/** What the next click puts down. */
export function Tools() {
  return (
    <section aria-label="What to mark" className="grid gap-2 rounded-panel bg-ground p-3">
      <Row title="Table">
        <Pick tool="rim">Round rim</Pick>
        <Pick tool="corner">Rectangle</Pick>
      </Row>
      <Row title="Light">
        <Pick tool="thing">Upright thing</Pick>
        <Pick tool="edge">Shadow edge</Pick>
        <Pick tool="highlight">Highlight</Pick>
      </Row>
      <Row title="Tones">
        {(Object.keys(PARTS) as (keyof typeof PARTS)[]).map((part) => (
          <Pick key={part} tool={part}>
            {PARTS[part]}
          </Pick>
        ))}
      </Row>
    </section>
  );
}

function Row({ title, children }: { title: string; children: ReactNode }) {
  return (
    <div className="grid grid-cols-[3rem_1fr] gap-2">
      <h3 className="pt-1.5 font-semibold text-soft text-xs">{title}</h3>
      <div className="flex flex-wrap gap-1">{children}</div>
    </div>
  );
}

function Pick({ tool, children }: { tool: Tool; children: ReactNode }) {
  const now = usePhotograph((state) => state.tool);
  return (
    <button
      type="button"
      aria-pressed={now === tool}
      onClick={() => take(tool)}
      className="min-h-8 rounded-md border border-edge/60 px-2 text-sm hover:bg-raised aria-pressed:border-sand aria-pressed:bg-sand aria-pressed:text-on-sand max-sm:min-h-11"
    >
      {children}
    </button>
  );
}
