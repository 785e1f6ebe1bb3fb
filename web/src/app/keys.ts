import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { act, everyAction } from "./everyAction";

/** Other ways to write some keys. */
const ALSO: Record<string, string> = { "Ctrl+Y": "Ctrl+Shift+Z", "Ctrl+K": "/" };

/** Whether text is being written that the browser itself takes back. */
function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLTextAreaElement) return true;
  if (!(target instanceof HTMLInputElement)) return false;
  return target.role === "spinbutton"
    ? target.dataset.typing === "true"
    : ["text", "search"].includes(target.type);
}

/** Whether a plain key means something where the focus is. */
function takesKeys(target: EventTarget | null): boolean {
  return (
    target instanceof Element &&
    target.closest("input, select, textarea, [role=dialog], [contenteditable]") !== null
  );
}

/** The keys of an event as they are written: "Ctrl+Shift+Z", "T", "?". */
export function written(event: KeyboardEvent): string {
  const { key, ctrlKey, metaKey, shiftKey } = event;
  const control = ctrlKey || metaKey;
  const name = key.length === 1 ? key.toUpperCase() : key;
  // what is written with Shift, such as "?", is named by itself
  const shift = shiftKey && (control || key.length > 1);
  return `${control ? "Ctrl+" : ""}${shift ? "Shift+" : ""}${name}`;
}

/** Does what a key stands for, wherever it does not mean something else. */
export function useKeys(): void {
  const queries = useQueryClient();
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.altKey || event.defaultPrevented) return;
      const keys = written(event);
      const meant = ALSO[keys] ?? keys;
      const action = everyAction(queries).find((one) => one.keys === meant);
      if (!action) return;
      const control = keys.startsWith("Ctrl+");
      // what is being typed is undone by the browser
      const undoes = meant === "Ctrl+Z" || meant === "Ctrl+Shift+Z";
      if (control ? undoes && isTyping(event.target) : takesKeys(event.target)) return;
      event.preventDefault();
      void act(action);
    };
    addEventListener("keydown", press);
    return () => removeEventListener("keydown", press);
  }, [queries]);
}
